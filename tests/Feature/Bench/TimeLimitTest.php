<?php

declare(strict_types=1);

namespace Tests\Feature\Bench;

use App\Bench\Actions\BeginRun;
use App\Bench\BenchCommand;
use App\Library\Actions\ApproveRevision;
use App\Library\Actions\SubmitRevision;
use App\Shared\Ids;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Tests\Feature\BenchActor;
use Tests\Feature\FeatureTestCase;
use Tests\Feature\World;

/** A time between two rounds is counted by the bench's own monotonic count, which nobody sets back, through the record and all. */
final class TimeLimitTest extends FeatureTestCase
{
    private BenchActor $bench;

    protected function setUp(): void
    {
        parent::setUp();
        $document = World::document();
        $document['stages'][1]['within'] = ['time' => '10 min', 'after' => 'snug'];
        $revision = app(SubmitRevision::class)($this->world->procedure, $document, $this->world->person('lead'));
        app(ApproveRevision::class)($revision, $this->world->person('approver'));
        $this->bench = $this->world->bench();
        $command = new BenchCommand(Ids::next(), $this->world->nextSeq($this->bench->device), $this->bench->device->id, $this->bench->sitting, $this->bench->person->id, str_repeat('a', 64), ['base_seq' => 0, 'device_time' => now()->toIso8601ZuluString('microsecond'), 'mono_ms' => 0, 'clock' => 'test']);
        $this->bench->run = app(BeginRun::class)($command, $this->world->job($this->world->build()));
        foreach (['c2a', 'c3b', 'c3a', 'c2b', 'c1a', 'c4b', 'c4a', 'c1b'] as $position) {
            $this->bench->send($this->bench->reading("snug:$position:1", '32.0', change: ['mono_ms' => 0]))->assertOk();
        }
    }

    public function test_what_is_done_in_time_is_good_though_the_clock_on_the_wall_says_otherwise(): void
    {
        $this->travel(40)->minutes();
        $turned = $this->turned('c2a', '47', 599_000);

        self::assertNotContains('case_opened', array_column((array) $turned->json('outcomes.0.effects'), 'do'));
        self::assertNotContains('limit_unproved', BenchActor::found($turned));
    }

    public function test_what_is_done_too_late_is_a_fault_though_the_clock_was_set_back(): void
    {
        $turned = $this->turned('c2a', '47', 601_000);

        $opened = array_column((array) $turned->json('outcomes.0.effects'), null, 'do')['case_opened'] ?? [];
        self::assertSame(['time_passed', 'turn:c2a:1'], [$opened['fault'] ?? null, $opened['at'] ?? null]);
    }

    public function test_where_the_page_was_started_anew_in_between_nobody_can_prove_it_and_the_record_says_so(): void
    {
        $this->travel(6)->minutes();
        $turned = $this->turned('c2a', '47', 1_000, 'another start');

        self::assertContains('limit_unproved', BenchActor::found($turned));
        self::assertNotContains('case_opened', array_column((array) $turned->json('outcomes.0.effects'), 'do'));
    }

    /** @return TestResponse<Response> */
    private function turned(string $position, string $value, int $monoMs, string $clock = 'test'): TestResponse
    {
        return $this->bench->send($this->bench->reading("turn:$position:1", $value, 'AG-02', ['mono_ms' => $monoMs, 'clock' => str_replace(' ', '-', $clock)]))->assertOk();
    }
}
