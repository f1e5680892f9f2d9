<?php

declare(strict_types=1);

namespace Tekkal\Doors;

use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Tekkal\Core\Fault\FaultTable;
use Tekkal\Core\Plan\Expander;
use Tekkal\Core\SelfCheck\ReferenceReport;

final class SelfCheckDoor extends Door
{
    private const REFERENCE = __DIR__.'/../../reference';

    protected function configure(): void
    {
        $this->setName('selfcheck')->setDescription('The published check values computed again on this machine, as a validation sheet; exit status 1 when one is missed')
            ->setHelp('bin/tekkal selfcheck');
    }

    private static function value(mixed $value): string
    {
        return json_encode($value, JSON_PARTIAL_OUTPUT_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES) ?: '';
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        /** @var array<string, list<float>> $data */
        $data = require self::REFERENCE.'/data.php';
        $counts = ['met' => 0, 'missed' => 0, 'not computed' => 0];
        $output->writeln(sprintf("Validation sheet. PHP %s, %d-bit, expander %s, fault table %s.\n", PHP_VERSION, PHP_INT_SIZE * 8, Expander::VERSION, FaultTable::VERSION), OutputInterface::OUTPUT_RAW);
        foreach (ReferenceReport::of(self::bytes(self::REFERENCE.'/values.json'), $data) as $line) {
            $result = match ($line['passed']) {
                true => 'met',
                false => 'missed',
                null => 'not computed',
            };
            $counts[$result]++;
            $output->writeln(sprintf("%-13s %-28s %s\n%14s%s; %s", $result, $line['id'], $line['quantity'], '', $line['source'], $line['confidence']), OutputInterface::OUTPUT_RAW);
            if ($line['passed'] !== null) {
                $output->writeln(sprintf('%14sexpected %s, got %s, within %s', '', self::value($line['expected']), self::value($line['got']), $line['tolerance']), OutputInterface::OUTPUT_RAW);
            }
        }
        $output->writeln(sprintf("\n%d values met, %d missed, %d stand as texts or data and are not computed.", $counts['met'], $counts['missed'], $counts['not computed']), OutputInterface::OUTPUT_RAW);

        return $counts['missed'] === 0 ? self::SUCCESS : self::FAILURE;
    }
}
