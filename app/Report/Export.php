<?php

declare(strict_types=1);

namespace App\Report;

use App\Models\Run;
use App\Records\Statements;
use App\View\RunStanding;
use Closure;

/** What of a run can be taken away as a file. */
enum Export: string
{
    case Pdf = 'pdf';
    case Plays = 'csv';
    case Answers = 'answers';
    case Locks = 'locks';
    case Choices = 'choices';
    case Records = 'records';

    /** What it is called in an address. */
    public function file(): string
    {
        return match ($this) {
            self::Pdf => 'report.pdf',
            self::Plays => 'report.csv',
            self::Records => 'records.json',
            default => "{$this->value}.csv",
        };
    }

    /** As what it is saved. */
    public function name(Run $run): string
    {
        return $run->code.'-'.($this === self::Plays ? 'plays.csv' : $this->file());
    }

    public function type(): string
    {
        return match ($this) {
            self::Pdf => 'application/pdf',
            self::Records => 'application/json',
            default => 'text/csv; charset=UTF-8',
        };
    }

    /**
     * Bit by bit, where it can be.
     *
     * @param  resource  $stream
     * @param  Closure(int): mixed|null  $told  what hears how much has been read, in per cent
     */
    public function write(Run $run, $stream, ?Closure $told = null): void
    {
        match ($this) {
            self::Pdf => fwrite($stream, PaperReport::of($run, Report::of($run, $told))),
            self::Plays => Csv::write(RunStanding::of($run)->table(), $stream),
            self::Answers => Csv::write(RunTables::answers($run, $told), $stream),
            self::Locks => Csv::write(RunTables::locks(Report::of($run, $told)), $stream),
            self::Choices => Csv::write(RunTables::choices(Report::of($run, $told)), $stream),
            self::Records => self::writeRecords($run, $stream, $told),
        };
    }

    /**
     * @param  resource  $stream
     * @param  Closure(int): mixed|null  $told
     */
    private static function writeRecords(Run $run, $stream, ?Closure $told): void
    {
        $before = "[\n";
        foreach (Statements::each($run, $told) as $statement) {
            fwrite($stream, $before.json_encode($statement, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES));
            $before = ",\n";
        }
        fwrite($stream, $before === ",\n" ? "\n]\n" : "[]\n");
    }
}
