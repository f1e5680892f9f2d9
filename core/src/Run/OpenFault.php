<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use Tekkal\Core\Document\Fault;
use Tekkal\Core\Fault\Duty;
use Tekkal\Core\Fault\FaultCase;

/** A fault as it stands: what is still to be done about it, position by position, and whether somebody has to decide. */
final readonly class OpenFault
{
    public Fault $fault;

    public string $step;

    public string $sentence;

    /** @var list<string> positions */
    public array $toLoosen;

    /** @var list<string> positions */
    public array $toReplace;

    /** @var list<string> positions */
    public array $toCheck;

    /** @var list<string> positions */
    public array $toRepair;

    public bool $leadDecides;

    public bool $mayGoOn;

    private function __construct(FaultCase $case)
    {
        [$this->fault, $this->step, $this->sentence] = [$case->fault, $case->step, $case->sentence()];
        $this->toLoosen = self::positions($case, fn (Duty $d): bool => $d->loosen);
        $this->toReplace = self::positions($case, fn (Duty $d): bool => $d->replace);
        $this->toCheck = self::positions($case, fn (Duty $d): bool => $d->check);
        $this->toRepair = self::positions($case, fn (Duty $d): bool => $d->repair);
        $this->leadDecides = ! $case->decided;
        $this->mayGoOn = $case->rule->mayGoOn;
    }

    public static function of(FaultCase $case): self
    {
        return new self($case);
    }

    /**
     * @param  callable(Duty): bool  $wanted
     * @return list<string>
     */
    private static function positions(FaultCase $case, callable $wanted): array
    {
        return array_map(strval(...), array_keys(array_filter($case->duties(), $wanted)));
    }
}
