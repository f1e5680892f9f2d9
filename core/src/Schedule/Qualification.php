<?php

declare(strict_types=1);

namespace Tekkal\Core\Schedule;

/**
 * May somebody carry a procedure out, by what was signed of them? Alone where every method it asks for is signed and has not
 * ended; under a supervisor where they are learning it, or where a signature has ended; not at all where nobody has put down
 * that they learn it. Common practice, no source.
 */
final readonly class Qualification
{
    /**
     * @param  list<Method>  $learning  methods that they may do under a supervisor only
     * @param  list<Method>  $unknown  methods of which nothing stands of them
     */
    private function __construct(private string $family, public array $learning, public array $unknown)
    {
    }

    /**
     * @param  string  $family  its code
     * @param  list<Method>  $asked  by the procedure
     * @param  array<string, SkillStanding>  $held  by method
     */
    public static function of(string $family, array $asked, array $held): self
    {
        $is = fn (Method $m): ?SkillStanding => $held[$m->value] ?? null;

        return new self(
            $family,
            array_values(array_filter($asked, fn (Method $m): bool => $is($m) !== null && ! $is($m)->mayAlone())),
            array_values(array_filter($asked, fn (Method $m): bool => $is($m) === null)),
        );
    }

    public function isAlone(): bool
    {
        return $this->learning === [] && $this->unknown === [];
    }

    public function isNone(): bool
    {
        return $this->unknown !== [];
    }

    /** "stretch and angle on HG4": what they may not do, or may do under a supervisor only; empty where they may do it alone. */
    public function what(): string
    {
        $methods = array_map(fn (Method $m): string => $m->words(), $this->unknown === [] ? $this->learning : $this->unknown);
        $last = array_pop($methods);

        return $last === null ? '' : ($methods === [] ? $last : implode(', ', $methods)." and $last")." on $this->family";
    }
}
