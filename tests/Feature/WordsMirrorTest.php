<?php

use App\Play\Markdown;
use Tests\Support\Feature\WordsMirrorCases;
use Tests\Support\Scripts;

it('draws a text in the workshop as students get it', function (string $md): void {
    expect(WordsMirrorCases::bareHtml((string) Scripts::run('lib/words.js', 'module.htmlOf(input)', $md)))
        ->toBe(WordsMirrorCases::bareHtml(Markdown::html($md)));
})->with([
    'plain words' => 'The lamp is dark.',
    'two paragraphs' => "One.\n\nTwo.",
    'a soft break' => "One\ntwo",
    'marks' => 'It is *nearly* **midnight**, says `the clock`.',
    'a heading' => "# Tide\nHigh water",
    'a list' => "- one\n- two\n\n1. first\n2. second",
    'a quotation' => "> Keep the light.\n> Always.",
    'a table' => "| a | b |\n|---|---|\n| 1 | 2 |",
    'a rule' => "One\n\n---\n\nTwo",
    'raw HTML is shown as text' => '<b>bold</b> & <script>alert(1)</script>',
    'a comment' => 'before <!-- hidden --> after',
    'an entity' => 'Fish &amp; chips &lt;',
    'braces stay' => 'Hello {=player}, {other} and {{',
    'a formula' => 'It is $x^2 + y$ here.',
    'a formula of its own' => '$$\\frac{1}{2}$$',
    'a price is no formula' => 'It costs $5 and $7.',
    'two prices and a formula' => '$5, and $a_b$ for $6',
    'marks inside a formula' => '$a*b*c$ and *d*',
    'a formula with less than' => '$a < b$',
    'an escaped star' => '2 \\* 3 \\* 4',
    'a sum' => 'Is 2 × 8 = 16? Then 3 + 4 =',
    'code' => "```\nif (a < b)\n```",
    'characters of other scripts' => 'Über die Brücke, 左へ',
]);

it('makes no link that runs something, nor a picture, of a text', function (string $md): void {
    foreach ([(string) Scripts::run('lib/words.js', 'module.htmlOf(input)', $md), Markdown::html($md)] as $html) {
        expect($html)->not->toContain(
            'href="javascript',
        )->not->toContain('href="data:text')->not->toContain('<script')->not->toContain('onerror="');
    }
})->with([
    '[go](javascript:alert(1))', '[go](data:text/html,x)', '![x](x" onerror="alert(1))', '<img src=x onerror=alert(1)>',
    '[a]: javascript:alert(1)'."\n\n[a]",
]);
