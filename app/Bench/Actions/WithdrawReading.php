<?php

declare(strict_types=1);

namespace App\Bench\Actions;

use App\Bench\BenchCommand;
use App\Bench\BenchRecorder;
use App\Bench\RunContext;
use App\Ledger\ErasableTexts;
use App\People\Actions\CheckPin;
use App\Shared\ProblemType;
use App\Shared\Refused;
use Tekkal\Core\Run\Event\EventTypes;
use Tekkal\Core\Run\Event\ReadingWithdrawn;

/** Withdraws a typed value as a typing error; an out-of-window one only before a second person's badge and PIN. */
final readonly class WithdrawReading
{
    public const REASONS = ['wrong_key', 'wrong_bolt', 'misread_scale'];

    public function __construct(
        private BenchRecorder $recorder,
        private CheckPin $checkPin,
        private ErasableTexts $texts,
    ) {
    }

    /** @param  array{reading: string, step: string, reason: string, text?: string|null, second_badge?: string|null, second_pin?: string|null}  $given */
    public function __invoke(BenchCommand $command, string $runId, array $given): void
    {
        $badge = $given['second_badge'] ?? '';
        // Checked outside the transaction: a wrong PIN must be counted even though the withdrawal is refused.
        $second = $badge === '' ? null : ($this->checkPin)($badge, $given['second_pin'] ?? '', $command->device)->id;
        $this->recorder->record($command, 'reading_withdrawn', $runId, function () use ($command, $runId, $given, $second): array {
            $context = RunContext::get($runId);
            HeldRun::check($context, $command);
            $content = ['reading' => $given['reading'], 'step' => $given['step'], 'reason' => $given['reason'], 'second_person' => $second];
            $event = EventTypes::read($command->event('reading_withdrawn', $runId, $context->run->subject, $content));
            $why = $event instanceof ReadingWithdrawn ? $context->fold->whyNoWithdrawal($event) : null;
            if ($why !== null) {
                throw new Refused(ProblemType::NotWithdrawn, $why, 409, ['field' => 'reading']);
            }

            return [$context, $content + ['reason_hash' => $this->texts->keep($command->id, 'reason', $given['text'] ?? null)]];
        });
    }
}
