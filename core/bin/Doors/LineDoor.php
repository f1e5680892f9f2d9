<?php

declare(strict_types=1);

namespace Tekkal\Doors;

use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

final class LineDoor extends Door
{
    protected function configure(): void
    {
        $this->setName('line')->setDescription('The tightening line of a procedure, short and long')
            ->addArgument('file', InputArgument::REQUIRED, 'a procedure document, JSON')
            ->setHelp('bin/tekkal core line docs/formats/examples/02-rods-part-by-part.json');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $line = self::revision(self::text($input, 'file'))->tighteningLine();
        $output->writeln([$line->typeset(), '', ...$line->long()], OutputInterface::OUTPUT_RAW);

        return self::SUCCESS;
    }
}
