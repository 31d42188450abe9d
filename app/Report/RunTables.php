<?php

declare(strict_types=1);

namespace App\Report;

use App\Models\Run;
use App\Storage\EditionFile;
use App\View\GivenAnswer;
use App\View\Moment;
use App\Workshop\Names;
use Closure;
use Fravel\Document\GameDocument;
use Fravel\Report\Deed;
use Fravel\Report\Happening;
use Fravel\Report\LockReport;
use Generator;
use WeakMap;

/** What a run showed as tables for a spreadsheet, each with a row of names first. */
final class RunTables
{
    /**
     * @param  Closure(int): mixed|null  $told  what hears how much has been read, in per cent
     * @return Generator<int, list<string|int|float|null>> every answer that was given, student by student, in order
     */
    public static function answers(Run $run, ?Closure $told = null): Generator
    {
        $game = EditionFile::of($run->edition)->game;
        $isOfTeams = $run->hasTeams();
        yield self::names([
            ...$isOfTeams ? ['name', 'by'] : ['name'], 'at', 'after', 'scene', 'lock', 'answer', 'verdict', 'read',
        ]);
        /** @var WeakMap<Happening, list<string>> $known */
        $known = new WeakMap();
        $scenes = [];
        foreach (RunLogs::each($run, $told) as $log) {
            foreach ($log->deeds as $deed) {
                if ($deed->lock() !== null) {
                    yield [
                        $log->name, ...$isOfTeams ? [$deed->by] : [], Moment::exactly($deed->at), $deed->after,
                        $scenes[$deed->scene] ??= Names::of($game, $deed->scene),
                        ...$known[$deed->what] ??= self::answer($game, $deed->lock(), $deed),
                    ];
                }
            }
        }
    }

    /** @return list<string> what is told of it, who and when aside */
    private static function answer(GameDocument $game, string $lock, Deed $deed): array
    {
        return [
            Names::of($game, $lock),
            GivenAnswer::words($game, $lock, $deed->with()),
            (string) __("report.verdict.{$deed->verdict()}"),
            implode(' ', $deed->said()),
        ];
    }

    /** @return list<list<string|int|float|null>> how each lock went */
    public static function locks(Report $report): array
    {
        return [
            self::names(['lock', 'scene', 'tried', 'opened', 'first', 'tries', 'seconds', 'hints', 'left', 'tells']),
            ...array_map(static fn (LockReport $one): array => [
                $report->name($one), $report->scene($one), $one->tried, $one->opened, $one->firstTry,
                $one->tries?->median, $one->seconds?->median, $one->hinted, $one->left,
                $one->tells === null ? null : round($one->tells, 2),
            ], $report->locks),
        ];
    }

    /** @return list<list<string|int|float|null>> how many took each choice, or each option that is never wrong */
    public static function choices(Report $report): array
    {
        $rows = [self::names(['scene', 'choice', 'tried'])];
        foreach ($report->ways() as $way) {
            foreach ($way['ways'] as [$choice, $plays]) {
                $rows[] = [$way['scene'], $choice, $plays];
            }
        }

        return $rows;
    }

    /**
     * @param  list<string>  $columns
     * @return list<string>
     */
    private static function names(array $columns): array
    {
        return array_map(
            static fn (string $name): string => (string) __("report.table.{$name}", ['zone' => Moment::zoneName()]),
            $columns,
        );
    }
}
