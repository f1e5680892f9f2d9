<?php

declare(strict_types=1);

namespace Tekkal\Core\Call;

use Tekkal\Core\Run\WatchedQuantity;

/** Something that is typed or scanned into a call, and where it goes in the event. */
final readonly class Field
{
    /**
     * @param  string  $into  the key of the event that it fills; "watched" for an item of that list
     * @param  bool  $optional  may be left empty
     * @param  array<string, string>  $watched  what it is that is read beside the value, and the tool that shows it where it is another
     */
    private function __construct(
        public string $name,
        public string $label,
        public FieldKind $kind,
        public string $into,
        public bool $optional = false,
        public ?Scale $scale = null,
        private array $watched = [],
    ) {
    }

    /** @param  string  $into  a key of the event that holds a value with its unit */
    public static function value(string $into, string $label, Scale $scale): self
    {
        return new self($into, $label, FieldKind::Value, $into, scale: $scale);
    }

    /** @param  string|null  $tool  that showed it, where it is another than the one of the value */
    public static function watched(WatchedQuantity $what, string $label, Scale $scale, ?string $tool, bool $optional = false): self
    {
        return new self($what->value, $label, FieldKind::Value, 'watched', $optional, $scale, ['what' => $what->value] + ($tool === null ? [] : ['tool' => $tool]));
    }

    public static function count(string $into, string $label): self
    {
        return new self($into, $label, FieldKind::Count, $into);
    }

    public static function text(string $into, string $label, bool $optional = false): self
    {
        return new self($into, $label, FieldKind::Text, $into, $optional);
    }

    /** @return array<string, mixed> what has no value is left out */
    public function toArray(): array
    {
        return ['name' => $this->name, 'label' => $this->label, 'kind' => $this->kind->value, 'into' => $this->into, 'optional' => $this->optional]
            + ($this->scale === null ? [] : ['scale' => $this->scale->toArray()]) + $this->watched;
    }
}
