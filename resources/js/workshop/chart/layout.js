import ELK from 'elkjs/lib/elk-api.js';
import workerAddress from 'elkjs/lib/elk-worker.min.js?url';
import { STATION, widthOf } from './boxes.js';

const MANY = 150;

const isLarge = ({ stations }) => stations.length > MANY;

const elk = new ELK({ workerFactory: () => new Worker(workerAddress) });

/** How much each further track makes a station higher, in units of the map. */
const SPREAD = 11;

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

/** For large maps: good places soon, not the best. */
const QUICK = {
    'elk.layered.nodePlacement.strategy': 'SIMPLE',
    'elk.layered.thoroughness': '1',
    'elk.layered.crossingMinimization.greedySwitch.type': 'OFF',
};

/**
 * Places stations and tracks. `stations` have an id, `tracks` are `{id, from, to}`, `rooms` says how much room the
 * words under each station take, as `{across, down}`. Gives `{width, height, stations: Map id → {x, y, width, height},
 * tracks: Map id → [[x, y], …]}`. Labels take part in the layout, so none covers another or a track.
 */
async function layout({ stations, tracks }, rooms) {
    const degrees = countEnds(tracks);
    const degree = (id, end) => degrees[end].get(id) ?? 0;
    const graph = {
        id: 'map',
        layoutOptions: isLarge({ stations }) ? { ...OPTIONS, ...QUICK } : OPTIONS,
        children: stations.map(({ id, film }) => ({
            id,
            width: widthOf(film),
            height: STATION + SPREAD * Math.max(0, Math.max(degree(id, 'from'), degree(id, 'to')) - 1),
            layoutOptions: {
                'elk.nodeLabels.placement': '[OUTSIDE, V_BOTTOM, H_CENTER]',
                'elk.portConstraints': 'FREE',
            },
            labels: [{ text: id, width: rooms.get(id).across, height: rooms.get(id).down + 4 }],
        })),
        edges: tracks.map(({ id, from, to }) => ({ id, sources: [from], targets: [to] })),
    };
    /** @type {any} the graph with a place for each of its parts */
    const placed = await elk.layout(graph);

    return {
        width: placed.width,
        height: placed.height,
        stations: new Map(placed.children.map((child) => [child.id, child])),
        tracks: new Map(placed.edges.map((edge) => [edge.id, points(edge)])),
    };
}

function countEnds(tracks) {
    const counts = { from: new Map(), to: new Map() };
    for (const track of tracks)
        for (const end of ['from', 'to']) counts[end].set(track[end], (counts[end].get(track[end]) ?? 0) + 1);

    return counts;
}

function points(edge) {
    return (edge.sections ?? []).flatMap((section) =>
        [section.startPoint, ...(section.bendPoints ?? []), section.endPoint].map(({ x, y }) => [x, y]),
    );
}

export { isLarge, layout };
