<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

/** One field of an event: its key, what it may hold, and what it says. */
final readonly class Field
{
    /**
     * @param  list<string>  $words  the closed set, where there is one
     */
    public function __construct(
        public string $key,
        public FieldKind $kind,
        public string $says,
        public bool $optional = false,
        public array $words = [],
    ) {
    }

    public static function wanted(string $key, FieldKind $kind, string $says): self
    {
        return new self($key, $kind, $says);
    }

    public static function maybe(string $key, FieldKind $kind, string $says): self
    {
        return new self($key, $kind, $says, true);
    }

    /**
     * One of a closed set of words.
     *
     * @param  class-string<\BackedEnum>  $words
     */
    public static function word(string $key, string $words, string $says, bool $optional = false): self
    {
        return new self($key, FieldKind::Word, $says, $optional, array_map(strval(...), array_column($words::cases(), 'value')));
    }

    /** The property that holds it: no_go stands in $noGo. */
    public function property(): string
    {
        return lcfirst(str_replace('_', '', ucwords($this->key, '_')));
    }
}
