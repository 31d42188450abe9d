import * as verbs from './verbs.js';

const STEPS = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] };

/** Everything that can be done on the stage without a pointer. */
function onStageKey(event, desk, view) {
    const things = view.picked();
    if (event.ctrlKey || event.metaKey) return withControl(event, desk, view, things);
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
    } else if (things.length > 0) withPicked(event, desk, view, things);
}

function withPicked(event, desk, view, things) {
    const step = STEPS[event.key];
    if (step) {
        event.preventDefault();
        const far = event.shiftKey ? 10 : 1;
        verbs.nudge(desk, view.movable(), step[0] * far, step[1] * far);
    } else if (event.key === 'Delete' || event.key === 'Backspace') {
        event.preventDefault();
        desk.thing = null;
        verbs.remove(desk, things);
    } else if (event.key === ']' || event.key === '[') {
        verbs.order(
            desk,
            view.scene,
            things,
            event.key === ']' ? (event.altKey ? 'front' : 'forward') : event.altKey ? 'back' : 'backward',
        );
    }
}

function withControl(event, desk, view, things) {
    const act = {
        a: () =>
            view.pick(
                view
                    .things()
                    .filter((thing) => !thing.fixed)
                    .map((thing) => thing.id),
            ),
        c: () => things.length > 0 && verbs.copy(desk, things),
        x: () => {
            if (things.length === 0) return;
            verbs.copy(desk, things);
            desk.thing = null;
            verbs.remove(desk, things);
        },
        v: () => view.pick(verbs.paste(desk, view.scene)),
        d: () => {
            if (things.length === 0) return;
            verbs.copy(desk, things);
            view.pick(verbs.paste(desk, view.scene));
        },
        g: () => things.length > 0 && (event.shiftKey ? verbs.ungroup(desk, things) : verbs.group(desk, things)),
    }[event.key.toLowerCase()];
    if (!act) return;
    event.preventDefault();
    act();
}

export { onStageKey };
