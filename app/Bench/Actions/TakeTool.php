<?php

declare(strict_types=1);

namespace App\Bench\Actions;

use App\Bench\BenchCommand;
use App\Bench\BenchRecorder;
use App\Bench\Queries\ToolChoice;
use App\Bench\RunContext;
use App\Crib\Models\ToolRow;
use App\Crib\Queries\ToolBook;
use App\Record\Queries\RunHistory;
use App\Shared\ProblemType;
use App\Shared\Refused;
use Tekkal\Core\Unit\Kind;

/** Takes a tool for every step of the run that controls what it measures. An unfit one is refused with every reason. */
final readonly class TakeTool
{
    public function __construct(
        private BenchRecorder $recorder,
        private ToolChoice $choice,
    ) {
    }

    public function __invoke(BenchCommand $command, string $runId, Kind $quantity, string $toolId): void
    {
        $this->recorder->record($command, 'tool_taken', RunHistory::stream($runId), function () use ($command, $runId, $quantity, $toolId): array {
            $context = RunContext::get($runId);
            $tool = ToolRow::query()->find($toolId) ?? throw Refused::field('tool', 'The crib has no such tool.', $toolId);
            HeldRun::check($context, $command);
            $reasons = $this->choice->whyNot($tool, $quantity, $context->plan);
            if ($reasons !== []) {
                throw new Refused(ProblemType::ToolUnfit, implode(' ', $reasons), 422, ['field' => 'tool', 'value' => $tool->code, 'reasons' => $reasons]);
            }
            $today = ToolBook::day(now()->toImmutable());

            return [$context->concerns(), [
                'quantity' => $quantity->value, 'tool' => $tool->id, 'tool_code' => $tool->code,
                'calibration' => ToolBook::historyOf($tool->calibrations()->get())->latestOn($today)?->id,
            ]];
        });
    }
}
