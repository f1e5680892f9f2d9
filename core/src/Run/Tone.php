<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

/** How a sentence is to be said. */
enum Tone: string
{
    case Good = 'good';
    /** Something went wrong; the work stops. */
    case Stop = 'stop';
    /** Nothing moved by it. */
    case Aside = 'aside';
    /** Worth knowing. */
    case Note = 'note';
}
