<?php

declare(strict_types=1);

namespace App\Crib\Queries;

use App\Crib\ChainReason;
use App\Crib\Models\CalibrationRow;
use App\Crib\Models\ToolRow;
use App\Crib\ToolState;
use App\People\Shop;
use Carbon\CarbonImmutable;
use Tekkal\Core\Tool\Day;
use Tekkal\Core\Tool\ToolForm;

/** How a tool stands today: where it is, with whom, and by when it wants a calibration. */
final readonly class ToolStanding
{
    /** Due within so many days is due this week. */
    public const SOON_DAYS = 7;

    /** So much of its pulls done is soon, too. */
    private const NEARLY = 0.95;

    public ?string $dueOn;

    public string $due;

    /** @param  array<string, string>  $names  of people, by id */
    public function __construct(public ToolRow $tool, public Day $today, private array $names, public int $pulls)
    {
        $this->dueOn = $this->last()?->due_on;
        $this->due = $this->dueWord();
    }

    public function last(): ?CalibrationRow
    {
        return $this->tool->calibrations->sortByDesc('calibrated_on')->first();
    }

    /** The name on its tag; null when nobody has it. */
    public function holder(): ?string
    {
        return $this->tool->held_by === null ? null : $this->names[$this->tool->held_by] ?? 'somebody';
    }

    /** Does the crib want a hand for it? */
    public function needsHand(): bool
    {
        return $this->tool->state === ToolState::Chained || (in_array($this->due, ['overdue', 'soon', 'never', 'failed'], true) && $this->tool->state !== ToolState::Away && $this->tool->state !== ToolState::Retired);
    }

    /** Was it handed out on an earlier day and never brought back? */
    public function isStillOut(): bool
    {
        return $this->tool->state === ToolState::Out && $this->tool->since !== null && $this->today->isAfter(ToolBook::day($this->tool->since));
    }

    /** What is to be said of it first, in a few words. */
    public function says(): string
    {
        $tool = $this->tool;

        return match ($tool->state) {
            ToolState::Chained => sprintf('%s, %s', ChainReason::tryFrom((string) $tool->reason)?->words() ?? 'out of use', $this->sinceWords()),
            ToolState::Away => sprintf('away at %s since %s', $tool->away_to, $this->sinceWords()),
            ToolState::Retired => sprintf('retired on %s: %s', $this->sinceWords(), $tool->reason),
            ToolState::Out => sprintf('with %s since %s', $this->holder(), $this->sinceWords()).($this->isDue() ? '; '.$this->dueWords() : ''),
            ToolState::Here => $this->isDue() ? $this->dueWords() : ($tool->place === '' ? 'hangs here' : "hangs in $tool->place"),
        };
    }

    public function isDue(): bool
    {
        return in_array($this->due, ['overdue', 'soon', 'never', 'failed'], true);
    }

    public function dueWords(): string
    {
        return match ($this->due) {
            'none' => 'is not calibrated',
            'never' => 'was never calibrated',
            'failed' => 'failed its last calibration',
            'overdue' => $this->isPulledOut() ? sprintf('has done its %s pulls', number_format((int) $this->tool->cycles)) : sprintf('overdue since %s', Day::of((string) $this->dueOn)->words()),
            'soon' => $this->isNearlyPulledOut() ? sprintf('due soon: %s of %s pulls', number_format($this->pulls), number_format((int) $this->tool->cycles)) : sprintf('due by %s', Day::of((string) $this->dueOn)->words()),
            default => sprintf('good until %s', Day::of((string) $this->dueOn)->words()),
        };
    }

    private function isNearlyPulledOut(): bool
    {
        return $this->tool->cycles !== null && $this->pulls >= self::NEARLY * $this->tool->cycles;
    }

    private function isPulledOut(): bool
    {
        return $this->tool->cycles !== null && $this->pulls >= $this->tool->cycles;
    }

    private function dueWord(): string
    {
        $last = $this->last();

        return match (true) {
            ! ToolForm::from($this->tool->form)->isCalibrated() => 'none',
            $last === null => 'never',
            ! $last->conforms => 'failed',
            $this->today->isAfter(Day::of($last->due_on)), $this->isPulledOut() => 'overdue',
            $this->today->daysTo(Day::of($last->due_on)) <= self::SOON_DAYS, $this->isNearlyPulledOut() => 'soon',
            default => 'good',
        };
    }

    private function sinceWords(): string
    {
        $since = ($this->tool->since ?? CarbonImmutable::now())->setTimezone(Shop::here()->timeZone);

        return $since->format('Y-m-d') === $this->today->date ? 'today, '.$since->format('H:i') : $since->format('j F');
    }
}
