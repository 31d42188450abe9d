<?php

declare(strict_types=1);

namespace App\Play\Maths;

use League\CommonMark\Parser\Inline\InlineParserInterface;
use League\CommonMark\Parser\Inline\InlineParserMatch;
use League\CommonMark\Parser\InlineParserContext;

/** Reads `$…$` and `$$…$$`. A price is none: nothing blank stands inside the marks, and no digit behind them. */
final class FormulaParser implements InlineParserInterface
{
    public function getMatchDefinition(): InlineParserMatch
    {
        return InlineParserMatch::regex('\$\$[^$]+\$\$|\$(?![\s$])(?:[^$\n\\\\]|\\\\.)+?(?<!\s)\$(?!\d)');
    }

    public function parse(InlineParserContext $inlineContext): bool
    {
        $written = $inlineContext->getFullMatch();
        $isDisplayed = str_starts_with($written, '$$');
        $inlineContext->getCursor()->advanceBy($inlineContext->getFullMatchLength());
        $inlineContext->getContainer()->appendChild(new Formula(trim($written, '$ '), $isDisplayed));

        return true;
    }
}
