<?php

declare(strict_types=1);

namespace Tests\Feature\Library;

use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Tests\Feature\BenchActor;
use Tests\Feature\FeatureTestCase;

final class PermitTest extends FeatureTestCase
{
    public function test_a_permit_is_asked_for_by_one_and_signed_by_another_with_the_password(): void
    {
        $id = (string) $this->ask(['serials' => 'TN3-26-0001'])->assertCreated()->json('id');
        $this->world->desk('lead', 'POST', "library/permits/$id/approve", ['password' => 'fenmoor'])->assertForbidden();
        $this->world->desk('approver', 'POST', "library/permits/$id/approve", ['password' => 'wrong'])->assertStatus(422)->assertJsonPath('field', 'password');
        $this->permits()->assertJsonPath('permits.0.state', 'asked');
        $this->world->desk('approver', 'POST', "library/permits/$id/approve", ['password' => 'fenmoor'])->assertNoContent();

        $this->permits()->assertJsonPath('permits.0.state', 'in force')->assertJsonPath('permits.0.code', 'DP-001')
            ->assertJsonPath('permits.0.signature', 'Tobin Harrowmere')->assertJsonPath('permits.0.asked_by', 'Ansa Kettleby')
            ->assertJsonPath('permits.0.customer_reference', 'Letter of 12 June, for 2 engines');
        $this->world->desk('approver', 'POST', "library/permits/$id/approve", ['password' => 'fenmoor'])->assertStatus(422)->assertJsonPath('detail', 'DP-001 is approved.');
    }

    public function test_a_permit_without_any_limit_is_refused(): void
    {
        $this->ask([])->assertStatus(422)->assertJsonPath('field', 'valid_until')->assertJsonPath('detail', 'A permit is limited: say until when, for which serials, or for how many engines.');
        $this->ask(['valid_until' => '2026-06-01'])->assertStatus(422)->assertJsonPath('detail', 'It would end on 2026-06-01, before it begins on 2026-06-15.');
        $this->ask(['quantity' => 0])->assertStatus(422)->assertJsonPath('field', 'quantity');
        $this->permits()->assertJsonPath('permits', []);
    }

    public function test_it_is_shown_at_the_bench_and_in_the_audit_of_the_engines_it_is_for_and_of_no_other(): void
    {
        $this->granted(['serials' => 'TN3-26-0001']);
        $build = $this->world->build();
        $bench = $this->world->bench()->begin($this->world->job($build));
        self::assertSame(['DP-001'], $this->shown($bench));
        $this->world->desk('lead', 'GET', "audit/$build")->assertOk()->assertJsonPath('joints.0.permits.0.departure', 'A stepped insert in bolt hole 8')->assertJsonPath('joints.0.permits.0.signature', 'Tobin Harrowmere');

        $other = $this->world->bench($this->world->device('Bench 2'), '1042')->begin($this->world->job($this->world->build('TN3-26-0002'), '1042'));
        self::assertSame([], $this->shown($other));
    }

    public function test_it_ends_by_itself_when_its_last_day_is_over(): void
    {
        $this->granted(['valid_until' => '2026-06-20']);
        $this->travelTo('2026-06-20 12:00:00');
        $this->permits()->assertJsonPath('permits.0.state', 'in force');
        $this->travelTo('2026-06-21 12:00:00');
        $this->permits()->assertJsonPath('permits.0.state', 'ended');

        self::assertSame([], $this->shown($this->world->bench()->begin($this->world->job($this->world->build()))));
    }

    public function test_it_ends_by_itself_when_its_count_is_reached_and_stays_on_the_engine_that_had_it(): void
    {
        $this->granted(['quantity' => 1]);
        $first = $this->world->bench()->begin($this->world->job($this->world->build()));
        $this->travel(1)->minutes();
        $this->permits()->assertJsonPath('permits.0.state', 'used up')->assertJsonPath('permits.0.used', 1);
        $second = $this->world->bench($this->world->device('Bench 2'), '1042')->begin($this->world->job($this->world->build('TN3-26-0002'), '1042'));

        self::assertSame(['DP-001'], $this->shown($first));
        self::assertSame([], $this->shown($second));
    }

    public function test_it_is_refused_or_withdrawn_with_a_reason(): void
    {
        $asked = (string) $this->ask(['quantity' => 2])->json('id');
        $this->world->desk('approver', 'POST', "library/permits/$asked/refuse", ['reason' => ''])->assertStatus(422)->assertJsonPath('field', 'reason');
        $this->world->desk('approver', 'POST', "library/permits/$asked/refuse", ['reason' => 'Not on this joint.'])->assertNoContent();
        $granted = $this->granted(['quantity' => 2]);
        $this->world->desk('lead', 'POST', "library/permits/$granted/withdraw", ['reason' => 'The inserts are used up.'])->assertNoContent();

        self::assertEqualsCanonicalizing(['refused', 'withdrawn'], array_column((array) $this->permits()->json('permits'), 'state'));
    }

    public function test_a_permit_for_one_round_names_a_round_that_there_is(): void
    {
        $this->ask(['quantity' => 1, 'stage' => 'third'])->assertStatus(422)->assertJsonPath('field', 'stage')->assertJsonPath('value', 'third')
            ->assertJsonPath('detail', 'Tarn TN3, main caps, stock bolts has no round "third". Its rounds: snug, turn.');
        self::assertSame([], $this->permits()->json('permits'), 'nothing was asked for');

        $this->ask(['quantity' => 1, 'stage' => 'turn'])->assertCreated();
        self::assertSame('turn', $this->permits()->json('permits.0.stage'));
    }

    /**
     * @param  array<string, mixed>  $limits
     * @return TestResponse<Response>
     */
    private function ask(array $limits): TestResponse
    {
        return $this->world->desk('lead', 'POST', 'library/permits', $limits + [
            'procedure' => $this->world->procedure->id, 'stage' => null, 'departure' => 'A stepped insert in bolt hole 8', 'reason' => 'The thread was stripped.',
            'customer_reference' => 'Letter of 12 June, for 2 engines', 'quantity' => null, 'serials' => null, 'valid_from' => '2026-06-15', 'valid_until' => null,
        ]);
    }

    /** @param  array<string, mixed>  $limits */
    private function granted(array $limits): string
    {
        $id = (string) $this->ask($limits)->assertCreated()->json('id');
        $this->world->desk('approver', 'POST', "library/permits/$id/approve", ['password' => 'fenmoor'])->assertNoContent();

        return $id;
    }

    /** @return TestResponse<Response> */
    private function permits(): TestResponse
    {
        return $this->world->desk('lead', 'GET', 'library/permits')->assertOk();
    }

    /** @return list<string> */
    private function shown(BenchActor $bench): array
    {
        return array_column($bench->show()['permits'], 'code');
    }
}
