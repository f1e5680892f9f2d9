<?php

declare(strict_types=1);

namespace App\People;

use App\Ledger\Entry;
use App\Ledger\ErasableTexts;
use App\Ledger\Projector;
use App\People\Models\Customer;
use App\People\Models\Deputy;
use App\People\Models\Device;
use App\People\Models\Notice;
use App\People\Models\Sitting;
use Illuminate\Support\Facades\DB;

/** People with their roles, customers, devices, sittings and notices, as the entries tell them. */
final class PeopleProjector implements Projector
{
    public function version(): string
    {
        return '3';
    }

    public function tables(): array
    {
        return ['people', 'person_roles', 'customers', 'deputies', 'devices', 'sittings', 'notices', 'notice_receipts'];
    }

    public function types(): array
    {
        return [
            'person_added', 'person_renamed', 'badge_given', 'shift_given', 'role_given', 'role_taken', 'person_left', 'person_came_back',
            'customer_added', 'customer_renamed', 'text_erased', 'deputy_named', 'deputy_ended',
            'device_enrolled', 'device_revoked', 'sitting_begun', 'sitting_ended', 'notice_sent', 'notice_passed', 'notice_acknowledged',
        ];
    }

    public function project(array $entries): void
    {
        array_map($this->one(...), $entries);
    }

    private function one(Entry $entry): void
    {
        match ($entry->type()) {
            'person_added' => $this->added($entry),
            'person_renamed' => $this->named($entry, ErasableTexts::NAMES[0], ErasableTexts::NAMES[1]),
            'badge_given' => $this->named($entry, ErasableTexts::NAMES[2]),
            'shift_given' => DB::table('people')->where('id', $entry->streamId())->update(['shift' => $entry->optional('data.shift')]),
            'role_given' => $this->roles($entry, [$entry->text('data.role')]),
            'role_taken' => DB::table('person_roles')->where('person', $entry->streamId())->where('role', $entry->text('data.role'))->delete(),
            'person_left' => $this->left($entry),
            'person_came_back' => $this->cameBack($entry),
            'customer_added', 'customer_renamed' => DB::table('customers')->upsert(['id' => $entry->streamId(), 'name' => ErasableTexts::of($entry->id(), 'name') ?? Customer::BLANKED, 'name_entry' => $entry->id()], 'id'),
            'text_erased' => $this->erased($entry),
            'deputy_named' => Deputy::query()->create([
                'id' => $entry->id(), 'person' => $entry->streamId(), 'classes' => implode('', $entry->texts('data.classes')), 'from_time' => $entry->text('data.from_time'), 'until_time' => $entry->text('data.until_time'),
                'first_day' => $entry->text('data.first_day'), 'last_day' => $entry->text('data.last_day'), 'named_by' => $entry->person(), 'named_at' => $entry->receivedAt(),
            ]),
            'deputy_ended' => Deputy::query()->whereKey($entry->text('data.deputy'))->update(['ended_at' => $entry->receivedAt()->format('Y-m-d H:i:s.u')]),
            'device_enrolled' => Device::query()->create([
                'id' => $entry->streamId(), 'name' => $entry->text('data.name'),
                'enrolled_by' => $entry->person(), 'enrolled_at' => $entry->receivedAt(),
            ]),
            'device_revoked' => Device::query()->whereKey($entry->streamId())->update(['revoked_at' => $entry->receivedAt()->format('Y-m-d H:i:s.u')]),
            'sitting_begun' => Sitting::query()->create([
                'id' => $entry->text('event.sitting'), 'person' => $entry->person(), 'device' => $entry->streamId(), 'begun_at' => $entry->receivedAt(),
            ]),
            'sitting_ended' => Sitting::query()->whereKey($entry->text('event.sitting'))->update([
                'ended_at' => $entry->receivedAt()->format('Y-m-d H:i:s.u'), 'closed_device_seq' => $entry->number('data.closed_device_seq'),
            ]),
            'notice_sent' => $this->sent($entry),
            'notice_passed' => DB::table('notice_receipts')->insertOrIgnore(['notice' => $entry->streamId(), 'person' => $entry->text('data.to')]),
            'notice_acknowledged' => DB::table('notice_receipts')->where('notice', $entry->streamId())->where('person', $entry->person())
                ->update(['acknowledged_at' => $entry->receivedAt()->format('Y-m-d H:i:s.u')]),
            default => null,
        };
    }

    private function added(Entry $entry): void
    {
        DB::table('people')->upsert(['id' => $entry->streamId(), 'customer' => $entry->optional('data.customer'), 'left_at' => null] + self::names($entry, ErasableTexts::NAMES), 'id');
        $this->roles($entry, $entry->texts('data.roles'));
    }

    /** What an entry calls somebody from then on. */
    private function named(Entry $entry, string ...$fields): void
    {
        DB::table('people')->where('id', $entry->streamId())->update(self::names($entry, array_values($fields)));
    }

    /**
     * @param  list<string>  $fields
     * @return array<string, string|null> each with the entry that it comes from, so that erasing an older one leaves it
     */
    private static function names(Entry $entry, array $fields): array
    {
        $names = [];
        foreach ($fields as $field) {
            $names += [$field => ErasableTexts::of($entry->id(), $field), $field.'_entry' => $entry->id()];
        }

        return $names;
    }

    /** Badge and sign-in name are free for others; the name stays under what was signed with it. */
    private function left(Entry $entry): void
    {
        DB::table('people')->where('id', $entry->streamId())->update(['left_at' => $entry->receivedAt()->format('Y-m-d H:i:s.u'), 'sign_in_name' => null, 'badge' => null, 'shift' => null]);
        DB::table('person_roles')->where('person', $entry->streamId())->delete();
    }

    private function cameBack(Entry $entry): void
    {
        DB::table('people')->where('id', $entry->streamId())->update(['left_at' => null]);
        $this->roles($entry, $entry->texts('data.roles'));
    }

    /** @param  list<string>  $roles */
    private function roles(Entry $entry, array $roles): void
    {
        DB::table('person_roles')->insertOrIgnore(array_map(fn (string $role): array => ['person' => $entry->streamId(), 'role' => $role], $roles));
    }

    private function erased(Entry $entry): void
    {
        $field = $entry->text('data.field');
        match (true) {
            str_starts_with($entry->stream(), 'person/') && in_array($field, ErasableTexts::NAMES, true) => DB::table('people')->where('id', $entry->streamId())->where($field.'_entry', $entry->text('data.entry'))->update([$field => null]),
            str_starts_with($entry->stream(), 'customer/') => DB::table('customers')->where('id', $entry->streamId())->where('name_entry', $entry->text('data.entry'))->update(['name' => Customer::BLANKED]),
            default => null,
        };
    }

    private function sent(Entry $entry): void
    {
        Notice::query()->create([
            'id' => $entry->streamId(), 'title' => $entry->text('data.title'), 'body' => $entry->text('data.body'), 'link' => $entry->text('data.link'), 'sent_at' => $entry->receivedAt(),
        ]);
        DB::table('notice_receipts')->insert(array_map(fn (string $person): array => ['notice' => $entry->streamId(), 'person' => $person], $entry->texts('data.to')));
    }
}
