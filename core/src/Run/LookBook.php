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
        return $this->state->factAt(self::WHOLE, self::RISK) !== self::SEEN_BY_TWO ? []
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

    /** @return list<Effect> */
    public function ofClass(?string $risk): array
    {
        return $risk === null ? [] : [new FactIs(self::WHOLE, self::RISK, $risk)];
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
