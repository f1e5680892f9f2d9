<?php

declare(strict_types=1);

namespace App\People;

use App\People\Models\Person;
use App\People\Models\Skill;
use App\People\Queries\SkillBoard;
use App\People\Queries\StepsLeft;
use App\Shared\Contracts\Need;
use App\Shared\Contracts\NeedsMe;
use App\Shared\Contracts\Urgency;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;

/** Who is locked out, what only one can do, and what a shop that has just begun still has to do. */
final readonly class PeopleNeeds implements NeedsMe
{
    public function __construct(private StepsLeft $steps, private SkillBoard $board)
    {
    }

    public function needs(): array
    {
        return [
            ...(Gate::allows(Ability::UnlockPins->value) ? self::locked() : []),
            ...(Gate::allows(Ability::SignSkills->value) ? $this->skills() : []),
            ...(Gate::allows(Ability::SetShop->value) ? $this->steps() : []),
        ];
    }

    /** @return list<Need> */
    private static function locked(): array
    {
        $counted = DB::table('pin_counters')->where('next_try_at', '>', now()->format('Y-m-d H:i:s.u'))->pluck('person');
        if ($counted->isEmpty()) {
            return [];
        }
        $locked = Person::query()->where('left_at', null)->whereIn('id', $counted)->get();

        return array_values($locked->map(fn (Person $p): Need => new Need(Urgency::StandsStill, $p->displayName().' is locked out at a bench', 'Too many wrong PINs. It opens again by itself after a while.', 'Unlock the PIN', '/people?person='.$p->id))->all());
    }

    /** @return list<Need> */
    private function skills(): array
    {
        ['says' => $says, 'learning' => $learning] = $this->kept();

        return [...($learning === [] ? [] : $this->learnt($learning)), ...array_map(fn (string $sentence): Need => new Need(Urgency::Next, rtrim($sentence, '.'), 'Where only one can do a thing it stands still whenever they are away.', 'See who else could', '/people'), $says)];
    }

    /**
     * Asked at every desk each quarter of a minute, and the same as long as neither people nor their skills have changed, nor the day.
     *
     * @return array{says: list<string>, learning: array<string, string>} what a lead has to know, and names of who learns something, by skill
     */
    private function kept(): array
    {
        $mark = json_encode([Shop::here()->today()->date, DB::select('CHECKSUM TABLE skills, people, person_roles')], JSON_THROW_ON_ERROR);
        $key = 'skill-needs:'.config('shop.code');
        /** @var array{string, array{says: list<string>, learning: array<string, string>}}|null $before */
        $before = Cache::get($key);
        $kept = ($before[0] ?? null) === $mark ? $before[1] : null;
        if ($kept === null) {
            $skills = $this->board->current();
            $people = Person::query()->whereKey($skills->pluck('person')->unique()->all())->get();
            $kept = ['says' => $this->board->summary($people, $skills), 'learning' => $skills->where('earned', Skill::LEARNING)->mapWithKeys(fn (Skill $s): array => [$s->id => $people->firstWhere('id', $s->person)?->displayName() ?? 'Somebody'])->all()];
            Cache::forever($key, [$mark, $kept]);
        }

        return $kept;
    }

    /**
     * @param  array<string, string>  $learning  names by skill
     * @return list<Need> who has all the supervised builds that were asked for
     */
    private function learnt(array $learning): array
    {
        $skills = Skill::query()->whereKey(array_keys($learning))->get();
        $recorded = $this->board->recorded($skills->toBase());
        $done = $skills->filter(fn (Skill $s): bool => count($s->builds) + count($recorded[$s->id] ?? []) >= $s->wanted);

        return array_values($done->map(fn (Skill $s): Need => new Need(
            Urgency::Next, sprintf('%s has done the supervised builds for %s on %s', $learning[$s->id], $s->method->words(), $s->family),
            implode(', ', [...$s->builds, ...$recorded[$s->id] ?? []]).'. Until somebody signs they go on under a supervisor.', 'Sign it', '/people?person='.$s->person,
        ))->all());
    }

    /** @return list<Need> */
    private function steps(): array
    {
        $left = array_filter($this->steps->all(), fn (array $step): bool => in_array($step['state'], ['open', 'later'], true));

        return array_values(array_map(fn (array $step): Need => new Need(Urgency::Next, $step['title'].': still to be done', ucfirst($step['about']).'.', 'Do it', '/first-steps?step='.$step['key']), $left));
    }
}
