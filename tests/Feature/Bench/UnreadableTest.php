<?php

declare(strict_types=1);

namespace Tests\Feature\Bench;

use App\Ledger\Entry;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Feature\BenchActor;
use Tests\Feature\FeatureTestCase;

/** What cannot be stored truthfully is said so by its place; nothing that comes after it waits. */
final class UnreadableTest extends FeatureTestCase
{
    private BenchActor $bench;

    protected function setUp(): void
    {
        parent::setUp();
        $this->bench = $this->world->bench()->ready($this->world->job($this->world->build()));
    }

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function untrue(): iterable
    {
        yield 'a step in other letters' => [['step' => 'snug:ç2a:1']];
        yield 'a step with a line in it' => [['step' => "snug:c2a:1\n"]];
        yield 'a time long before any engine' => [['device_time' => '-5000 years']];
        yield 'a time in words' => [['device_time' => 'yesterday']];
        yield 'a time of the year 9999' => [['device_time' => '9999-12-31T23:59:59Z']];
        yield 'a 30th of February, as PHP would take for March' => [['device_time' => '2026-02-30']];
        yield 'a value that no tool shows' => [['value' => '99999999999999999999 N.m']];
        yield 'a value with more digits than any scale' => [['value' => '1.'.str_repeat('3', 39).' N.m']];
        yield 'a value in full-width digits' => [['value' => '３２.０ N.m']];
        yield 'a unit of nothing' => [['value' => '32 ft.lbs']];
        yield 'a tool that is no id' => [['tool' => 'TW-04']];
        yield 'a count that is a word' => [['mono_ms' => '12']];
        yield 'a count that is a fraction' => [['mono_ms' => 1.5]];
        yield 'a command' => [['type' => 'run_taken_over']];
        yield 'what the server says' => [['person' => '018f0000-0000-7000-8000-000000000001']];
        yield 'a key that nobody knows' => [['mood' => 'good']];
        yield 'nothing' => [['adapter' => null]];
        yield 'no clock' => [['clock' => '']];
        yield 'an id that is none' => [['id' => '00000000-0000-0000-0000-000000000000']];
        yield 'a source that nobody knows' => [['source' => 'heard']];
        yield 'a raw value that is a list' => [['raw' => ['32']]];
    }

    /** @param  array<string, mixed>  $change */
    #[DataProvider('untrue')]
    public function test_what_could_not_be_stored_truthfully_is_refused_with_its_place_and_uses_up_no_number(array $change): void
    {
        $before = $this->world->nextSeq($this->bench->device);
        $good = $this->bench->reading('snug:c2a:1', '32.0');
        $bad = $change + $this->bench->reading('snug:c3b:1', '32.0');

        $this->bench->send($good, $bad)->assertStatus(422)->assertJsonPath('type', 'tekkal:unreadable')->assertJsonPath('index', 1);
        self::assertSame($before, $this->world->nextSeq($this->bench->device));
    }

    /** It is no fault of the bench: it keeps it, and what came after it, until Tekkal was upgraded. */
    public function test_a_type_or_version_that_is_not_known_yet_is_told_apart_from_what_cannot_be_read(): void
    {
        foreach ([['type' => 'bolt_sung_to'], ['v' => 2]] as $newer) {
            $this->bench->send($newer + $this->bench->reading('snug:c2a:1', '32.0'))->assertStatus(422)->assertJsonPath('type', 'tekkal:newer-type')->assertJsonPath('index', 0);
        }
    }

    public function test_its_bytes_take_its_place_and_wait_for_the_lead_in_the_tray(): void
    {
        $bytes = (string) json_encode(['step' => 'snug:ç2a:1', 'value' => '32.0']);
        $stand = $this->unread($bytes);

        $outcome = $this->bench->send($stand, $this->bench->reading('snug:c2a:1', '32.0'))->assertOk()->json('outcomes');
        self::assertSame(['tray', 'applied'], array_column($outcome, 'standing'), 'what comes after it goes on');
        self::assertSame($bytes, DB::table('erasable_texts')->where('entry_id', $stand['id'])->value('text'));
        $this->world->desk('lead', 'GET', 'audit')->assertOk()
            ->assertJsonPath('tray.0.value', null)->assertJsonPath('tray.0.told', 'its "step" is no step.')
            ->assertJsonPath('tray.0.reason', 'What the bench sent could not be read; its bytes are kept.');
        $this->world->desk('lead', 'POST', "audit/readings/{$stand['id']}/dismiss", ['reason' => 'test_pull'])->assertNoContent();
    }

