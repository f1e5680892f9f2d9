<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Run\Body;
use Tekkal\Core\Run\Stamp;

/** A check was answered: yes or no; of a go/no-go pair, whether the go gauge entered and whether the no-go gauge did. */
final readonly class CheckAnswered extends ResultEvent
{
    public function __construct(
        Stamp $stamp,
        string $step,
        public ?bool $go = null,
        public ?bool $noGo = null,
        public ?string $feel = null,
    ) {
        parent::__construct($stamp, $step);
    }

    public static function declaration(): Declaration
    {
        return new Declaration('check_answered', 1, 'yes or no; of a go/no-go pair, whether each gauge entered', [
            Field::wanted('step', FieldKind::Step, 'the step'),
            Field::maybe('go', FieldKind::Flag, 'yes; the go gauge entered'),
            Field::maybe('no_go', FieldKind::Flag, 'the no-go gauge entered'),
            Field::maybe('feel', FieldKind::Text, 'what a hand felt, in a word'),
        ]);
    }

    public static function fromBody(Stamp $stamp, Body $body): self
    {
        return new self($stamp, $body->key('step'), $body->optionalBoolean('go'), $body->optionalBoolean('no_go'), $body->optionalText('feel'));
    }
}
