<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use BackedEnum;
use Tekkal\Core\Run\Body;
use Tekkal\Core\Run\Stamp;
use Tekkal\Core\Run\UnreadableBody;
use Tekkal\Core\Run\Watched;
use Tekkal\Core\Unit\Written;

/**
 * Something that happened in a run. Each event is one class that states its type and version, what it holds, and reads and
 * writes itself: the same shape in files, in requests and in the ledger. EventTypes knows them all.
 */
abstract readonly class Event
{
    public function __construct(public Stamp $stamp)
    {
    }

    abstract public static function declaration(): Declaration;

    /** @throws UnreadableBody when its own fields do not say what they must */
    abstract public static function fromBody(Stamp $stamp, Body $body): self;

    final public function type(): string
    {
        return static::declaration()->type;
    }

    /** @return array<string, mixed> flat: type, version, stamp and content; what has no value is left out */
    final public function toBody(): array
    {
        $declared = static::declaration();
        $values = get_object_vars($this);
        $content = [];
        foreach ($declared->fields as $field) {
            $value = self::written($values[$field->property()] ?? null);
            if ($value !== null && $value !== []) {
                $content[$field->key] = $value;
            }
        }

        return ['type' => $declared->type, 'v' => $declared->version] + $this->stamp->toBody() + $content;
    }

    private static function written(mixed $value): mixed
    {
        return match (true) {
            $value instanceof Written => $value->code(),
            $value instanceof BackedEnum => $value->value,
            $value instanceof Watched => $value->toBody(),
            is_array($value) => array_map(self::written(...), $value),
            default => $value,
        };
    }
}
