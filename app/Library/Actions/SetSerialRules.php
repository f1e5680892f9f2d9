<?php

declare(strict_types=1);

namespace App\Library\Actions;

use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\Library\Models\Family;
use App\People\Models\Person;
use App\Shared\Ids;
use App\Shared\Refused;
use Tekkal\Core\Schedule\ScheduleException;
use Tekkal\Core\Schedule\SerialRule;

/** Says how the serial numbers of a family read, so that a slip in one is seen when an engine comes in. */
final readonly class SetSerialRules
{
    private const MOST = 8;

    public function __construct(private Recorder $recorder)
    {
    }

    /** @param  string  $rules  one to a line; empty: the code, two digits of the year, four of the engine */
    public function __invoke(Family $family, string $rules, Person $by): void
    {
        $lines = array_values(array_unique(array_filter(array_map(trim(...), explode("\n", $rules)), fn (string $l): bool => $l !== '')));
        if (count($lines) > self::MOST) {
            throw Refused::field('serial_rules', sprintf('A family has at most %d rules; these are %d.', self::MOST, count($lines)), (string) count($lines));
        }
        foreach ($lines as $line) {
            try {
                SerialRule::of($line);
            } catch (ScheduleException $e) {
                throw Refused::field($e->what, $e->getMessage(), $line);
            }
        }
        $this->recorder->transaction(fn () => $this->recorder->append(new Draft(Ids::next(), 'serial_rules_set', 'family/'.$family->id, $by->id, data: ['rules' => $lines])));
    }
}
