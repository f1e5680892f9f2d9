<?php

declare(strict_types=1);

namespace Tests\Feature\People;

use App\Ledger\EraseText;
use App\People\Ability;
use App\People\Actions\KeepPerson;
use App\People\Models\Person;
use App\People\Role;
use App\Shared\Refused;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Feature\FeatureTestCase;

/** People come, are called something else, get badges and places to stand; what two of them cannot share is refused with whose it is. */
final class KeepPeopleTest extends FeatureTestCase
{
    private const NEW = ['name' => 'Orla Penhallow', 'sign_in_name' => 'Orla', 'badge' => '1050', 'roles' => ['assembler', 'crib_keeper'], 'password' => 'fenmoor'];

    public function test_somebody_comes_and_stands_in_two_places(): void
    {
        $id = $this->world->desk('lead', 'POST', 'people', self::NEW)->assertCreated()->json('id');
        $listed = $this->listed($id);

        self::assertSame(['Orla Penhallow', 'orla', '1050', ['assembler', 'crib_keeper'], 'none', 'none'], [$listed['name'], $listed['sign_in_name'], $listed['badge'], $listed['roles'], $listed['pin'], $listed['password']]);
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function bad(): iterable
    {
        yield 'two people with one badge' => [['badge' => '1041'], 'badge', 'Badge 1041 is Rafe Ondling’s. Two people never share one: give another, or take it from them first.'];
        yield 'a sign-in name that is taken, however it is written' => [['sign_in_name' => 'LEAD'], 'sign_in_name', 'The sign-in name lead is Ansa Kettleby’s. Choose another.'];
        yield 'an assembler without a badge' => [['badge' => null], 'badge', 'Orla Penhallow works at a bench, and signs in there with a badge. Give one.'];
        yield 'a crib keeper without a sign-in name' => [['sign_in_name' => null], 'sign_in_name', 'Orla Penhallow stands at a desk as crib keeper, and signs in there with a name. Give one.'];
        yield 'nowhere to stand' => [['roles' => []], 'roles', 'Say what they do here: at least one place to stand.'];
        yield 'a place that does not exist' => [['roles' => ['king']], 'roles.0', 'There is no such place to stand.'];
        yield 'a badge with a blank' => [['badge' => '10 50'], 'badge', 'A badge has 1 to 20 letters, digits or signs, without blanks.'];
        yield 'no name' => [['name' => ''], 'name', 'Write the name.'];
        yield 'a wrong password of the lead' => [['password' => 'guess'], 'password', 'That is not your password. Nothing was signed; try again.'];
        yield 'a customer nobody knows' => [['roles' => ['reader'], 'badge' => null, 'customer' => 'nobody'], 'customer', 'There is no such customer.'];
    }

    /** @param  array<string, mixed>  $change */
    #[DataProvider('bad')]
    public function test_what_cannot_be_taken_is_named_and_nobody_is_added(array $change, string $field, string $sentence): void
    {
        $before = Person::query()->count();
        $this->world->desk('lead', 'POST', 'people', $change + self::NEW)->assertStatus(422)->assertJsonPath('field', $field)->assertJsonPath('detail', $sentence);

        self::assertSame($before, Person::query()->count());
    }

    public function test_a_reader_sees_one_customers_engines_and_whoever_works_here_is_no_customers_reader(): void
    {
        $customer = $this->world->people->customer('Skerry Dredging');
        $this->world->desk('lead', 'POST', 'people', ['customer' => $customer] + self::NEW)->assertStatus(422)->assertJsonPath('field', 'customer');
        $id = $this->world->desk('lead', 'POST', 'people', ['customer' => $customer, 'roles' => ['reader'], 'badge' => null] + self::NEW)->assertCreated()->json('id');

        self::assertSame($customer, $this->listed($id)['customer']);
    }

    public function test_a_badge_passes_from_one_to_another_only_when_the_first_has_it_no_more(): void
    {
        [$rafe, $juno] = [$this->world->person('1041')->id, $this->world->person('1042')->id];
        $this->world->desk('lead', 'POST', "people/$juno/badge", ['badge' => '1041'])->assertStatus(422)->assertJsonPath('value', '1041');
        $this->world->desk('lead', 'POST', "people/$rafe/badge", ['badge' => null])->assertStatus(422)->assertJsonPath('detail', 'Rafe Ondling works at a bench, and signs in there with a badge. Give one.');
        $this->world->desk('lead', 'POST', "people/$rafe/badge", ['badge' => '2041'])->assertNoContent();
        $this->world->desk('lead', 'POST', "people/$juno/badge", ['badge' => '1041'])->assertNoContent();

        self::assertSame(['2041', '1041'], [$this->listed($rafe)['badge'], $this->listed($juno)['badge']]);
    }

    public function test_somebody_is_called_something_else_from_now_on_and_erasing_the_old_name_leaves_the_new(): void
    {
        $rafe = $this->world->person('1041')->id;
        $this->world->desk('lead', 'POST', "people/$rafe/rename", ['name' => 'Rafe Ondling-Marsh', 'sign_in_name' => null])->assertNoContent();
        $added = (string) DB::table('ledger_entries')->where('stream', "person/$rafe")->where('type', 'person_added')->value('entry_id');
        self::assertSame(['badge', 'name'], app(EraseText::class)($added, null));

        self::assertSame(['Rafe Ondling-Marsh', null], [$this->listed($rafe)['name'], $this->listed($rafe)['badge']], 'the badge came with the entry that was erased');
    }

    public function test_the_last_lead_stays_one(): void
    {
        $lead = $this->world->person('lead')->id;
        $this->world->desk('lead', 'POST', "people/$lead/roles", ['roles' => ['approver'], 'password' => 'fenmoor'])->assertStatus(422)
            ->assertJsonPath('detail', 'Ansa Kettleby is the only quality lead, and nobody else could name one. Make somebody else a lead first.');
        self::assertTrue($this->world->person('lead')->refresh()->may(Ability::KeepPeople));
    }

    public function test_of_two_leads_who_stop_being_one_at_once_the_second_stays(): void
    {
        $keep = app(KeepPerson::class);
        [$lead, $approver] = [$this->world->person('lead'), $this->world->person('approver')];
        $keep->roles($approver, [Role::Lead, Role::Approver], $lead);
        $keep->roles($lead, [Role::Approver], $approver);

        $this->expectException(Refused::class);
        $this->expectExceptionMessage('Tobin Harrowmere is the only quality lead');
        $keep->roles($approver, [Role::Approver], $lead);
    }

    public function test_a_role_that_was_taken_is_gone_with_the_next_request(): void
    {
        $crib = $this->world->person('crib')->id;
        $this->world->desk('crib', 'GET', 'tools')->assertOk();
        $this->world->desk('lead', 'POST', "people/$crib/roles", ['roles' => ['reader'], 'password' => 'fenmoor'])->assertNoContent();

        $this->actingAs(Person::query()->findOrFail($crib))->withSession(['kind' => 'desk', 'signed_in_at' => now()->getTimestamp(), 'last_use' => now()->getTimestamp()]);
        $this->getJson('/api/tools')->assertForbidden();
        $this->getJson('/api/builds')->assertOk();
    }

    public function test_customers_are_called_differently_from_each_other(): void
    {
        $id = $this->world->desk('lead', 'POST', 'customers', ['name' => 'Marl Quarries'])->assertCreated()->json('id');
        $this->world->desk('lead', 'POST', 'customers', ['name' => 'Marl Quarries'])->assertStatus(422)->assertJsonPath('detail', 'There is a customer called Marl Quarries already.');
        $this->world->desk('lead', 'POST', "customers/$id/rename", ['name' => 'Skerry Dredging'])->assertStatus(422)->assertJsonPath('field', 'name');
        $this->world->desk('lead', 'POST', "customers/$id/rename", ['name' => 'Marl and Sons'])->assertNoContent();

        self::assertContains(['id' => $id, 'name' => 'Marl and Sons'], $this->world->desk('lead', 'GET', 'people')->json('customers'));
    }

    /** @return array<string, mixed> */
    private function listed(string $id): array
    {
        return array_column((array) $this->world->desk('lead', 'GET', 'people')->assertOk()->json('people'), null, 'id')[$id];
    }
}
