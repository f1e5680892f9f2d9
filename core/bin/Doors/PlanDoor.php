<?php

declare(strict_types=1);

namespace Tekkal\Doors;

use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;
use Tekkal\Core\Plan\Expander;
use Tekkal\Core\Plan\PlanFigures;
use Tekkal\Core\Plan\PlanText;

final class PlanDoor extends Door
{
    protected function configure(): void
    {
        $this->setName('plan')->setDescription('The plan of a procedure, step by step')
            ->addArgument('file', InputArgument::REQUIRED, 'a procedure document, JSON')
            ->addOption('format', null, InputOption::VALUE_REQUIRED, 'text, csv or json', 'text')
            ->setHelp('bin/tekkal core plan docs/formats/examples/06-wheels-held.json --format csv');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $format = self::text($input, 'format');
        $revision = self::revision(self::text($input, 'file'));
        $plan = Expander::expand($revision);
        $text = new PlanText($revision, $plan, new PlanFigures($revision, $plan));
        $output->write(match ($format) {
            'text' => $text->text(),
            'csv' => $text->csv(),
            'json' => self::json($text->toArray())."\n",
            default => throw Refusal::wrongCall("There is no format \"$format\": text, csv or json."),
        }, false, OutputInterface::OUTPUT_RAW);

        return self::SUCCESS;
    }
}
