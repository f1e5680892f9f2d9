<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

/** What an event states of itself: its name in the record, its version, what happened, its fields. */
final readonly class Declaration
{
    /**
     * @param  bool  $isCommand  may be refused; an observation never is
     * @param  list<Field>  $fields
     */
    public function __construct(
        public string $type,
        public int $version,
        public string $says,
        public array $fields = [],
        public bool $isCommand = false,
    ) {
    }

    /** @return list<string> */
    public function keys(): array
    {
        return array_map(fn (Field $f): string => $f->key, $this->fields);
    }
}
