<?php

declare(strict_types=1);

namespace App\Bench\Actions;

use App\Bench\BenchCommand;
use App\Bench\BenchRecorder;
use App\Bench\RunContext;

/** The card is typed in as far as it goes; what follows at this bench is seen live again. */
final readonly class EndPaper
{
    public function __construct(private BenchRecorder $recorder)
    {
    }

    public function __invoke(BenchCommand $command, string $runId): void
    {
        $this->recorder->record($command, 'paper_ended', $runId, function () use ($command, $runId): array {
            $context = RunContext::get($runId);
            HeldRun::check($context, $command);

            return [$context, []];
        });
    }
}