    public function test_bytes_that_do_not_give_their_hash_are_refused_and_many_bytes_are_left_out(): void
    {
        $this->bench->send(['hash' => str_repeat('a', 64)] + $this->unread('x'))->assertStatus(422)->assertJsonPath('type', 'tekkal:unreadable');
        $this->bench->send(array_diff_key($this->unread(str_repeat('x', 70_000)), ['bytes' => 0]))->assertOk();
        $this->bench->send($this->unread(str_repeat('x', 70_000)))->assertStatus(422);
    }

    public function test_what_came_in_before_it_was_read_is_kept_to_the_byte(): void
    {
        foreach (["  32.0\r\n", "\u{0}32.0", '', 'ＴＱ 32.0'] as $i => $raw) {
            $reading = $this->bench->reading(['snug:c2a:1', 'snug:c3b:1', 'snug:c2b:1', 'snug:c3a:1'][$i], '32.0', change: ['raw' => $raw]);
            if ($raw === '') {
                $this->bench->send($reading)->assertStatus(422);
            } else {
                $this->bench->send($reading)->assertOk();
                $row = DB::table('ledger_entries')->where('entry_id', $reading['id'])->first();
                self::assertSame($raw, Entry::fromBytes($row->body, $row->leaf_hash)->text('event.raw'));
            }
        }
    }

    /** @return iterable<string, array{string, string|null}> */
    public static function times(): iterable
    {
        yield 'now' => ['0 seconds', null];
        yield 'a moment ahead, as clocks are' => ['+3 seconds', null];
        yield 'in the future' => ['+1 hour', 'By the clock of the bench it was done after it was sent.'];
        yield 'before the run began' => ['-1 hour', 'By the clock of the bench it was done before the run began.'];
    }

    #[DataProvider('times')]
    public function test_a_time_that_cannot_be_is_flagged(string $when, ?string $sentence): void
    {
        $answer = $this->bench->send($this->bench->reading('snug:c2a:1', '32.0', change: ['device_time' => now()->modify($when)->toIso8601ZuluString('millisecond')]));

        self::assertSame($sentence === null ? [] : ['time_doubtful'], BenchActor::found($answer));
        self::assertSame($sentence, DB::table('findings')->value('sentence'));
    }

    public function test_a_time_days_ago_is_flagged(): void
    {
        $seen = $this->bench->reading('snug:c2a:1', '32.0');
        $this->travel(4)->days();

        self::assertContains('time_doubtful', BenchActor::found($this->bench->send($seen)));
        self::assertSame('By the clock of the bench it was done 4 days before it was sent.', DB::table('findings')->where('kind', 'time_doubtful')->value('sentence'));
    }

    public function test_a_value_said_to_come_from_a_tool_that_is_not_connected_counts_as_typed(): void
    {
        $reading = $this->bench->reading('snug:c2a:1', '32.0', change: ['source' => 'tool']);
        self::assertSame(['source_doubted'], BenchActor::found($this->bench->send($reading)->assertOk()));
        self::assertSame('typed', DB::table('results')->where('entry_id', $reading['id'])->value('source'));
    }

    public function test_outside_a_demo_nothing_is_simulated(): void
    {
        config(['shop.demo' => false]);
        $reading = $this->bench->reading('snug:c2a:1', '32.0', change: ['source' => 'simulated_tool']);
        self::assertSame(['source_doubted'], BenchActor::found($this->bench->send($reading)->assertOk()));
    }

    /** @return iterable<string, array{string, string, array<string, mixed>}> */
    public static function elsewhere(): iterable
    {
        yield 'a customer' => ['POST', 'builds', ['serial' => 'TN3-26-0777', 'customer' => 'ü']];
        yield 'an address' => ['GET', 'builds/ü', []];
        yield 'a procedure' => ['POST', 'library/permits', ['procedure' => 'ü', 'departure' => 'x', 'reason' => 'x', 'valid_from' => '2026-06-15', 'quantity' => 1]];
        yield 'a revision' => ['GET', 'library/revisions/ｒ', []];
        yield 'a tool in the one field' => ['GET', 'find?q=%EF%BC%B4%EF%BC%B7', []];
    }

    /** @param  array<string, mixed>  $body */
    #[DataProvider('elsewhere')]
    public function test_other_letters_where_an_id_belongs_are_never_the_servers_fault(string $method, string $path, array $body): void
    {
        self::assertContains($this->world->desk('lead', $method, $path, $body)->status(), [200, 404, 422]);
    }

    /** @return array<string, mixed> */
    private function unread(string $bytes): array
    {
        return [
            'id' => (string) Str::uuid7(), 'type' => 'observation_unreadable', 'v' => 1, 'sitting' => $this->bench->sitting, 'base_seq' => 1,
            'device_time' => now()->toIso8601ZuluString('millisecond'), 'mono_ms' => 2000, 'clock' => 'test',
            'hash' => hash('sha256', $bytes), 'bytes' => $bytes, 'told' => 'its "step" is no step.',
        ];
    }
}
