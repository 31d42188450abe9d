<?php

declare(strict_types=1);

namespace Cli;

use Fravel\Check\Check;
use Fravel\Check\Effort;
use Fravel\Check\Finding;
use Fravel\Document\GameDocument;
use Fravel\Document\Validation;
use Fravel\Support\Json;
use Fravel\Support\Problem;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Input\InputInterface;

/** `check FILE`: what is wrong with a game, and whether that is proved. */
#[AsCommand('check', 'What is wrong with a game, and whether that is proved')]
final class CheckGame extends GameCommand
{
    private const UNITS = 20_000_000;

    private const BYTES = 300_000_000;

    protected function reply(InputInterface $input): array
    {
        $document = GameFile::read(self::text($input, 'file'));
        $problems = Validation::ofShape($document);
        if ($problems !== []) {
            return self::invalid($problems);
        }
        $game = GameDocument::of($document);
        $report = Check::of($game, files: GameFile::names(self::text($input, 'file')), effort: self::effort());
        $told = array_map(static fn (Finding $finding): array => self::told($game, $finding), $report->findings);
        $lines = array_merge([], ...array_map(self::lines(...), $told));
        $more = $report->unlooked === [] ? [] : ['unlooked' => $report->unlooked];
        $lines[] = $report->isProved
            ? 'Every way through was covered.'
            : 'Nothing is proved: not looked at to the end: '.implode(', ', $report->unlooked).'.';

        return [
            $report->hasErrors() ? 1 : 0,
            ['proved' => $report->isProved, 'findings' => $told, 'facts' => $report->facts] + $more,
            $lines,
        ];
    }

    /** Half a minute's work or so, and no more room than a small machine has. */
    private static function effort(): Effort
    {
        $before = memory_get_usage();

        return new Effort(self::UNITS, static fn (): float => (memory_get_usage() - $before) / self::BYTES);
    }

    /**
     * @param  array<string, mixed>  $told
     * @return list<string>
     */
    private static function lines(array $told): array
    {
        $where = $told['where'] === [] ? '' : ' ('.implode(', ', $told['where']).')';
        $extra = array_intersect_key($told, ['actions' => 0, 'mend' => 0]);

        $severity = isset($told['meant']) ? 'meant' : $told['severity'];

        return [
            "{$severity} {$told['code']}{$where}: {$told['message']}",
            ...array_map(
                static fn (string $key): string => "    {$key}: ".Json::write($extra[$key]),
                array_keys($extra),
            ),
        ];
    }

    /** @return array<string, mixed> */
    private static function told(GameDocument $game, Finding $finding): array
    {
        return [
            'code' => $finding->code,
            'severity' => $finding->severity->value,
            'where' => $finding->where,
            'message' => Words::ofFinding($game, $finding),
        ] +
            ($finding->isMeant ? ['meant' => true] : []) +
            ($finding->actions === [] ? [] : ['actions' => $finding->actions]) +
            ($finding->mend === null ? [] : ['mend' => $finding->mend->toArray()]);
    }

    /**
     * @param  list<Problem>  $problems
     * @return array{int, array<string, mixed>, list<string>}
     */
    private static function invalid(array $problems): array
    {
        $told = array_map(
            static fn (Problem $problem): array => [
                'code' => 'document.invalid',
                'severity' => 'error',
                'where' => [],
                'message' => "{$problem->place}: ".Words::of('problems', $problem->code, $problem->arguments),
            ],
            $problems,
        );
        $facts = ['scenes' => 0, 'locks' => 0, 'endings' => 0, 'shortest' => null, 'longest' => 0, 'states' => 0];

        return [1, ['proved' => false, 'findings' => $told, 'facts' => $facts], array_column($told, 'message')];
    }
}
