<?php

declare(strict_types=1);

namespace Tekkal\Core\Tool;

use Tekkal\Core\Unit\Written;

/** All that the crib says of a tool: what it is, how it may be used, by when it is calibrated again, where it hangs and whose it is. */
final readonly class ToolRecord
{
    /** @param  list<string>  $directions  in which it may be used */
    private function __construct(
        public string $code,
        public string $name,
        public ToolForm $form,
        public ToolRange $range,
        public Written $resolution,
        public array $directions,
        public ?WrenchClass $class,
        public ?Permissible $permissible,
        public ?Written $threshold,
        public ?Written $length,
        public ?Written $angle,
        public string $place,
        public string $owner,
        public ?int $months,
        public ?int $cycles,
    ) {
    }

    /**
     * @param  array<string, string>  $fields  as somebody typed them; see FIELDS
     *
     * @throws ToolException that names the field, what stood in it and what is wanted
     */
    public static function read(array $fields): self
    {
        $of = new RecordFields($fields);
        $form = $of->form();
        $unit = $of->unit($form);
        $range = $of->range($unit);
        $class = $of->wrenchClass($form);

        return new self(
            $of->code(), $of->line('name', 120), $form, $range, $of->resolution($unit, $range), $of->directions(), $class,
            $of->permissible($form, $unit), $of->threshold($form), $of->length(), $of->angle(), $of->optionalLine('place', 40), $of->optionalLine('owner', 60),
            $of->count('months', 60), $of->count('cycles', 1_000_000),
        );
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
