<?php

declare(strict_types=1);

namespace App\People;

use Carbon\CarbonImmutable;
use DateTimeZone;
use Illuminate\Support\Facades\DB;
use Tekkal\Core\Schedule\Shift;
use Tekkal\Core\Tool\Day;
use Tekkal\Core\Unit\AngleUnit;
use Tekkal\Core\Unit\Kind;

/**
 * The shop, as it has set itself: name, time zone, units, shifts, whether skills decide. What it has not said yet is as its instance was made.
 * Read once for a request, when it is first asked for.
 */
final readonly class Shop
{
    /** The stream in which its settings are recorded. */
    public const STREAM = 'shop/settings';

    public const TORQUE_UNITS = ['N.m', 'lbf.ft'];

    public const LENGTH_UNITS = ['mm', 'in'];

    /**
     * @param  list<Shift>  $shifts
     * @param  bool  $skillsDecide  does what is signed of somebody decide what they may begin? Else it is told only
     */
    private function __construct(
        public string $name,
        public string $timeZone,
        public string $torqueUnit,
        public string $lengthUnit,
        public array $shifts,
        public bool $skillsDecide,
    ) {
    }

    /** The one that this request is answered for. */
    public static function here(): self
    {
        return app(self::class);
    }

    public static function read(): self
    {
        $set = [];
        foreach (DB::table('shop_settings')->whereIn('key', ['shop', 'shifts', 'skills'])->pluck('value', 'key') as $key => $value) {
            $set[(string) $key] = (array) json_decode((string) $value, true, flags: JSON_THROW_ON_ERROR);
        }
        $shop = ($set['shop'] ?? []) + ['name' => config('shop.name'), 'time_zone' => config('shop.time_zone'), 'torque_unit' => 'N.m', 'length_unit' => 'mm'];

        return new self($shop['name'], $shop['time_zone'], $shop['torque_unit'], $shop['length_unit'], array_map(fn (array $s): Shift => Shift::of($s['name'], $s['from'], $s['to']), array_values($set['shifts'] ?? [])), ($set['skills']['decide'] ?? false) === true);
    }

    /** The code of the unit in which a form for this quantity begins. */
    public function unitFor(Kind $quantity): string
    {
        return match ($quantity) {
            Kind::Torque => $this->torqueUnit,
            Kind::Length => $this->lengthUnit,
            Kind::Angle => AngleUnit::Degree->code(),
        };
    }

    public function zone(): DateTimeZone
    {
        return new DateTimeZone($this->timeZone);
    }

    /** An instant by the shop's clock. */
    public function clock(CarbonImmutable $instant): CarbonImmutable
    {
        return $instant->setTimezone($this->timeZone);
    }

    public function today(): Day
    {
        return Day::at(now()->toImmutable(), $this->zone());
    }
}
