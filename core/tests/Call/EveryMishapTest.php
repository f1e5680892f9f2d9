<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Call;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tekkal\Core\Call\Mishap;
use Tekkal\Core\Call\Mishaps;
use Tekkal\Core\Call\Rack;
use Tekkal\Core\Plan\Step;
use Tekkal\Core\Tests\Fixtures\Answers;
use Tekkal\Core\Tests\Fixtures\Bench;
use Tekkal\Core\Tests\Fixtures\Procedures;
use Tekkal\Core\Tests\Fixtures\ShopRack;
use Tekkal\Core\Unit\Kind;

/** Whatever may go wrong in a procedure is said once in the course of it, and answering what is then called for carries it to its end all the same. */
final class EveryMishapTest extends TestCase
{
    /** Calls that are answered between two of them. */
    private const BETWEEN = 3;

    /** Whoever has little to do has gone through it so often before everything has gone wrong once. */
    private const RUNS = 8;

    /** @param  array<string, mixed>  $document */
    #[DataProvider('procedures')]
    public function test_a_procedure_in_which_everything_goes_wrong_once_comes_to_its_end(array $document): void
    {
        $left = array_filter(Mishap::cases(), fn (Mishap $m): bool => $m !== Mishap::TypedWrongly);
        for ($i = 0; $i < self::RUNS && $left !== []; $i++) {
            $left = $this->carriedOut($document, $left);
        }
        $never = array_values(array_map(fn (Mishap $m): string => $m->words(), $left));

        self::assertSame(self::impossible(new Bench($document)), $never, 'all else was said in the course of it');
    }

    /**
     * @param  array<string, mixed>  $document
     * @param  array<Mishap>  $left
     * @return array<Mishap> what nobody could say in this run
     */
    private function carriedOut(array $document, array $left): array
    {
        [$bench, $rack] = [new Bench($document), ShopRack::plenty()];
        $answers = new Answers($bench, $rack);
        for ($i = 0; $i < 2_000 && ! $bench->state()->finished; $i++) {
            $answers->one();
            $state = $bench->state();
            if ($i % self::BETWEEN === 0 && ! $state->finished && $state->faults === []) {
                $left = $this->oneGoesWrong($bench, $rack, $left);
            }
        }
        self::assertTrue($bench->state()->finished, json_encode($answers->call(), JSON_UNESCAPED_UNICODE | JSON_PRETTY_PRINT) ?: '');
        self::assertSame([], $bench->state()->faults);

        return $left;
    }

    /** @return list<string> what cannot be meant anywhere in it: nobody lets go who does not hold, and nothing clicks without a wrench */
    private static function impossible(Bench $bench): array
    {
        $any = fn (callable $of): bool => array_filter($bench->fold->plan->steps, $of) !== [];
        $pulled = $any(fn (Step $s): bool => in_array($s->kind->controls(), [Kind::Torque, Kind::Angle], true));
        $measured = $any(fn (Step $s): bool => $s->kind->controls() !== null);
        $holds = $any(fn (Step $s): bool => $s->rules->people() > 1);
        $never = [
            ...($measured ? [] : [Mishap::ClickedWithoutMoving]), ...($pulled ? [] : [Mishap::WrongSetting]), ...($measured ? [] : [Mishap::DroppedWrench]),
            ...($holds ? [] : [Mishap::PartnerLetGo]), ...($measured ? [] : [Mishap::WrenchDied]),
        ];

        return array_map(fn (Mishap $m): string => $m->words(), $never);
    }

    /**
     * The first that may be said now is said; what was weighed is what comes of it.
     *
     * @param  array<Mishap>  $left
     * @return array<Mishap> what is left
     */
    private function oneGoesWrong(Bench $bench, Rack $rack, array $left): array
    {
        foreach ($left as $i => $mishap) {
            $weighed = self::weighed(new Mishaps($bench->fold, $rack), $mishap, $bench);
            if ($weighed === null) {
                continue;
            }
            $outcome = $bench->told((array) $weighed['event']);
            self::assertTrue($outcome->isApplied(), "$mishap->name: {$outcome->reason?->value}");
            self::assertSame($weighed['lead'], array_filter($bench->state()->faults, fn ($f): bool => $f->leadDecides) !== [], $mishap->name);

            unset($left[$i]);

            return $left;
        }

        return $left;
    }

    /** @return array<string, mixed>|null what it comes to, with every question answered; null where it cannot be meant now */
    private static function weighed(Mishaps $mishaps, Mishap $mishap, Bench $bench): ?array
    {
        $tile = array_values(array_filter($mishaps->toArray()['tiles'], fn (array $t): bool => $t['key'] === $mishap->value))[0];
        $weighed = isset($tile['why_not']) ? [] : $mishaps->weigh($mishap, null, null, $bench->clocks());
        $tight = array_values(array_filter(array_keys($bench->fold->plan->positions), fn (mixed $p): bool => ! $bench->fold->fasteners->isFree((string) $p)));
        $asks = $weighed['asks'] ?? null;
        if (is_array($asks)) {
            $bolt = $asks['of'] === 'bolt' ? (string) ($tight[0] ?? array_key_first($bench->fold->plan->positions)) : null;
            $weighed = $mishaps->weigh($mishap, $bolt, $asks['choices'][0]['value'] ?? null, $bench->clocks());
        }

        return isset($weighed['event']) ? $weighed : null;
    }

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function procedures(): iterable
    {
        foreach (Procedures::all() as $name => $document) {
            yield $name => [$document];
        }
    }
}
