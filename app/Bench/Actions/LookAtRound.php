<?php

declare(strict_types=1);

namespace App\Bench\Actions;

use App\Bench\BenchCommand;
use App\Bench\BenchRecorder;
use App\Bench\Models\Card;
use App\Bench\RunContext;
use App\People\Actions\CheckPin;
use App\Shared\ProblemType;
use App\Shared\Refused;
use Tekkal\Core\Run\RunFold;

/** Somebody else looks at a round that asks for it, or at the end at all heads of a joint of class A, and says by own badge and PIN which differ. */
final readonly class LookAtRound
{
    private const AT_THE_END = 'joint';

    public function __construct(private BenchRecorder $recorder, private CheckPin $checkPin)
    {
    }

    /**
     * @param  string  $stage  the round, or joint at the end
     * @param  list<string>  $differ  positions that are not as the picture has them; none when all are
     */
    public function __invoke(BenchCommand $command, string $runId, string $stage, array $differ, string $badge, string $pin): void
    {
        // Checked outside the transaction: a wrong PIN must be counted even though the look is refused.
        $second = ($this->checkPin)($badge, $pin, $command->device);
        JoinRun::isAnother($second, $command->person);
        $this->recorder->record($command->by($second->id), 'second_look', $runId, function () use ($command, $runId, $stage, $differ, $second): array {
            $context = RunContext::get($runId);
            HeldRun::check($context, $command);
            Card::notByWorker($runId, $second->id);
            $waiting = self::waiting($context->fold, $stage);
            // Whoever sees that one differs looks at all again once it was put right.
            $steps = $differ === [] ? $waiting : array_values(array_filter($waiting, fn (string $id): bool => in_array($context->plan->step($id)->position, $differ, true)));
            if ($steps === []) {
                throw new Refused(ProblemType::NotDone, $waiting === [] ? 'Nothing of this round waits for a second look.' : 'None of the heads that were touched waits for a second look.', 409, ['field' => $waiting === [] ? 'stage' : 'differ', 'value' => $waiting === [] ? $stage : implode(', ', $differ)]);
            }

            return [$context, ['steps' => $steps, 'finds' => $differ === [] ? 'as_recorded' : 'differs']];
        });
    }

    /** @return list<string> */
    private static function waiting(RunFold $run, string $stage): array
    {
        return $stage === self::AT_THE_END ? $run->looks->unseen() : $run->steps->unlooked($stage);
    }
}
