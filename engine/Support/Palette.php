<?php

declare(strict_types=1);

namespace Fravel\Support;

/**
 * The colours of Fravel. Styles and scripts take theirs from here: tools/build/palette.php writes
 * resources/css/palette.css and resources/js/lib/palette.js.
 */
final class Palette
{
    public const COLOURS = [
        'ink' => '#10222b',
        'deep' => '#17414d',
        'paper' => '#f8f3e8',
        'sand' => '#eadfc8',
        'lamp' => '#f2b134',
        'signal' => '#d6452d',
        'moss' => '#4f7a52',
        'dusk' => '#6d6a9c',
        // A fifth line of a map, after signal, deep, moss and dusk.
        'brass' => '#a8751a',
        'haze' => '#b9d6d8',
        // Surfaces, and what is read on them.
        'card' => '#fffaee',
        'quiet' => '#54646b',
        'faint' => '#6b777c',
        'mist' => '#c3ced2',
        // Edges: of a row on paper, of a field, of anything on ink.
        'line' => '#d8cbb0',
        'edge' => '#a99d86',
        'rim' => '#3d5560',
        // Darker for words, paler for surfaces.
        'signal-ink' => '#a92f1b',
        'signal-tint' => '#fbe1da',
        'signal-pale' => '#ffb3a5',
        'brass-ink' => '#7a4f06',
        'lamp-tint' => '#fdeecb',
        'lamp-glow' => '#ffc75a',
        'moss-tint' => '#dfead9',
        // Colours of an answer, each beside its name and in a shape of its own.
        'answer-red' => '#cf2e2e',
        'answer-orange' => '#ee7f1a',
        'answer-yellow' => '#f4cf1f',
        'answer-green' => '#3c9a46',
        'answer-blue' => '#2b6fc2',
        'answer-purple' => '#7d3f98',
        'answer-violet' => '#9a6fd0',
        'answer-pink' => '#ee8fb4',
        'answer-brown' => '#85552f',
        'answer-black' => '#1c1c1c',
        'answer-white' => '#ffffff',
        'answer-grey' => '#8d8f92',
    ];
}
