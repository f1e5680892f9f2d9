<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

/** How far one replacement or one fault reaches. */
enum Scope: string
{
    case Position = 'position';
    case Part = 'part';
    case Group = 'group';
    case Joint = 'joint';

    /** The wider of the two; the cases stand in order, the narrowest first. */
    public function wider(self $other): self
    {
        return array_search($this, self::cases(), true) >= array_search($other, self::cases(), true) ? $this : $other;
    }

    public function words(): string
    {
        return match ($this) {
            self::Position => 'this position',
            self::Part => 'every position of this part',
            self::Group => 'every position of this group',
            self::Joint => 'every position of the joint',
        };
    }
}
