/** How much farther than `near` a colour may lie and still be partly clear: the soft rim of a drawn edge. */
const RIM = 0.6;

/**
 * A picture with the colour at a point made clear, with all that is as near to it as asked (0 to 1 of the farthest two
 * colours can lie apart). With `touching` only what hangs together with the point. At edges, points between the two
 * colours become clear in part and lose what they had of the cleared one.
 */
function cleared(pixels, width, height, { x, y, near, touching }) {
    const out = new Uint8ClampedArray(pixels);
    const at = 4 * (y * width + x);
    const colour = [pixels[at], pixels[at + 1], pixels[at + 2]];
    const limit = near * 441.7;
    const reach = limit * (1 + RIM) + 1;
    const region = touching ? spread(pixels, width, height, x, y, colour, reach) : null;
    for (let place = 0, point = 0; place < pixels.length; place += 4, point++) {
        if (region && region[point] === 0) continue;
        const far = Math.hypot(pixels[place] - colour[0], pixels[place + 1] - colour[1], pixels[place + 2] - colour[2]);
        if (far >= reach) continue;
        const kept = far <= limit ? 0 : (far - limit) / (reach - limit);
        out[place + 3] = Math.round(pixels[place + 3] * kept);
        if (kept === 0) continue;
        for (let part = 0; part < 3; part++)
            out[place + part] = Math.round((pixels[place + part] - colour[part] * (1 - kept)) / kept);
    }

    return out;
}

/**
 * The points that hang together with one, row by row: a scan-line fill with a list of its own instead of the call
 * stack.
 */
function spread(pixels, width, height, x, y, colour, reach) {
    const region = new Uint8Array(width * height);
    const isNear = (point) =>
        Math.hypot(
            pixels[4 * point] - colour[0],
            pixels[4 * point + 1] - colour[1],
            pixels[4 * point + 2] - colour[2],
        ) < reach;
    const queue = [y * width + x];
    while (queue.length > 0) {
        const point = queue.pop();
        if (region[point] === 1 || !isNear(point)) continue;
        const row = point - (point % width);
        let [left, right] = [point, point];
        while (left > row && region[left - 1] === 0 && isNear(left - 1)) left--;
        while (right < row + width - 1 && region[right + 1] === 0 && isNear(right + 1)) right++;
        for (let one = left; one <= right; one++) {
            region[one] = 1;
            if (one >= width && region[one - width] === 0) queue.push(one - width);
            if (one + width < region.length && region[one + width] === 0) queue.push(one + width);
        }
    }

    return region;
}

export { cleared };
