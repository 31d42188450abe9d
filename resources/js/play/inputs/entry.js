/**
 * What was entered so far of a code, place by place; a change gives a new one.
 *
 * @typedef {{keys: string[], isJudged: boolean}} Entry
 */

/** @returns {Entry} */
const emptyEntry = (keys = []) => ({ keys, isJudged: false });

/**
 * One key more. After a verdict the next press begins anew; when every place is filled it changes nothing.
 *
 * @param {Entry} entry
 * @returns {Entry}
 */
function press(entry, key, length) {
    if (entry.isJudged) return { keys: [key], isJudged: false };

    return entry.keys.length < length ? { keys: [...entry.keys, key], isJudged: false } : entry;
}

/**
 * The last key away.
 *
 * @param {Entry} entry
 * @returns {Entry}
 */
const erase = ({ keys }) => ({ keys: keys.slice(0, -1), isJudged: false });

/**
 * As judged: what is entered stands until the next press.
 *
 * @param {Entry} entry
 * @returns {Entry}
 */
const judged = ({ keys }) => ({ keys, isJudged: keys.length > 0 });

export { emptyEntry, erase, judged, press };
