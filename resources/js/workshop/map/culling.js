/** Fewer parts than this are always drawn whole. */
const MANY = 300;

/** How far around what is in view is drawn too, in units of the map. */
const MARGIN = 160;

/** Of a large map only what is in view is drawn: the rest costs frames and shows nothing. */
function cullingOf() {
    let parts = new Map();

    /** Takes up what was just drawn; `nodeOf` finds a node by its key. */
    function note(placed, nodeOf) {
        const before = parts;
        parts = new Map();
        if (placed.stations.size + placed.tracks.size < MANY) return;
        const take = (key, from, boxOf) => {
            const [had, node] = [before.get(key), nodeOf(key)];
            if (node)
                parts.set(
                    key,
                    had?.from === from && had.node === node
                        ? had
                        : { node, from, box: boxOf(from), isShown: node.style.display !== 'none' },
                );
        };
        for (const [id, at] of placed.stations) take(id, at, roomy);
        for (const [id, points] of placed.tracks) take(`track.${id}`, points, around);
    }

    function show({ k, x, y }, width, height) {
        const [left, top, right, bottom] = [
            (0 - x) / k - MARGIN,
            (0 - y) / k - MARGIN,
            (width - x) / k + MARGIN,
            (height - y) / k + MARGIN,
        ];
        for (const part of parts.values()) {
            const [x0, y0, x1, y1] = part.box;
            const isShown = x1 > left && x0 < right && y1 > top && y0 < bottom;
            if (isShown !== part.isShown) part.node.style.display = isShown ? '' : 'none';
            part.isShown = isShown;
        }
    }

    return { note, show };
}

const roomy = ({ x, y, width, height }) => [x - 60, y - 12, x + width + 60, y + height + 90];

function around(points) {
    const [xs, ys] = [points.map(([x]) => x), points.map(([, y]) => y)];

    return [Math.min(...xs), Math.min(...ys), Math.max(...xs), Math.max(...ys)];
}

export { cullingOf };
