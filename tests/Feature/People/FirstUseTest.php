<?php

declare(strict_types=1);

namespace Tests\Feature\People;

use App\People\Actions\OpenShop;
use App\People\Models\Person;
use App\People\Role;
use App\People\Shop;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;
use Tests\Feature\FeatureTestCase;

/** A shop begins with nobody in it: the code of the terminal lets one person in, once. */
final class FirstUseTest extends FeatureTestCase
{
    private const SHOP = ['name' => 'Orrin Bank Engines', 'time_zone' => 'Pacific/Auckland', 'torque_unit' => 'lbf.ft', 'length_unit' => 'in'];

    private const LEAD = ['name' => 'Sanna Ostrey', 'sign_in_name' => 'Sanna'];

    private const PASSWORD = ' two blanks around ';

    private string $code;

    protected function setUp(): void
    {
        // Without the world of the other tests: here nobody is on record.
        TestCase::setUp();
        config(['shop.demo' => false, 'shop.name' => 'Orrin']);
        app()->forgetInstance(Shop::class);
        $this->code = app(OpenShop::class)->newCode();
    }

    public function test_whoever_has_the_code_names_the_shop_and_is_its_first_lead_signed_in(): void
    {
        $this->getJson('/api/session')->assertOk()->assertJsonPath('shop.opened', false)->assertJsonPath('shop.name', 'Orrin');
        $this->postJson('/api/first-use/code', ['code' => $this->code])->assertOk()->assertJsonPath('name', 'Orrin');
        $this->open()->assertOk()->assertJsonPath('shop.name', 'Orrin Bank Engines')->assertJsonPath('shop.opened', true)->assertJsonPath('person.roles', ['quality lead'])->assertJsonPath('person.kind', 'desk');

        self::assertSame(['Pacific/Auckland', 'lbf.ft', 'in'], [Shop::here()->timeZone, Shop::here()->torqueUnit, Shop::here()->lengthUnit]);
        $this->postJson('/api/session/end', ['last_device_seq' => null])->assertOk();
        $this->postJson('/api/session', ['name' => 'sanna', 'password' => self::PASSWORD])->assertOk()->assertJsonPath('person.name', 'Sanna Ostrey');
    }

    public function test_the_record_of_it_holds_neither_code_nor_password_nor_name(): void
    {
        $this->open()->assertOk();
        $bodies = implode("\n", DB::table('ledger_entries')->orderBy('id')->pluck('body')->all());

        self::assertSame(['person_added', 'own_secret_set', 'shop_set'], DB::table('ledger_entries')->orderBy('id')->pluck('type')->all());
        foreach ([$this->code, str_replace('-', '', $this->code), 'two blanks', 'Sanna'] as $secret) {
            self::assertStringNotContainsString($secret, $bodies);
        }
    }

    public function test_the_code_is_good_once_however_it_is_written(): void
    {
        $this->open(strtolower(str_replace('-', ' ', $this->code)))->assertOk();
        $this->postJson('/api/session/end', ['last_device_seq' => null]);

        foreach (['first-use/code', 'first-use'] as $path) {
            $this->postJson("/api/$path", $this->body($this->code))->assertForbidden()
                ->assertJsonPath('detail', 'This shop has been opened already, and its code is used up. Sign in, or ask its lead to add you.');
        }
        self::assertSame(1, Person::query()->count());
    }

    public function test_each_start_prints_another_code_in_the_place_of_the_one_before(): void
    {
        $this->artisan('tekkal:first-use-code')->assertSuccessful();

        $this->open()->assertStatus(422)->assertJsonPath('field', 'code')->assertJsonPath('detail', 'That is not the code. It stands where bin/tekkal start --shop ended; each start prints a new one.');
    }

    public function test_once_it_is_open_no_start_prints_a_code(): void
    {
        $this->open()->assertOk();

        $this->artisan('tekkal:first-use-code')->doesntExpectOutputToContain('-')->assertSuccessful();
        self::assertSame(0, DB::table('first_use_codes')->where('used_at', null)->count());
    }

