import { execFileSync } from 'node:child_process';
import { join } from 'node:path';
import { learn } from '../../../resources/js/lib/catalogue.js';

const LANG = join(import.meta.dirname, '../../../lang/en');
const FILES = ['workshop', 'cards', 'stage', 'map', 'ways', 'kinds', 'edits', 'games', 'made'];
const READ = `
    require dirname($argv[1], 2).'/vendor/autoload.php';
    foreach (array_slice($argv, 2) as $file) $words[$file] = require "$argv[1]/$file.php";
    echo json_encode($words);
`;

/** What the workshop speaks from, in English. */
learn(JSON.parse(execFileSync('php', ['-r', READ, LANG, ...FILES], { encoding: 'utf8' })));
