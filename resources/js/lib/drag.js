import { drag } from 'd3-drag';
import { select } from 'd3-selection';

/**
 * Where a press is, and with which keys; a finger and a mouse say the same.
 *
 * @typedef {{clientX: number, clientY: number, target: any, shiftKey: boolean, ctrlKey: boolean, metaKey: boolean,
 *     altKey: boolean}} Press
 */

/**
 * What a press leads to: `move` follows it, once a frame; `end` comes when it is let go after it moved, `tap` when it
 * did not, `cancel` when it was taken away.
 *
 * @typedef {{move?: (press: Press) => void, end?: (press: Press) => void, tap?: () => void, cancel?: () => void}}
 *     Gesture
 */

/**
 * Asks `begin` at every press on an element what comes of it, and follows that; a press of which nothing comes is left
 * to others. One that wanders less than `slack` pixels is a tap.
 *
 * @param {Element} element
 * @param {(press: Press, event: Event) => Gesture | null} begin
 */
function dragOn(element, begin, slack = 4) {
    const listens = drag()
        .filter((event) => !event.button)
        // Where things are is asked of the gesture: a place of its own would be measured at every move.
        .container(() => /** @type {any} */ ({}))
        .clickDistance(slack)
        .subject(({ sourceEvent, identifier }) => begin(pressOf(sourceEvent, identifier), sourceEvent))
        .on('start', follow);

    function follow(started) {
        const gesture = started.subject;
        const first = pressOf(started.sourceEvent, started.identifier);
        let [isDragging, isWaiting, last] = [false, false, first];
        const move = () => {
            if (isWaiting) gesture.move?.(last);
            isWaiting = false;
        };
        started.on('drag', ({ sourceEvent, identifier }) => {
            last = pressOf(sourceEvent, identifier);
            isDragging ||= Math.hypot(last.clientX - first.clientX, last.clientY - first.clientY) > slack;
            if (!isDragging || isWaiting) return;
            isWaiting = true;
            requestAnimationFrame(move);
        });
        started.on('end', ({ sourceEvent, identifier }) => {
            isWaiting = false;
            if (!isDragging) return gesture.tap?.();
            if (sourceEvent.type === 'touchcancel') return gesture.cancel?.();
            last = pressOf(sourceEvent, identifier);
            gesture.move?.(last);
            gesture.end?.(last);
        });
    }

    select(element).call(listens);
}

/** @returns {Press} */
function pressOf(event, identifier) {
    const touch = [...(event.changedTouches ?? [])].find((one) => one.identifier === identifier);
    const { clientX, clientY } = touch ?? event;
    const { target, shiftKey, ctrlKey, metaKey, altKey } = event;

    return { clientX, clientY, target, shiftKey, ctrlKey, metaKey, altKey };
}

export { dragOn };
