<?php

declare(strict_types=1);

namespace Tests\Feature\People;

use App\Ledger\EraseText;
use App\People\Actions\EnterAbsence;
use App\People\Actions\GiveSecret;
use App\People\Actions\KeepCustomer;
use App\People\Actions\KeepPerson;
use App\People\Actions\LetGo;
use App\People\Actions\NameDeputy;
use App\People\Actions\SendNotice;
use App\People\Actions\SetShop;
use App\People\Actions\SignSkill;
use App\People\Models\Customer;
use App\People\Role;
use Illuminate\Support\Facades\DB;
use Tests\Feature\CommittedTestCase;

/** Everything that happens to people is told by entries: verify agrees, and a rebuild gives the same rows. */
final class PeopleRecordTest extends CommittedTestCase
{
    public function test_the_record_of_a_busy_year_agrees_with_itself_and_a_rebuild_gives_the_same_rows(): void
    {
        $this->aBusyYear();
        $this->sequence();
        self::assertSame([], $this->verify()->sentences());
        $before = $this->projected();
        $this->rebuild();

        self::assertCount(2, $before['skills']);
        self::assertEquals($before, $this->projected());
        self::assertSame([], $this->verify()->sentences());
    }

    private function aBusyYear(): void
    {
        [$lead, $approver, $juno, $milo] = array_map($this->world->person(...), ['lead', 'approver', '1042', '1043']);
        app(SetShop::class)->shop(['name' => 'Orrin Bank', 'time_zone' => 'Pacific/Auckland', 'torque_unit' => 'lbf.ft', 'length_unit' => 'in'], $lead);
        app(SetShop::class)->shifts([['name' => 'night', 'from' => '22:00', 'to' => '06:00']], $lead);
        $keep = app(KeepPerson::class);
        $new = $keep->add(['name' => 'Orla Penhallow', 'sign_in_name' => 'orla', 'badge' => '1050'], [Role::Assembler, Role::Lead], null, $lead);
        $keep->rename($new, ['name' => 'Orla Marsh', 'sign_in_name' => 'marsh'], $lead);
        $keep->badge($new, '1051', $lead);
        $keep->shift($new, 'night', $lead);
        $keep->roles($new, [Role::Assembler], $lead);
        $customer = app(KeepCustomer::class)->add('Marl Quarries', $lead);
        app(KeepCustomer::class)->rename($customer, 'Marl and Sons', $lead);
        $certificate = ['family' => 'TN3', 'method' => 'angle', 'earned' => 'certificate', 'wanted' => 0, 'builds' => [], 'note' => 'course 7', 'valid_until' => '2030-01-31'];
        app(SignSkill::class)->sign($new, $certificate, $approver);
        app(SignSkill::class)->end(app(SignSkill::class)->sign($juno, ['method' => 'torque'] + $certificate, $approver), $approver);
        app(EnterAbsence::class)->cancel(app(EnterAbsence::class)->enter($juno, '2026-07-01', '2026-07-03', $lead), $lead);
        app(NameDeputy::class)($milo, ['classes' => ['C'], 'from_time' => '14:00', 'until_time' => '22:00', 'first_day' => '2026-06-15', 'last_day' => '2026-08-01'], $lead);
        DB::transaction(fn () => app(SendNotice::class)('Bulletin', 'Something changed.', '', [$milo->id], $approver->id));
        app(GiveSecret::class)->pin($new, $lead);
        app(GiveSecret::class)->link($approver, $lead);
        $this->world->job($this->world->build(), '1043');
        app(LetGo::class)->leaves($milo, $juno, $lead);
        app(LetGo::class)->comesBack($milo, [Role::Assembler], $lead);
        $this->erased($new->id, 'person_added');
        $this->erased($customer->id, 'customer_added');
        self::assertSame(['Orla Marsh', 'Marl and Sons'], [$new->refresh()->name, Customer::query()->findOrFail($customer->id)->name], 'what they are called now stays');
    }

    private function erased(string $stream, string $type): void
    {
        app(EraseText::class)((string) DB::table('ledger_entries')->where('stream', 'like', "%/$stream")->where('type', $type)->value('entry_id'), null);
    }
}
