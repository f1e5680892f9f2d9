<?php

declare(strict_types=1);

namespace Tekkal\Core\Tool;

/** What a calibration says of the time before it. */
enum AsFound: string
{
    case Good = 'good';
    case Failed = 'failed';
    /** It broke, was lost or could not be read: nobody will ever know. */
    case Unread = 'unread';
    /** There was no time before it: a new tool. */
    case New = 'new';

    public static function conforming(bool $conforms): self
    {
        return $conforms ? self::Good : self::Failed;
    }
}
