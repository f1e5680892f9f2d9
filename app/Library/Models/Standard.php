<?php

declare(strict_types=1);

namespace App\Library\Models;

use App\People\Models\Person;
use App\Shared\Models\Row;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A window of the shop's for targets that their source prints bare.
 *
 * @property string $id
 * @property string $code
 * @property string $quantity
 * @property string $tool
 * @property string $risk_class
 * @property string $tolerance as printed
 * @property string $source the code of the paper that it stands in
 * @property string $state asked or approved
 * @property string $asked_by
 * @property string|null $signature
 * @property CarbonImmutable|null $approved_at
 * @property-read Person|null $asker
 */
final class Standard extends Row
{
    protected $table = 'standards';

    /** @return BelongsTo<Person, $this> */
    public function asker(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'asked_by');
    }

    /** @var array<string, string> */
    protected $casts = ['approved_at' => 'immutable_datetime'];

    public static function missing(): string
    {
        return 'There is no such window standard.';
    }
}
