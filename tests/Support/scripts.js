/** Answers lines: the first holds words to learn, each other a module, an expression over it and its input. */
import { createInterface } from 'node:readline';
import { learn } from '../../resources/js/lib/catalogue.js';

const AsyncFunction = (async () => {}).constructor;
let hasWords = false;

for await (const line of createInterface({ input: process.stdin })) {
    if (hasWords) console.log(JSON.stringify(await answer(JSON.parse(line))));
    else learn(JSON.parse(line));
    hasWords = true;
}

async function answer({ module, expression, input }) {
    try {
        const exports = await import(`../../resources/js/${module}`);

        return { result: await new AsyncFunction('module', 'input', `return ${expression}`)(exports, input) };
    } catch (error) {
        return { result: `failed: ${error.stack}` };
    }
}
