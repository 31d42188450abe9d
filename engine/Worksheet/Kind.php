<?php

declare(strict_types=1);

namespace Fravel\Worksheet;

/** What kind of answer a row wants. */
enum Kind: string
{
    case Text = 'text';
    case Number = 'number';
    case Digits = 'digits';

    /** Any full sentence will do. */
    case Sentence = 'sentence';

    /** A text of a length. */
    case Length = 'length';

    /** One or more of several, those that are right with a star before them. */
    case Options = 'options';

    /** Signs that no key types, on a pad of their own. */
    case Signs = 'signs';

    /** Words in brackets inside the question; further ones to pick from make a bank. */
    case Gaps = 'gaps';

    /** Whether there is something to answer where no answer is given. */
    public function needsNoAnswer(): bool
    {
        return $this === self::Sentence || $this === self::Gaps;
    }
}
