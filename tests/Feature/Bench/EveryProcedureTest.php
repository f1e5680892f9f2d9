<?php

declare(strict_types=1);

namespace Tests\Feature\Bench;

use App\Record\Models\AsideReading;
use App\Record\Models\Run;
use PHPUnit\Framework\Attributes\DataProvider;
use Tekkal\Core\Call\CallKind;
use Tekkal\Core\Simulation\SimulatedHand;
use Tekkal\Core\Tests\Fixtures\Procedures;
use Tests\Factories\JobOf;
use Tests\Feature\BenchActor;
use Tests\Feature\FeatureTestCase;

/** No procedure is sent to paper any more: over HTTP, whoever reads the call and answers it carries each of them out to its end, and it can be audited. */
final class EveryProcedureTest extends FeatureTestCase
{
    private const MOST = 250;

    /** @param  array<string, mixed>  $document */
    #[DataProvider('procedures')]
    public function test_it_is_carried_out_to_its_end_by_answering_its_calls(array $document): void
    {
        $jobs = new JobOf($this->world->person('lead'), $this->world->people->customer('Skerry Dredging'));
        $jobs->tools($this->world->person('crib'));
        $bench = $this->world->bench();
        [$build, $job] = $jobs->procedure($document, 'ZZ9', $this->world->person('1041'));
        $bench->begin($job);
        [$hand, $call] = [new SimulatedHand(wholeRounds: true), []];
        for ($i = 0; $i < self::MOST; $i++) {
            $sheet = $bench->show();
            $call = (array) $sheet['view']['call'];
            if ($sheet['view']['finished'] === true) {
                break;
            }
            $this->travel($call['kind'] === CallKind::Settle->value ? (int) ($call['least_s'] ?? 0) + 5 : 5)->seconds();
            $this->answered($bench, $hand->answer($call));
        }

        self::assertNotNull(Run::query()->findOrFail($bench->run)->finished_at, json_encode($call, JSON_UNESCAPED_UNICODE) ?: '');
        self::assertSame(0, AsideReading::query()->count());
        $this->world->desk('lead', 'GET', "audit/$build")->assertOk();
    }

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function procedures(): iterable
    {
        foreach (Procedures::all() as $name => $document) {
            yield $name => [$document];
        }
    }

    /** @param  array<mixed>  $answer */
    private function answered(BenchActor $bench, array $answer): void
    {
        $event = (array) ($answer['event'] ?? []);
        match ($answer['command'] ?? null) {
            'join' => $bench->command("runs/$bench->run/partner", ['badge' => '1042', 'pin' => '314159'])->assertOk(),
            'look' => $bench->command("runs/$bench->run/looks", ['badge' => '1043', 'pin' => '314159', 'differ' => []] + $event)->assertOk(),
            'finish' => $bench->signs()->assertOk(),
            default => $this->sent($bench, $event),
        };
    }

    /** @param  array<mixed>  $event */
    private function sent(BenchActor $bench, array $event): void
    {
        $sent = $bench->send($event + ['mono_ms' => now()->getTimestamp() * 1000] + array_diff_key($bench->observation('x'), ['type' => 0]));

        self::assertSame('applied', $sent->json('outcomes.0.standing'), $sent->getContent() ?: '');
    }
}
