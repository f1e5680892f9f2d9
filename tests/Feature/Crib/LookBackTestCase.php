<?php

declare(strict_types=1);

namespace Tests\Feature\Crib;

use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Tests\Feature\BenchActor;

/** Engines that were tightened with TW-04, and what becomes of them. Windows of the test's joint: 30–34 N·m. */
abstract class LookBackTestCase extends CribTestCase
{
    /**
     * @param  list<string>  $torques  at the first positions of the first round
     * @return string the build
     */
    protected function tightened(array $torques, string $serial = 'TN3-26-0001'): string
    {
        $bench = $this->working($serial);
        $this->read($bench, $torques);

        return (string) DB::table('runs')->where('id', $bench->run)->value('subject');
    }

    protected function working(string $serial): BenchActor
    {
        return $this->world->bench()->ready($this->world->job($this->world->build($serial)))->prepared();
    }

    /** @param  list<string>  $torques */
    protected function read(BenchActor $bench, array $torques): void
    {
        foreach ($torques as $torque) {
            $bench->send($bench->reading($bench->walk()[0]->id, $torque))->assertOk();
            $this->travel(1)->minutes();
        }
    }

    /** @return array<string, mixed> */
    protected function case(): array
    {
        return (array) $this->world->desk('lead', 'GET', 'cases/1')->assertOk()->json();
    }

    /**
     * @param  list<string>  $positions
     * @return TestResponse<Response>
     */
    protected function decide(string $who, string $decision, array $positions = []): TestResponse
    {
        $build = DB::table('look_back_results')->value('subject');

        $joint = DB::table('look_back_results')->value('joint');

        return $this->world->desk($who, 'POST', 'cases/1/decisions', ['builds' => [$build], 'decision' => $decision, 'fasteners' => array_map(fn (string $p): array => ['joint' => $joint, 'position' => $p], $positions)]);
    }
}
