<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

use Tekkal\Core\Acceptance\Window;
use Tekkal\Core\Unit\Kind;

/** Something to confirm, feel, read, measure or compare before, between or after the rounds. */
final readonly class Check
{
    private const IN_PLAN = ['key', 'kind', 'name', 'low', 'high', 'shop_low', 'shop_high', 'go', 'no_go', 'compare_with', 'change_at_most', 'matches', 'expected', 'needs', 'turns_shaft', 'way_back'];

    public ?Window $window;

    /** The check with whose value or marking it is compared. */
    public ?string $compareWith;

    /** @var list<string> keys of checks that must have passed before */
    public array $needs;

    /** Is it done by turning the shaft? */
    public bool $turnsShaft;

    public ?WayBack $wayBack;

    /** @var array<string, mixed> */
    private array $planFields;

    /** @param  list<string>  $checks  keys of all checks */
    private function __construct(ObjectReader $f, public string $key, public string $name, public CheckKind $kind, public CheckAnswer $answer, array $checks)
    {
        [$this->window, $this->compareWith] = [$answer->window, $answer->partner];
        $this->needs = array_values(array_unique([...$f->namesOf('needs', $checks, 'a check'), ...($answer->partner === null ? [] : [$answer->partner])]));
        $this->turnsShaft = $f->boolean('turns_shaft');
        $this->wayBack = $f->has('way_back') ? WayBack::from($f->oneOf('way_back', array_column(WayBack::cases(), 'value'))) : null;
        $this->planFields = $f->slice(self::IN_PLAN);
    }

    /** @param  list<string>  $checks  keys of all checks */
    public static function read(ObjectReader $f, array $checks): self
    {
        $f->optionalString('method');
        $f->string('why');
        $f->optionalString('source');
        Picture::read($f);

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

        return new self($f, $f->string('key'), $f->string('name'), $kind, CheckAnswer::read($f, $kind, $checks), $checks);
    }

    public function measures(): ?Kind
    {
        return $this->kind->isMeasured() ? $this->window?->kind() : null;
    }

    /** What its answer has to be, for a table. */
    public function limits(): string
    {
        return $this->answer->words($this->kind);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return $this->planFields;
    }
}
