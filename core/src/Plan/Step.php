<?php

declare(strict_types=1);

namespace Tekkal\Core\Plan;

use Tekkal\Core\Acceptance\Window;
use Tekkal\Core\Document\Attestation;
use Tekkal\Core\Document\StageKind;
use Tekkal\Core\Document\StageRules;
use Tekkal\Core\Unit\Kind;
use Tekkal\Core\Unit\Written;

/** One stage at one place. The id is made of the document's keys, so it survives any change of order. */
final readonly class Step
{
    public string $id;

    public string $stage;

    public StageKind $kind;

    public ?Written $threshold;

    /**
     * @param  string  $position  the key of a position; of a part, a leg or "joint" where the stage has no position
     * @param  Written|null  $target  null where there is none, or its value is missing
     * @param  Window|null  $window  null where nothing is judged, or a limit is missing
     * @param  list<Window>  $monitored
     * @param  string|null  $check  the check to be answered here
     * @param  string|null  $leg  of the block it belongs to
     */
    public function __construct(
        public StageRules $rules,
        public string $position,
        public int $pass = 1,
        public ?Written $target = null,
        public ?Window $window = null,
        public array $monitored = [],
        public ?string $check = null,
        public bool $missing = false,
        public ?string $leg = null,
    ) {
        $this->id = self::idOf($rules->key, $position, $pass);
        $this->stage = $rules->key;
        $this->kind = $rules->kind;
        $this->threshold = $rules->threshold;
    }

    public static function idOf(string $stage, string $position, int $pass = 1): string
    {
        return "$stage:$position:$pass";
    }

    /** The controlled quantity; null where nothing is measured. */
    public function quantity(): ?Kind
    {
        return $this->kind->controls();
    }

    /** A repeat that is needed only if something moved in the pass before. */
    public function isConditional(): bool
    {
        return $this->pass > 1;
    }

    /** May a bench go on by itself after it: one measured torque or angle against two limits, and nothing else? */
    public function isStraight(): bool
    {
        return in_array($this->kind, [StageKind::Torque, StageKind::Turn], true)
            && $this->target !== null && $this->window?->isTwoSided() === true
            && $this->monitored === [] && $this->rules->prevailingFrom === null && $this->rules->evidence === Attestation::Measured
            && ! $this->rules->mayContinue && $this->rules->within === null && $this->rules->needs === [];
    }

    /** @return array<string, mixed> what has no value is left out */
    public function toArray(): array
    {
        return array_filter([
            'stage' => $this->stage,
            'position' => $this->position,
            'pass' => $this->pass,
            'target' => self::text($this->target),
            'low' => self::text($this->window?->low),
            'high' => self::text($this->window?->high),
            'monitored' => array_map(fn (Window $w): array => array_filter(['low' => self::text($w->low), 'high' => self::text($w->high)]), $this->monitored),
            'check' => $this->check,
            'missing' => $this->missing,
            'leg' => $this->leg,
        ], fn (mixed $v): bool => $v !== null && $v !== [] && $v !== false);
    }

    private static function text(?Written $value): ?string
    {
        return $value === null ? null : $value->digits.' '.$value->unit->code();
    }
}
