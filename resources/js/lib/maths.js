/**
 * Draws the formulas on a page, those that come later too. The library and its fonts are fetched only where there is
 * one.
 */
function drawMaths(root) {
    const draw = async () => {
        const waiting = [...root.querySelectorAll('.math:not([data-drawn])')];
        if (waiting.length === 0) return;
        waiting.forEach((formula) => {
            formula.dataset.drawn = formula.textContent;
        });
        const [{ default: katex }] = await Promise.all([import('katex'), import('katex/dist/katex.min.css')]);
        for (const formula of waiting)
            katex.render(formula.dataset.drawn, formula, {
                displayMode: formula.classList.contains('math-display'),
                throwOnError: false,
                strict: false,
            });
    };
    new MutationObserver(draw).observe(root, { childList: true, subtree: true });
    draw();
}

export { drawMaths };
