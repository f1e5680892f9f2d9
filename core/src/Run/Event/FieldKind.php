<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

/** What a field of an event may hold. */
enum FieldKind
{
    case Step;
    case Steps;
    case Position;
    case Positions;
    /** A position, part, group or "joint", or a step. */
    case Place;
    case Id;
    case Ids;
    /** Of a lot, or of an adapter: as it is printed on it, or as the document calls it. */
    case Number;
    case Text;
    case Word;
    case Count;
    case Flag;
    case Quantity;
    case Watched;

    public function words(): string
    {
        return match ($this) {
            self::Step => 'a step: `stage:place:pass`',
            self::Steps => 'a list of steps',
            self::Position => 'a position',
            self::Positions => 'a list of positions',
            self::Place => 'a step, position, part, group or `joint`',
            self::Id => 'an id',
            self::Ids => 'a list of ids',
            self::Number => 'a number or key without a space',
            self::Text => 'a text',
            self::Word => 'one of',
            self::Count => 'a whole number',
            self::Flag => '`true` or `false`',
            self::Quantity => 'a value with its unit’s code: `"23.5 lbf.ft"`',
            self::Watched => 'a list of `{what, value, tool?}`',
        };
    }
}
