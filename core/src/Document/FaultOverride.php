<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

/** A rule that a cited source puts in the place of the shop's usual one. What it does not name, it covers whole. */
final readonly class FaultOverride
{
    private const IN_PLAN = ['fault', 'controlled', 'reuse', 'redo', 'undo', 'reach', 'replace', 'decides', 'may_go_on', 'tool_out', 'repair', 'inspect', 'clean', 'measure_partner'];

    /** @param  array<string, mixed>  $planFields */
    private function __construct(
        public Fault $fault,
        public ?Controlled $controlled,
        public ?Reuse $reuse,
        public ?Scope $redo,
        public FaultRule $rule,
        private array $planFields,
    ) {
    }

    /** @param  list<string>  $sources */
    public static function read(ObjectReader $f, array $sources): self
    {
        $f->oneOf('source', $sources);
        $f->optionalString('why');

        return self::inPlan($f);
    }

    public static function inPlan(ObjectReader $f): self
    {
        $named = fn (string $key, string ...$cases): ?string => $f->has($key) ? $f->oneOf($key, $cases) : null;
        $controlled = $named('controlled', ...array_column(Controlled::cases(), 'value'));
        $reuse = $named('reuse', ...array_column(Reuse::cases(), 'value'));
        $redo = $named('redo', ...array_column(Scope::cases(), 'value'));

        return new self(
            Fault::from($f->oneOf('fault', array_column(Fault::cases(), 'value'))),
            $controlled === null ? null : Controlled::from($controlled),
            $reuse === null ? null : Reuse::from($reuse),
            $redo === null ? null : Scope::from($redo),
            FaultRule::read($f),
            $f->slice(self::IN_PLAN),
        );
    }

    public function covers(Fault $fault, Controlled $controlled, Reuse $reuse, Scope $redo): bool
    {
        return $this->fault === $fault
            && ($this->controlled ?? $controlled) === $controlled
            && ($this->reuse ?? $reuse) === $reuse
            && ($this->redo ?? $redo) === $redo;
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return $this->planFields;
    }
}
