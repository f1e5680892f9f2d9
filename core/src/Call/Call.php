<?php

declare(strict_types=1);

namespace Tekkal\Core\Call;

/** The one thing to do now at a bench: what it is, the number to reach, what is typed, and the keys that answer it. */
final readonly class Call
{
    /** @var array<string, mixed> */
    public array $more;

    public ?string $step;

    public ?string $position;

    /**
     * @param  string  $title  "Bolt 7", "Set the wrench", a check by its name
     * @param  list<string>  $says  how it is done, the most important first; whole sentences begin with a capital, the rest follow the number
     * @param  list<Field>  $fields
     * @param  list<Answer>  $answers  the first is what one usually does
     */
    public function __construct(
        public CallKind $kind,
        public string $title,
        public array $says = [],
        At $at = new At,
        public ?Scale $scale = null,
        public array $fields = [],
        public array $answers = [],
    ) {
        [$this->step, $this->position, $this->more] = [$at->step, $at->position, $at->more];
    }

    /** @param  array<string, mixed>  $more  what belongs to its kind alone: offers of tools, strokes, a time that has to pass */
    public function with(array $more): self
    {
        return new self($this->kind, $this->title, $this->says, new At($this->step, $this->position, $more + $this->more), $this->scale, $this->fields, $this->answers);
    }

    /** @return array<string, mixed> what has no value is left out */
    public function toArray(): array
    {
        return [
            'kind' => $this->kind->value, 'title' => $this->title, 'says' => $this->says,
            'fields' => array_map(fn (Field $f): array => $f->toArray(), $this->fields),
            'answers' => array_map(fn (Answer $a): array => $a->toArray(), $this->answers),
        ] + array_filter(['step' => $this->step, 'position' => $this->position, 'scale' => $this->scale?->toArray()], fn (mixed $v): bool => $v !== null) + $this->more;
    }
}
