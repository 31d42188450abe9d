import { ARRANGED } from './kinds/arranged.js';
import { gaps } from './kinds/gaps.js';
import { options } from './kinds/options.js';
import { point } from './kinds/point.js';
import { PRESSED } from './kinds/pressed.js';
import { TYPED } from './kinds/typed.js';

/**
 * What the workshop knows of each kind of answer:
 *
 * - `matches`: what a rule may ask an answer to be like; the first is what a new rule begins with;
 * - `begin(words, others, scene)`: the input a lock of this kind begins with, from right and other answers it had;
 * - `match(words, input, place)`: what the rule at a place takes then;
 * - `fields`: what is asked about the input in the card;
 * - `choices(input)`: what students press, where an answer can be recorded;
 * - `whole(input)`: the right answer as it follows from how the input is written, where it does.
 */
const KINDS = { ...TYPED, options, ...PRESSED, ...ARRANGED, gaps, point };

export { KINDS };
