<?php

declare(strict_types=1);

namespace Tekkal\Core\Tool;

use Brick\Math\RoundingMode;

/** Whether a tool may be used for a requirement on a day, and every reason why not. */
final readonly class Fitness
{
    /** Common practice, no source; a customer may ask for more. */
    private const TIMES_BETTER = 3;

    /** @param  list<string>  $reasons sentences; empty when the tool is fit */
    private function __construct(
        public array $reasons,
        public ?Calibration $calibration,
    ) {
    }

    public static function judge(Tool $tool, CalibrationHistory $history, Requirement $requirement, Day $day): self
    {
        $reasons = [];
        if ($tool->kind !== $requirement->kind) {
            $reasons[] = sprintf('%s is %s; this round needs %s.', $tool->code, $tool->kind->withArticle(), $requirement->kind->withArticle());
        } else {
            $reasons = [...self::range($tool, $requirement), ...self::setting($tool, $requirement), ...self::uncertainty($tool, $requirement), ...self::use($tool, $requirement), ...self::holding($tool, $requirement)];
        }
        $why = $tool->whyNotOn($history, $day);
        if ($why !== null) {
            $reasons[] = $why;
        }

        return new self($reasons, $history->latestOn($day));
    }

    public function isFit(): bool
    {
        return $this->reasons === [];
    }

    /** @return list<string> */
    private static function range(Tool $tool, Requirement $requirement): array
    {
        $target = $requirement->target->quantity()->inBase();
        $below = $target->isLessThan($tool->range->lowest->quantity()->inBase());
        $above = $target->isGreaterThan($tool->range->highest->quantity()->inBase());

        return $below || $above
            ? [sprintf('%s is for %s; %s lies %s that.', $tool->code, $tool->range->typeset(), $requirement->target->typeset(), $below ? 'below' : 'above')]
            : [];
    }

    /** @return list<string> */
    private static function setting(Tool $tool, Requirement $requirement): array
    {
        return Setting::nearest($requirement->target, $requirement->window, $tool->resolution) === null
            ? [sprintf('%s shows steps of %s; none lies in %s.', $tool->code, $tool->resolution->typeset(), $requirement->window->typeset())]
            : [];
    }

    /**
     * The tool's uncertainty must be a good deal smaller than half the window.
     *
     * @return list<string>
     */
    private static function uncertainty(Tool $tool, Requirement $requirement): array
    {
        $width = $requirement->window->low === null ? null : $requirement->window->high?->minus($requirement->window->low, RoundingMode::HALF_UP);
        if ($tool->uncertainty === null || $width === null) {
            return [];
        }
        $half = $width->quantity()->inBase()->toFloat() / 2;
        $own = $tool->uncertainty / 100 * $requirement->target->quantity()->inBase()->toFloat();

        return $own * self::TIMES_BETTER > $half
            ? [sprintf('%s is known to ±%g %% only; %s asks for a tool %d times better than half its width.', $tool->code, $tool->uncertainty, $requirement->window->typeset(), self::TIMES_BETTER)]
            : [];
    }

    /**
     * A wrench that clicks lets go at the click; a torque is held against by one that shows it.
     *
     * @return list<string>
     */
    private static function holding(Tool $tool, Requirement $requirement): array
    {
        return ! $requirement->holds || $tool->class?->indicates() === true ? [] : [$tool->class === null
            ? sprintf('Nobody has said whether %s shows its torque; one that only clicks cannot hold it.', $tool->code)
            : sprintf('%s only says that its setting was reached (%s); a torque is held with one that shows it.', $tool->code, $tool->class->words())];
    }

    /** @return list<string> direction and threshold */
    private static function use(Tool $tool, Requirement $requirement): array
    {
        $reasons = in_array($requirement->direction, $tool->directions, true) ? [] : [sprintf('%s was %s, and this is pulled %s.', $tool->code, $tool->directions === [] ? 'not calibrated in the direction in which it may be used' : 'calibrated '.implode(' and ', $tool->directions), $requirement->direction)];
        $threshold = $requirement->threshold;
        if ($threshold !== null && $tool->threshold !== null && ! $tool->threshold->quantity()->inBase()->isEqualTo($threshold->quantity()->inBase())) {
            $reasons[] = sprintf('%s counts its angle from %s; the procedure counts from %s.', $tool->code, $tool->threshold->typeset(), $threshold->typeset());
        }

        return $reasons;
    }
}
