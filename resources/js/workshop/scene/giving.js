import { el } from '../../lib/dom.js';
import { freshId } from '../document.js';
import { list } from '../ways.js';
import { line, pick } from './fields.js';

/** Giving a token, one that is there or a new one. */
function giving(reaction, set, desk, key) {
    const { game } = desk.store;
    const given = list(reaction.do).find((effect) => effect.give)?.give ?? '';
    const rest = list(reaction.do).filter((effect) => !effect.give);
    const take = (id) => {
        if (id !== '+') return set({ do: id === '' ? rest : [...rest, { give: id }] }, [], 'what it gives');
        const token = { id: freshId('token'), name: desk.words.newToken, kind: 'item' };
        set({ do: [...rest, { give: token.id }] }, [{ insert: 'tokens', in: '@game', after: game.tokens?.at(-1)?.id ?? null, value: token }], 'a new token');
    };
    const token = game.tokens?.find((one) => one.id === given);

    return [
        pick({ key: `${key}.gives`, label: 'Gives', value: given, options: [['', 'nothing'], ...(game.tokens ?? []).map((one) => [one.id, one.name]), ['+', '＋ a new token']], take }),
        token ? line({ key: `${token.id}.name`, label: 'Name of the token', value: token.name, take: (name) => desk.store.edit({ set: token.id, field: 'name', to: name }, 'name of a token') }) : null,
    ];
}

/** What a reaction changes, in words. */
function gifts(reaction, desk) {
    const { game } = desk.store;
    const named = (lists, id) => game[lists]?.find((one) => one.id === id)?.name ?? id;
    const words = list(reaction.do).map((effect) => {
        if (effect.give) return `gives ${named('tokens', effect.give)}`;
        if (effect.take) return `takes ${named('tokens', effect.take)}`;
        if (effect.add) return `${named('tallies', effect.add)} ${effect.by < 0 ? '−' : '+'}${Math.abs(effect.by ?? 1)}`;

        return Object.keys(effect)[0];
    });

    return words.length > 0 ? el('p', { class: 'gifts' }, words.join(' · ')) : null;
}

export { gifts, giving };
