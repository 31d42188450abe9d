import { send } from '../../lib/http.js';

/** How fine a picture is sent, in points of a cell. */
const FINE = 8;

/**
 * A picture in few colours, cell by cell, as the server makes it of points that are drawn here: `{palette, cells,
 * owners, order}`; null where it can't be had.
 *
 * @param {string | null} address of the picture
 * @param {Record<string, any>} wanted columns, rows, colours, and what tells which lock owns which cell
 * @param {number[]} shares
 * @param {{address: string}} editor
 */
async function reduced(address, wanted, shares, editor) {
    const image = await raster(address, wanted.columns * FINE, wanted.rows * FINE);
    if (!image) return null;
    const fields = new FormData();
    fields.append('image', image, 'picture.png');
    for (const name of ['columns', 'rows', 'colours', 'spread', 'seed', 'drawn'])
        fields.append(name, wanted[name] ?? '');
    shares.forEach((share) => fields.append('shares[]', String(share)));
    const { body } = await send(`${editor.address}/mosaic`, fields);

    return body?.cells ? body : null;
}

/** The picture as points, cut to the shape around its middle. */
async function raster(address, width, height) {
    if (!address) return null;
    const picture = new Image();
    picture.src = address;
    await picture.decode().catch(() => null);
    if (!picture.naturalWidth) return null;
    const canvas = Object.assign(document.createElement('canvas'), { width, height });
    const scale = Math.max(width / picture.naturalWidth, height / picture.naturalHeight);
    const [w, h] = [picture.naturalWidth * scale, picture.naturalHeight * scale];
    canvas.getContext('2d').drawImage(picture, (width - w) / 2, (height - h) / 2, w, h);

    return new Promise((done) => canvas.toBlob(done, 'image/png'));
}

export { reduced };
