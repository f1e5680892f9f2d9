<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

/** May a fastener be tightened again once it has reached its loading stage? */
enum Reuse: string
{
    case Never = 'never';
    /** If a measured check passes: neck diameter, length, permanent set. */
    case IfCheckPasses = 'if_check_passes';
    case UpTo = 'up_to';
    case Free = 'free';

    public function words(): string
    {
        return match ($this) {
            self::Never => 'never again',
            self::IfCheckPasses => 'again if its check passes',
            self::UpTo => 'again, a stated number of times',
            self::Free => 'again without limit',
        };
    }
}
