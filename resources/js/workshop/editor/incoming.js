import { post, send } from '../../lib/http.js';
import { isSilent, patiently } from '../../lib/patience.js';

/**
 * Sends a file in pieces. What has arrived stays on the server: the same file, begun again, goes on from there.
 *
 * @param {string} address of the game
 * @param {File} file
 * @param {{onPart: (part: number) => void, onWait: () => void, isLeft: () => boolean}} course
 * @returns {Promise<{asset?: any, seconds?: number, message?: string, isLeft?: boolean}>}
 */
async function sendInPieces(address, file, { onPart, onWait, isLeft }) {
    const insist = (ask) => patiently(ask, (reply) => isLeft() || !isSilent(reply), onWait);
    const mark = `${file.name}|${file.lastModified}`;
    const begun = await insist(() => post(`${address}/clips`, { size: file.size, mark }));
    if (begun.status !== 200) return { message: begun.body?.message };
    const { id, piece } = begun.body;
    for (let { at } = begun.body; !isLeft();) {
        onPart(at / file.size);
        const from = at;
        const sent = await insist(() => send(`${address}/clips/${id}?at=${from}`, file.slice(from, from + piece)));
        if (sent.status !== 200) return { message: sent.body?.message };
        if (sent.body.asset) return sent.body;
        at = sent.body.at;
    }

    return { isLeft: true };
}

export { sendInPieces };
