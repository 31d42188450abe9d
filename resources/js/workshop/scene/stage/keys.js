import * as verbs from './verbs.js';

const STEPS = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] };

/** Everything that can be done on the stage without a pointer. */
function onStageKey(event, editor, view) {
    const things = view.picked();
    if (event.ctrlKey || event.metaKey) return withControl(event, editor, view, things);
    if (event.key === 'Escape') {
        event.preventDefault();
        if (view.tool) view.use(null);
        view.pick([]);
    } else if (event.key === 'Enter' && view.tool?.kind === 'polygon') view.drawn(null);
    else if (event.key === 'Enter' || event.key === ' ') {
        event.preventDefault();
        const id = event.target.dataset?.thing;
        if (id) view.press(id, event.shiftKey);
        else document.querySelector('.card :is(textarea, input, select, button)')?.focus();
    } else if (things.length > 0) withPicked(event, editor, view, things);
}

function withPicked(event, editor, view, things) {
    const step = STEPS[event.key];
    if (step) {
        event.preventDefault();
        const far = event.shiftKey ? 10 : 1;
        verbs.nudge(editor, view.movable(), step[0] * far, step[1] * far);
    } else if (event.key === 'Delete' || event.key === 'Backspace') {
        event.preventDefault();
        editor.thing = null;
        verbs.remove(editor, things);
    } else if (event.key === ']' || event.key === '[') {
        verbs.order(
            editor,
            view.scene,
            things,
            event.key === ']' ? (event.altKey ? 'front' : 'forward') : event.altKey ? 'back' : 'backward',
        );
    }
}

function withControl(event, editor, view, things) {
    const act = {
        a: () =>
            view.pick(
                view
                    .things()
                    .filter((thing) => !thing.fixed)
                    .map((thing) => thing.id),
            ),
        c: () => things.length > 0 && verbs.copy(editor, things),
        x: () => {
            if (things.length === 0) return;
            verbs.copy(editor, things);
            editor.thing = null;
            verbs.remove(editor, things);
        },
        v: () => view.pick(verbs.paste(editor, view.scene)),
        d: () => {
            if (things.length === 0) return;
            verbs.copy(editor, things);
            view.pick(verbs.paste(editor, view.scene));
        },
        g: () => things.length > 0 && (event.shiftKey ? verbs.ungroup(editor, things) : verbs.group(editor, things)),
    }[event.key.toLowerCase()];
    if (!act) return;
    event.preventDefault();
    act();
}

export { onStageKey };
