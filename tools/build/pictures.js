import { readFileSync } from 'node:fs';
import { resolve } from 'node:path';

const read = (path) => JSON.parse(readFileSync(resolve('node_modules', path), 'utf8'));

/**
 * The collection of pictures as files of their own, and one index to search: `[name, English words, French words]`
 * each, the words of both languages from the Unicode annotations.
 */
function pictureCollection() {
    return {
        name: 'picture-collection',
        generateBundle() {
            const set = read('@iconify-json/fluent-emoji-flat/icons.json');
            const names = Object.entries(read('@iconify-json/fluent-emoji-flat/chars.json'));
            const words = { en: wordsBySign('en'), fr: wordsBySign('fr') };
            const signs = new Map(names.map(([sign, name]) => [name, plain(sign)]));
            const index = [];
            for (const [name, { body }] of Object.entries(set.icons)) {
                const sign = signs.get(name) ?? '';
                index.push([
                    name,
                    `${name.replaceAll('-', ' ')} ${words.en.get(sign) ?? ''}`.trim(),
                    words.fr.get(sign) ?? '',
                ]);
                const box = `viewBox="0 0 ${set.width} ${set.height}"`;
                this.emitFile({
                    type: 'asset',
                    fileName: `pictures/${name}.svg`,
                    source: `<svg xmlns="http://www.w3.org/2000/svg" ${box} width="320" height="320">${body}</svg>`,
                });
            }
            this.emitFile({ type: 'asset', fileName: 'pictures/index.json', source: JSON.stringify(index) });
        },
    };
}

function wordsBySign(language) {
    return new Map(
        read(`emojibase-data/${language}/data.json`).map((one) => [
            plain(one.hexcode.toLowerCase()),
            [one.label, ...(one.tags ?? [])].join(' '),
        ]),
    );
}

/** Without the mark that asks for a coloured sign, which one list writes and the other does not. */
function plain(sign) {
    return sign
        .split('-')
        .filter((part) => part !== 'fe0f')
        .join('-');
}

export { pictureCollection };
