<?php

declare(strict_types=1);

namespace Tests\Feature\Bench;

use App\Builds\Actions\GiveProcedure;
use App\Library\Actions\AddFamily;
use App\Library\Actions\AddProcedure;
use App\Library\Actions\ApproveRevision;
use App\Library\Actions\SubmitRevision;
use App\Library\Models\Joint;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;
use Tests\Feature\BenchActor;
use Tests\Feature\FeatureTestCase;
use Tests\Feature\World;

/** How an engine's metal stands is told at every bench on it, and handed over from shift to shift by two who sign. */
final class HandoverTest extends FeatureTestCase
{
    private BenchActor $bench;

    private string $build;

    protected function setUp(): void
    {
        parent::setUp();
        $this->build = $this->world->build();
        $this->bench = $this->world->bench()->ready($this->world->job($this->build))->prepared();
    }

    public function test_how_far_a_joint_is_tight_stands_on_its_engines_page_and_is_told_to_whoever_works_elsewhere_on_it(): void
    {
        $this->world->desk('lead', 'GET', "builds/$this->build")->assertJsonPath('metal', [['joint' => 'Main caps', 'grave' => false, 'says' => 'not tight yet']]);
        $this->bench->completeAll();
        $this->world->desk('lead', 'GET', "builds/$this->build")->assertJsonPath('metal', []);
        self::assertSame([], $this->bench->show()['engine'], 'its own joint everybody sees who stands at it');
    }

    public function test_a_bench_at_another_joint_of_the_engine_is_told_how_this_one_stands(): void
    {
        $rods = $this->secondJoint();
        $job = app(GiveProcedure::class)($this->build, $rods->id, $this->world->person('1042')->id, $this->world->person('lead'));
        $other = $this->world->bench($this->world->device('Bench 2'), '1042')->begin($job);

        self::assertSame([['joint' => 'Main caps', 'grave' => false, 'says' => 'not tight yet']], $other->show()['engine']);
        self::assertSame(['Connecting rods'], array_column($this->bench->show()['engine'], 'joint'));
    }

    public function test_what_a_shift_leaves_is_each_engine_on_the_hook_with_its_jobs_and_its_metal(): void
    {
        $this->bench->send($this->bench->reading('snug:c2a:1', '32.0'))->assertOk();
        $this->world->job($this->world->build('TN3-26-0002'));

        self::assertSame([
            ['TN3-26-0001', ['Main caps: 1 of 16 done', 'Main caps: not tight yet']],
            ['TN3-26-0002', ['Main caps: given out, not begun']],
        ], array_map(fn (array $e): array => [$e['title'], $e['lines']], $this->bench->get('handover')['engines']));
    }

    public function test_it_is_handed_over_by_two_pins_and_stands_with_the_engine(): void
    {
        $this->hands()->assertNoContent();

        $last = $this->world->desk('lead', 'GET', "builds/$this->build/handover")->assertOk()->json('last');
        self::assertSame([$this->world->person('1041')->name, $this->world->person('1042')->name, 'The rear pair is dry', ['Main caps: 0 of 16 done', 'Main caps: not tight yet']], [$last['from'], $last['to'], $last['said'], $last['lines']]);
        $this->world->desk('lead', 'GET', 'builds/'.$this->world->build('TN3-26-0009').'/handover')->assertJsonPath('last', null);
    }

    /** @param  array<string, string>  $change */
    #[DataProvider('refused')]
    public function test_what_is_not_signed_by_two_is_not_handed_over(array $change, string $field, int $status): void
    {
        $this->hands($change)->assertStatus($status)->assertJsonPath('field', $field);
        self::assertSame(0, DB::table('handovers')->count());
    }

    /** @return iterable<string, array{array<string, string>, string, int}> */
    public static function refused(): iterable
    {
        yield 'by one with the own badge twice' => [['badge' => '1041'], 'badge', 422];
        yield 'without a badge' => [['badge' => ''], 'badge', 422];
        yield 'without the second PIN' => [['second_pin' => ''], 'second_pin', 422];
        yield 'without a word of which list was read' => [['seen' => ''], 'seen', 422];
        yield 'with more words than anybody reads' => [['said' => str_repeat('x', 301)], 'said', 422];
    }

    public function test_a_wrong_pin_signs_nothing(): void
    {
        $this->hands(['pin' => '000000'])->assertStatus(422);
        $this->hands(['second_pin' => '000000'])->assertStatus(422);
        self::assertSame(0, DB::table('handovers')->count());
    }

    public function test_what_both_have_read_is_what_both_sign(): void
    {
        $read = (string) $this->bench->get('handover')['mark'];
        $this->bench->take('torque', 'TW-04')->assertOk();
        $this->bench->send($this->bench->reading($this->bench->walk()[0]->id, '32.0'))->assertOk();

        $this->hands(['seen' => $read])->assertStatus(409)->assertJsonPath('type', 'tekkal:draft-changed')->assertJsonPath('detail', 'What the shift leaves has changed since you read it. Read the list again, both of you, and sign that.');
        self::assertSame(0, DB::table('handovers')->count());
        $this->hands(['seen' => (string) $this->bench->get('handover')['mark']])->assertNoContent();
    }

    public function test_an_empty_hook_is_handed_to_nobody(): void
    {
        $idle = $this->world->bench($this->world->device('Bench 2'), '1043');

        $idle->command('handover', ['pin' => '314159', 'badge' => '1042', 'second_pin' => '314159', 'seen' => (string) $idle->get('handover')['mark']])->assertStatus(422)->assertJsonPath('detail', 'Nothing hangs on your hook: there is nothing to hand over.');
    }

    private function secondJoint(): Joint
    {
        $lead = $this->world->person('lead');
        app(AddFamily::class)('TN3', 'Tarn TN3', 'test', ['Main caps', 'Connecting rods'], [], $lead);
        $rods = Joint::query()->where('name', 'Connecting rods')->firstOrFail();
        $procedure = app(AddProcedure::class)($rods, 'stock bolts', $lead);
        app(ApproveRevision::class)(app(SubmitRevision::class)($procedure, ['joint' => 'Connecting rods'] + World::document(), $lead), $this->world->person('approver'));

        return $rods;
    }

    /**
     * @param  array<string, string>  $change
     * @return TestResponse<Response> by default of what stands there now
     */
    private function hands(array $change = []): TestResponse
    {
        return $this->bench->command('handover', $change + ['seen' => (string) $this->bench->get('handover')['mark'], 'pin' => '314159', 'badge' => '1042', 'second_pin' => '314159', 'said' => 'The rear pair is dry']);
    }
}
