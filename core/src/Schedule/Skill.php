<?php

declare(strict_types=1);

namespace Tekkal\Core\Schedule;

use Tekkal\Core\Tool\Day;

/**
 * What somebody may do, and until when: signed after an outside certificate or after builds under a supervisor. Before that
 * many builds are done they work under one. Common practice, no source: a signature may end, and its end is announced.
 */
final readonly class Skill
{
    /** Its end is announced so many days before: time for one supervised build, or for a signature. Common practice, no source. */
    public const ANNOUNCED_DAYS = 14;

    /** So many supervised builds at most can be asked for. */
    public const MOST_BUILDS = 20;

    /**
     * @param  int  $wanted  builds under a supervisor that are asked for before anybody signs; 0 after a certificate
     * @param  int  $done  of them
     * @param  Day|null  $until  the last day on which it holds; null: it does not end by itself
     */
    private function __construct(public int $wanted, public int $done, public bool $signed, public ?Day $until)
    {
    }

    /** @param  Day|null  $until  included */
    public static function signed(?Day $until): self
    {
        return new self(0, 0, true, $until);
    }

    /** @throws ScheduleException unless 1 to 20 builds are wanted and 0 or more done */
    public static function learning(int $wanted, int $done): self
    {
        if ($wanted < 1 || $wanted > self::MOST_BUILDS) {
            throw new ScheduleException(sprintf('%d builds under a supervisor: ask for 1 to %d.', $wanted, self::MOST_BUILDS), 'wanted', (string) $wanted, '1 to '.self::MOST_BUILDS);
        }
        if ($done < 0) {
            throw new ScheduleException('Builds that were done are counted from 0.', 'done', (string) $done, '0 or more');
        }

        return new self($wanted, $done, false, null);
    }

    public function on(Day $today): SkillStanding
    {
        return match (true) {
            ! $this->signed => SkillStanding::UnderSupervisor,
            $this->until === null => SkillStanding::Signed,
            $today->isAfter($this->until) => SkillStanding::Ended,
            $today->daysTo($this->until) <= self::ANNOUNCED_DAYS => SkillStanding::Ending,
            default => SkillStanding::Signed,
        };
    }
}
