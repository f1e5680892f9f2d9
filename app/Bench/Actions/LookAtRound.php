<?php

declare(strict_types=1);

namespace App\Bench\Actions;

use App\Bench\BenchCommand;
use App\Bench\BenchRecorder;
use App\Bench\RunContext;
use App\People\Actions\CheckPin;
use App\Shared\ProblemType;
use App\Shared\Refused;

/** Somebody else looks at a round that asks for it, and says by own badge and PIN whether it is as the record has it. */
final readonly class LookAtRound
{
    public function __construct(private BenchRecorder $recorder, private CheckPin $checkPin)
    {
    }

    /** @param  string  $finds  as_recorded or differs */
    public function __invoke(BenchCommand $command, string $runId, string $stage, string $finds, string $badge, string $pin): void
    {
        // Checked outside the transaction: a wrong PIN must be counted even though the look is refused.
        $second = ($this->checkPin)($badge, $pin, $command->device);
        JoinRun::isAnother($second, $command->person);
        $this->recorder->record($command->by($second->id), 'second_look', $runId, function () use ($command, $runId, $stage, $finds): array {
            $context = RunContext::get($runId);
            HeldRun::check($context, $command);
            $steps = $context->fold->steps->unlooked($stage);
            if ($steps === []) {
                throw new Refused(ProblemType::NotDone, 'Nothing of this round waits for a second look.', 409, ['field' => 'stage', 'value' => $stage]);
            }

            return [$context, ['steps' => $steps, 'finds' => $finds]];
        });
    }
}
