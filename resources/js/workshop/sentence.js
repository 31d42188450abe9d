const short = (words) => (words.length > 32 ? `${words.slice(0, 30)}…` : words);

/** Any condition in words, for reading. */
function sentence(condition, game) {
    const token = (id) => game.tokens?.find((one) => one.id === id)?.name ?? id;
    const scene = (id) => game.scenes.find((one) => one.id === id)?.title ?? id;
    const lock = (id) => {
        const found = game.scenes.flatMap((one) => one.things ?? []).find((one) => one.id === id);

        return found ? `“${short(found.label || found.ask || id)}”` : id;
    };
    const tally = (id) => game.tallies?.find((one) => one.id === id)?.name ?? id;
    const some = (ids, name, atLeast) => `${atLeast < ids.length ? `${atLeast} of ` : ''}${ids.map(name).join(', ')}`;
    const [kind] = Object.keys(condition ?? {});
    const said = {
        all: () => condition.all.map((part) => sentence(part, game)).join(' and '),
        any: () => condition.any.map((part) => sentence(part, game)).join(' or '),
        not: () => `not: ${sentence(condition.not, game)}`,
        has: () => `holds ${token(condition.has)}`,
        hasOf: () => `holds ${some(condition.hasOf, token, condition.atLeast)}`,
        open: () => `opened ${lock(condition.open)}`,
        openOf: () => `opened ${some(condition.openOf, lock, condition.atLeast)}`,
        firstTry: () => `opened at first try ${some(condition.firstTry, lock, condition.atLeast)}`,
        visited: () => `was at ${scene(condition.visited)}`,
        lifted: () => 'lifted a cover',
        tally: () => `${tally(condition.tally)} ${condition.is} ${condition.value}`,
        leads: () => `${tally(condition.leads)} is the highest`,
        tries: () => `tried ${lock(condition.tries)} ${condition.is} ${condition.value} times`,
        minutes: () => `${condition.is} ${condition.minutes} minutes have passed`,
    }[kind];

    return said?.() ?? 'a condition of its own';
}

export { sentence };
