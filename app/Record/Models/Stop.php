<?php

declare(strict_types=1);

namespace App\Record\Models;

use App\People\Models\Person;
use App\People\Shop;
use App\Record\StopWhat;
use App\Shared\Models\Row;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Tekkal\Core\Call\StopOrder;

/**
 * Nothing more is done with it, by anybody, until two have lifted it.
 *
 * @property string $id
 * @property int $number
 * @property StopWhat $what
 * @property string $key
 * @property string|null $known_as
 * @property string $known_by
 * @property string $title
 * @property string $short
 * @property string $reason
 * @property string $stopped_by
 * @property CarbonImmutable $stopped_at
 * @property string|null $lift_asked_by
 * @property CarbonImmutable|null $lift_asked_at
 * @property string|null $lift_reason
 * @property string|null $lift_signature
 * @property string|null $kept_why why the last wish to lift it came to nothing
 * @property string|null $lifted_by
 * @property string|null $lifted_signature
 * @property CarbonImmutable|null $lifted_at
 * @property-read Person|null $stopper
 */
final class Stop extends Row
{
    protected $table = 'stops';

    /** @var array<string, string> */
    protected $casts = ['what' => StopWhat::class, 'number' => 'integer', 'stopped_at' => 'immutable_datetime', 'lift_asked_at' => 'immutable_datetime', 'lifted_at' => 'immutable_datetime'];

    /** @return BelongsTo<Person, $this> */
    public function stopper(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'stopped_by');
    }

    public static function missing(): string
    {
        return 'There is no such stop.';
    }

    public static function stream(string $id): string
    {
        return "stop/$id";
    }

    public function code(): string
    {
        return "Stop $this->number";
    }

    /** "Revision C was stopped on 30 November at 15:04 by Ada Lead." */
    public function says(): string
    {
        return "$this->short was ".$this->when().'.';
    }

    /** "stopped on 30 November at 15:04 by Ada Lead" */
    public function when(): string
    {
        $at = Shop::here()->clock($this->stopped_at);

        return sprintf('stopped on %s at %s by %s', $at->format('j F'), $at->format('H:i'), $this->stopper?->displayName() ?? 'somebody');
    }

    /** As the core has it; null where no run can know of it. */
    public function order(bool $seen): ?StopOrder
    {
        return $this->known_as === null ? null : new StopOrder($this->id, $this->known_as, $this->known_by, $this->short, $this->says(), $this->reason, $seen);
    }

    public function wasInForce(CarbonImmutable $at): bool
    {
        return $this->stopped_at <= $at && ($this->lifted_at === null || $this->lifted_at > $at);
    }
}
