<?php

declare(strict_types=1);

namespace Tests\Feature\People;

use App\People\Models\Device;
use App\People\Models\Person;
use App\People\Secret;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;
use Tests\Feature\FeatureTestCase;

/** A secret that was handed out is known to two: it opens nothing but the way to one that is known to its owner alone. */
final class SecretTest extends FeatureTestCase
{
    private const OWN = '271828';

    private Device $bench;

    private string $pin;

    protected function setUp(): void
    {
        parent::setUp();
        $this->bench = $this->world->device();
        $this->pin = (string) $this->give('pin', '1041')->assertCreated()->json('pin');
    }

    public function test_a_pin_that_was_handed_out_asks_for_ones_own_and_is_good_no_more_once_there_is_one(): void
    {
        $this->signIn($this->pin)->assertStatus(422)->assertJsonPath('type', 'tekkal:own-secret')->assertJsonPath('field', 'new_pin')
            ->assertJsonPath('detail', 'This PIN was handed to you, and somebody else has seen it. Sign in at a bench with it, and choose one of your own there.');
        $this->signIn($this->pin, self::OWN)->assertOk()->assertJsonPath('person.name', 'Rafe Ondling');

        $this->signIn($this->pin)->assertStatus(422)->assertJsonPath('type', 'tekkal:wrong-sign-in');
        $this->signIn(self::OWN)->assertOk();
        self::assertSame('own', $this->listed('1041')['pin']);
    }

    public function test_the_pin_before_it_is_good_no_more(): void
    {
        $this->signIn('314159')->assertStatus(422)->assertJsonPath('type', 'tekkal:wrong-sign-in');
    }

    public function test_it_signs_nothing_for_anybody_at_a_bench_either(): void
    {
        $bench = $this->world->bench($this->bench, '1042')->ready($this->world->job($this->world->build(), '1042'));
        $bench->command("runs/$bench->run/partner", ['badge' => '1041', 'pin' => $this->pin])->assertStatus(422)->assertJsonPath('type', 'tekkal:own-secret');
    }

    /** @return iterable<string, array{string, string}> */
    public static function guessable(): iterable
    {
        yield 'five digits' => ['27182', 'A PIN has 6 to 12 digits, and nothing but digits.'];
        yield 'thirteen' => ['2718281828459', 'A PIN has 6 to 12 digits, and nothing but digits.'];
        yield 'a letter' => ['27182a', 'A PIN has 6 to 12 digits, and nothing but digits.'];
        yield 'digits of another script' => ['٢٧١٨٢٨', 'A PIN has 6 to 12 digits, and nothing but digits.'];
        yield 'one digit' => ['777777', 'One digit over and over is guessed first. Choose another PIN.'];
        yield 'in a row' => ['345678', 'Digits in a row are guessed first. Choose another PIN.'];
        yield 'in a row over the nought' => ['890123', 'Digits in a row are guessed first. Choose another PIN.'];
        yield 'backwards' => ['987654', 'Digits in a row are guessed first. Choose another PIN.'];
        yield 'with the badge in it' => ['991041', 'The badge’s number stands in it, and everybody can read that. Choose another PIN.'];
    }

    #[DataProvider('guessable')]
    public function test_a_pin_of_ones_own_that_is_guessed_first_is_refused_and_the_one_before_stays_good(string $own, string $sentence): void
    {
        $this->signIn($this->pin, $own)->assertStatus(422)->assertJsonPath('field', 'new_pin')->assertJsonPath('detail', $sentence);

        $this->signIn($this->pin, self::OWN)->assertOk();
    }

    public function test_the_one_that_was_handed_out_is_no_pin_of_ones_own(): void
    {
        $this->signIn($this->pin, $this->pin)->assertStatus(422)->assertJsonPath('detail', 'That is the PIN that was handed to you. Choose another, which nobody else has seen.');
    }

    public function test_every_pin_that_is_handed_out_could_be_chosen_too(): void
    {
        for ($i = 0; $i < 500; $i++) {
            self::assertNull(Secret::whyNoPin(Secret::drawnPin('1041'), '1041'));
        }
    }

    public function test_a_link_sets_a_password_once_and_signs_in_with_it(): void
    {
        $path = (string) $this->give('link', 'crib')->assertCreated()->json('path');
        $this->getJson("/api$path")->assertOk()->assertJsonPath('name', 'Wim Osterlake')->assertJsonPath('sign_in_name', 'crib');
        $this->postJson("/api$path", ['password' => 'short'])->assertStatus(422)->assertJsonPath('field', 'password');
        $this->postJson("/api$path", ['password' => ' keys on the left '])->assertOk()->assertJsonPath('person.name', 'Wim Osterlake');
        $this->postJson('/api/session/end', ['last_device_seq' => null]);

        $this->postJson("/api$path", ['password' => 'keys on the right'])->assertNotFound()->assertJsonPath('detail', 'This link was used already. Sign in with the password that was set, or ask a lead for a new link.');
        $this->postJson('/api/session', ['name' => 'crib', 'password' => 'fenmoor'])->assertStatus(422);
        $this->postJson('/api/session', ['name' => 'crib', 'password' => ' keys on the left '])->assertOk();
    }

