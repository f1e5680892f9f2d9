<?php

declare(strict_types=1);

namespace Tekkal\Core\Tool;

/** What one result comes to when it is judged again. Values in the base unit of what was measured. */
final readonly class Rejudgement
{
    private function __construct(
        public LookBackVerdict $verdict,
        public ?float $true,
        public ?float $doubt,
        public ?float $loss,
    ) {
    }

    /**
     * @param  LookBack|null  $curve  null: nobody can say how the tool deviated, so everything it did is in doubt
     * @param  float|null  $shown  what it showed, or was set to; null: nothing that could be judged again
     * @param  float|null  $low  $high  the window, at least one of them
     */
    public static function of(?LookBack $curve, ?float $shown, ?float $low, ?float $high): self
    {
        if ($curve === null || $shown === null || ($low === null && $high === null)) {
            return new self(LookBackVerdict::InDoubt, null, null, null);
        }
        $true = $curve->trueValue($shown);
        $doubt = $curve->doubt($shown);
        // A clamp load goes with the torque: what is lost of one is lost of the other, as a share of the window.
        $width = $low !== null && $high !== null && $high > $low ? $high - $low : abs($high ?? $low);

        return new self(LookBackVerdict::of($true, $doubt, $low, $high), $true, $doubt, $width > 0.0 ? ($shown - $true) / $width : null);
    }
}
