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

/** Past so many stations the best places would take longer to find than anybody waits; good ones are found in a second. */
const MANY = 150;

const QUICK = { 'elk.layered.nodePlacement.strategy': 'SIMPLE', 'elk.layered.thoroughness': '1', 'elk.layered.crossingMinimization.greedySwitch.type': 'OFF' };

/**
 * Places stations and tracks. `stations` are `{id, lines}` with the lines of words that stand under them, `tracks` are
 * `{id, from, to}`. Gives `{width, height, stations: Map id → {x, y, width, height}, tracks: Map id → [[x, y], …]}`.
 * Labels take part in the layout, so none covers another or a track.
 */
async function layout(stations, tracks, widthOf) {
    const degrees = countEnds(tracks);
    const degree = (id, end) => degrees[end].get(id) ?? 0;
    const graph = {
        id: 'map',
        layoutOptions: stations.length > MANY ? { ...OPTIONS, ...QUICK } : OPTIONS,
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

function countEnds(tracks) {
    const counts = { from: new Map(), to: new Map() };
    for (const track of tracks) for (const end of ['from', 'to']) counts[end].set(track[end], (counts[end].get(track[end]) ?? 0) + 1);

    return counts;
}

function points(edge) {
    return (edge.sections ?? []).flatMap((section) => [section.startPoint, ...(section.bendPoints ?? []), section.endPoint].map(({ x, y }) => [x, y]));
}

const placeOf = () => `layout.${location.pathname}`;

function forgetLayout() {
    localStorage.removeItem(placeOf());
}

/** The layout of a large game as it was last time, when nothing of its shape is another; else null. */
function rememberedLayout(shape) {
    const kept = JSON.parse(localStorage.getItem(placeOf()) ?? 'null');

    return kept?.shape === hashOf(shape) ? { ...kept, stations: new Map(kept.stations), tracks: new Map(kept.tracks) } : null;
}

/** A layout, remembered where it took long. */
async function laidOut(shape, lay) {
    const laid = await lay();
    if (laid.stations.size <= MANY) return laid;
    const place = placeOf();
    try {
        const stations = [...laid.stations].map(([id, { x, y, width, height }]) => [id, { x, y, width, height }]);
        localStorage.setItem(place, JSON.stringify({ ...laid, shape: hashOf(shape), stations, tracks: [...laid.tracks] }));
    } catch {
        localStorage.removeItem(place);
    }

    return laid;
}

/** FNV-1a, 32 bits (Fowler, Noll, Vo): enough to tell one shape of the same game from another. */
function hashOf(text) {
    let hash = 0x811c9dc5;
    for (let at = 0; at < text.length; at++) hash = Math.imul(hash ^ text.charCodeAt(at), 0x01000193);

    return hash >>> 0;
}

export { LINE_HEIGHT, MANY, forgetLayout, laidOut, layout, rememberedLayout };
