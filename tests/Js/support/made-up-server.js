import { attempt } from '../../../resources/js/workshop/editor/document.js';

/**
 * A server of one game that keeps edits as the real one does: in order, each key once, refusing what touches the same.
 */
function madeUpServer(document) {
    const server = { document, revision: 1, changes: [], keys: new Map(), labels: [], receive, told };

    function receive(path, { key, command, label, base, made, own }) {
        if (server.keys.has(key))
            return {
                status: 200,
                body: {
                    ...stand(),
                    kept: server.keys.get(key),
                    refusal: null,
                    applied: null,
                    document: server.document,
                },
            };
        if (path === 'undo') return undo(key, base);
        const real = 'duplicate' in command ? copyOf(command.duplicate[0], key) : command;
        const unknown = server.changes.filter((change) => change.revision > made && !own.includes(change.revision));
        const { game, refusal } = unknown.some((change) => touchSame(change.touches, touchesOf(real)))
            ? { refusal: 'edit.conflict' }
            : attempt(server.document, real);
        if (refusal !== null && refusal !== undefined) return refuse(refusal);
        server.labels.push(label);

        return take(key, base, game, real);
    }

    function undo(key, base) {
        const last = server.changes.findLast((change) => change.before);
        if (!last) return refuse('history.start');
        const reply = take(key, base, last.before, null, last.touches);
        server.changes = server.changes.filter((change) => change !== last);

        return reply;
    }

    /** @param {Array|null} undone what an undoing touches; null for an edit */
    function take(key, base, game, applied, undone = null) {
        const isBehind = base !== server.revision;
        server.revision += 1;
        server.changes.push({
            revision: server.revision,
            touches: undone ?? touchesOf(applied),
            before: undone ? null : server.document,
        });
        server.document = game;
        server.keys.set(key, server.revision);
        const whole = isBehind || applied === null;

        return {
            status: 200,
            body: {
                ...stand(),
                kept: server.revision,
                refusal: null,
                applied: whole ? null : applied,
                ...(whole ? { document: game } : {}),
            },
        };
    }

    function refuse(refusal) {
        return { status: 409, body: { ...stand(), kept: null, refusal, applied: null, document: server.document } };
    }

    function told() {
        return { status: 200, body: { ...stand(), document: server.document } };
    }

    const stand = () => ({ revision: server.revision, history: {} });

    return server;
}

const copyOf = (scene, key) => ({
    insert: 'scenes',
    in: '@game',
    after: scene,
    value: { id: `copy-${key.slice(0, 8)}`, title: 'Copy', things: [] },
});

function touchesOf(command) {
    if ('together' in command) return command.together.flatMap(touchesOf);
    if ('set' in command) return [[command.set, command.field]];
    if ('insert' in command) return [[`+${command.value.id}`, '']];
    if ('remove' in command) return [[command.remove, '*']];
    if ('move' in command) return [[command.move, '@place']];

    return [];
}

const touchSame = (left, right) =>
    left.some(([part, field]) =>
        right.some(([other, second]) => part === other && (field === second || field === '*' || second === '*')),
    );

export { madeUpServer };
