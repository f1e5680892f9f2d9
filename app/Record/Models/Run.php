<?php

declare(strict_types=1);

namespace App\Record\Models;

use App\Shared\Models\Row;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;

/**
 * The head of a run: whose it is and what it pins. What happened in it stands in the ledger.
 *
 * @property string $id
 * @property string $subject
 * @property string $joint
 * @property string $revision
 * @property string $plan_hash
 * @property string $option the hardware that is fitted
 * @property string $risk_class
 * @property string $assignment
 * @property string $person
 * @property string $device
 * @property CarbonImmutable $begun_at
 * @property CarbonImmutable|null $finished_at
 * @property CarbonImmutable|null $opened_at the joint was opened again: another run comes after this one
 * @property string|null $opened_why
 * @property string|null $went_with the subassembly that came off with what was worked in it
 */
final class Run extends Row
{
    protected $table = 'runs';

    /**
     * Those whose metal is at these: worked there and not gone with what came off, or come with that.
     *
     * @param  array<array-key, string>  $subjects
     * @return Builder<self>
     */
    public static function at(array $subjects): Builder
    {
        return self::query()->where(fn (Builder $q) => $q->where(fn (Builder $r) => $r->whereIn('subject', $subjects)->whereNull('went_with'))->orWhereIn('went_with', $subjects));
    }

    /** Neither signed nor opened again: work in it may go on. */
    public function isOpen(): bool
    {
        return $this->finished_at === null && $this->opened_at === null;
    }

    /** @var array<string, string> */
    protected $casts = ['begun_at' => 'immutable_datetime', 'finished_at' => 'immutable_datetime', 'opened_at' => 'immutable_datetime'];
}
