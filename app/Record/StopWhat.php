<?php

declare(strict_types=1);

namespace App\Record;

/** What can be stopped for everybody. */
enum StopWhat: string
{
    case Revision = 'revision';
    case Tool = 'tool';
    case Lot = 'lot';
}
