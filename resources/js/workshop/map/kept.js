/**
 * Layouts of large maps are kept, here and in the browser: laying one out takes long, and nobody wants a map to leap.
 */

/** Of a layout that is kept, so large a part may be of scenes it does not know. */
const UNKNOWN = 0.2;

/** Whether a layout knows most of the stations that are to be drawn. */
function covers(laid, { stations }) {
    return stations.filter(({ id }) => !laid.stations.has(id)).length <= UNKNOWN * stations.length;
}

const placeOf = () => `layout.${location.pathname}`;

/** The layout of a large game as it was last time, or null. */
function rememberedLayout() {
    const kept = JSON.parse(localStorage.getItem(placeOf()) ?? 'null');

    return kept && { ...kept, stations: new Map(kept.stations), tracks: new Map(kept.tracks) };
}

function rememberLayout(laid) {
    try {
        const stations = [...laid.stations].map(([id, { x, y, width, height }]) => [id, { x, y, width, height }]);
        localStorage.setItem(
            placeOf(),
            JSON.stringify({ ...laid, stations, tracks: [...laid.tracks] }, (_, value) =>
                typeof value === 'number' ? Math.round(value) : value,
            ),
        );
    } catch {
        localStorage.removeItem(placeOf());
    }
}

export { covers, rememberLayout, rememberedLayout };
