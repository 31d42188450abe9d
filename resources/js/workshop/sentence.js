const short = (words) => (words.length > 32 ? `${words.slice(0, 30)}…` : words);

const COMPARED = { '>=': 'at least', '<': 'less than', '=': 'exactly', '<=': 'at most', '>': 'more than', '!=': 'anything but' };

/** Any condition in words, for reading. */
function sentence(condition, game) {
    const token = (id) => game.tokens?.find((one) => one.id === id)?.name ?? id;
    const scene = (id) => game.scenes.find((one) => one.id === id)?.title ?? id;
    const lock = (id) => {
        const found = game.scenes.flatMap((one) => one.things ?? []).find((one) => one.id === id);

        return found ? `“${short(found.label || found.ask || id)}”` : id;
    };
    const cover = (id) => {
        const found = game.scenes.flatMap((one) => one.things ?? []).find((one) => one.id === id);

        return found?.label ? `“${short(found.label)}”` : 'a cover';
    };
    const compared = COMPARED[condition?.is] ?? condition?.is;
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
        lifted: () => `lifted ${cover(condition.lifted)}`,
        tally: () => `${tally(condition.tally)} is ${compared} ${condition.value}`,
        leads: () => `${tally(condition.leads)} is the highest`,
        tries: () => `tried ${lock(condition.tries)} ${compared} ${condition.value} times`,
        minutes: () => `${compared} ${condition.minutes} minutes have passed`,
    }[kind];

    return said?.() ?? 'a condition of its own';
}

export { sentence };
