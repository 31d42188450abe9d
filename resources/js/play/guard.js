/** Shows how long a guarded lock still takes no answer. The server keeps the time; this only tells it. */
function startGuards(play) {
    play.querySelectorAll('[data-lock]').forEach(countDown);
    play.addEventListener('guard', (event) => countDown(event.target));
    new MutationObserver(() => play.querySelectorAll('[data-lock]').forEach(countDown)).observe(document.getElementById('scene'), { childList: true, subtree: true });
}

const counting = new WeakMap();

function countDown(lock) {
    const until = Date.now() + Number(lock.dataset.wait) * 1000;
    const shown = lock.querySelector('[data-guard]');
    if (!shown || Number(lock.dataset.wait) <= 0 || Math.abs((counting.get(lock) ?? 0) - until) < 900) return;
    counting.set(lock, until);
    const tick = () => {
        const left = Math.max(0, Math.ceil((counting.get(lock) - Date.now()) / 1000));
        shown.hidden = left === 0;
        if (shown.querySelector('[data-left]').textContent !== String(left)) shown.querySelector('[data-left]').textContent = left;
        lock.querySelector('.try')?.toggleAttribute('disabled', left > 0);
        if (left > 0 && lock.isConnected) setTimeout(tick, 250);
        else lock.dataset.wait = 0;
    };
    tick();
}

export { startGuards };
