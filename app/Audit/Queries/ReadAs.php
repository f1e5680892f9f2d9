<?php

declare(strict_types=1);

namespace App\Audit\Queries;

use Carbon\CarbonImmutable;

/** What holds for every joint of a build that is read: which variant it is, and as of when. */
final readonly class ReadAs
{
    /** @param  string  $variant  empty where nobody has said it @param  CarbonImmutable|null  $asOf  null: as it stands */
    public function __construct(public string $variant, public ?CarbonImmutable $asOf)
    {
    }
}
