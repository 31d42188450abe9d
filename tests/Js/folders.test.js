import assert from 'node:assert/strict';
import { readdirSync, readFileSync } from 'node:fs';
import { dirname, join, relative } from 'node:path';
import { describe, it } from 'node:test';
import { fileURLToPath } from 'node:url';

const ROOT = join(dirname(fileURLToPath(import.meta.url)), '../../resources/js');

/** Which folders each may know, beside itself. */
const KNOWS = {
    lib: [],
    board: ['lib'],
    play: ['lib'],
    run: ['lib', 'play', 'workshop/chart'],
    worksheet: ['lib'],
    'workshop/editor': ['lib'],
    'workshop/chart': ['lib', 'workshop/editor'],
    'workshop/map': ['lib', 'workshop/editor', 'workshop/chart'],
    'workshop/scene': ['lib', 'workshop/editor', 'workshop/chart'],
    'workshop/sheet': ['lib', 'workshop/editor'],
    'workshop/patterns': ['lib', 'workshop/editor', 'workshop/chart'],
};

const folderOf = (file) => Object.keys(KNOWS).find((folder) => file.startsWith(`${folder}/`)) ?? null;

const files = readdirSync(ROOT, { recursive: true }).filter((file) => file.endsWith('.js'));

function importsOf(file) {
    const source = readFileSync(join(ROOT, file), 'utf8');
    const named = [...source.matchAll(/(?:from |import\(|new URL\()'(\.[^'?]+)/g)].map((found) => found[1]);

    return named.map((name) => relative(ROOT, join(ROOT, dirname(file), name)));
}

describe('the folders of the scripts', () => {
    for (const [folder, known] of Object.entries(KNOWS)) {
        it(`${folder} knows no other than ${known.join(', ') || 'itself'}`, () => {
            const strangers = files
                .filter((file) => folderOf(file) === folder)
                .flatMap((file) => importsOf(file).map((other) => [file, other]))
                .filter(([, other]) => folderOf(other) !== folder && !known.includes(folderOf(other)));
            assert.deepEqual(strangers, []);
        });
    }

    it('has a place for every file, the pages’ own entries left aside', () => {
        const loose = files.filter((file) => folderOf(file) === null);
        assert.deepEqual(loose.sort(), ['app.js', 'workshop/faces.js', 'workshop/workshop.js']);
    });
});
