/** Shows how long a guarded lock still takes no answer. The server keeps the time; this only tells it. */
function startGuards(play) {
    play.querySelectorAll('[data-lock]').forEach(countDown);
    play.addEventListener('guard', (event) => countDown(event.target));
    new MutationObserver(() => play.querySelectorAll('[data-lock]').forEach(countDown)).observe(
        document.getElementById('scene'),
        { childList: true, subtree: true },
    );
}

const counting = new WeakMap();

/** Takes the seconds off the lock, so that they are counted once. */
function countDown(lock) {
    const shown = lock.querySelector('[data-guard]');
    const seconds = Number(lock.dataset.wait);
    if (!shown || !(seconds > 0)) return;
    lock.dataset.wait = 0;
    clearTimeout(counting.get(lock));
    tick(lock, shown, Date.now() + seconds * 1000);
}

function tick(lock, shown, until) {
    const left = Math.max(0, Math.ceil((until - Date.now()) / 1000));
    shown.hidden = left === 0;
    shown.querySelector('[data-left]').textContent = left;
    lock.querySelector('.try')?.toggleAttribute('disabled', left > 0);
    if (left > 0 && lock.isConnected)
        counting.set(
            lock,
            setTimeout(() => tick(lock, shown, until), 250),
        );
}

export { startGuards };
