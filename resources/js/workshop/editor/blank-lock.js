/**
 * What a lock begins with that asks for words: it is fair to how an answer is written, and opens on nothing yet.
 *
 * @param {string} ask
 */
const blankLock = (ask, go = '') => ({
    ask,
    input: { type: 'text' },
    clean: { fair: true, typed: true },
    rules: [{ match: { equals: [] }, verdict: 'open', say: '', go }],
    otherwise: [],
});

export { blankLock };
