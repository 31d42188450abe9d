/** What a find-it board asks next, where an action brought it on; it is read out with what came of the action. */
function nextPrompt({ verdict }) {
    if (verdict?.verdict !== 'open') return '';
    const prompts = [...document.querySelectorAll('[data-find-prompt]')];

    return prompts.find((prompt) => prompt.checkVisibility())?.textContent.trim() ?? '';
}

/** A wrong box says so by itself. */
function shakeBox(id) {
    for (const box of document.querySelectorAll(`[data-box="${CSS.escape(id)}"]`)) box.classList.add('is-wrong');
}

export { nextPrompt, shakeBox };
