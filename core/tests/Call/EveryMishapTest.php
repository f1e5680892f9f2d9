<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Call;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tekkal\Core\Call\Mishap;
use Tekkal\Core\Plan\Step;
use Tekkal\Core\Tests\Fixtures\Bench;
use Tekkal\Core\Tests\Fixtures\Clumsy;
use Tekkal\Core\Tests\Fixtures\Procedures;
use Tekkal\Core\Tests\Fixtures\ShopRack;
use Tekkal\Core\Unit\Kind;

/** Whatever may go wrong in a procedure is said once in the course of it, and answering what is then called for carries it to its end all the same. */
final class EveryMishapTest extends TestCase
{
    /** Whoever has little to do has gone through it so often before everything has gone wrong once. */
    private const RUNS = 8;

    /** @param  array<string, mixed>  $document */
    #[DataProvider('procedures')]
    public function test_a_procedure_in_which_everything_goes_wrong_once_comes_to_its_end(array $document): void
    {
        $left = Clumsy::all();
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
        $clumsy = new Clumsy($bench = new Bench($document), ShopRack::plenty(), $left);
        $clumsy->toTheEnd(function (Mishap $mishap, array $weighed) use ($bench): void {
            [, $outcome] = $bench->history[count($bench->history) - 1];
            self::assertTrue($outcome->isApplied(), "$mishap->name: {$outcome->reason?->value}");
            self::assertSame($weighed['lead'], array_filter($bench->state()->faults, fn ($f): bool => $f->leadDecides) !== [], $mishap->name);
        });
        self::assertTrue($bench->state()->finished, json_encode($clumsy->call(), JSON_UNESCAPED_UNICODE | JSON_PRETTY_PRINT) ?: '');
        self::assertSame([], $bench->state()->faults);

        return $clumsy->left;
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

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function procedures(): iterable
    {
        foreach (Procedures::all() as $name => $document) {
            yield $name => [$document];
        }
    }
}
