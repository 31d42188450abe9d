<?php

declare(strict_types=1);

namespace Cli;

use Fravel\Support\Json;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\ConsoleOutputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/** A verb on a game file: what it finds out is printed in lines, or as JSON. */
abstract class GameCommand extends Command
{
    /** What could not be read at all; 1 says that something is wrong with the game. */
    protected const UNREADABLE = 2;

    protected function configure(): void
    {
        $this->addArgument('file', InputArgument::REQUIRED, 'A game.json or a .fravel package')->addOption(
            'json',
            null,
            InputOption::VALUE_NONE,
            'Print JSON',
        );
    }

    /**
     * Does it and says how it went.
     *
     * @return array{int, array<string, mixed>|list<mixed>, list<string>} exit code, what --json prints, and the lines
     *     otherwise
     *
     * @throws UnableToReadFile If a file it names can't be read.
     */
    abstract protected function reply(InputInterface $input): array;

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        try {
            [$code, $told, $lines] = $this->reply($input);
        } catch (UnableToReadFile $failure) {
            ($output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output)->writeln(
                $failure->getMessage(),
                OutputInterface::OUTPUT_RAW,
            );

            return self::UNREADABLE;
        }
        $output->writeln(
            $input->getOption('json') ? Json::write($told, true) : implode("\n", $lines),
            OutputInterface::OUTPUT_RAW,
        );

        return $code;
    }

    protected static function text(InputInterface $input, string $name): string
    {
        $value = $input->hasArgument($name) ? $input->getArgument($name) : $input->getOption($name);

        return is_string($value) ? $value : '';
    }
}
