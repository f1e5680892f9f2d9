<?php

declare(strict_types=1);

namespace App\Library\Models;

use App\Shared\Models\Row;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Tekkal\Core\Schedule\Resting;
use Tekkal\Core\Schedule\SerialRule;

/**
 * Engines that share joints.
 *
 * @property string $id
 * @property string $code the letters before the first hyphen of its serials
 * @property string $name
 * @property string $description
 * @property string $serial_rules one to a line; empty: as its code says
 * @property-read Collection<int, Joint> $joints
 * @property-read Collection<int, Variant> $variants
 */
final class Family extends Row
{
    protected $table = 'families';

    /** @return HasMany<Joint, $this> */
    public function joints(): HasMany
    {
        return $this->hasMany(Joint::class, 'family');
    }

    /** @return HasMany<Variant, $this> */
    public function variants(): HasMany
    {
        return $this->hasMany(Variant::class, 'family');
    }

    /** @return non-empty-list<SerialRule> */
    public function serialRules(): array
    {
        return $this->serial_rules === '' ? [SerialRule::ofCode($this->code)] : array_map(SerialRule::of(...), explode("\n", $this->serial_rules));
    }

    public function hasSerial(string $serial): bool
    {
        return array_filter($this->serialRules(), fn (SerialRule $rule): bool => $rule->fits($serial)) !== [];
    }

    /** What rests on what, as far as somebody has said it. */
    public function resting(): Resting
    {
        $joints = $this->joints()->orderBy('assembly_order')->get();

        return Resting::of(array_values($joints->map(fn (Joint $j): string => $j->id)->all()), $joints->mapWithKeys(fn (Joint $j): array => [$j->id => $j->rests_on])->all());
    }

    /** @return array<string, string> by joint: the subassembly that it is carried in; of no other */
    public function carried(): array
    {
        return $this->joints()->where('carried_in', '!=', '')->orderBy('assembly_order')->get()->mapWithKeys(fn (Joint $j): array => [$j->id => $j->carried_in])->all();
    }

    /** @return list<string> the subassemblies that an engine of it has, as the shop calls them */
    public function subassemblies(): array
    {
        return array_values(array_unique($this->carried()));
    }

    public static function missing(): string
    {
        return 'There is no such family.';
    }
}
