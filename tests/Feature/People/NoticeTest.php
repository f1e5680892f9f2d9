<?php

declare(strict_types=1);

namespace Tests\Feature\People;

use App\People\Actions\SendNotice;
use App\People\Models\Notice;
use Illuminate\Support\Facades\DB;
use Tests\Feature\FeatureTestCase;

/** Bulletins: sent to those concerned, and on their screens until each has said that it was read. */
final class NoticeTest extends FeatureTestCase
{
    public function test_a_bulletin_goes_to_those_concerned_and_to_nobody_else(): void
    {
        $this->send('lead', 'crib', 'lead');

        foreach (['lead' => 1, 'crib' => 1, 'approver' => 0, 'reader' => 0] as $who => $count) {
            self::assertCount($count, $this->told($who), $who);
        }
    }

    public function test_nobody_is_told_nothing(): void
    {
        $this->send();

        self::assertSame(0, Notice::query()->count());
    }

    public function test_it_stays_until_each_has_acknowledged_it_by_themselves(): void
    {
        $this->send('lead', 'crib');
        $id = $this->told('lead')[0]['id'];
        $this->world->desk('lead', 'POST', "notices/$id/acknowledge")->assertNoContent();

        self::assertSame([], $this->told('lead'));
        self::assertSame([$id], array_column($this->told('crib'), 'id'));
        $receipt = DB::table('notice_receipts')->where('notice', $id)->where('person', $this->world->person('lead')->id)->first();
        self::assertNotNull($receipt?->acknowledged_at, 'when it was, is on record');
    }

    public function test_acknowledging_twice_changes_nothing_and_what_one_was_not_told_is_not_there(): void
    {
        $this->send('lead');
        $id = $this->told('lead')[0]['id'];
        $this->world->desk('lead', 'POST', "notices/$id/acknowledge")->assertNoContent();
        $first = DB::table('notice_receipts')->where('notice', $id)->value('acknowledged_at');
        $this->travel(5)->minutes();
        $this->world->desk('lead', 'POST', "notices/$id/acknowledge");

        self::assertSame($first, DB::table('notice_receipts')->where('notice', $id)->value('acknowledged_at'));
        $this->world->desk('approver', 'POST', "notices/$id/acknowledge")->assertNotFound();
        $this->world->desk('lead', 'POST', 'notices/nothing/acknowledge')->assertNotFound();
    }

    public function test_the_newest_stands_first_with_its_link(): void
    {
        $this->send('lead');
        $this->travel(1)->minutes();
        app(SendNotice::class)('Newer', 'Look.', '/library/conflicts', [$this->world->person('lead')->id], $this->world->person('approver')->id);

        self::assertSame(['Newer', 'Bulletin'], array_column($this->told('lead'), 'title'));
        self::assertSame('/library/conflicts', $this->told('lead')[0]['link']);
    }

    private function send(string ...$to): void
    {
        app(SendNotice::class)('Bulletin', 'Something changed.', '', array_map(fn (string $who): string => $this->world->person($who)->id, array_values($to)), $this->world->person('approver')->id);
    }

    /** @return list<array<string, mixed>> */
    private function told(string $who): array
    {
        return array_values((array) $this->world->desk($who, 'GET', 'notices')->assertOk()->json('notices'));
    }
}
