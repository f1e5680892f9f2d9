<?php

declare(strict_types=1);

namespace Tests\Feature\Bench;

use App\Record\Models\AsideReading;
use App\Record\Models\Run;
use PHPUnit\Framework\Attributes\DataProvider;
use Tekkal\Core\Call\CallKind;
use Tekkal\Core\Call\Mishap;
use Tekkal\Core\Simulation\SimulatedHand;
use Tekkal\Core\Tests\Fixtures\Procedures;
use Tests\Factories\JobOf;
use Tests\Feature\BenchActor;
use Tests\Feature\FeatureTestCase;

/** Over HTTP too whatever may go wrong is said in the course of a procedure, as it was weighed, and the lead's badge and PIN at the bench lead it to its end. */
final class EveryMishapTest extends FeatureTestCase
{
    private const MOST = 600;

    private const BETWEEN = 2;

    /** @param  array<string, mixed>  $document */
    #[DataProvider('procedures')]
    public function test_a_procedure_in_which_everything_goes_wrong_comes_to_its_end(array $document): void
    {
        $jobs = new JobOf($this->world->person('lead'), $this->world->people->customer('Skerry Dredging'));
        $jobs->tools($this->world->person('crib'));
        $bench = $this->world->bench();
        [$build, $job] = $jobs->procedure($document, 'ZZ9', $this->world->person('1041'));
        $bench->begin($job);
        $left = array_filter(Mishap::cases(), fn (Mishap $m): bool => $m !== Mishap::TypedWrongly);
        [$hand, $call] = [new SimulatedHand, []];
        for ($i = 0; $i < self::MOST; $i++) {
            $view = (array) $bench->show()['view'];
            $call = (array) $view['call'];
            if ($view['finished'] === true) {
                break;
            }
            $this->travel($call['kind'] === CallKind::Settle->value ? (int) ($call['least_s'] ?? 0) + 5 : 5)->seconds();
            if ($i % self::BETWEEN === 0 && ! isset($call['stop']) && ($said = $this->oneThatMayBe($bench, $left)) !== null) {
                unset($left[$said]);

                continue;
            }
            $this->answered($bench, $hand->answer($call));
        }

        self::assertNotNull(Run::query()->findOrFail($bench->run)->finished_at, json_encode($call, JSON_UNESCAPED_UNICODE) ?: '');
        self::assertSame(0, AsideReading::query()->count());
        $this->world->desk('lead', 'GET', "audit/$build")->assertOk();
    }

    /** @return iterable<string, array{array<string, mixed>}> those that have everything among them */
    public static function procedures(): iterable
    {
        foreach (Procedures::covering() as $name => $document) {
            yield $name => [$document];
        }
    }

    /**
     * @param  array<int, Mishap>  $left
     * @return int|null which of them was said
     */
    private function oneThatMayBe(BenchActor $bench, array $left): ?int
    {
        $tiles = array_column((array) $bench->get("runs/$bench->run/mishaps")['tiles'], null, 'key');
        foreach ($left as $i => $mishap) {
            $weighed = isset($tiles[$mishap->value]['why_not']) ? [] : $this->weighed($bench, $mishap);
            if (isset($weighed['event'])) {
                $this->sent($bench, (array) $weighed['event']);

                return $i;
            }
        }

        return null;
    }

    /** @return array<mixed> with every question answered */
    private function weighed(BenchActor $bench, Mishap $mishap): array
    {
        $weighed = $bench->get("runs/$bench->run/mishaps/$mishap->value");
        $asks = (array) ($weighed['asks'] ?? []);
        $bolt = (string) ($bench->show()['sketch']['map']['positions'][0]['key'] ?? '');

        return $asks === [] ? $weighed : $bench->get("runs/$bench->run/mishaps/$mishap->value?".http_build_query(($asks['of'] === 'bolt' ? ['position' => $bolt] : []) + (isset($asks['choices'][0]) ? ['choice' => $asks['choices'][0]['value']] : [])));
    }

    /** @param  array<mixed>  $answer */
    private function answered(BenchActor $bench, array $answer): void
    {
        $event = (array) ($answer['event'] ?? []);
        $by = fn (string $badge): array => ['badge' => $badge, 'pin' => '314159'];
        match ($answer['command'] ?? null) {
            'join' => $bench->command("runs/$bench->run/partner", $by('1042'))->assertOk(),
            'look' => $bench->command("runs/$bench->run/looks", $by('1043') + ['differ' => []] + $event)->assertOk(),
            'decide' => $this->decided($bench),
            'accept_repair' => $bench->command("runs/$bench->run/repairs", $by('1001') + ['position' => $event['at']])->assertOk(),
            'finish' => $bench->signs()->assertOk(),
            default => $this->sent($bench, $event),
        };
    }

    private function decided(BenchActor $bench): void
    {
        $fault = (array) $bench->get("runs/$bench->run/decisions")['faults'][0];
        $bench->command("runs/$bench->run/decisions", ['badge' => '1001', 'pin' => '314159', 'case' => $fault['case'], 'step' => $fault['step'], 'disposition' => 'rework'])->assertOk();
    }

    /** @param  array<mixed>  $event */
    private function sent(BenchActor $bench, array $event): void
    {
        $sent = $bench->send($event + ['mono_ms' => now()->getTimestamp() * 1000] + array_diff_key($bench->observation('x'), ['type' => 0]));

        self::assertSame('applied', $sent->json('outcomes.0.standing'), $sent->getContent() ?: '');
    }
}
