<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Fixtures;

use Tekkal\Core\Call\Mishap;
use Tekkal\Core\Call\Mishaps;
use Tekkal\Core\Call\Rack;

/** Works well at a bench, and says between the calls whatever may go wrong there, each once. */
final class Clumsy
{
    /** Calls that are answered between two of them. */
    private const BETWEEN = 3;

    private const MOST = 2_000;

    private readonly Answers $answers;

    /** @param  array<Mishap>  $left  what was not said yet */
    public function __construct(public readonly Bench $bench, private readonly Rack $rack, public array $left)
    {
        $this->answers = new Answers($bench, $rack);
    }

    /** @return array<Mishap> all of them but a slip of the typing hand, which is no fault of the metal */
    public static function all(): array
    {
        return array_filter(Mishap::cases(), fn (Mishap $m): bool => $m !== Mishap::TypedWrongly);
    }

    /** @param  callable(Mishap, array<string, mixed>): void|null  $onSaid  asked after each, with what had been weighed */
    public function toTheEnd(?callable $onSaid = null): self
    {
        for ($i = 0; $i < self::MOST && ! $this->bench->state()->finished; $i++) {
            $this->answers->one();
            $state = $this->bench->state();
            if ($i % self::BETWEEN === 0 && ! $state->finished && $state->faults === []) {
                $this->oneGoesWrong($onSaid);
            }
        }

        return $this;
    }

    /** @return array<string, mixed> */
    public function call(): array
    {
        return $this->answers->call();
    }

    /** The first that may be said now is said. */
    private function oneGoesWrong(?callable $onSaid): void
    {
        foreach ($this->left as $i => $mishap) {
            $weighed = $this->weighed(new Mishaps($this->bench->fold, $this->rack), $mishap);
            if ($weighed !== null) {
                $this->bench->told((array) $weighed['event']);
                unset($this->left[$i]);
                $onSaid === null ? null : $onSaid($mishap, $weighed);

                return;
            }
        }
    }

    /** @return array<string, mixed>|null what it comes to, with every question answered; null where it cannot be meant now */
    private function weighed(Mishaps $mishaps, Mishap $mishap): ?array
    {
        $tile = array_column($mishaps->toArray()['tiles'], null, 'key')[$mishap->value];
        $weighed = isset($tile['why_not']) ? [] : $mishaps->weigh($mishap, null, null, $this->bench->clocks());
        $asks = $weighed['asks'] ?? null;
        if (is_array($asks)) {
            $bolts = array_map(strval(...), array_keys($this->bench->fold->plan->positions));
            $tight = array_values(array_filter($bolts, fn (string $p): bool => ! $this->bench->fold->fasteners->isFree($p)));
            $weighed = $mishaps->weigh($mishap, $asks['of'] === 'bolt' ? $tight[0] ?? $bolts[0] ?? null : null, $asks['choices'][0]['value'] ?? null, $this->bench->clocks());
        }

        return isset($weighed['event']) ? $weighed : null;
    }
}
