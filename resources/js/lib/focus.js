/**
 * Draws a part of the page anew and keeps the focus and the caret where they were: controls are known by `data-key`.
 */
function redraw(holder, children) {
    const active = document.activeElement;
    const key = holder.contains(active) ? active.dataset.key : null;
    const caret = key && 'selectionStart' in active ? [active.selectionStart, active.selectionEnd] : null;
    const top = holder.scrollTop;
    holder.replaceChildren(...children.flat(3).filter(Boolean));
    holder.scrollTop = top;
    if (!key) return;
    const again = holder.querySelector(`[data-key="${CSS.escape(key)}"]`);
    again?.focus({ preventScroll: true });
    if (again && caret && caret[0] !== null && again.setSelectionRange) again.setSelectionRange(...caret);
}

export { redraw };
