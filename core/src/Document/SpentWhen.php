<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

/** From when on a fastener that may be used once is used up. */
enum SpentWhen: string
{
    /** When it reaches its loading stage: taken to yield, or to its angle. */
    case Loaded = 'loaded';
    /** When it is first turned in: what is on its threads, a locker or sealant put on by its maker, works once. */
    case Turned = 'turned';
}
