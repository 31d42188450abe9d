<?php

declare(strict_types=1);

namespace Fravel\Pattern;

/** A ready arrangement of scenes, made from a few inputs; what it builds is edited like anything else afterwards. */
interface Pattern
{
    public function name(): string;

    /** @return list<Field> what it asks for */
    public function fields(): array;

    /** Puts its scenes on the site. Where the arrangement is left, it leads to `PatternBuilder::ONWARD`. */
    public function build(Content $content, PatternBuilder $site): void;
}
