<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

/** What is known of a run when it begins, or passes into other hands, and is written into it then. */
final readonly class Beginning
{
    /**
     * @param  array<string, string>  $windowOf  the source of the windows, by its key in the document, of a stage or of single steps
     * @param  array<string, string>  $stamped  what teardown had read at the steps that read it again
     * @param  string|null  $riskClass  how much hangs on the joint
     * @param  list<Thing>  $brought  fasteners and threads that have had tightenings before this run
     * @param  bool  $seenByTwo  does the shop want a second person to look at the end, though the class does not ask for it as it comes?
     * @param  string|null  $supervised  at what whoever has it works under a supervisor: stretch on HG4; null: they may do it alone
     */
    public function __construct(public array $windowOf = [], public array $stamped = [], public ?string $riskClass = null, public array $brought = [], public bool $seenByTwo = false, public ?string $supervised = null)
    {
    }
}
