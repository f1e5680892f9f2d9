<?php

declare(strict_types=1);

namespace Tekkal\Core\Document\StageKinds;

/** What a stage of a kind says of its positions. */
enum Targets
{
    /** Each has a target and its window. */
    case Wanted;
    /** Each has a target, and that is the least: the window has no upper limit. */
    case WantedAsLeast;
    /** Each has limits and nothing to aim at. */
    case LimitsOnly;
    /** Limits where the document states some. */
    case LimitsIfStated;
    /** Positions may be named one by one, without any value. */
    case PlacesOnly;
    /** It is not done at positions of its groups. */
    case None;

    public function areWanted(): bool
    {
        return match ($this) {
            self::Wanted, self::WantedAsLeast, self::LimitsOnly => true,
            self::LimitsIfStated, self::PlacesOnly, self::None => false,
        };
    }

    public function haveTarget(): bool
    {
        return $this === self::Wanted || $this === self::WantedAsLeast;
    }
}
