<?php

declare(strict_types=1);

namespace Tests\Feature\Bench;

use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Tests\Feature\BenchActor;
use Tests\Feature\FeatureTestCase;

/** What takes two people: the second signs with own badge and PIN on the bench of the first. */
final class SecondPersonTest extends FeatureTestCase
{
    private BenchActor $bench;

    protected function setUp(): void
    {
        parent::setUp();
        $this->bench = $this->world->bench()->ready($this->world->job($this->world->build()));
    }

    public function test_a_second_person_joins_is_named_on_the_sheet_and_leaves(): void
    {
        $this->joins('1042')->assertOk()->assertJsonPath('holder.partner_name', $this->world->person('1042')->name);
        $this->bench->send($this->bench->observation('second_person_left'))->assertOk();

        self::assertNull($this->bench->show()['holder']['partner_name']);
    }

    public function test_nobody_is_the_second_of_two_people_and_the_first(): void
    {
        $this->joins('1041')->assertStatus(422)->assertJsonPath('detail', 'This takes somebody else than you: your own badge does not count twice.');

        self::assertNull($this->bench->show()['holder']['partner_name']);
    }

    public function test_a_wrong_pin_joins_nobody_and_is_said(): void
    {
        $refused = $this->joins('1042', '000000');

        self::assertContains($refused->getStatusCode(), [401, 422]);
        self::assertNotSame('', (string) $refused->json('detail'));
        self::assertNull($this->bench->show()['holder']['partner_name']);
    }

    public function test_nobody_looks_at_a_round_of_which_nothing_waits_for_it(): void
    {
        $this->bench->command("runs/{$this->bench->run}/looks", ['badge' => '1042', 'pin' => '314159', 'stage' => 'snug', 'differ' => []])
            ->assertStatus(409)->assertJsonPath('detail', 'Nothing of this round waits for a second look.');
    }

    public function test_a_look_names_the_heads_that_differ_or_none_and_nothing_else(): void
    {
        $this->bench->command("runs/{$this->bench->run}/looks", ['badge' => '1042', 'pin' => '314159', 'stage' => 'snug', 'differ' => 'nice'])->assertStatus(422);
    }

    public function test_a_look_that_says_nothing_of_what_it_found_is_none(): void
    {
        $this->bench->command("runs/{$this->bench->run}/looks", ['badge' => '1042', 'pin' => '314159', 'stage' => 'snug'])
            ->assertStatus(422)->assertJsonPath('detail', 'Say which heads differ, or that none does.');
    }

    public function test_a_bench_that_has_lost_the_run_takes_nobody_on_for_it(): void
    {
        $other = $this->world->bench($this->world->device('Bench 2'), '1042');
        $other->run = $this->bench->run;
        $other->command("runs/$other->run/take-over")->assertOk();

        self::assertSame(409, $this->joins('1042')->getStatusCode());
    }

    /** @return TestResponse<Response> */
    private function joins(string $badge, string $pin = '314159'): TestResponse
    {
        return $this->bench->command("runs/{$this->bench->run}/partner", ['badge' => $badge, 'pin' => $pin]);
    }
}
