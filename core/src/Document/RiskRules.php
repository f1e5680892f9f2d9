<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

use Tekkal\Core\Unit\Kind;

/**
 * What each risk class asks for in a shop. Classes after VDI/VDE 2862, wording from memory: A danger to life and limb, B a
 * breakdown, C a nuisance. A shop may ask for more than the classes as they come, and never for less of a class than of
 * the one below it.
 */
final readonly class RiskRules
{
    public const CLASSES = ['A', 'B', 'C'];

    /** @param  array<string, ClassRule>  $rules  by class */
    private function __construct(private array $rules)
    {
    }

    /** Common practice, no source: of class A a loading round is never attested as a whole, and two people look. */
    public static function asTheyCome(): self
    {
        return new self([
            'A' => new ClassRule(Attestation::OneByOne, false, true),
            'B' => new ClassRule(Attestation::AsRound, false, false),
            'C' => new ClassRule(Attestation::AsRound, false, false),
        ]);
    }

    /**
     * @param  array<string, ClassRule>  $rules  one for each of A, B and C
     *
     * @throws InvalidRiskRules when a class asks for less than as it comes, or for less than the one below it
     */
    public static function of(array $rules): self
    {
        $come = self::asTheyCome();
        $below = null;
        foreach (array_reverse(self::CLASSES) as $class) {
            $rule = $rules[$class] ?? throw new InvalidRiskRules("Say what class $class asks for.", $class, '', 'a rule for each of A, B and C');
            if (! $rule->isNoWeakerThan($come->for($class))) {
                throw new InvalidRiskRules(sprintf('Class %s asks for at least %s; this asks for %s.', $class, $come->for($class)->words(), $rule->words()), $class, $rule->words(), 'at least '.$come->for($class)->words());
            }
            if ($below !== null && ! $rule->isNoWeakerThan($rules[$below])) {
                throw new InvalidRiskRules(sprintf('Class %s would ask for less than class %s, which asks for %s.', $class, $below, $rules[$below]->words()), $class, $rule->words(), 'at least '.$rules[$below]->words());
            }
            $below = $class;
        }

        return new self(array_intersect_key($rules, array_flip(self::CLASSES)));
    }

    /** @throws InvalidRiskRules unless it is A, B or C */
    public function for(string $class): ClassRule
    {
        return $this->rules[$class] ?? throw new InvalidRiskRules("There is no risk class \"$class\".", 'risk_class', $class, 'A, B or C');
    }

    /** @return array<string, ClassRule> by class */
    public function all(): array
    {
        return $this->rules;
    }

    /**
     * Where a procedure allows less than its class asks for. Trial fits and rounds before the loading one are nobody's proof.
     *
     * @return array<string, list<string>> sentences without a full stop, by the key of the round
     */
    public function fallsShort(Revision $revision): array
    {
        if ($revision->purpose !== Purpose::Tightening) {
            return [];
        }
        $rule = $this->for($revision->riskClass);
        $short = [];
        foreach (self::fromLoadingOn($revision) as $stage) {
            $why = [
                $rule->least->allows($stage->rules->result->evidence) ? '' : sprintf('it may rest on %s; in this shop class %s wants %s', $stage->rules->result->evidence->words(), $revision->riskClass, $rule->least->words()),
                $rule->watched && self::watchesNothing($stage) ? sprintf('nothing is watched beside its %s; in this shop class %s wants a second quantity', $stage->rules->kind->controls()->value ?? 'target', $revision->riskClass) : '',
            ];
            $why = array_values(array_filter($why));
            $short += $why === [] ? [] : [$stage->key() => $why];
        }

        return $short;
    }

    /** @return list<Stage> where none is said to be the loading one, all that load a fastener */
    private static function fromLoadingOn(Revision $revision): array
    {
        $earnest = array_values(array_filter($revision->stages(), fn (Stage $s): bool => $s->rules->kind->turnsBolt() && ! $s->rules->result->trial));
        $loading = array_search(true, array_map(fn (Stage $s): bool => $s->rules->result->loading, $earnest), true);

        return array_slice($earnest, (int) $loading);
    }

    /** Stretch is proof of itself. */
    private static function watchesNothing(Stage $stage): bool
    {
        return in_array($stage->rules->kind->controls(), [Kind::Torque, Kind::Angle], true)
            && array_filter($stage->targets, fn (StageTarget $t): bool => $t->monitored === []) !== [];
    }
}
