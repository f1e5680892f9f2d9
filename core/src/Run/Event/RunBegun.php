<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Run\Body;
use Tekkal\Core\Run\Stamp;

/** An assembler began the run at a device. */
final readonly class RunBegun extends Event
{
    public function __construct(
        Stamp $stamp,
        public ?string $assignment = null,
    ) {
        parent::__construct($stamp);
    }

    public static function declaration(): Declaration
    {
        return new Declaration('run_begun', 1, 'an assembler began at a bench', [
            Field::maybe('assignment', FieldKind::Id, 'the job that it carries out'),
        ], true);
    }

    public static function fromBody(Stamp $stamp, Body $body): self
    {
        return new self($stamp, $body->optionalKey('assignment'));
    }
}
