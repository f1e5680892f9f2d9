<?php

declare(strict_types=1);

namespace App\Crib\Models;

use App\Crib\CaseCause;
use App\Shared\Models\Row;
use App\Shared\Refused;
use Carbon\CarbonImmutable;

/**
 * A look-back at what one tool did.
 *
 * @property string $id
 * @property int $number
 * @property CaseCause $cause
 * @property string $tool
 * @property string|null $standard that was wrong
 * @property string|null $calibration by whose readings results are judged again; null: nobody can say how it deviated
 * @property string|null $standard_off by how much the standard was wrong, %
 * @property CarbonImmutable|null $since results are in doubt; null: since it came
 * @property CarbonImmutable $until
 * @property string $since_why
 * @property string $state judging, open, closed
 * @property int $judged
 * @property string|null $cursor how far it has come: result and step
 * @property CarbonImmutable|null $cursor_at
 * @property CarbonImmutable|null $judged_until what had been received by then is in it
 * @property CarbonImmutable $opened_at
 * @property CarbonImmutable|null $closed_at
 * @property string|null $closed_by
 */
final class LookBackCase extends Row
{
    protected $table = 'look_back_cases';

    /** @var array<string, string> */
    protected $casts = [
        'cause' => CaseCause::class, 'since' => 'immutable_datetime', 'until' => 'immutable_datetime', 'cursor_at' => 'immutable_datetime', 'judged_until' => 'immutable_datetime',
        'opened_at' => 'immutable_datetime', 'closed_at' => 'immutable_datetime',
    ];

    public static function stream(string $id): string
    {
        return 'case/'.$id;
    }

    /** @throws Refused when there is none of that number */
    public static function numbered(string $number): self
    {
        return self::query()->where('number', (int) $number)->first() ?? throw Refused::notFound("There is no case $number.");
    }
}
