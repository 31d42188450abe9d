<?php

declare(strict_types=1);

namespace Fravel\Worksheet;

use Fravel\Answer\Answer;
use Fravel\Built\Promise;
use Fravel\Document\GameDocument;
use Fravel\Edit\DocumentPath;
use Fravel\Thing\Lock;

/** Answers that were written into cells beside their questions, tried at the locks they were written for. */
final class Written
{
    /**
     * The cells of which an answer opens nothing.
     *
     * @param  list<array{lock: string, text: string}>  $cells
     * @return list<array{lock: string, text: string}>
     */
    public static function shut(GameDocument $game, array $cells): array
    {
        return array_values(array_filter($cells, static function (array $cell) use ($game): bool {
            $lock = $game->lock($cell['lock']);

            return $lock !== null && $lock->rounds === [] && trim($cell['text']) !== ''
                && ! self::opensAll($game, $lock, $cell['text']);
        }));
    }

    private static function opensAll(GameDocument $game, Lock $lock, string $text): bool
    {
        foreach (self::promised($game, $lock, $text)->right as $sent) {
            $answer = $lock->accept($sent, $game->language());
            $rule = $answer instanceof Answer ? $lock->ruleFor($answer) : null;
            if ($rule === null || ! $lock->rules[$rule]->opens()) {
                return false;
            }
        }

        return true;
    }

    private static function promised(GameDocument $game, Lock $lock, string $text): Promise
    {
        $row = Row::asked($lock->ask, $text, $game->language());
        $input = DocumentPath::get($game->document, [...DocumentPath::path($game->document, $lock->id) ?? [], 'input']);
        $input = is_array($input) ? $input : [];
        if (! is_array($input['options'] ?? null) || $row->kind === Kind::Options) {
            return Promised::of($row, $input, $game->language());
        }
        // Of options that are there the right ones are written by their words.
        $plain = static fn (mixed $words): string => mb_strtolower(trim(is_string($words) ? $words : ''));
        $ids = array_combine(
            array_map($plain, array_column($input['options'], 'md')), array_column($input['options'], 'id'),
        );
        $picked = array_map(static fn (string $one): mixed => $ids[$plain($one)] ?? '', $row->answers);

        return Promise::of(($input['many'] ?? false) === true ? [$picked] : ($picked ?: ['']));
    }
}
