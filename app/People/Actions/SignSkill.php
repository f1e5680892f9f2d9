<?php

declare(strict_types=1);

namespace App\People\Actions;

use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\People\Ability;
use App\People\Contracts\FamilyNames;
use App\People\Models\Person;
use App\People\Models\Skill;
use App\People\Shop;
use App\Shared\Ids;
use App\Shared\Refused;
use Tekkal\Core\CoreException;
use Tekkal\Core\Schedule\Skill as Held;
use Tekkal\Core\Tool\Day;

/** Somebody signs what another may do on engines of one family by one method: after a certificate, after builds under a supervisor, or that it is being learnt. */
final readonly class SignSkill
{
    public function __construct(private Recorder $recorder, private FamilyNames $families)
    {
    }

    /** @param  array{family: string, method: string, earned: string, wanted: int, builds: list<string>, note: string|null, valid_until: string|null}  $terms */
    public function sign(Person $person, array $terms, Person $by): string
    {
        $this->check($person, $terms, $by);
        $id = Ids::next();
        $this->recorder->transaction(fn () => $this->recorder->append(new Draft($id, 'skill_signed', 'person/'.$person->id, $by->id, data: array_filter($terms, fn (mixed $v): bool => $v !== null && $v !== 0))));

        return $id;
    }

    public function end(string $skill, Person $by): void
    {
        $this->recorder->transaction(function () use ($skill, $by): void {
            $held = Skill::query()->find($skill) ?? throw Refused::notFound('There is no such skill.');
            $this->recorder->lock('person/'.$held->person);
            if ($held->refresh()->ended_at === null) {
                $this->recorder->append(new Draft(Ids::next(), 'skill_ended', 'person/'.$held->person, $by->id, data: ['skill' => $skill]));
            }
        });
    }

    /** @param  array{family: string, method: string, earned: string, wanted: int, builds: list<string>, note: string|null, valid_until: string|null}  $terms */
    private function check(Person $person, array $terms, Person $by): void
    {
        $who = $person->displayName();
        match (true) {
            $person->id === $by->id => throw Refused::forbidden('Nobody signs their own skill. Ask another lead or an approver.'),
            $person->left_at !== null || ! $person->may(Ability::WorkAtBench) => throw Refused::field('person', "$who does not work at a bench."),
            ! isset($this->families->all()[$terms['family']]) => throw Refused::field('family', sprintf('The library has no engine family %s.', $terms['family']), $terms['family']),
            $terms['earned'] === Skill::CERTIFICATE && $terms['note'] === null => throw Refused::field('note', 'Say which certificate: who gave it, its number or its day.'),
            $terms['earned'] === Skill::SUPERVISED && $terms['builds'] === [] => throw Refused::field('builds', 'Say on which builds, by serial number: at least one.'),
            $terms['valid_until'] !== null && Shop::here()->today()->isAfter(Day::of($terms['valid_until'])) => throw Refused::field('valid_until', sprintf('%s is over already.', Day::of($terms['valid_until'])->words()), $terms['valid_until']),
            default => null,
        };
        if ($terms['earned'] === Skill::LEARNING) {
            try {
                Held::learning($terms['wanted'], count($terms['builds']));
            } catch (CoreException $e) {
                throw Refused::field($e->what, $e->getMessage(), $e->value);
            }
        }
    }
}
