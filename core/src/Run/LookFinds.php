<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

/** What a second look finds. */
enum LookFinds: string
{
    case AsRecorded = 'as_recorded';
    case Differs = 'differs';
}
