<?php

declare(strict_types=1);

namespace App\Bench\Queries;

use App\Bench\RunContext;
use App\Crib\Queries\CribRack;
use Tekkal\Core\Call\Decisions;
use Tekkal\Core\Call\Mishap;
use Tekkal\Core\Call\Mishaps;
use Tekkal\Core\Call\Rack;

/** What may be said to be wrong with a run, what it would come to, and what somebody's word about a fault would cost: asked, and nothing done. */
final readonly class WhatIsWrong
{
    /** @return array<string, mixed> */
    public function tiles(string $run): array
    {
        return (new Mishaps(($context = RunContext::get($run))->fold, $this->rack($context)))->toArray();
    }

    /** @return array<string, mixed> */
    public function weighed(string $run, Mishap $mishap, ?string $position, ?string $choice): array
    {
        return (new Mishaps(($context = RunContext::get($run))->fold, $this->rack($context)))->weigh($mishap, $position, $choice, self::now());
    }

    /** @return list<array<string, mixed>> each fault that waits for somebody's word */
    public function decisions(string $run): array
    {
        return (new Decisions(($context = RunContext::get($run))->fold, $this->rack($context), self::now()))->open();
    }

    private function rack(RunContext $context): Rack
    {
        return CribRack::today()->knowing(KnownOfJoint::of($context->run->joint, $context->run->revision));
    }

    /** @return array<string, mixed> */
    private static function now(): array
    {
        return ['taken_at' => now()->utc()->format('Y-m-d\TH:i:s.u\Z')];
    }
}
