<?php

declare(strict_types=1);

namespace Tests\Feature\Bench;

use App\Bench\RunContext;
use App\Record\Models\Run;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Tests\Feature\BenchActor;
use Tests\Feature\FeatureTestCase;

/** Where the shop lets skills decide: who may begin alone, who under a supervisor signed in on the same run, and who not at all. */
final class SupervisorTest extends FeatureTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        foreach (['1042', '1043'] as $badge) {
            $this->isSigned($badge, 'torque');
            $this->isSigned($badge, 'angle');
        }
    }

    public function test_until_the_shop_says_otherwise_what_is_signed_is_told_only(): void
    {
        $this->world->desk('lead', 'GET', 'people')->assertJsonPath('skills_decide', false);
        $this->give('1044')->assertCreated();
        $this->world->desk('crib', 'POST', 'shop/skills', ['decide' => true])->assertForbidden();
        $this->world->desk('lead', 'POST', 'shop/skills', ['decide' => 'perhaps'])->assertStatus(422)->assertJsonPath('field', 'decide');
    }

    public function test_of_whom_nothing_is_signed_nothing_is_given_begun_or_taken_over(): void
    {
        $begun = $this->world->bench($this->world->device(), '1042')->begin($this->job('1042'));
        $early = $this->job('1044', 'TN3-26-0002');
        $this->decides();
        $says = 'Nobody has signed that Edda Braskin may do torque and angle on TN3, or that they learn it. Have it signed under People, or let somebody else do it.';

        $this->give('1044', 'TN3-26-0003')->assertStatus(422)->assertJsonPath('field', 'person')->assertJsonPath('detail', $says);
        $edda = $this->world->bench($this->world->device('Bench 2'), '1044');
        self::assertSame($says, $edda->get('hook/times')['jobs'][0]['learnt']);
        $edda->command('runs', ['assignment' => $early])->assertStatus(422)->assertJsonPath('detail', $says);
        $edda->command("runs/$begun->run/take-over")->assertStatus(422)->assertJsonPath('detail', $says);
        self::assertSame($this->world->person('1042')->id, $begun->show()['holder']['person']);
    }

    public function test_a_trainee_works_under_a_supervisor_signed_in_on_the_same_run_and_both_sign(): void
    {
        $bench = $this->trainee();
        self::assertSame(['person', 'Your supervisor signs in'], [$bench->show()['view']['call']['kind'], $bench->show()['view']['call']['title']]);
        $this->joins($bench, '1042')->assertOk()->assertJsonPath('holder.supervisor_name', 'Juno Castrel');
        $bench->take('torque', 'TW-04')->assertOk();
        $bench->take('angle', 'AG-02')->assertOk();
        $bench->completeAll();
        $bench->send($bench->observation('final_look'))->assertOk();
        $bench->command("runs/$bench->run/looks", ['badge' => '1043', 'pin' => '314159', 'stage' => 'joint', 'differ' => []])->assertOk();

        $bench->signs()->assertStatus(409)->assertJsonPath('detail', 'Whoever stood beside it has not signed (torque and angle on TN3).');
        $this->signs($bench, '1043')->assertStatus(422)->assertJsonPath('field', 'badge')->assertJsonPath('detail', 'Who signs is who stood beside it. Whoever that is now signs in first.');
        $this->signs($bench, '1042')->assertOk();
        $bench->signs()->assertOk();
        $this->world->desk('lead', 'GET', 'audit/'.Run::query()->findOrFail($bench->run)->subject)->assertJsonPath('joints.0.run.supervised', 'Worked under a supervisor (torque and angle on TN3): Juno Castrel stood beside it and signed.');
        $skills = collect((array) $this->world->desk('lead', 'GET', 'people')->json('people'))->firstWhere('id', $bench->person->id)['skills'];
        self::assertSame([['TN3-26-0001'], ['TN3-26-0001']], array_column($skills, 'recorded'), 'an engine of those that were asked for');
    }

    public function test_who_has_all_the_supervised_builds_stands_under_today_to_be_signed(): void
    {
        $this->learns('1041', 'torque', 1, ['TN3-26-0900']);

        $need = collect((array) $this->world->desk('approver', 'GET', 'today')->json('needs'))->firstWhere('action', 'Sign it');
        self::assertSame('Rafe Ondling has done the supervised builds for torque on TN3', $need['title'] ?? null);
    }

    public function test_who_may_not_do_it_alone_supervises_nobody(): void
    {
        $bench = $this->trainee();
        $this->joins($bench, '1044')->assertStatus(422)->assertJsonPath('field', 'badge')->assertJsonPath('detail', 'Edda Braskin may not do torque and angle on TN3 alone, and so supervises nobody at it.');
        $this->joins($bench, '1041')->assertStatus(422)->assertJsonPath('detail', 'This takes somebody else than you: your own badge does not count twice.');
        $this->joins($bench, '1042', '000000')->assertStatus(422);
        self::assertNull($bench->show()['holder']['supervisor_name']);
    }

    public function test_where_nobody_is_wanted_nobody_supervises(): void
    {
        $this->decides();
        $bench = $this->world->bench($this->world->device(), '1042')->begin($this->job('1042'));

        $this->joins($bench, '1043')->assertStatus(409)->assertJsonPath('detail', 'Whoever has this run may do it alone; no supervisor is wanted.');
    }

    public function test_what_was_pulled_without_one_is_kept_and_found(): void
    {
        $bench = $this->trainee();
        $step = $bench->walk()[0]->id;

        self::assertContains('unsupervised', BenchActor::found($bench->send($bench->reading($step, '32.0'))));
        self::assertSame([$step], RunContext::get($bench->run)->fold->supervision->unseen());
    }

    public function test_whoever_takes_it_over_is_asked_anew(): void
    {
        $bench = $this->trainee();
        $this->joins($bench, '1042')->assertOk();
        $expert = $this->world->bench($this->world->device('Bench 2'), '1043');
        $expert->command("runs/$bench->run/take-over")->assertOk()->assertJsonPath('holder.supervisor_name', null);
        $expert->run = $bench->run;
        self::assertNotSame('person', $expert->show()['view']['call']['kind'], 'who may do it alone needs nobody');

        $bench->command("runs/$bench->run/take-over")->assertOk();
        self::assertSame('Your supervisor signs in', $bench->show()['view']['call']['title']);
    }

    public function test_a_signature_that_has_ended_takes_a_supervisor(): void
    {
        $this->isSigned('1041', 'torque', '2026-06-20');
        $this->isSigned('1041', 'angle');
        $this->decides();
        $this->travelTo('2026-06-21 09:00:00');
        $bench = $this->world->bench($this->world->device(), '1041')->begin($this->job('1041'));

        self::assertSame(['You work under a supervisor here: torque on TN3. One who may do it alone stands beside you.'], $bench->show()['view']['call']['says']);
    }

    private function trainee(): BenchActor
    {
        $this->learns('1041', 'torque');
        $this->learns('1041', 'angle');
        $this->decides();
        $job = $this->job('1041');
        $bench = $this->world->bench($this->world->device(), '1041');
        self::assertSame('Under a supervisor: torque and angle on TN3.', $bench->get('hook/times')['jobs'][0]['learnt']);

        return $bench->begin($job);
    }

    private function decides(): void
    {
        $this->world->desk('lead', 'POST', 'shop/skills', ['decide' => true])->assertNoContent();
    }

    private function isSigned(string $badge, string $method, ?string $until = null): void
    {
        $this->skill($badge, ['method' => $method, 'earned' => 'certificate', 'note' => 'course 7', 'valid_until' => $until]);
    }

    /** @param  list<string>  $builds */
    private function learns(string $badge, string $method, int $wanted = 2, array $builds = []): void
    {
        $this->skill($badge, ['method' => $method, 'earned' => 'learning', 'wanted' => $wanted, 'builds' => $builds]);
    }

    /** @param  array<string, mixed>  $terms */
    private function skill(string $badge, array $terms): void
    {
        $this->world->desk('lead', 'POST', "people/{$this->world->person($badge)->id}/skills", $terms + ['family' => 'TN3', 'builds' => []])->assertCreated();
    }

    private function job(string $badge, string $serial = 'TN3-26-0001'): string
    {
        return $this->world->job($this->world->build($serial), $badge);
    }

    /** @return TestResponse<Response> */
    private function give(string $badge, string $serial = 'TN3-26-0001'): TestResponse
    {
        return $this->world->desk('lead', 'POST', "builds/{$this->world->build($serial)}/assignments", ['joint' => $this->world->joint->id, 'person' => $this->world->person($badge)->id]);
    }

    /** @return TestResponse<Response> */
    private function joins(BenchActor $bench, string $badge, string $pin = '314159'): TestResponse
    {
        return $bench->command("runs/$bench->run/supervisor", ['badge' => $badge, 'pin' => $pin]);
    }

    /** @return TestResponse<Response> */
    private function signs(BenchActor $bench, string $badge): TestResponse
    {
        return $bench->command("runs/$bench->run/supervisor/sign", ['badge' => $badge, 'pin' => '314159']);
    }
}
