<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Run\Body;
use Tekkal\Core\Run\ReadingNotes;
use Tekkal\Core\Run\ReadingSource;
use Tekkal\Core\Run\Stamp;
use Tekkal\Core\Run\Watched;
use Tekkal\Core\Unit\Written;

/** A value was read at a step: by a person from a scale, or by a tool itself. */
final readonly class ReadingTaken extends ResultEvent
{
    public ?string $raw;

    public ?string $adapter;

    public ?string $reaction;

    public ?string $card;

    /** @param  list<Watched>  $watched */
    public function __construct(
        Stamp $stamp,
        string $step,
        public Written $value,
        public ReadingSource $source,
        public string $tool,
        public array $watched = [],
        ReadingNotes $notes = new ReadingNotes,
    ) {
        parent::__construct($stamp, $step);
        [$this->raw, $this->adapter, $this->reaction, $this->card] = [$notes->raw, $notes->adapter, $notes->reaction, $notes->card];
    }

    public static function declaration(): Declaration
    {
        return new Declaration('reading_taken', 1, 'a value was read', [
            Field::wanted('step', FieldKind::Step, 'the step'),
            Field::wanted('value', FieldKind::Quantity, 'as the tool showed it'),
            Field::maybe('raw', FieldKind::Text, 'as it was given, before anything read it'),
            Field::word('source', ReadingSource::class, 'where it came from; `typed` if nothing is said', true),
            Field::wanted('tool', FieldKind::Id, 'the tool'),
            Field::maybe('adapter', FieldKind::Number, 'the adapter between tool and fastener'),
            Field::maybe('watched', FieldKind::Watched, 'what was watched beside it'),
            Field::maybe('reaction', FieldKind::Position, 'where the reaction arm stood'),
            Field::maybe('card', FieldKind::Id, 'the job card that it was copied from'),
        ]);
    }

    public static function fromBody(Stamp $stamp, Body $body): self
    {
        return new self(
            $stamp, $body->key('step'), $body->quantity('value'), $body->optionalWord('source', ReadingSource::class) ?? ReadingSource::Typed, $body->key('tool'),
            array_map(Watched::fromBody(...), $body->objects('watched')),
            new ReadingNotes($body->optionalText('raw', 80), $body->optionalKey('adapter'), $body->optionalKey('reaction'), $body->optionalKey('card')),
        );
    }
}
