<?php

declare(strict_types=1);

namespace App\Builds\Queries;

use App\People\Models\Customer;
use App\People\Models\Person;
use App\Record\BuildState;
use App\Record\Models\OldSerial;
use App\Record\Models\Subject;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;

/** The builds a person may see: all of them, or for a customer's reader that customer's only. */
final class VisibleBuilds
{
    /** @return Builder<Subject> */
    private static function to(Person $person): Builder
    {
        $query = Subject::query()->with('owner');

        return $person->customer === null ? $query : $query->where('customer', $person->customer);
    }

    /** @return Collection<int, Subject> the newest of a customer whose name has this part, latest first */
    public static function ofCustomer(Person $person, int $most, string $namePart): Collection
    {
        $query = self::to($person)->whereIn('customer', Customer::query()->where('name', 'like', '%'.addcslashes($namePart, '%_\\').'%')->select('id'));
        $query->getQuery()->orderByDesc('opened_at')->limit($most);

        return $query->get();
    }

    /**
     * @param  string  $serialPart  of the number that it bears, or of one that it bore
     * @param  list<BuildState>  $states  empty: any
     * @param  bool|null  $subassemblies  those only, or engines only; null: both
     * @return Collection<int, Subject> the newest of them, latest first
     */
    public static function newest(Person $person, int $most, string $serialPart = '', array $states = [], ?bool $subassemblies = null): Collection
    {
        $query = self::to($person);
        if ($subassemblies !== null) {
            $query->where('subassembly', $subassemblies ? '!=' : '=', '');
        }
        if ($serialPart !== '') {
            $like = '%'.addcslashes($serialPart, '%_\\').'%';
            $query->where(fn (Builder $q) => $q->where('serial', 'like', $like)->orWhereIn('id', OldSerial::query()->where('serial', 'like', $like)->select('subject')));
        }
        if ($states !== []) {
            $query->whereIn('state', $states);
        }
        $query->getQuery()->orderByDesc('opened_at')->limit($most);

        return $query->get();
    }
}
