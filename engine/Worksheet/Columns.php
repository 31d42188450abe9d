<?php

declare(strict_types=1);

namespace Fravel\Worksheet;

/** Which column holds what; positions from 0, null where there is none. */
final readonly class Columns
{
    private const NAMES = [
        'question' => [
            'question',
            'questions',
            'ask',
            'task',
            'prompt',
            'frage',
            'aufgabe',
            'pregunta',
            'domanda',
            'vraag',
            'énoncé',
            'q',
        ],
        'answer' => [
            'answer',
            'answers',
            'solution',
            'right answer',
            'antwort',
            'antworten',
            'lösung',
            'réponse',
            'réponses',
            'respuesta',
            'respuestas',
            'a',
        ],
        'feedback' => [
            'if wrong',
            'feedback',
            'when wrong',
            'feedback when wrong',
            'hint',
            'wrong',
            'wenn falsch',
            'rückmeldung',
            'si faux',
            'si incorrecto',
            'si es incorrecto',
            'tip',
        ],
        'room' => [
            'room',
            'chapter',
            'place',
            'section',
            'raum',
            'kapitel',
            'zimmer',
            'salle',
            'chapitre',
            'pièce',
            'sala',
            'capítulo',
            'habitación',
        ],
    ];

    public function __construct(
        public int $question,
        public ?int $answer,
        public ?int $feedback,
        public ?int $room,
        public bool $hasHeader,
    ) {
    }

    /** @param  list<string>  $first the first row, which may be a header */
    public static function guess(array $first): self
    {
        $places = [];
        foreach (self::NAMES as $part => $names) {
            foreach ($first as $place => $cell) {
                if (in_array(mb_strtolower(trim($cell, " \t:")), $names, true)) {
                    $places[$part] ??= $place;
                }
            }
        }
        if (! isset($places['question']) && ! isset($places['answer'])) {
            return new self(0, 1, 2, 3, false);
        }

        return new self(
            $places['question'] ?? 0,
            $places['answer'] ?? 1,
            $places['feedback'] ?? null,
            $places['room'] ?? null,
            true,
        );
    }

    /**
     * @param  list<string>  $cells
     */
    public function cell(array $cells, ?int $place): string
    {
        return $place === null ? '' : $cells[$place] ?? '';
    }
}
