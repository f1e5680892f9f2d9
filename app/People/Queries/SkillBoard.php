<?php

declare(strict_types=1);

namespace App\People\Queries;

use App\People\Contracts\SupervisedBuilds;
use App\People\Models\Person;
use App\People\Models\PersonRole;
use App\People\Models\Skill;
use App\People\Role;
use App\People\Shop;
use Illuminate\Support\Collection;
use Tekkal\Core\Schedule\SkillStanding;
use Tekkal\Core\Tool\Day;

/** Who may do what alone, by family and method: where only one can, and what ends soon. */
final class SkillBoard
{
    /** @var array<string, SkillStanding> by skill: each is asked for several times, of dozens */
    private array $standings = [];

    private ?Day $today = null;

    public function __construct(private readonly SupervisedBuilds $supervised)
    {
    }

    /** @return Collection<int, Skill> the last word about each family and method, of everybody who works at a bench now */
    public function current(): Collection
    {
        return Skill::query()->where('ended_at', null)->whereIn('person', PersonRole::query()->where('role', Role::Assembler->value)->select('person'))->orderBy('family')->get();
    }

    /**
     * @param  Collection<int, Skill>  $skills
     * @return array<string, list<string>> engines that were done under a supervisor since it was put down that it is being learnt, by skill
     */
    public function recorded(Collection $skills): array
    {
        return $this->supervised->of(array_values($skills->where('earned', Skill::LEARNING)->all()));
    }

    /**
     * @param  list<string>  $recorded
     * @return array<string, mixed>
     */
    public function shown(Skill $skill, ?string $signedBy, array $recorded): array
    {
        return [
            'id' => $skill->id, 'family' => $skill->family, 'method' => $skill->method->value, 'earned' => $skill->earned, 'wanted' => $skill->wanted, 'builds' => $skill->builds, 'recorded' => $recorded, 'note' => $skill->note,
            'signed_by' => $signedBy, 'signed_at' => $skill->signed_at->toIso8601ZuluString(), 'valid_until' => $skill->valid_until?->format('Y-m-d'), 'standing' => $this->standing($skill)->value,
        ];
    }

    /**
     * @param  Collection<int, Skill>  $skills
     * @return list<array{family: string, method: string, people: int}>
     */
    public function alone(Collection $skills): array
    {
        return array_values($skills->groupBy(self::key(...))->map(fn (Collection $of): array => [
            'family' => $of->firstOrFail()->family, 'method' => $of->firstOrFail()->method->value, 'people' => $of->filter($this->mayAlone(...))->count(),
        ])->all());
    }

    /**
     * The skills of which this person is the only one who may do them alone.
     *
     * @return list<Skill>
     */
    public function onlyOf(Person $person): array
    {
        return array_values($this->current()->groupBy(self::key(...))->map(fn (Collection $of) => $of->filter($this->mayAlone(...)))
            ->filter(fn (Collection $of): bool => $of->count() === 1 && $of->firstOrFail()->person === $person->id)->map(fn (Collection $of): Skill => $of->firstOrFail())->all());
    }

    /**
     * What a lead has to know of it, most pressing first.
     *
     * @param  Collection<int, Person>  $people
     * @param  Collection<int, Skill>  $skills
     * @return list<string>
     */
    public function summary(Collection $people, Collection $skills): array
    {
        $names = $people->keyBy('id');
        $said = [];
        foreach ($skills->groupBy(self::key(...)) as $of) {
            $able = $of->filter($this->mayAlone(...));
            $first = $of->firstOrFail();
            $what = $first->method->words().' on '.$first->family;
            $said[] = match (true) {
                $able->isEmpty() => [0, "Nobody may do $what alone."],
                $able->count() === 1 => [1, sprintf('Only %s may do %s alone%s.', $names->get($able->firstOrFail()->person)?->displayName() ?? 'one', $what, $this->ends($able->firstOrFail()))],
                default => null,
            };
            foreach ($able->count() < 2 ? [] : $able->filter(fn (Skill $s): bool => $this->standing($s) === SkillStanding::Ending) as $skill) {
                $said[] = [2, sprintf('%s’s signature for %s ends on %s.', $names->get($skill->person)?->displayName() ?? 'Somebody', $what, $skill->valid_until?->format('j F'))];
            }
        }
        $said = array_values(array_filter($said));
        usort($said, fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return array_column($said, 1);
    }

    private function ends(Skill $skill): string
    {
        return $this->standing($skill) === SkillStanding::Ending ? ', and that signature ends on '.$skill->valid_until?->format('j F') : '';
    }

    private function mayAlone(Skill $skill): bool
    {
        return $this->standing($skill)->mayAlone();
    }

    private function standing(Skill $skill): SkillStanding
    {
        return $this->standings[$skill->id] ??= $skill->standing($this->today ??= Shop::here()->today());
    }

    private static function key(Skill $skill): string
    {
        return $skill->family.' '.$skill->getAttributes()['method'];
    }
}
