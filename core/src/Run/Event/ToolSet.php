<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Run\Body;
use Tekkal\Core\Run\SettingRead;
use Tekkal\Core\Run\Stamp;
use Tekkal\Core\Unit\Written;

/** A tool was set, or looked at again after its round; $shows is what its scale says, read off by the person. */
final readonly class ToolSet extends Event
{
    public function __construct(
        Stamp $stamp,
        public string $tool,
        public Written $shows,
        public ?string $adapter = null,
        public ?SettingRead $when = null,
    ) {
        parent::__construct($stamp);
    }

    public static function declaration(): Declaration
    {
        return new Declaration('tool_set', 1, 'what its scale shows', [
            Field::wanted('tool', FieldKind::Id, 'the tool'),
            Field::wanted('shows', FieldKind::Quantity, 'what its scale says'),
            Field::maybe('adapter', FieldKind::Number, 'on it'),
            Field::word('when', SettingRead::class, 'before the round or after it', true),
        ]);
    }

    public static function fromBody(Stamp $stamp, Body $body): self
    {
        return new self($stamp, $body->key('tool'), $body->quantity('shows'), $body->optionalKey('adapter'), $body->optionalWord('when', SettingRead::class));
    }
}
