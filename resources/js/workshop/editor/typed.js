/** The fields that hold what somebody typed. */
const TYPED = new Set([
    'title',
    'md',
    'name',
    'text',
    'note',
    'alt',
    'label',
    'credit',
    'licence',
    'url',
    'ask',
    'say',
    'unit',
    'left',
    'right',
    'equals',
    'has',
    'hasAll',
    'like',
    'close',
    'pattern',
    'mathematics',
    'number',
    'between',
    'form',
    'bank',
    'number',
    'ending',
]);

/**
 * What somebody typed into an edit, so that it can be given back: texts, each once, without those that the game has.
 *
 * @param {Record<string, any>} command
 * @param {object} game as it stands
 * @returns {string[]}
 */
function typedIn(command, game) {
    const found = (command.together ?? [command]).flatMap((one) => {
        if ('set' in one) return texts(one.to, TYPED.has(one.field));
        if ('insert' in one) return texts(one.value, false);

        return [];
    });
    const fresh = new Set(found.filter((text) => text.trim() !== ''));
    for (const text of texts(game, false)) fresh.delete(text);

    return [...fresh];
}

function texts(value, isTyped) {
    if (typeof value === 'string') return isTyped ? [value] : [];
    if (typeof value === 'number') return isTyped ? [String(value)] : [];
    if (Array.isArray(value)) return value.flatMap((entry) => texts(entry, isTyped));
    if (value === null || typeof value !== 'object') return [];

    return Object.entries(value).flatMap(([field, entry]) => texts(entry, TYPED.has(field)));
}

export { typedIn };
