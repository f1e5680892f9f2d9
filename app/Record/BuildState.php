<?php

declare(strict_types=1);

namespace App\Record;

enum BuildState: string
{
    case Open = 'open';
    case Finished = 'finished';
    case Shipped = 'shipped';
}
