<?php

declare(strict_types=1);

namespace App\Bench\Actions;

use App\Bench\BenchCommand;
use App\Bench\BenchRecorder;
use App\Bench\RunContext;
use App\People\Actions\CheckPin;
use App\People\Models\Person;
use App\Shared\Refused;

/** Somebody joins whoever has the run, with own badge and PIN: one holds while the other tightens. */
final readonly class JoinRun
{
    public function __construct(private BenchRecorder $recorder, private CheckPin $checkPin)
    {
    }

    public function __invoke(BenchCommand $command, string $runId, string $badge, string $pin): void
    {
        // Checked outside the transaction: a wrong PIN must be counted even though the joining is refused.
        $second = ($this->checkPin)($badge, $pin, $command->device);
        self::isAnother($second, $command->person);
        $this->recorder->record($command, 'second_person_joined', $runId, function () use ($command, $runId, $second): array {
            $context = RunContext::get($runId);
            HeldRun::check($context, $command);

            return [$context, ['second_person' => $second->id]];
        });
    }

    /** @throws Refused when somebody stands in for the second of two people who is the first */
    public static function isAnother(Person $second, string $first): void
    {
        if ($second->id === $first) {
            throw Refused::field('badge', 'This takes somebody else than you: your own badge does not count twice.', (string) $second->badge);
        }
    }
}
