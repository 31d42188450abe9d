/** Numbers drawn from a seed, the same ones each time (mulberry32). */
function diceOf(seed) {
    let state = seed >>> 0;
    const next = () => {
        state = (state + 0x6d2b79f5) >>> 0;
        let mixed = Math.imul(state ^ (state >>> 15), state | 1);
        mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61);

        return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296;
    };
    const below = (count) => Math.floor(next() * count);

    return { next, below, pick: (entries) => entries[below(entries.length)], chance: (share) => next() < share };
}

export { diceOf };
