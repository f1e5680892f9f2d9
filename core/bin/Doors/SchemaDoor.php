<?php

declare(strict_types=1);

namespace Tekkal\Doors;

use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Tekkal\Core\Document\StageKinds\StageSchema;
use Tekkal\Core\Run\Event\EventsPage;

final class SchemaDoor extends Door
{
    protected function configure(): void
    {
        $this->setName('schema')->setDescription('What the kinds of stage and the events declare, for the published schema, the editor and the reference pages, as JSON; bin/tekkal contract takes it from here')
            ->setHelp('bin/tekkal core schema');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $output->writeln(self::json(['definitions' => StageSchema::definitions(), 'kinds' => StageSchema::forEditors(), 'events' => EventsPage::markdown()]), OutputInterface::OUTPUT_RAW);

        return self::SUCCESS;
    }
}
