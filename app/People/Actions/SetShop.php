<?php

declare(strict_types=1);

namespace App\People\Actions;

use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\People\Models\Person;
use App\People\Queries\StepsLeft;
use App\People\Shop;
use App\Shared\Ids;
use App\Shared\Refused;
use DateTimeZone;
use Tekkal\Core\CoreException;
use Tekkal\Core\Schedule\Shift;

/** How the shop is set: its name, its clock, its units, its shifts. Each is an entry, so that an old record can tell by which clock it was made. */
final readonly class SetShop
{
    public function __construct(private Recorder $recorder, private StepsLeft $steps)
    {
    }

    /** @param  array{name: string, time_zone: string, torque_unit: string, length_unit: string}  $shop */
    public function shop(array $shop, Person $by): void
    {
        if (! in_array($shop['time_zone'], DateTimeZone::listIdentifiers(), true)) {
            throw Refused::field('time_zone', sprintf('"%s" is no time zone. It reads like Europe/London.', mb_substr($shop['time_zone'], 0, 40)), $shop['time_zone']);
        }
        $this->put('shop_set', $shop, $by);
    }

    /** @param  list<array{name: string, from: string, to: string}>  $shifts */
    public function shifts(array $shifts, Person $by): void
    {
        foreach ($shifts as $i => $shift) {
            try {
                Shift::of($shift['name'], $shift['from'], $shift['to']);
            } catch (CoreException $e) {
                throw Refused::field("shifts.$i.$e->what", $e->getMessage(), $e->value);
            }
            if (in_array($shift['name'], array_column(array_slice($shifts, 0, $i), 'name'), true)) {
                throw Refused::field("shifts.$i.name", sprintf('There are two shifts called %s. Give each a name of its own.', $shift['name']), $shift['name']);
            }
        }
        $this->put('shifts_set', ['names' => array_column($shifts, 'name'), 'from' => array_column($shifts, 'from'), 'to' => array_column($shifts, 'to')], $by);
    }

    /** Does what is signed of somebody decide what they may be given and begin? */
    public function skills(bool $decide, Person $by): void
    {
        $this->put('skills_decide_set', ['decide' => $decide], $by);
    }

    /** What is not done now is done later, or not at all; either can be taken back. */
    public function step(string $step, string $as, Person $by): void
    {
        if (! in_array($step, array_column($this->steps->all(), 'key'), true)) {
            throw Refused::notFound('There is no such step.');
        }
        $this->put('first_step_put', ['step' => $step, 'as' => $as], $by);
    }

    /** @param  array<string, mixed>  $data */
    private function put(string $type, array $data, Person $by): void
    {
        $this->recorder->transaction(fn () => $this->recorder->append(new Draft(Ids::next(), $type, Shop::STREAM, $by->id, data: $data)));
        app()->forgetInstance(Shop::class);
    }
}
