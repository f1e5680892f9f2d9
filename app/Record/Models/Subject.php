<?php

declare(strict_types=1);

namespace App\Record\Models;

use App\People\Models\Customer;
use App\Record\BuildState;
use App\Shared\Models\Row;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * One remanufacture of one serial number; or a subassembly, a head or a short block that has a number of its own and is worked at by itself.
 *
 * @property string $id
 * @property string $serial
 * @property int $build_number
 * @property string $family
 * @property string $customer
 * @property-read Customer|null $owner
 * @property BuildState $state
 * @property CarbonImmutable $opened_at
 * @property CarbonImmutable|null $finished_at
 * @property CarbonImmutable|null $shipped_at
 * @property string $variant
 * @property string $order_number
 * @property string $core
 * @property CarbonImmutable|null $received_on
 * @property CarbonImmutable|null $due_on
 * @property list<array{what: string, joint: string|null, at: string}> $machining
 * @property string $waits_for
 * @property string $note
 * @property string $subassembly empty: an engine; else what it is, as its family calls it
 * @property-read Collection<int, OldSerial> $oldSerials
 */
final class Subject extends Row
{
    protected $table = 'subjects';

    /** @var array<string, string> */
    protected $casts = [
        'state' => BuildState::class,
        'opened_at' => 'immutable_datetime', 'finished_at' => 'immutable_datetime', 'shipped_at' => 'immutable_datetime',
        'received_on' => 'immutable_date:Y-m-d', 'due_on' => 'immutable_date:Y-m-d', 'machining' => 'array',
    ];

    /** @return BelongsTo<Customer, $this> */
    public function owner(): BelongsTo
    {
        return $this->belongsTo(Customer::class, 'customer');
    }

    /** @return HasMany<OldSerial, $this> */
    public function oldSerials(): HasMany
    {
        return $this->hasMany(OldSerial::class, 'subject');
    }

    /** Whose it is; a subassembly may be the shop's own. */
    public function ownedBy(): ?string
    {
        return $this->owner->name ?? ($this->isSubassembly() ? 'the shop’s own' : null);
    }

    public function isSubassembly(): bool
    {
        return $this->subassembly !== '';
    }

    /** "TN3-26-0417", and from its second life on "TN3-26-0417, build 2"; of a subassembly "Head HD-0031". */
    public function title(): string
    {
        return self::titled($this->serial, $this->build_number, $this->subassembly);
    }

    /** "TN3-26-0417, build 1": where two builds of one engine are told apart. */
    public function numbered(): string
    {
        return $this->isSubassembly() ? $this->title() : "$this->serial, build $this->build_number";
    }

    public static function titled(string $serial, int $build, string $subassembly = ''): string
    {
        return match (true) {
            $subassembly !== '' => "$subassembly $serial",
            $build === 1 => $serial,
            default => "$serial, build $build",
        };
    }

    public static function missing(): string
    {
        return 'There is no such build among those you may see.';
    }
}
