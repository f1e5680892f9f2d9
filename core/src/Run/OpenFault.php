<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use Tekkal\Core\Document\Fault;
use Tekkal\Core\Fault\Duty;
use Tekkal\Core\Fault\FaultCase;

/** A fault as it stands: what is still to be done about it, position by position, and whether somebody has to decide. */
final readonly class OpenFault
{
    /**
     * @param  list<string>  $toLoosen  positions
     * @param  list<string>  $toReplace
     * @param  list<string>  $toCheck
     * @param  list<string>  $toRepair
     */
    private function __construct(
        public Fault $fault,
        public string $step,
        public string $sentence,
        public array $toLoosen,
        public array $toReplace,
        public array $toCheck,
        public array $toRepair,
        public bool $leadDecides,
        public bool $mayGoOn,
    ) {
    }

    public static function of(FaultCase $case): self
    {
        $with = fn (callable $wanted): array => array_map(strval(...), array_keys(array_filter($case->duties(), $wanted)));

        return new self(
            $case->fault, $case->step, $case->sentence(),
            $with(fn (Duty $d): bool => $d->loosen),
            $with(fn (Duty $d): bool => $d->replace),
            $with(fn (Duty $d): bool => $d->check),
            $with(fn (Duty $d): bool => $d->repair),
            ! $case->decided,
            $case->rule->mayGoOn,
        );
    }
}
