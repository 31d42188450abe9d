/** How long stations glide to where a finer layout has them, in milliseconds. */
const WHILE = 180;

/**
 * Lets stations glide from where they stood to where they stand now, and tracks that are others appear: the eye
 * follows.
 * `nodeOf` finds the node of a part by its key.
 */
function glide(before, after, nodeOf) {
    if (matchMedia('(prefers-reduced-motion: reduce)').matches) return;
    for (const [id, { x, y }] of after.stations) {
        const was = before.stations.get(id);
        if (was && (was.x !== x || was.y !== y))
            nodeOf(id)?.animate(
                [{ transform: `translate(${was.x}px, ${was.y}px)` }, { transform: `translate(${x}px, ${y}px)` }],
                { duration: WHILE, easing: 'ease-out' },
            );
    }
    for (const [id, points] of after.tracks) {
        if (before.tracks.get(id)?.join() !== points.join())
            nodeOf(`track.${id}`)?.animate([{ opacity: 0 }, { opacity: 1 }], { duration: WHILE });
    }
}

export { glide };
