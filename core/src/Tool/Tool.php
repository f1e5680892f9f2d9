<?php

declare(strict_types=1);

namespace Tekkal\Core\Tool;

use Tekkal\Core\Unit\Written;

/** A tool as the crib describes it: what it is, the range it may be used in, and the step of its display. */
final readonly class Tool
{
    public ?float $uncertainty;

    public ?Written $threshold;

    public ?WrenchClass $class;

    public ?string $outOfUse;

    /** @param  list<string>  $directions  in which it was calibrated */
    public function __construct(
        public string $code,
        public ToolKind $kind,
        public ToolRange $range,
        public Written $resolution,
        public array $directions = ['clockwise'],
        ToolNotes $notes = new ToolNotes,
    ) {
        [$this->uncertainty, $this->threshold, $this->class, $this->outOfUse] = [$notes->uncertainty, $notes->threshold, $notes->class, $notes->outOfUse];
    }

    /** Why it may not be used on a day, whatever for, as a sentence; null when it may. */
    public function whyNotOn(CalibrationHistory $history, Day $day): ?string
    {
        $calibration = $history->whyNotInForce($day);

        return match (true) {
            $this->outOfUse !== null => sprintf('%s is out of use: %s.', $this->code, $this->outOfUse),
            $calibration !== null => sprintf('%s is out of calibration: %s.', $this->code, $calibration),
            default => null,
        };
    }
}