    public function test_a_link_is_good_for_three_days_and_until_the_next_one_is_made(): void
    {
        $first = (string) $this->give('link', 'crib')->json('path');
        $second = (string) $this->give('link', 'crib')->json('path');
        $this->getJson("/api$first")->assertNotFound()->assertJsonPath('detail', 'This link is not good, or another has been made since. Ask a lead for a new one.');
        $this->travel(71)->hours();
        $this->getJson("/api$second")->assertOk();
        $this->travel(2)->hours();
        $this->getJson("/api$second")->assertNotFound()->assertJsonPath('detail', 'This link was good for three days, and they are over. Ask a lead for a new one.');
    }

    public function test_links_are_guessed_at_most_ten_times_a_minute(): void
    {
        for ($i = 0; $i < 10; $i++) {
            $this->getJson("/api/welcome/guess$i")->assertNotFound();
        }
        $this->getJson('/api/welcome/guess10')->assertStatus(429);
    }

    public function test_whoever_had_a_secret_is_told_that_a_way_past_it_was_made(): void
    {
        $this->give('link', 'crib')->assertCreated();
        $told = (array) $this->world->desk('crib', 'GET', 'notices')->json('notices');

        self::assertSame(['Ansa Kettleby made a new password link for you'], array_column($told, 'title'));
        $new = (string) $this->world->desk('lead', 'POST', 'people', ['name' => 'Orla', 'sign_in_name' => 'orla', 'badge' => '@B1050', 'roles' => ['crib_keeper'], 'password' => 'fenmoor'])->json('id');
        $this->world->desk('lead', 'POST', "people/$new/link", ['password' => 'fenmoor'])->assertCreated();
        self::assertSame(0, DB::table('notice_receipts')->where('person', $new)->count(), 'who has none yet is told nothing');
        self::assertSame('1050', Person::query()->findOrFail($new)->badge, 'what a scanner puts before a badge is no part of it');
    }

    public function test_neither_pin_nor_link_stands_anywhere_in_clear(): void
    {
        $token = basename((string) $this->give('link', 'crib')->json('path'));
        foreach (['ledger_entries' => 'body', 'desk_commands' => 'answer', 'secret_links' => 'token_hash', 'credentials' => 'pin_hash'] as $table => $column) {
            foreach (DB::table($table)->pluck($column) as $kept) {
                self::assertStringNotContainsString($token, (string) $kept, $table);
                self::assertStringNotContainsString($this->pin, (string) $kept, $table);
            }
        }
    }

    public function test_without_a_badge_there_is_no_pin_and_without_a_sign_in_name_no_link(): void
    {
        $this->give('pin', 'crib')->assertStatus(422)->assertJsonPath('detail', 'Wim Osterlake has no badge, and a PIN is of no use without one.');
        $this->give('link', '1042')->assertStatus(422)->assertJsonPath('detail', 'Juno Castrel has no sign-in name, and a password is of no use without one.');
        $this->world->desk('lead', 'POST', 'people/'.$this->world->person('1042')->id.'/pin', ['password' => 'guess'])->assertStatus(422)->assertJsonPath('field', 'password');
    }

    public function test_who_only_decides_at_a_bench_sets_the_pin_at_a_desk(): void
    {
        $this->world->desk('lead', 'POST', 'session/pin', ['new_pin' => self::OWN, 'password' => 'guess'])->assertStatus(422);
        $this->world->desk('lead', 'POST', 'session/pin', ['new_pin' => '111111', 'password' => 'fenmoor'])->assertStatus(422)->assertJsonPath('field', 'new_pin');
        $this->world->desk('lead', 'POST', 'session/pin', ['new_pin' => self::OWN, 'password' => 'fenmoor'])->assertNoContent();

        self::assertTrue(Secret::Pin->fits(self::OWN, Person::query()->findOrFail($this->world->person('lead')->id)->credential?->pin_hash));
    }

    /** @return TestResponse<Response> */
    private function give(string $which, string $who): TestResponse
    {
        return $this->world->desk('lead', 'POST', 'people/'.$this->world->person($who)->id."/$which", ['password' => 'fenmoor']);
    }

    /** @return TestResponse<Response> */
    private function signIn(string $pin, ?string $own = null): TestResponse
    {
        return $this->world->atBench($this->bench, null, null, 'POST', 'session/bench', ['badge' => '1041', 'pin' => $pin, 'new_pin' => $own, 'last_device_seq' => 0]);
    }

    /** @return array<string, mixed> */
    private function listed(string $who): array
    {
        return array_column((array) $this->world->desk('lead', 'GET', 'people')->assertOk()->json('people'), null, 'id')[$this->world->person($who)->id];
    }
}
