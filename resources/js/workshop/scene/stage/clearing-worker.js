import { cleared } from './clearing.js';

/** Far from the page, so that it stays quick while millions of points are looked at. */
self.onmessage = ({ data }) => {
    const pixels = cleared(data.pixels, data.width, data.height, data);
    self.postMessage({ turn: data.turn, pixels }, { transfer: [pixels.buffer] });
};
