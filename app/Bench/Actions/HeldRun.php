<?php

declare(strict_types=1);

namespace App\Bench\Actions;

use App\Bench\BenchCommand;
use App\Bench\RunContext;
use App\Shared\ProblemType;
use App\Shared\Refused;

/** Commands inside a run are for the device and person that hold it. */
final class HeldRun
{
    /** @throws Refused when the run is finished, or held elsewhere */
    public static function check(RunContext $context, BenchCommand $command): void
    {
        if (! $context->run->isOpen()) {
            throw new Refused(ProblemType::RunClosed, $context->run->opened_at === null ? 'The run is finished.' : 'The joint was opened again; another run comes after this one.', 409);
        }
        if ($context->run->device !== $command->device || $context->run->person !== $command->person) {
            throw new Refused(ProblemType::RunHeld, 'This run is open at another bench or in other hands. Take it over to go on here.', 409);
        }
    }
}
