<?php

declare(strict_types=1);

namespace App\People;

use App\Ledger\Entry;
use App\Ledger\Projector;
use App\People\Models\Absence;
use App\People\Models\Skill;
use Illuminate\Support\Facades\DB;

/** How the shop is set, what its people may do and when they are not here, as the entries tell it. */
final class ShopProjector implements Projector
{
    public function version(): string
    {
        return '1';
    }

    public function tables(): array
    {
        return ['shop_settings', 'skills', 'absences'];
    }

    public function types(): array
    {
        return ['shop_set', 'shifts_set', 'skills_decide_set', 'first_step_put', 'skill_signed', 'skill_ended', 'absence_entered', 'absence_cancelled', 'person_left'];
    }

    public function project(array $entries): void
    {
        array_map($this->one(...), $entries);
    }

    private function one(Entry $entry): void
    {
        $at = $entry->receivedAt()->format('Y-m-d H:i:s.u');
        match ($entry->type()) {
            'shop_set' => $this->put('shop', $entry, array_map($entry->text(...), ['name' => 'data.name', 'time_zone' => 'data.time_zone', 'torque_unit' => 'data.torque_unit', 'length_unit' => 'data.length_unit'])),
            'shifts_set' => $this->put('shifts', $entry, self::shifts($entry)),
            'skills_decide_set' => $this->put('skills', $entry, ['decide' => data_get($entry->body, 'data.decide') === true]),
            'first_step_put' => $this->put('step/'.$entry->text('data.step'), $entry, [$entry->text('data.as')]),
            'skill_signed' => $this->signed($entry),
            'skill_ended' => Skill::query()->whereKey($entry->text('data.skill'))->update(['ended_at' => $at]),
            'absence_entered' => Absence::query()->create(['id' => $entry->id(), 'person' => $entry->streamId(), 'first_day' => $entry->text('data.first_day'), 'last_day' => $entry->text('data.last_day')]),
            'absence_cancelled' => Absence::query()->whereKey($entry->text('data.absence'))->update(['cancelled_at' => $at]),
            'person_left' => $this->left($entry, $at),
            default => null,
        };
    }

    /** @param  array<mixed>  $value */
    private function put(string $key, Entry $entry, array $value): void
    {
        DB::table('shop_settings')->upsert([
            'key' => $key, 'value' => json_encode($value, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE), 'person' => $entry->optional('event.person'), 'at' => $entry->receivedAt()->format('Y-m-d H:i:s.u'),
        ], 'key');
    }

    /** @return list<array{name: string, from: string, to: string}> */
    private static function shifts(Entry $entry): array
    {
        $rows = array_map(null, $entry->texts('data.names'), $entry->texts('data.from'), $entry->texts('data.to'));

        return array_map(fn (array $row): array => ['name' => (string) $row[0], 'from' => (string) $row[1], 'to' => (string) $row[2]], $rows);
    }

    /** The newest word about a person, a family and a method stands in the place of the one before. */
    private function signed(Entry $entry): void
    {
        $of = ['person' => $entry->streamId(), 'family' => $entry->text('data.family'), 'method' => $entry->text('data.method')];
        Skill::query()->where($of)->where('ended_at', null)->update(['ended_at' => $entry->receivedAt()->format('Y-m-d H:i:s.u')]);
        Skill::query()->create($of + [
            'id' => $entry->id(), 'earned' => $entry->text('data.earned'), 'wanted' => $entry->number('data.wanted') ?? 0, 'builds' => $entry->texts('data.builds'), 'note' => $entry->optional('data.note') ?? '',
            'signed_by' => $entry->person(), 'signed_at' => $entry->receivedAt(), 'valid_until' => $entry->optional('data.valid_until'),
        ]);
    }

    private function left(Entry $entry, string $at): void
    {
        Skill::query()->where('person', $entry->streamId())->where('ended_at', null)->update(['ended_at' => $at]);
        Absence::query()->where('person', $entry->streamId())->where('cancelled_at', null)->where('last_day', '>=', substr($at, 0, 10))->update(['cancelled_at' => $at]);
    }
}
