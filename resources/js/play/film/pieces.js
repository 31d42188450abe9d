/**
 * A film that was cut at its stops: its element speaks in times of the whole film, and fetches the piece that holds a
 * time when it is asked for. Only pieces that may be seen by now are known.
 *
 * @typedef {{from: number, until: number, url: string}} Piece  times in seconds of the whole film
 */

const native = (name) => Object.getOwnPropertyDescriptor(HTMLMediaElement.prototype, name);

/** @param {HTMLElement} root @returns {Piece[]} none for a film that is whole */
const piecesOf = (root) => JSON.parse(root.dataset.pieces ?? '[]');

/** By which a film is known again, whichever of its pieces is there: without the right to see it, which changes. */
function fileOf(root, media) {
    const first = piecesOf(root)[0]?.url ?? media.getAttribute('src');

    return first?.replace(/\?until=.*/, '');
}

/** Takes in what may be seen by now; the first time, the element begins to speak of the whole film. */
function joinPieces(media, root) {
    const all = piecesOf(root);
    if (all.length === 0) return;
    const isNew = media.joined === undefined;
    const isHere = ({ from, url }) => (isNew ? url === media.getAttribute('src') : from === media.joined.piece.from);
    const piece = all.find(isHere) ?? all[0];
    media.joined = { wanted: null, rate: 1, ...media.joined, all, piece, length: Number(root.dataset.length) };
    if (isNew) speakWhole(media);
}

function speakWhole(media) {
    const [time, ended, seeking, { value: play }] = ['currentTime', 'ended', 'seeking', 'play'].map(native);
    const now = () => {
        const { piece, wanted } = media.joined;
        if (wanted !== null) return wanted;

        return ended.get.call(media) ? piece.until : Math.min(piece.until, piece.from + time.get.call(media));
    };
    const put = (seconds) => time.set.call(media, seconds);
    media.addEventListener('loadedmetadata', () => arrive(media, put));
    const next = () => media.joined.all.find(({ from }) => Math.abs(from - media.joined.piece.until) < 0.001);
    const isAtEnd = () => ended.get.call(media) && media.joined.wanted === null;
    Object.defineProperties(media, {
        currentTime: {
            get: now,
            set(at) {
                wind(media, at, put);
            },
        },
        duration: { get: () => media.joined.length || media.joined.all.at(-1).until },
        ended: { get: () => isAtEnd() && !next() },
        seeking: { get: () => media.joined.wanted !== null || seeking.get.call(media) },
        play: {
            value: () => {
                if (!isAtEnd() || !next()) return play.call(media);
                media.currentTime = next().from;

                return play.call(media);
            },
        },
    });
}

/** To a time that is not there yet the film goes as far as it is. */
function wind(media, at, put) {
    const { all, piece: here } = media.joined;
    const piece =
        all.find(({ from, until }) => at >= from && at < until) ?? all.findLast(({ from }) => from <= at) ?? all[0];
    const to = Math.max(piece.from, Math.min(at, piece.until));
    if (piece.from === here.from) {
        if (media.joined.wanted === null) put(to - piece.from);
        else media.joined.wanted = to;

        return;
    }
    const { paused, playbackRate: rate } = media;
    Object.assign(media.joined, { piece, wanted: to, rate });
    // What stands for the film before it runs would be seen between its pieces.
    media.removeAttribute('poster');
    media.src = piece.url;
    if (!paused) media.play().catch(() => {});
}

/** A piece that was fetched begins where it was asked for last, as fast as the film ran. */
function arrive(media, put) {
    const { wanted, piece, rate } = media.joined;
    if (wanted === null) return;
    media.joined.wanted = null;
    put(wanted - piece.from);
    media.playbackRate = rate;
}

export { fileOf, joinPieces };
