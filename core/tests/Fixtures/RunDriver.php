<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Fixtures;

use DateTimeImmutable;
use DateTimeZone;
use RuntimeException;
use Tekkal\Core\Plan\Plan;
use Tekkal\Core\Run\Event\BackedOff;
use Tekkal\Core\Run\Event\FinalLook;
use Tekkal\Core\Run\Event\ReadingTaken;
use Tekkal\Core\Run\Event\RunBegun;
use Tekkal\Core\Run\Outcome;
use Tekkal\Core\Run\ReadingSource;
use Tekkal\Core\Run\RunFold;
use Tekkal\Core\Run\Stamp;
use Tekkal\Core\Unit\Written;

/** Carries a run out in a test, in words close to the bench's. */
final class RunDriver
{
    public readonly RunFold $fold;

    private int $readings = 0;

    public function __construct(public readonly Plan $plan)
    {
        $this->fold = new RunFold($plan);
    }

    public static function begun(?Plan $plan = null): self
    {
        $driver = new self($plan ?? CommonPractice::plan());
        $driver->fold->decide(new RunBegun(self::stamp()));

        return $driver;
    }

    public function read(string $step, string $digits, string $unit, string $device = 'bench1', ReadingSource $source = ReadingSource::Typed, string $tool = 'wrench', string $day = '2026-03-02'): Outcome
    {
        $this->readings++;

        return $this->fold->decide(new ReadingTaken(self::stamp($device, $day, "r$this->readings"), $step, Written::fromCode($digits, $unit), $source, $tool));
    }

    public function backOff(string $step): Outcome
    {
        return $this->fold->decide(new BackedOff(self::stamp(), $step));
    }

    public static function stamp(string $device = 'bench1', string $day = '2026-03-02', ?string $id = null): Stamp
    {
        return new Stamp('ann', $device, new DateTimeImmutable($day.' 10:00', new DateTimeZone('UTC')), id: $id);
    }

    /** Every step so far to do, each in the middle of its window; then a look at all of them. */
    public function completeAll(string $day = '2026-03-02'): self
    {
        foreach ($this->fold->freeze()->remaining() as $step) {
            $target = $step->goal()->target ?? throw new RuntimeException("$step->id has no target.");
            $this->read($step->id, $target->digits, $target->unit->code(), tool: $target->unit->kind()->value, day: $day);
        }
        $this->fold->decide(new FinalLook(self::stamp(day: $day)));

        return $this;
    }
}
