<?php

declare(strict_types=1);

namespace App\Bench\Actions;

use App\Bench\BenchCommand;
use App\Bench\BenchRecorder;
use App\Bench\CardState;
use App\Bench\Models\Card;
use App\Bench\RunContext;
use App\Shared\ProblemType;
use App\Shared\Refused;

/** What is typed at a bench from now on stands on a job card, until it is said that it is typed in. */
final readonly class BeginPaper
{
    public function __construct(private BenchRecorder $recorder)
    {
    }

    public function __invoke(BenchCommand $command, string $runId, string $number): void
    {
        $this->recorder->record($command, 'paper_begun', $runId, function () use ($command, $runId, $number): array {
            $context = RunContext::get($runId);
            HeldRun::check($context, $command);
            $card = Card::locked($number);
            if ($card->assignment !== $context->run->assignment) {
                throw new Refused(ProblemType::NotDone, "Card $number was printed for another job.", 409, ['field' => 'card', 'value' => $number]);
            }
            if ($card->plan_hash !== $context->run->plan_hash) {
                throw new Refused(ProblemType::NotDone, "Card $number was printed by another revision than this run goes by. What stands on it cannot be typed in here; take it to the lead.", 409, ['field' => 'card', 'value' => $number]);
            }
            self::canBeTyped($card);

            return [$context, ['card' => $number]];
        });
    }

    /** @throws Refused with what has to be done first */
    public static function canBeTyped(Card $card): void
    {
        $why = self::whyNot($card);
        if ($why !== null) {
            throw new Refused(ProblemType::NotDone, $why, 409, ['field' => 'card', 'value' => $card->state->value]);
        }
    }

    public static function whyNot(Card $card): ?string
    {
        return match ($card->state) {
            // Put down too early, it is taken up again, as long as the job is not finished.
            CardState::Back, CardState::Typing, CardState::Typed, CardState::Compared => null,
            CardState::Out, CardState::Lost => "Nobody has said yet that card $card->number is back and who signed it. The lead does that, under Job cards.",
            CardState::Voided => "Card $card->number was voided; nothing on it counts.",
        };
    }
}
