<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Run\Body;
use Tekkal\Core\Run\Stamp;
use Tekkal\Core\Run\ToolUse;

/** A tool was taken for every step that controls this quantity, or for holding. */
final readonly class ToolTaken extends Event
{
    public function __construct(
        Stamp $stamp,
        public ToolUse $quantity,
        public string $tool,
        public ?string $adapter = null,
    ) {
        parent::__construct($stamp);
    }

    public static function declaration(): Declaration
    {
        return new Declaration('tool_taken', 1, 'a tool was taken', [
            Field::word('quantity', ToolUse::class, 'what it is for'),
            Field::wanted('tool', FieldKind::Id, 'the tool'),
            Field::maybe('adapter', FieldKind::Number, 'on it'),
        ]);
    }

    public static function fromBody(Stamp $stamp, Body $body): self
    {
        return new self($stamp, $body->word('quantity', ToolUse::class), $body->key('tool'), $body->optionalKey('adapter'));
    }
}
