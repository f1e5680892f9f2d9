<?php

declare(strict_types=1);

namespace Tekkal\Doors;

use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Tekkal\Core\Document\Revision;
use Tekkal\Core\Document\Stage;
use Tekkal\Core\Sequence\Position;
use Tekkal\Core\Sequence\SequenceGenerator;
use Tekkal\Core\Sequence\SequenceJudge;

final class SequenceDoor extends Door
{
    protected function configure(): void
    {
        $this->setName('sequence')->setDescription('The orders of a procedure judged, and those that could be proposed, as JSON')
            ->addArgument('file', InputArgument::REQUIRED, 'a procedure document, JSON')
            ->setHelp('bin/tekkal core sequence docs/formats/examples/05-flywheel-verified.json');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $revision = self::revision(self::text($input, 'file'));
        $ordered = array_filter($revision->stages(), fn (Stage $s): bool => $s->rules->kind->isPerPosition());
        $output->writeln(self::json(array_values(array_map(fn (Stage $s): array => self::judged($revision, $s), $ordered))), OutputInterface::OUTPUT_RAW);

        return self::SUCCESS;
    }

    /** @return array<string, mixed> */
    private static function judged(Revision $revision, Stage $stage): array
    {
        $positions = array_values(array_filter($revision->map->positions, fn (Position $p): bool => in_array($p->key, $stage->sequence, true)));
        $judge = new SequenceJudge($positions);
        $report = $judge->judge($stage->sequence);

        return [
            'stage' => $stage->key(), 'arrangement' => $judge->arrangement->value, 'order' => $stage->sequence, 'faults' => $report->faults(), 'centre_out' => $report->centreOut,
            'wander_mm' => $report->wander->inBase()->toFloat(),
            'proposals' => array_map(fn (array $p): array => ['pattern' => $p[0]->words(), 'order' => $p[1]], SequenceGenerator::proposals($positions)),
        ];
    }
}
