<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Run\Body;
use Tekkal\Core\Run\Stamp;

/** Lubricant, locker or sealant went on, from a lot. */
final readonly class AgentApplied extends Event
{
    /** @param  list<string>  $positions */
    public function __construct(
        Stamp $stamp,
        public string $agent,
        public array $positions,
        public ?string $lot = null,
    ) {
        parent::__construct($stamp);
    }

    public static function declaration(): Declaration
    {
        return new Declaration('agent_applied', 1, 'lubricant, locker or sealant went on', [
            Field::wanted('agent', FieldKind::Place, 'its key in the document'),
            Field::wanted('positions', FieldKind::Positions, 'the positions'),
            Field::maybe('lot', FieldKind::Number, 'it came from'),
        ]);
    }

    public static function fromBody(Stamp $stamp, Body $body): self
    {
        return new self($stamp, $body->key('agent'), $body->keys('positions'), $body->optionalKey('lot'));
    }
}