    public function test_codes_are_tried_at_most_ten_times_a_minute_and_the_right_one_waits_too(): void
    {
        for ($i = 0; $i < 10; $i++) {
            $this->postJson('/api/first-use/code', ['code' => 'AAAA-AAAA-AAAA'])->assertStatus(422);
        }
        $this->open()->assertStatus(429);
        $this->travel(61)->seconds();
        $this->open()->assertOk();
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function bad(): iterable
    {
        yield 'no name for the shop' => [['shop' => ['name' => ''] + self::SHOP], 'shop.name', 'Write what the shop is called.'];
        yield 'a zone that is none' => [['shop' => ['time_zone' => 'Fenmoor/East'] + self::SHOP], 'time_zone', '"Fenmoor/East" is no time zone. It reads like Europe/London.'];
        yield 'another unit' => [['shop' => ['torque_unit' => 'kgf.m'] + self::SHOP], 'shop.torque_unit', 'Choose the unit.'];
        yield 'nobody' => [['lead' => ['name' => ''] + self::LEAD], 'lead.name', 'Write the name of who leads.'];
        yield 'a sign-in name with a blank' => [['lead' => ['sign_in_name' => 'san na'] + self::LEAD], 'lead.sign_in_name', 'A sign-in name has letters A to Z, digits, dots, hyphens and underscores, at most 60, and begins with a letter or digit.'];
        yield 'a short password' => [['password' => 'short'], 'password', 'A password has 10 to 200 characters; this one has 5.'];
        yield 'the same letters over and over' => [['password' => 'abababababab'], 'password', 'The same few characters over and over are guessed first. Choose another password.'];
        yield 'the name in the password' => [['password' => 'i am sanna here'], 'password', 'The sign-in name stands in it. Choose another password.'];
    }

    /** @param  array<string, mixed>  $change */
    #[DataProvider('bad')]
    public function test_what_cannot_be_taken_is_named_and_the_code_stays_good(array $change, string $field, string $sentence): void
    {
        $this->postJson('/api/first-use', $change + $this->body($this->code))->assertStatus(422)->assertJsonPath('field', $field)->assertJsonPath('detail', $sentence);

        self::assertSame([0, 0], [Person::query()->count(), DB::table('ledger_entries')->count()]);
        $this->open()->assertOk();
    }

    public function test_a_shop_begins_with_eight_steps_each_of_which_can_wait_and_is_not_forgotten(): void
    {
        $this->open()->assertOk();
        $lead = Person::query()->firstOrFail();
        $this->actingAs($lead)->withSession(['kind' => 'desk', 'signed_in_at' => now()->getTimestamp(), 'last_use' => now()->getTimestamp()]);
        self::assertSame(['code' => 'done', 'shop' => 'done', 'signs' => 'open', 'windows' => 'open', 'families' => 'open', 'people' => 'open', 'tools' => 'open', 'bench' => 'open'], $this->states());
        $this->postJson('/api/first-steps/tools', ['as' => 'later'])->assertNoContent();
        $this->postJson('/api/first-steps/windows', ['as' => 'not_needed'])->assertNoContent();
        $this->postJson('/api/people', ['name' => 'Berit Lowmark', 'sign_in_name' => 'berit', 'roles' => [Role::Approver->value], 'password' => self::PASSWORD])->assertCreated();
        self::assertSame(['done', 'not_needed', 'later'], array_values(array_intersect_key($this->states(), ['signs' => 0, 'windows' => 0, 'tools' => 0])));
        $this->postJson('/api/first-steps/windows', ['as' => 'open'])->assertNoContent();
        self::assertSame('open', $this->states()['windows']);
        $this->postJson('/api/library/sources', ['code' => 'OB-01', 'kind' => 'window_standard', 'title' => 'Windows', 'edition' => '1', 'date' => '2026-06'])->assertCreated();
        $this->postJson('/api/library/standards', ['code' => 'OB-01-T', 'quantity' => 'torque', 'tolerance' => '5 %', 'source' => 'OB-01'])->assertCreated();
        self::assertSame('done', $this->states()['windows'], 'it is with the approver now');
        self::assertSame([], array_filter((array) $this->getJson('/api/today')->assertOk()->json('needs'), fn (array $n): bool => str_contains($n['link'], 'windows')), 'and the lead can do nothing about it');
        $this->postJson('/api/first-steps/coffee', ['as' => 'later'])->assertNotFound();
    }

    /**
     * @phpstan-impure
     *
     * @return array<string, string>
     */
    private function states(): array
    {
        return array_column((array) $this->getJson('/api/first-steps')->assertOk()->json('steps'), 'state', 'key');
    }

    /** @return TestResponse<Response> */
    private function open(?string $code = null): TestResponse
    {
        return $this->postJson('/api/first-use', $this->body($code ?? $this->code));
    }

    /** @return array<string, mixed> */
    private function body(string $code): array
    {
        return ['code' => $code, 'shop' => self::SHOP, 'lead' => self::LEAD, 'password' => self::PASSWORD];
    }
}
