import RBush from 'rbush';

/** Height of a line of words under a station, in units of the map. */
const LINE_HEIGHT = 17;

/** Width and height of a station where nothing makes it larger. */
const STATION = 22;

/** Widest that the stretch of a film is drawn. */
const STRETCH = 150;

/** How wide a station is: one of a film is a stretch of track with its stops on it. */
const widthOf = (film) => (film ? Math.min(STRETCH, STATION + 34 + 12 * film.length) : STATION);

/**
 * What a station takes up on the map: its body and, beneath it, its words. `at` is `{x, y, width, height}`, `words` is
 * `{across, down}`; boxes are `{minX, minY, maxX, maxY, id, isBody}`.
 */
function boxesOf(id, at, words) {
    const middle = at.x + at.width / 2;
    const top = at.y + at.height + 3;

    return [
        { minX: at.x, minY: at.y, maxX: at.x + at.width, maxY: at.y + at.height, id, isBody: true },
        {
            minX: middle - words.across / 2,
            minY: top,
            maxX: middle + words.across / 2,
            maxY: top + words.down,
            id,
            isBody: false,
        },
    ];
}

/** Room for some lines of words. */
function roomOf(lines, widthOf) {
    return { across: Math.max(...lines.map(widthOf)) + 10, down: lines.length * LINE_HEIGHT + 4 };
}

/** The stretches of a track as boxes without breadth. */
function stretchesOf(id, points) {
    return points.slice(1).map(([x, y], place) => {
        const [fromX, fromY] = points[place];

        return {
            minX: Math.min(x, fromX),
            minY: Math.min(y, fromY),
            maxX: Math.max(x, fromX),
            maxY: Math.max(y, fromY),
            id,
        };
    });
}

/** Boxes on a map, found by where they are. */
function boxesOnMap(boxes = []) {
    const tree = new RBush();
    tree.load(boxes);

    return tree;
}

const grown = ({ minX, minY, maxX, maxY }, by) => ({
    minX: minX - by,
    minY: minY - by,
    maxX: maxX + by,
    maxY: maxY + by,
});

export { LINE_HEIGHT, STATION, boxesOf, boxesOnMap, grown, roomOf, stretchesOf, widthOf };
