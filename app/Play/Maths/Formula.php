<?php

declare(strict_types=1);

namespace App\Play\Maths;

use League\CommonMark\Node\Inline\AbstractInline;

/** A formula in TeX, as it was written. */
final class Formula extends AbstractInline
{
    public function __construct(public readonly string $tex, public readonly bool $isDisplayed)
    {
        parent::__construct();
    }
}
