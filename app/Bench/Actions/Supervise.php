<?php

declare(strict_types=1);

namespace App\Bench\Actions;

use App\Bench\BenchCommand;
use App\Bench\BenchRecorder;
use App\Bench\RunContext;
use App\Builds\Queries\Learnt;
use App\People\Actions\CheckPin;
use App\People\Queries\Qualified;
use App\Shared\ProblemType;
use App\Shared\Refused;
use Tekkal\Core\Call\HandCalls;

/** Whoever may do it alone stands beside somebody who is learning it, by own badge and PIN; and at the end signs for what they saw. */
final readonly class Supervise
{
    public function __construct(private BenchRecorder $recorder, private CheckPin $checkPin)
    {
    }

    public function join(BenchCommand $command, string $runId, string $badge, string $pin): void
    {
        // Checked outside the transaction: a wrong PIN must be counted even though the joining is refused.
        $supervisor = ($this->checkPin)($badge, $pin, $command->device);
        JoinRun::isAnother($supervisor, $command->person);
        $this->recorder->record($command, 'supervisor_joined', $runId, function () use ($command, $runId, $supervisor): array {
            $context = RunContext::get($runId);
            HeldRun::check($context, $command);
            if ($context->fold->supervision->what() === null) {
                throw new Refused(ProblemType::NotDone, 'Whoever has this run may do it alone; no supervisor is wanted.', 409, ['field' => 'badge', 'value' => (string) $supervisor->badge]);
            }
            Qualified::maySupervise($supervisor, Learnt::family($context->run->subject), Learnt::methods($context->run->plan_hash));

            return [$context, ['supervisor' => $supervisor->id]];
        });
    }

    public function sign(BenchCommand $command, string $runId, string $badge, string $pin): void
    {
        $supervisor = ($this->checkPin)($badge, $pin, $command->device);
        $this->recorder->record($command, 'supervisor_signed', $runId, function () use ($command, $runId, $supervisor): array {
            $context = RunContext::get($runId);
            HeldRun::check($context, $command);
            if ($context->fold->supervision->supervisor() !== $supervisor->id) {
                throw Refused::field('badge', 'Who signs is who stood beside it. Whoever that is now signs in first.', (string) $supervisor->badge);
            }

            return [$context, ['supervisor' => $supervisor->id, 'meaning' => HandCalls::supervisorMeans($context->fold)]];
        });
    }
}
