/** The words of the interface in the language of the page, by file and name; each page learns those it needs. */
let catalogue = {};

function learn(words) {
    catalogue = words;
}

/** The words in the page, if it brought any. */
function learnFromPage() {
    const holder = document.getElementById('catalogue');
    if (holder) learn(JSON.parse(holder.textContent));
}

/** All that stands under a name: words, or a list of them by name. */
function wordsAt(key) {
    return key.split('.').reduce((words, name) => words?.[name], catalogue);
}

/**
 * Words by their name with what is filled in. `{count|=1 one|:count of them}` is the form for a number, the last one
 * for any other; `:name` is a place. A name that the catalogue does not have is given back as it is.
 *
 * @param {string} key such as `cards.lock.unit`
 * @param {Record<string, string|number>} values
 */
function t(key, values = {}) {
    const words = wordsAt(key);

    return typeof words === 'string' ? filled(words, values) : key;
}

const FORMS = /\{([a-z]+)\|([^{}]*)\}/g;

/**
 * All places at once, so that what is filled in is never filled itself; the longer of two names that begin alike is
 * meant.
 */
function filled(words, values) {
    const chosen = words.replace(FORMS, (whole, name, forms) => formFor(values[name], forms.split('|')));
    const names = Object.keys(values).sort((one, other) => other.length - one.length);

    return names.length === 0
        ? chosen
        : chosen.replace(new RegExp(`:(${names.join('|')})`, 'g'), (whole, name) => String(values[name]));
}

function formFor(number, forms) {
    const exact = forms.find((form) => form.startsWith(`=${number} `));

    return exact === undefined ? forms.at(-1) : exact.slice(exact.indexOf(' ') + 1);
}

export { filled, learn, learnFromPage, t, wordsAt };
