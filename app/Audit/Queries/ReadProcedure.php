<?php

declare(strict_types=1);

namespace App\Audit\Queries;

use App\Library\Models\StoredRevision;
use Tekkal\Core\Document\Revision;
use Tekkal\Core\Plan\Plan;

/** What a joint was, or is to be, worked to. */
final readonly class ReadProcedure
{
    /** @param  array<mixed>  $document */
    public function __construct(
        public StoredRevision $stored,
        public Revision $revision,
        public array $document,
        public Plan $plan,
    ) {
    }
}
