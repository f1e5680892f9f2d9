<?php

declare(strict_types=1);

namespace App\Library\Models;

use App\Library\RevisionState;
use App\Shared\Models\Row;
use Carbon\CarbonImmutable;

/**
 * Where a revision stands, and by whose signature.
 *
 * @property string $revision
 * @property string $joint
 * @property string $procedure
 * @property string $letter
 * @property RevisionState $state
 * @property string $author
 * @property CarbonImmutable|null $submitted_at
 * @property string|null $answers JSON: the author's answers to challenges, by the challenge's key
 * @property string|null $remark why it was sent back or withdrawn
 * @property string|null $approved_by
 * @property string|null $signature
 * @property CarbonImmutable|null $approved_at
 * @property CarbonImmutable|null $superseded_at
 * @property string|null $plan_hash
 * @property string $by_table the general table of which it is a row; empty: it was written for its joint
 */
final class RevisionStatus extends Row
{
    protected $table = 'revision_states';

    protected $primaryKey = 'revision';

    /** @var array<string, string> */
    protected $casts = [
        'state' => RevisionState::class, 'submitted_at' => 'immutable_datetime',
        'approved_at' => 'immutable_datetime', 'superseded_at' => 'immutable_datetime',
    ];

    /** @return array<string, string> */
    public function answers(): array
    {
        return (array) json_decode($this->answers ?? '[]', true, flags: JSON_THROW_ON_ERROR);
    }
}
