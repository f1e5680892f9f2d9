<?php

declare(strict_types=1);

namespace App\Audit\Queries;

use App\Ledger\Entry;
use App\Record\Models\Run;
use Tekkal\Core\Run\RunFold;
use Tekkal\Core\Run\RunState;

/** The run of a joint, folded from its entries. */
final readonly class ReadRun
{
    /**
     * @param  list<Entry>  $entries
     * @param  string|null  $notInForce  why the plan is not of the revision in force when the run began, as a sentence
     */
    public function __construct(
        public Run $run,
        public array $entries,
        public RunFold $fold,
        public RunState $state,
        public ?string $notInForce,
    ) {
    }
}
