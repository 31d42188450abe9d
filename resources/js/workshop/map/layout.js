import ELK from 'elkjs/lib/elk-api.js';
import workerAddress from 'elkjs/lib/elk-worker.min.js?url';

const elk = new ELK({ workerFactory: () => new Worker(workerAddress) });

/** Sizes in units of the map. */
const STATION = 22;
const SPREAD = 11;
const LINE_HEIGHT = 17;

const OPTIONS = {
    'elk.algorithm': 'layered',
    'elk.direction': 'RIGHT',
    'elk.edgeRouting': 'ORTHOGONAL',
    'elk.layered.spacing.nodeNodeBetweenLayers': '74',
    'elk.spacing.nodeNode': '34',
    'elk.spacing.edgeNode': '22',
    'elk.spacing.edgeEdge': '14',
    'elk.layered.spacing.edgeNodeBetweenLayers': '24',
    'elk.layered.nodePlacement.strategy': 'NETWORK_SIMPLEX',
    'elk.layered.considerModelOrder.strategy': 'NODES_AND_EDGES',
    'elk.layered.cycleBreaking.strategy': 'DEPTH_FIRST',
    'elk.layered.wrapping.strategy': 'SINGLE_EDGE',
    'elk.layered.wrapping.additionalEdgeSpacing': '30',
    'elk.aspectRatio': '1.7',
    'elk.separateConnectedComponents': 'true',
    'elk.spacing.componentComponent': '60',
    'elk.padding': '[top=60,left=60,bottom=60,right=60]',
};

/**
 * Places stations and tracks. `stations` are `{id, lines}` with the lines of words that stand under them, `tracks` are
 * `{id, from, to}`. Gives `{width, height, stations: Map id → {x, y, width, height}, tracks: Map id → [[x, y], …]}`.
 * Labels take part in the layout, so none covers another or a track.
 */
async function layout(stations, tracks, widthOf) {
    const degree = (id, end) => tracks.filter((track) => track[end] === id).length;
    const graph = {
        id: 'map',
        layoutOptions: OPTIONS,
        children: stations.map(({ id, lines }) => ({
            id,
            width: STATION,
            height: STATION + SPREAD * Math.max(0, Math.max(degree(id, 'from'), degree(id, 'to')) - 1),
            layoutOptions: { 'elk.nodeLabels.placement': '[OUTSIDE, V_BOTTOM, H_CENTER]', 'elk.portConstraints': 'FREE' },
            labels: [{ text: lines.join(' '), width: Math.max(...lines.map(widthOf)) + 10, height: lines.length * LINE_HEIGHT + 6 }],
        })),
        edges: tracks.map(({ id, from, to }) => ({ id, sources: [from], targets: [to] })),
    };
    const placed = await elk.layout(graph);

    return {
        width: placed.width,
        height: placed.height,
        stations: new Map(placed.children.map((child) => [child.id, child])),
        tracks: new Map(placed.edges.map((edge) => [edge.id, points(edge)])),
    };
}

function points(edge) {
    return (edge.sections ?? []).flatMap((section) => [section.startPoint, ...(section.bendPoints ?? []), section.endPoint].map(({ x, y }) => [x, y]));
}

export { LINE_HEIGHT, layout };
