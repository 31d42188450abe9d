<?php

declare(strict_types=1);

namespace Tests\Support;

/** A straight way through The Dark Lamp. */
final class LampWay
{
    /** Lock → right answer, then plausible wrong ones. */
    public const ANSWERS = [
        'door' => ['0917', '2142', '0302', '9170', '1709'],
        'teapot-lock' => ['16:35', '15:35', '16:25', '4:35', '17:00'],
        'steps' => ['12', '36', '16', '24'],
        'distance' => ['2 km', '200 km', '20 km', '2000', '3.1 km'],
        'tide-name' => ['spring tide', 'high tide', 'neap tide', 'sprin tide', 'flood'],
        'oil' => ['750 ml', '75 ml', '7.5', '1000', '750 l'],
        'why-high' => [
            'So that ships can see the light from far away.',
            'Because of ships',
            'It looks nice',
            'The tower is tall',
        ],
        'bending' => ['refraction', 'reflection', 'refracton', 'bending', 'mirror'],
        'ship-side' => ['side-star', 'side-port', 'side-stern'],
        'lens-does' => ['lens-gather', 'lens-more', 'lens-store', 'lens-colour'],
    ];

    /** Choices and locks in the order of a straight way through; a lock opens before the next step. */
    public const WAY = [
        'to-board',
        'take-table',
        'door',
        'to-window',
        'ship-side',
        '@back',
        'to-teapot',
        'teapot-lock',
        'to-stair',
        'steps',
        'to-almanac',
        'tide-name',
        'distance',
        'to-engine',
        'oil',
        'to-coal',
        'take-wick',
        'to-ladder',
        'lens-does',
        'why-high',
        'bending',
    ];
}
