<?php

declare(strict_types=1);

namespace Tekkal\Core\Tool;

use Tekkal\Core\Unit\Written;

/** All that the crib says of a tool: what it is, how it may be used, by when it is calibrated again, where it hangs and whose it is. */
final readonly class ToolRecord
{
    public string $code;

    public string $name;

    public ToolForm $form;

    public ToolRange $range;

    public Written $resolution;

    /** @var list<string> in which it may be used */
    public array $directions;

    public ?WrenchClass $class;

    public ?Permissible $permissible;

    public ?Written $threshold;

    /** From a wrench's square to its marked grip; from an adapter's square to the fastener. */
    public ?Written $length;

    public ?Written $angle;

    public string $place;

    public string $owner;

    /** Between calibrations; null: not by time. */
    public ?int $months;

    /** Pulls between calibrations; null: they are not counted. */
    public ?int $cycles;

    private function __construct(RecordFields $of)
    {
        $this->form = $of->form();
        $unit = $of->unit($this->form);
        [$this->range, $this->class] = [$of->range($unit), $of->wrenchClass($this->form)];
        [$this->code, $this->name] = [$of->code(), $of->line('name', 120)];
        [$this->resolution, $this->directions] = [$of->resolution($unit, $this->range), $of->directions()];
        [$this->permissible, $this->threshold] = [$of->permissible($this->form, $unit), $of->threshold($this->form)];
        [$this->length, $this->angle] = [$of->length(), $of->angle()];
        [$this->place, $this->owner] = [$of->optionalLine('place', 40), $of->optionalLine('owner', 60)];
        [$this->months, $this->cycles] = [$of->count('months', 60), $of->count('cycles', 1_000_000)];
    }

    /**
     * @param  array<string, string>  $fields  as somebody typed them
     *
     * @throws ToolException that names the field, what stood in it and what is wanted
     */
    public static function read(array $fields): self
    {
        return new self(new RecordFields($fields));
    }

    /** @return array<string, string> what read() takes; what nobody said is left out */
    public function toFields(): array
    {
        return array_filter([
            'code' => $this->code, 'name' => $this->name, 'form' => $this->form->value, 'class' => (string) $this->class?->value,
            'unit' => $this->resolution->unit->code(), 'lowest' => $this->range->lowest->digits, 'highest' => $this->range->highest->digits, 'resolution' => $this->resolution->digits,
            'directions' => implode(' ', $this->directions), 'permissible' => (string) $this->permissible?->code(), 'threshold' => (string) $this->threshold?->code(),
            'length' => (string) $this->length?->code(), 'angle' => (string) $this->angle?->code(), 'place' => $this->place, 'owner' => $this->owner,
            'months' => (string) $this->months, 'cycles' => (string) $this->cycles,
        ], fn (string $v): bool => $v !== '');
    }
}
