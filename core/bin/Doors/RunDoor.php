<?php

declare(strict_types=1);

namespace Tekkal\Doors;

use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Tekkal\Core\CoreException;
use Tekkal\Core\Plan\Expander;
use Tekkal\Core\Run\Event\Event;
use Tekkal\Core\Run\Event\EventTypes;
use Tekkal\Core\Run\RunFold;
use Tekkal\Core\Run\RunReport;
use Tekkal\Core\Run\Surroundings;

final class RunDoor extends Door
{
    /** What the first line need not say. */
    private const DEFAULTS = ['person' => 'somebody', 'device' => 'bench', 'taken_at' => '2000-01-01T00:00:00Z'];

    protected function configure(): void
    {
        $this->setName('run')->setDescription('Where a run stands: verdicts, what may be done next and why not something else, as JSON')
            ->addArgument('file', InputArgument::REQUIRED, 'a procedure document, JSON')
            ->addArgument('events', InputArgument::REQUIRED, 'events as JSON lines, see docs/formats/events.md')
            ->setHelp('bin/tekkal core run docs/formats/examples/06-wheels-held.json docs/formats/examples/06-wheels-held.events.jsonl');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $fold = new RunFold(Expander::expand(self::revision(self::text($input, 'file'))));
        $events = self::text($input, 'events');
        $outcomes = [];
        $before = self::DEFAULTS;
        foreach (explode("\n", trim(self::bytes($events))) as $i => $json) {
            $event = self::event($json, $i + 1, $events, $before);
            $before = array_intersect_key($event->stamp->toBody(), ['person' => 0, 'device' => 0, 'taken_at' => 0, 'clock' => 0]);
            $outcomes[] = ['line' => $i + 1, 'type' => $event->type()] + $fold->decide($event, new Surroundings($i + 1))->toBody();
        }
        $output->writeln(self::json(['events' => $outcomes] + (new RunReport($fold))->toArray()), OutputInterface::OUTPUT_RAW);

        return self::SUCCESS;
    }

    /** @param  array<string, mixed>  $before  what a line need not say again */
    private static function event(string $json, int $line, string $file, array $before): Event
    {
        try {
            $object = json_decode($json, true, 16);

            return EventTypes::read((is_array($object) ? $object : []) + ['id' => (string) $line] + $before);
        } catch (CoreException $e) {
            throw Refusal::invalid(sprintf("%s, line %d is no event:\n%s", $file, $line, $e->getMessage()));
        }
    }
}
