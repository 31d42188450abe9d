<?php

declare(strict_types=1);

namespace Fravel\Pattern;

use Fravel\Worksheet\Row;

/** A place from which topics are done in any order; a gate lets in only those who have a stamp of each. */
final class Hub implements Pattern
{
    public function name(): string
    {
        return 'hub';
    }

    public function fields(): array
    {
        return [Field::line('place'), Field::text('intro'), Field::questions('questions', ['question', 'answer', 'wrong', 'topic']), Field::line('gate'), Field::text('refused')];
    }

    public function build(Content $content, PatternBuilder $site): void
    {
        $topics = $site->byRoom($content->questions('questions'), $site->say('topic'));
        [$hub, $gate] = [$site->id('hub'), $site->id('gate')];
        $lines = array_map(static fn (array $rows): array => $site->ids('topic', count($rows)), $topics);
        $stamps = array_map(static fn (string|int $topic): string => $site->token($site->say('stamp', ['topic' => $topic]), 'badge'), array_keys($topics));
        $place = $content->text('place') === '' ? $site->say('hub') : $content->text('place');
        $ways = array_map(static fn (string|int $topic): array => $site->choice((string) $topic, $lines[$topic][0]), array_keys($topics));
        $site->scene($hub, $place, [$site->text($content->text('intro') === '' ? $site->say('hubIntro') : $content->text('intro')), ...$ways, $site->choice($site->say('toGate'), $gate)]);
        foreach (array_keys($topics) as $at => $topic) {
            $chapter = $site->chapter((string) $topic, $lines[$topic][0]);
            $stamp = ['do' => [['give' => $stamps[$at]]], 'say' => $site->say('stampGiven', ['topic' => $topic])];
            $site->line($lines[$topic], $topics[$topic], (string) $topic, $hub, static fn (Row $row, string $go): array => $site->lock($row, ['go' => $go] + ($go === $hub ? $stamp : [])), ['chapter' => $chapter]);
        }
        $refused = $content->text('refused') === '' ? $site->say('gateShut') : $content->text('refused');
        $site->scene($gate, $content->text('gate') === '' ? $site->say('gate') : $content->text('gate'), [$site->text($site->say('gateOpen')), $site->choice($site->say('goOn'), PatternBuilder::ONWARD)], ['needs' => ['hasOf' => $stamps, 'atLeast' => count($stamps)], 'refused' => [['say' => $refused]]]);
    }
}
