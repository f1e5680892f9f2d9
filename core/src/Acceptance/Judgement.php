<?php

declare(strict_types=1);

namespace Tekkal\Core\Acceptance;

use Tekkal\Core\Unit\Written;

/** A result judged: the verdict, how well it is known, and the sentence that says why. */
final readonly class Judgement
{
    public function __construct(
        public Verdict $verdict,
        public EvidenceGrade $evidence,
        public string $reason,
    ) {
    }

    /** Judges a value that an instrument showed; whoever passes it on, the value was measured. */
    public static function ofMeasured(Written $reading, Window $window): self
    {
        return new self($window->judge($reading->quantity()), EvidenceGrade::MeasuredValue, self::against($reading->typeset(), $window, $reading));
    }

    /**
     * Judges a controlled value together with what was monitored. A controlled value that is out decides; else the first
     * monitored one that is out does.
     *
     * @param  list<array{Written, Window}>  $monitored
     */
    public static function ofMonitored(Written $reading, Window $window, array $monitored): self
    {
        $judgement = self::ofMeasured($reading, $window);
        foreach ($monitored as [$value, $limits]) {
            if ($judgement->verdict->isGood() && ! $limits->judge($value->quantity())->isGood()) {
                $judgement = self::ofMeasured($value, $limits);
            }
        }

        return $judgement;
    }

    /** A setting tool clicked: its setting is judged, the evidence stays attested. */
    public static function ofSetting(Written $setting, Window $window, EvidenceGrade $grade): self
    {
        $verdict = $window->judge($setting->quantity());

        return new self($verdict->isGood() ? Verdict::Attested : $verdict, $grade, self::against('The setting '.$setting->typeset(), $window, $setting));
    }

    private static function against(string $what, Window $window, Written $value): string
    {
        return match ($window->judge($value->quantity())) {
            Verdict::Low => sprintf('%s is short: %s is good.', $what, $window->typeset()),
            Verdict::High => sprintf('%s is over: %s is good.', $what, $window->typeset()),
            default => sprintf('%s lies in %s.', $what, $window->typeset()),
        };
    }
}
