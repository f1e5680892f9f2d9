<?php

declare(strict_types=1);

namespace Tekkal\Doors;

use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Tekkal\Core\Document\InvalidDocument;
use Tekkal\Core\Plan\Expander;
use Tekkal\Core\Run\EventReader;
use Tekkal\Core\Run\RunFold;
use Tekkal\Core\Run\RunReport;

final class RunDoor extends Door
{
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
        foreach (explode("\n", trim(self::bytes($events))) as $i => $json) {
            $outcomes[] = self::event($fold, $json, $i + 1, $events);
        }
        $output->writeln(self::json(['events' => $outcomes] + (new RunReport($fold))->toArray()), OutputInterface::OUTPUT_RAW);

        return self::SUCCESS;
    }

    /** @return array<string, mixed> */
    private static function event(RunFold $fold, string $json, int $line, string $file): array
    {
        try {
            $object = json_decode($json, true, 16);
            $object = is_array($object) ? $object : [];
            $event = EventReader::read($object);
        } catch (InvalidDocument $e) {
            throw Refusal::invalid(sprintf("%s, line %d is no event:\n%s", $file, $line, $e->getMessage()));
        }
        $outcome = $fold->apply($event);

        return [
            'line' => $line, 'event' => $object['event'] ?? null, 'standing' => $outcome->standing->value, 'set_aside' => $outcome->reason?->sentence(),
            'verdict' => $outcome->judgement?->verdict->value, 'evidence' => $outcome->judgement?->evidence->value, 'reason' => $outcome->judgement?->reason,
            'out_of_sequence' => $outcome->outOfSequence,
        ];
    }
}
