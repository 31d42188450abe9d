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
}
