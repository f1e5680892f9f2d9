<?php

declare(strict_types=1);

namespace App\People\Queries;

use App\People\Contracts\FamilyNames;
use App\People\Http\Resources\DeviceResource;
use App\People\Http\Resources\PersonResource;
use App\People\Models\Absence;
use App\People\Models\Credential;
use App\People\Models\Customer;
use App\People\Models\Deputy;
use App\People\Models\Device;
use App\People\Models\Person;
use App\People\Models\Skill;
use App\People\Shop;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Tekkal\Core\Schedule\Shift;

/** Everybody who works here or has, with what each may do; customers with their readers; benches. */
final class PeopleSheet
{
    public function __construct(private readonly FamilyNames $families, private readonly SkillBoard $board)
    {
    }

    /**
     * @param  string|null  $here  the bench that asks
     * @return array<string, mixed>
     */
    public function of(?string $here): array
    {
        $people = Person::query()->with('personRoles')->get()->sortBy('name')->values();
        $skills = $this->board->current();

        return [
            'people' => $this->people($people, $skills),
            'skills_decide' => Shop::here()->skillsDecide,
            'summary' => $this->board->summary($people, $skills),
            'alone' => $this->board->alone($skills),
            'families' => collect($this->families->all())->map(fn (string $name, string $code): array => ['code' => $code, 'name' => $name])->values(),
            'shifts' => array_map(fn (Shift $s): array => ['name' => $s->name, 'from' => $s->from, 'to' => $s->to], Shop::here()->shifts),
            'customers' => Customer::query()->get()->sortBy('name')->values()->map(fn (Customer $c): array => ['id' => $c->id, 'name' => $c->name]),
            'deputies' => Deputy::query()->where('ended_at', null)->where('last_day', '>=', now()->subDay()->format('Y-m-d'))->orderBy('first_day')->get()->map(fn (Deputy $d): array => ['id' => $d->id, 'person' => $d->person, 'classes' => str_split($d->classes), 'from_time' => $d->from_time, 'until_time' => $d->until_time, 'first_day' => $d->first_day->format('Y-m-d'), 'last_day' => $d->last_day->format('Y-m-d')]),
            'devices' => Device::query()->get()->sortBy('enrolled_at')->values()->map(fn (Device $d): DeviceResource => new DeviceResource($d, $here)),
        ];
    }

    /**
     * @param  Collection<int, Person>  $people
     * @param  Collection<int, Skill>  $skills
     * @return list<PersonResource>
     */
    private function people(Collection $people, Collection $skills): array
    {
        $locked = array_values(DB::table('pin_counters')->where('next_try_at', '>', now()->format('Y-m-d H:i:s.u'))->pluck('person')->map(strval(...))->all());
        $credentials = Credential::query()->get()->keyBy('person');
        $links = DB::table('secret_links')->where('used_at', null)->where('until', '>', now()->format('Y-m-d H:i:s.u'))->pluck('person')->flip();
        $recorded = $this->board->recorded($skills);
        $away = Absence::query()->where('cancelled_at', null)->where('last_day', '>=', Shop::here()->today()->date)->orderBy('first_day')->get()->groupBy('person');
        $names = $people->keyBy('id');

        return array_values($people->map(fn (Person $p): PersonResource => new PersonResource($p, [
            'pin_locked' => in_array($p->id, $locked, true),
            'pin' => match (true) {
                $credentials->get($p->id)?->pin_hash === null => 'none',
                $credentials->get($p->id)->pin_given => 'given',
                default => 'own',
            },
            'password' => match (true) {
                $credentials->get($p->id)?->password_hash !== null => 'own',
                $links->has($p->id) => 'link',
                default => 'none',
            },
            'skills' => $skills->where('person', $p->id)->values()->map(fn (Skill $s): array => $this->board->shown($s, $names->get($s->signed_by)?->displayName(), $recorded[$s->id] ?? [])),
            'absences' => ($away->get($p->id) ?? collect())->values()->map(fn (Absence $a): array => ['id' => $a->id, 'first_day' => $a->first_day->format('Y-m-d'), 'last_day' => $a->last_day->format('Y-m-d')]),
        ]))->all());
    }
}
