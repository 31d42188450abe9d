import { DEFAULTS } from './fields-table.js';

/** The kind of a condition or an effect: the key that says it, wherever it stands among the others. */
const kindIn = (part, kinds) => Object.keys(part ?? {}).find((key) => Object.hasOwn(kinds, key));

/** The part with all that it leaves out, as it is meant then. */
const whole = (family, kind, part) => ({ ...DEFAULTS[family][kind], ...part });

export { kindIn, whole };
