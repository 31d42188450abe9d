/** Fewer parts than this are always drawn whole. */
const MANY = 300;

/** How far around what is in view is drawn too, in units of the map. */
const MARGIN = 160;

/** Of a large map only what is in view is drawn: the rest costs frames and shows nothing. */
function cullingOf(sea) {
    let parts = [];

    /** Takes up what was just drawn. */
    function note(placed) {
        const stations = [...placed.stations].map(([id, { x, y, width, height }]) => ({ key: id, box: [x - 60, y - 12, x + width + 60, y + height + 90] }));
        const tracks = [...placed.tracks].map(([id, points]) => ({ key: `track.${id}`, box: around(points) }));
        parts = [];
        if (stations.length + tracks.length < MANY) return;
        const nodes = new Map([...sea.children].map((node) => [node.dataset.key, node]));
        parts = [...stations, ...tracks].map((part) => ({ ...part, node: nodes.get(part.key), isShown: true })).filter((part) => part.node);
    }

    function show({ k, x, y }, width, height) {
        const [left, top, right, bottom] = [(0 - x) / k - MARGIN, (0 - y) / k - MARGIN, (width - x) / k + MARGIN, (height - y) / k + MARGIN];
        for (const part of parts) {
            const [x0, y0, x1, y1] = part.box;
            const isShown = x1 > left && x0 < right && y1 > top && y0 < bottom;
            if (isShown !== part.isShown) part.node.style.display = isShown ? '' : 'none';
            part.isShown = isShown;
        }
    }

    return { note, show };
}

function around(points) {
    const [xs, ys] = [points.map(([x]) => x), points.map(([, y]) => y)];

    return [Math.min(...xs), Math.min(...ys), Math.max(...xs), Math.max(...ys)];
}

export { cullingOf };
