<?php

declare(strict_types=1);

namespace Tekkal\Doors;

use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Tekkal\Core\Plausibility\Plausibility;

final class CheckDoor extends Door
{
    protected function configure(): void
    {
        $this->setName('check')->setDescription('Is this a valid procedure, what keeps it from being approved, and what would a good foreman doubt?')
            ->addArgument('file', InputArgument::REQUIRED, 'a procedure document, JSON')
            ->setHelp('bin/tekkal core check docs/formats/examples/02-rods-part-by-part.json');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $file = self::text($input, 'file');
        $revision = self::revision($file);
        $output->writeln("$file is a valid procedure: $revision->title.", OutputInterface::OUTPUT_RAW);
        foreach ($revision->whyNotApprovable() as $sentence) {
            $output->writeln("It cannot be approved yet. $sentence", OutputInterface::OUTPUT_RAW);
        }
        foreach ($revision->tighteningLine()->evidence() as $sentence) {
            $output->writeln($sentence, OutputInterface::OUTPUT_RAW);
        }
        $document = json_decode(self::bytes($file), true);
        foreach (Plausibility::of($revision, is_array($document) ? $document : []) as $challenge) {
            $output->writeln(sprintf('Doubtful, %s: %s', $challenge->about, $challenge->sentence), OutputInterface::OUTPUT_RAW);
        }

        return self::SUCCESS;
    }
}
