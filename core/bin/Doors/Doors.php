<?php

declare(strict_types=1);

namespace Tekkal\Doors;

use Symfony\Component\Console\Application;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Command\HelpCommand;
use Symfony\Component\Console\Command\ListCommand;
use Symfony\Component\Console\Exception\CommandNotFoundException;
use Symfony\Component\Console\Exception\ExceptionInterface;
use Symfony\Component\Console\Input\ArgvInput;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputDefinition;
use Symfony\Component\Console\Input\InputOption;
use Tekkal\Core\CoreException;

/** All doors of the core. A refusal prints its sentence and nothing else. */
final class Doors extends Application
{
    public function __construct()
    {
        parent::__construct('bin/tekkal core');
        $this->setAutoExit(false);
        $this->setCatchExceptions(false);
        $this->addCommands([new CheckDoor, new PlanDoor, new LineDoor, new RunDoor, new JointDoor, new CalibrateDoor, new SequenceDoor, new StatisticsDoor, new SelfCheckDoor, new SchemaDoor]);
    }

    /** @param  list<string>  $arguments  the script first */
    public function open(array $arguments): int
    {
        try {
            return $this->run(new ArgvInput(self::joined($arguments)));
        } catch (Refusal $e) {
            return self::refused($e->getMessage(), $e->getCode());
        } catch (CoreException $e) {
            return self::refused($e->getMessage(), 1);
        } catch (ExceptionInterface $e) {
            return self::refused($this->wrongCall($arguments[1] ?? '', $e), 2);
        }
    }

    /** @return list<Command> */
    protected function getDefaultCommands(): array
    {
        return [new HelpCommand, new ListCommand];
    }

    protected function getDefaultInputDefinition(): InputDefinition
    {
        return new InputDefinition([
            new InputArgument('command', InputArgument::REQUIRED, 'The door'),
            new InputOption('help', 'h', InputOption::VALUE_NONE, 'This text'),
        ]);
    }

    /**
     * "--lower -5" is "--lower=-5": a number below zero is no option.
     *
     * @param  list<string>  $arguments
     * @return list<string>
     */
    private static function joined(array $arguments): array
    {
        $joined = [];
        foreach ($arguments as $argument) {
            $last = array_key_last($joined);
            if ($last !== null && preg_match('/^-[\d.]/', $argument) === 1 && preg_match('/^--[a-z-]+$/D', $joined[$last]) === 1) {
                $joined[$last] .= '='.$argument;
            } else {
                $joined[] = $argument;
            }
        }

        return $joined;
    }

    private function wrongCall(string $door, ExceptionInterface $e): string
    {
        $doors = implode(', ', array_filter(array_keys($this->all()), fn (string $name): bool => ! in_array($name, ['help', 'list'], true)));
        if ($e instanceof CommandNotFoundException || ! $this->has($door)) {
            return "There is no door \"$door\": $doors. bin/tekkal core DOOR --help says what each takes.";
        }
        $known = implode(', ', array_map(fn (string $name): string => "--$name", array_keys($this->get($door)->getDefinition()->getOptions())));
        $takes = implode(' ', array_map(fn (string $name): string => strtoupper($name), array_keys($this->get($door)->getNativeDefinition()->getArguments())));

        return sprintf('%s bin/tekkal core %s takes %s.', $e->getMessage(), trim("$door $takes"), $known);
    }

    private static function refused(string $sentence, int $status): int
    {
        fwrite(STDERR, $sentence."\n");

        return $status;
    }
}
