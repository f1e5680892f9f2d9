<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use Tekkal\Core\Plan\Plan;
use Tekkal\Core\Run\Effect\Effect;
use Tekkal\Core\Run\Effect\FactIs;
use Tekkal\Core\Run\Effect\Stood;
use Tekkal\Core\Run\Effect\ThingIs;
use Tekkal\Core\Run\Effect\Undone;

/**
 * The last look at the heads, once everything is done: whoever did it compares each with its picture; of a joint of class A
 * somebody else does so as well, without being told what the first had seen.
 */
final readonly class LookBook
{
    /** The fact of the joint whose heads were all found as the picture has them; its value is who looked. */
    public const FINAL = 'final_look';

    /** The fact of the joint that says how much hangs on it. */
    public const RISK = 'risk_class';

    /** The fact of the joint that the shop's own rules want a second person to look at the end. */
    public const BY_TWO = 'seen_by_two';

    private const WHOLE = 'joint';

    /** After VDI/VDE 2862, wording from memory: danger to life and limb. */
    private const SEEN_BY_TWO = 'A';

    public function __construct(private Plan $plan, private State $state, private StepBook $steps)
    {
    }

    /** Has nobody looked at all heads since something was last done to one of them? */
    public function isWanting(): bool
    {
        return $this->state->factAt(self::WHOLE, self::FINAL) === null;
    }

    /** @return list<string> the furthest step of each position that a second person has not seen yet, in the order of the plan; empty where one is enough */
    public function unseen(): array
    {
        return ! $this->isForTwo() ? []
            : array_values(array_filter($this->furthest(), fn (string $id): bool => $this->state->factAt($id, StepBook::SECOND_LOOK) === null));
    }

    /** @return list<Effect> what anybody had seen at the end, before something was done again, says nothing any more */
    public function overtaken(Effect ...$effects): array
    {
        $again = array_filter($effects, fn (Effect $e): bool => $e instanceof Stood || $e instanceof Undone || $e instanceof ThingIs && in_array($e->thing->thing, [ThingKind::Bolt, ThingKind::Thread], true));

        return $again === [] || $this->isWanting() ? [] : [new FactIs(self::WHOLE, self::FINAL, null)];
    }

    public function seen(string $by): Effect
    {
        return new FactIs(self::WHOLE, self::FINAL, $by);
    }

    /** Is it a joint at whose heads somebody else looks as well? */
    public function isForTwo(): bool
    {
        return $this->riskClass() === self::SEEN_BY_TWO || $this->state->factAt(self::WHOLE, self::BY_TWO) !== null;
    }

    /** Null in runs that began before it was told. */
    public function riskClass(): ?string
    {
        return $this->state->factAt(self::WHOLE, self::RISK);
    }

    /** @return list<Effect> */
    public function begun(Beginning $beginning): array
    {
        return array_values(array_filter([
            $beginning->riskClass === null ? null : new FactIs(self::WHOLE, self::RISK, $beginning->riskClass),
            $beginning->seenByTwo ? new FactIs(self::WHOLE, self::BY_TWO, 'yes') : null,
        ]));
    }

    /** @return list<string> */
    private function furthest(): array
    {
        $furthest = [];
        foreach ($this->plan->steps as $step) {
            if (isset($this->plan->positions[$step->position]) && $step->kind->isPerPosition() && $this->steps->live($step->id) !== null) {
                $furthest[$step->position] = $step->id;
            }
        }

        return array_values($furthest);
    }
}
