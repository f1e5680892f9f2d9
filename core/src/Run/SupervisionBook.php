<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use Tekkal\Core\Run\Effect\Effect;
use Tekkal\Core\Run\Effect\FactIs;
use Tekkal\Core\Run\Effect\Found;
use Tekkal\Core\Run\Effect\Stood;
use Tekkal\Core\Run\Effect\ThingIs;
use Tekkal\Core\Run\Effect\Undone;

/**
 * Somebody who is still learning works under somebody who may do it alone, signed in on the same run; at the end both put
 * their names to it. Common practice, no source.
 */
final readonly class SupervisionBook
{
    /** The fact of the joint that whoever holds the run works under a supervisor; its value says at what. */
    public const WHAT = 'supervised';

    /** The fact of the joint who stands beside it now. */
    public const BY = 'supervisor';

    /** The fact of the joint that the supervisor has signed for what was done; its value is who. */
    public const SIGNED = 'supervisor_signed';

    /** The fact of a step that was done while nobody stood beside it; its value is who did it. */
    public const UNSEEN = 'unsupervised';

    private const WHOLE = 'joint';

    public function __construct(private State $state)
    {
    }

    /** "stretch on HG4"; null where whoever holds the run may do it alone. */
    public function what(): ?string
    {
        return $this->state->factAt(self::WHOLE, self::WHAT);
    }

    public function supervisor(): ?string
    {
        return $this->state->factAt(self::WHOLE, self::BY);
    }

    /** Who stood beside it last and has signed, so that what follows needs no other name. */
    public function signedBy(): ?string
    {
        return $this->state->factAt(self::WHOLE, self::SIGNED);
    }

    /** Is a supervisor wanted, and none there? */
    public function isAlone(): bool
    {
        return $this->what() !== null && $this->supervisor() === null;
    }

    public function isUnsigned(): bool
    {
        return $this->what() !== null && $this->signedBy() === null;
    }

    /** @return list<Effect> in whose hands it is now: nobody supervises yet */
    public function passes(?string $what): array
    {
        return $this->put([self::WHAT => $what, self::BY => null, self::SIGNED => null]);
    }

    /** @return list<Effect> */
    public function comes(string $supervisor): array
    {
        return $this->put([self::BY => $supervisor, self::SIGNED => null]);
    }

    /** @return list<Effect> */
    public function leaves(): array
    {
        return $this->put([self::BY => null]);
    }

    /** @return list<Effect> */
    public function signs(string $supervisor): array
    {
        return $this->put([self::SIGNED => $supervisor]);
    }

    /** @return list<string> steps that stand as they were done while nobody stood beside it */
    public function unseen(): array
    {
        return array_map(strval(...), array_keys($this->state->facts(self::UNSEEN)));
    }

    /**
     * What comes of what was done: it is seen or not, and what was signed for before is not signed for any more.
     *
     * @return list<Effect>
     */
    public function after(Effect ...$effects): array
    {
        $again = array_filter($effects, fn (Effect $e): bool => $e instanceof Stood || $e instanceof Undone || $e instanceof ThingIs);
        if ($this->what() === null || $again === []) {
            return [];
        }
        $steps = array_values(array_unique(array_map(fn (Stood $e): string => $e->step, array_values(array_filter($again, fn (Effect $e): bool => $e instanceof Stood)))));
        $found = $steps !== [] && $this->isAlone() ? [new Found(FindingKind::Unsupervised, sprintf('It was done by somebody who works under a supervisor (%s), and none had signed in.', $this->what()), $steps)] : [];

        return [...$found, ...array_merge(...array_map($this->seen(...), $steps)), ...$this->put([self::SIGNED => null])];
    }

    /** @return list<Effect> */
    private function seen(string $step): array
    {
        $by = $this->isAlone() ? $this->state->hands()?->person : null;

        return $this->state->factAt($step, self::UNSEEN) === $by ? [] : [new FactIs($step, self::UNSEEN, $by)];
    }

    /**
     * @param  array<string, string|null>  $facts
     * @return list<Effect> those that are otherwise than before
     */
    private function put(array $facts): array
    {
        $changed = array_filter($facts, fn (?string $value, string $key): bool => $this->state->factAt(self::WHOLE, $key) !== $value, ARRAY_FILTER_USE_BOTH);

        return array_map(fn (string $key, ?string $value): Effect => new FactIs(self::WHOLE, $key, $value), array_keys($changed), $changed);
    }
}
