<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Run\Body;
use Tekkal\Core\Run\Stamp;

/** The assembler closed the run with every step done; $meaning is what the signature says. */
final readonly class RunFinished extends Event
{
    public function __construct(
        Stamp $stamp,
        public ?string $meaning = null,
    ) {
        parent::__construct($stamp);
    }

    public static function declaration(): Declaration
    {
        return new Declaration('run_finished', 1, 'closed', [
            Field::maybe('meaning', FieldKind::Text, 'what the signature says'),
        ], true);
    }

    public static function fromBody(Stamp $stamp, Body $body): self
    {
        return new self($stamp, $body->optionalText('meaning'));
    }
}
