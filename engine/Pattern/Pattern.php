<?php

declare(strict_types=1);

namespace Fravel\Pattern;

use Fravel\Rows\Rows;

/** A ready arrangement of scenes, made from a few inputs; what it builds is edited like anything else afterwards. */
interface Pattern
{
    public function name(): string;

    /** @return list<Field> what it asks for */
    public function fields(): array;

    /** Why it can't be built from this although nothing is lacking: the name of a field; null when it can. */
    public function faultIn(Content $content): ?string;

    /** What becomes of each cell of a field of rows. */
    public function account(Content $content, Field $field): Rows;

    /** Puts its scenes where it builds. Where the arrangement is left, it leads to `PatternBuilder::ONWARD`. */
    public function build(Content $content, PatternBuilder $site): void;
}
