<?php

declare(strict_types=1);

namespace App\Library\Actions;

use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\Library\Models\RiskRuleSet;
use App\People\Models\Person;
use App\Shared\Ids;
use App\Shared\Refused;
use Tekkal\Core\CoreException;

/** What the shop wants of each risk class: asked for by one person, signed by another. What is under way stays as it began. */
final readonly class SetRiskRules
{
    private const STREAM = 'standard/';

    public function __construct(private Recorder $recorder)
    {
    }

    /** @param  array<string, array{least: string, watched: bool, second_look: bool}>  $rules  by class */
    public function ask(array $rules, string $why, Person $by): string
    {
        try {
            RiskRuleSet::from($rules);
        } catch (CoreException $e) {
            throw Refused::field("rules.$e->what", $e->getMessage(), $e->value);
        }

        return $this->recorder->transaction(function () use ($rules, $why, $by): string {
            $this->recorder->lock('register/risk-rules');
            $id = Ids::next();
            $this->recorder->append(new Draft(Ids::next(), 'risk_rules_asked', self::STREAM.$id, $by->id, data: [
                'classes' => array_map(fn (string $class, array $r): array => ['class' => $class] + $r, array_keys($rules), $rules), 'why' => $why,
            ]));

            return $id;
        });
    }

    public function approve(string $id, Person $by, string $signature): void
    {
        $this->recorder->transaction(function () use ($id, $by, $signature): void {
            $this->recorder->lock('register/risk-rules');
            $set = RiskRuleSet::query()->find($id) ?? throw Refused::notFound(RiskRuleSet::missing());
            if ($set->asked_by === $by->id) {
                throw Refused::forbidden('Nobody approves what they asked for. Ask another approver to sign.');
            }
            if ($set->state !== 'asked') {
                throw Refused::field('rules', $set->state === 'dropped' ? 'They were asked for otherwise meanwhile. Look at what is asked for now.' : 'They were signed already.');
            }
            $this->recorder->append(new Draft(Ids::next(), 'risk_rules_approved', self::STREAM.$id, $by->id, data: ['signature' => $signature, 'meaning' => 'approved as the shop’s rules for its risk classes']));
        });
    }
}
