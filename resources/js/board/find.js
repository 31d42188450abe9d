import { t } from '../lib/catalogue.js';

/**
 * The find-it boards at the front of the room.
 *
 * @returns {() => void} begins all of them anew
 */
function dressFinds() {
    const resets = [...document.querySelectorAll('[data-find]')].map(dress);

    return () => resets.forEach((reset) => reset());
}

function dress(board) {
    const questions = JSON.parse(board.dataset.questions);
    const boxes = [...board.querySelectorAll('[data-box]')];
    const asked = [...board.querySelectorAll('[data-asked]')];
    const [done, wrong, count, start] = ['done', 'wrong', 'count', 'start'].map((name) =>
        board.querySelector(`[data-${name}]`),
    );
    let [found, misses] = [0, 0];

    function draw() {
        asked.forEach((prompt, place) => (prompt.hidden = place !== found));
        done.hidden = found < asked.length;
        const words = [t('play.find.found', { found, of: asked.length }), t('play.find.wrong', { count: misses })];
        count.replaceChildren(
            ...words.map((each) => Object.assign(document.createElement('span'), { textContent: each })),
        );
    }

    function pick(box) {
        if (box.classList.contains('is-found') || found === asked.length) return;
        const isRight = questions[found].right.includes(box.dataset.box);
        box.classList.toggle('is-found', isRight);
        box.classList.toggle('is-gone', isRight && board.hasAttribute('data-leaves'));
        wrong.hidden = isRight || board.hasAttribute('data-quiet');
        box.classList.remove('is-wrong');
        // The same box may be wrong twice in a row, and says so each time.
        void box.offsetWidth;
        box.classList.toggle('is-wrong', !isRight && !board.hasAttribute('data-quiet'));
        if (isRight) found += 1;
        else misses += 1;
        draw();
    }

    function reset() {
        [found, misses] = [0, 0];
        boxes.forEach((box) => box.classList.remove('is-found', 'is-gone', 'is-wrong'));
        wrong.hidden = true;
        start?.removeAttribute('display');
        draw();
    }

    boxes.forEach((box) => box.addEventListener('click', () => pick(box)));
    start?.querySelector('button').addEventListener('click', () => start.setAttribute('display', 'none'));
    reset();

    return reset;
}

export { dressFinds };
