const WORD = /[\p{L}\p{N}\p{M}]+(?:['’\-‐‑][\p{L}\p{N}\p{M}]+)*/gu;
const graphemes = new Intl.Segmenter(undefined, { granularity: 'grapheme' });

/**
 * How much a text is, as the matcher `length` counts it: grapheme clusters of what is trimmed, or words, which are runs
 * of letters and digits that an inner apostrophe or hyphen joins.
 *
 * @param {string} text
 * @param {'characters' | 'words'} of
 */
function amount(text, of) {
    const trimmed = text.normalize('NFC').trim();

    return of === 'words' ? (trimmed.match(WORD) ?? []).length : [...graphemes.segment(trimmed)].length;
}

export { amount };
