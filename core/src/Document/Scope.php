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
