<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

use Tekkal\Core\Acceptance\Window;
use Tekkal\Core\Unit\Kind;

/** Something to confirm, measure or compare before, between or after the rounds. */
final readonly class Check
{
    private const IN_PLAN = ['key', 'kind', 'name', 'low', 'high', 'go', 'no_go', 'compare_with', 'change_at_most', 'needs'];

    /**
     * @param  Window|null  $window  for measured kinds; of the change for compare
     * @param  list<string>  $needs  keys of checks that must have passed before
     * @param  array<string, mixed>  $planFields
     */
    private function __construct(
        public string $key,
        public CheckKind $kind,
        public string $name,
        public ?Window $window,
        public ?string $compareWith,
        public array $needs,
        private array $planFields,
    ) {
    }

    /** @param  list<string>  $checks  keys of all checks */
    public static function read(ObjectReader $f, array $checks): self
    {
        $f->optionalString('method');
        $f->string('why');
        $f->optionalString('source');

        return self::inPlan($f, $checks);
    }

    /**
     * Reads the part of a check that a plan carries.
     *
     * @param  list<string>  $checks
     */
    public static function inPlan(ObjectReader $f, array $checks): self
    {
        $kind = CheckKind::from($f->oneOf('kind', array_column(CheckKind::cases(), 'value')));
        $window = match ($kind) {
            CheckKind::Confirm => null,
            CheckKind::GoNoGo => self::gauges($f),
            CheckKind::Measure, CheckKind::Interval => $f->window(null) ?? self::limitWanted($f, 'high'),
            CheckKind::Compare => $f->window(null, 'none', 'change_at_most') ?? self::limitWanted($f, 'change_at_most'),
        };
        $with = $kind === CheckKind::Compare ? $f->oneOf('compare_with', $checks) : null;

        return new self(
            $f->string('key'), $kind, $f->string('name'), $window, $with,
            array_values(array_unique([...$f->namesOf('needs', $checks, 'a check'), ...($with === null ? [] : [$with])])),
            $f->slice(self::IN_PLAN),
        );
    }

    public function measures(): ?Kind
    {
        return $this->kind->isMeasured() ? $this->window?->kind() : null;
    }

    /** What its answer has to be, for a table: "0.05–0.25 mm", "changed by at most 0.01 mm", "yes". */
    public function limits(): string
    {
        return match ($this->kind) {
            CheckKind::Confirm => 'yes',
            CheckKind::GoNoGo => sprintf('%s enters, %s does not', $this->window?->low?->typeset() ?? '', $this->window?->high?->typeset() ?? ''),
            CheckKind::Compare => sprintf('changed by at most %s', $this->window?->high?->typeset() ?? ''),
            CheckKind::Measure, CheckKind::Interval => $this->window?->typeset() ?? '',
        };
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return $this->planFields;
    }

    private static function gauges(ObjectReader $f): ?Window
    {
        self::limitWanted($f, 'go');
        self::limitWanted($f, 'no_go');

        return $f->window(Kind::Length, 'go', 'no_go');
    }

    private static function limitWanted(ObjectReader $f, string $key): null
    {
        if (! $f->has($key)) {
            $f->problem($key, 'at least one limit is wanted');
        }

        return null;
    }
}
