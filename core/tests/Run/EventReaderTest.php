<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Run;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use ReflectionClass;
use Tekkal\Core\Document\InvalidDocument;
use Tekkal\Core\Run\Event\Deferred;
use Tekkal\Core\Run\Event\Event;
use Tekkal\Core\Run\Event\ReadingTaken;
use Tekkal\Core\Run\Event\ToolSet;
use Tekkal\Core\Run\EventReader;

/** Events as docs/formats/events.md writes them: every one of the closed set, and what is refused. */
final class EventReaderTest extends TestCase
{
    private const STAMP = ['person' => 'ann', 'device' => 'bench1', 'at' => '2026-03-02T10:00:00Z', 'mono_ms' => 5000, 'clock' => 'c1'];

    /** @return iterable<string, array{string, array<string, mixed>, string}> name, fields, class */
    public static function events(): iterable
    {
        $of = fn (string $name, array $fields, string $class): array => [$name, $fields, $class];
        $step = ['id' => 'e1', 'step' => 'snug:a:1'];
        yield 'run_begun' => $of('run_begun', ['person' => 'ann', 'device' => 'b'], 'RunBegun');
        yield 'run_taken_over' => $of('run_taken_over', ['person' => 'ann', 'device' => 'b'], 'RunTakenOver');
        yield 'tool_taken' => $of('tool_taken', ['quantity' => 'torque', 'tool' => 'W1'], 'ToolTaken');
        yield 'tool_set' => $of('tool_set', ['tool' => 'W1', 'shows' => '32 N·m'] + self::STAMP, 'ToolSet');
        yield 'reading_taken' => $of('reading_taken', $step + ['value' => '32 N·m', 'tool' => 'W1', 'monitored' => ['0.0051 in']] + self::STAMP, 'ReadingTaken');
        yield 'stroke_added' => $of('stroke_added', $step + ['angle' => '35°', 'tool' => 'W1'] + self::STAMP, 'StrokeAdded');
        yield 'click_attested' => $of('click_attested', $step + ['tool' => 'W1'] + self::STAMP, 'ClickAttested');
        yield 'round_attested' => $of('round_attested', ['id' => 'e1', 'stage' => 'snug', 'leg' => 'rod1', 'tool' => 'W1', 'marks' => 8] + self::STAMP, 'RoundAttested');
        yield 'step_attested' => $of('step_attested', $step + self::STAMP, 'StepAttested');
        yield 'check_answered' => $of('check_answered', $step + ['go' => true, 'no_go' => false] + self::STAMP, 'CheckAnswered');
        yield 'movement_seen' => $of('movement_seen', $step + ['moved' => true] + self::STAMP, 'MovementSeen');
        yield 'zeroed' => $of('zeroed', ['position' => 'a'] + self::STAMP, 'Zeroed');
        yield 'free_length_measured' => $of('free_length_measured', ['position' => 'a', 'length' => '2.0000 in'] + self::STAMP, 'FreeLengthMeasured');
        yield 'marked' => $of('marked', ['position' => 'a'] + self::STAMP, 'Marked');
        yield 'agent_applied' => $of('agent_applied', ['agent' => 'locker', 'positions' => ['a'], 'lot' => 'L1'] + self::STAMP, 'AgentApplied');
        yield 'reading_withdrawn' => $of('reading_withdrawn', ['reading' => 'e1', 'second_person' => 'bo'], 'ReadingWithdrawn');
        yield 'backed_off' => $of('backed_off', ['step' => 'snug:a:1', 'device' => 'b'], 'BackedOff');
        yield 'loosened' => $of('loosened', ['positions' => ['a']] + self::STAMP, 'Loosened');
        yield 'gave_way' => $of('gave_way', $step + self::STAMP, 'GaveWay');
        yield 'part_moved' => $of('part_moved', ['part' => 'rod1'] + self::STAMP, 'PartMoved');
        yield 'fastener_replaced' => $of('fastener_replaced', ['position' => 'a', 'lot' => 'L1'] + self::STAMP, 'FastenerReplaced');
        yield 'fastener_checked' => $of('fastener_checked', ['position' => 'a', 'passes' => true] + self::STAMP, 'FastenerChecked');
        yield 'thread_repaired' => $of('thread_repaired', ['position' => 'a', 'kind' => 'insert'] + self::STAMP, 'ThreadRepaired');
        yield 'repair_accepted' => $of('repair_accepted', ['position' => 'a'] + self::STAMP, 'RepairAccepted');
        yield 'restarted' => $of('restarted', ['scope' => 'part', 'key' => 'rod1'] + self::STAMP, 'Restarted');
        yield 'second_person_joined' => $of('second_person_joined', ['second_person' => 'bo'] + self::STAMP, 'SecondPersonJoined');
        yield 'partner_let_go' => $of('partner_let_go', ['step' => 'snug:a:1'] + self::STAMP, 'PartnerLetGo');
        yield 'interrupted' => $of('interrupted', ['step' => 'snug:a:1'] + self::STAMP, 'Interrupted');
        yield 'deferred' => $of('deferred', ['steps' => ['snug:a:1'], 'reason' => 'no part'] + self::STAMP, 'Deferred');
        yield 'deferred_work_done' => $of('deferred_work_done', ['steps' => ['snug:a:1']] + self::STAMP, 'DeferredWorkDone');
        yield 'fault_reported' => $of('fault_reported', ['fault' => 'did_two', 'step' => 'snug:a:1'] + self::STAMP, 'FaultReported');
        yield 'disposed' => $of('disposed', ['step' => 'snug:a:1', 'disposition' => 'use_as_is'] + self::STAMP, 'Disposed');
        yield 'run_finished' => $of('run_finished', [], 'RunFinished');
    }

    /** @param  array<string, mixed>  $fields */
    #[DataProvider('events')]
    public function test_an_event_is_read_by_its_name(string $name, array $fields, string $class): void
    {
        self::assertSame($class, (new ReflectionClass(self::read($name, $fields)))->getShortName());
    }

    /** @param  array<string, mixed>  $fields */
    #[DataProvider('events')]
    public function test_an_event_with_a_field_nobody_knows_is_refused(string $name, array $fields): void
    {
        $this->expectExceptionMessage('/colour: "red" stands there; no field of this name is known here');

        self::read($name, $fields + ['colour' => 'red']);
    }

    public function test_the_set_is_closed_and_whole(): void
    {
        self::assertSame(EventReader::NAMES, array_values(array_intersect(EventReader::NAMES, array_keys(iterator_to_array(self::events())))));
        $files = array_map(fn (string $f): string => basename($f, '.php'), glob(__DIR__.'/../../src/Run/Event/*.php') ?: []);

        self::assertCount(count(EventReader::NAMES), array_diff($files, ['Event']), 'every class of the folder has its name');
    }

    public function test_a_reading_keeps_its_digits_its_watched_values_and_its_clock(): void
    {
        $event = self::read('reading_taken', ['id' => 'e1', 'step' => 's:a:1', 'value' => '32.10 N·m', 'tool' => 'W1', 'source' => 'tool', 'monitored' => ['0.0051 in', '80°']] + self::STAMP);
        self::assertInstanceOf(ReadingTaken::class, $event);

        self::assertSame(['32.10', 'tool', ['0.0051', '80'], 5000, 'c1'], [$event->value->digits, $event->source->value, array_map(fn ($w): string => $w->digits, $event->monitored), $event->stamp->monoMs, $event->stamp->clock]);
        self::assertSame('2026-03-02 10:00:00', $event->stamp->at->format('Y-m-d H:i:s'));
    }

    public function test_without_a_monotonic_count_a_stamp_has_none_and_lists_stay_lists(): void
    {
        $stamp = array_diff_key(self::STAMP, ['mono_ms' => true, 'clock' => true]);
        $set = self::read('tool_set', ['tool' => 'W1', 'shows' => '8 lbf·ft'] + $stamp);
        $deferred = self::read('deferred', ['steps' => ['a:b:1', 'a:c:1'], 'reason' => 'x'] + $stamp);
        self::assertInstanceOf(ToolSet::class, $set);
        self::assertInstanceOf(Deferred::class, $deferred);

        self::assertNull($set->stamp->monoMs);
        self::assertSame(['a:b:1', 'a:c:1'], $deferred->steps);
    }

    /** @return iterable<string, array{string, array<string, mixed>, string}> */
    public static function refused(): iterable
    {
        yield 'a name that is none' => ['reading', [], '/event: "reading" stands there; one of run_begun'];
        yield 'a value without a unit' => ['tool_set', ['tool' => 'W1', 'shows' => '32'] + self::STAMP, '/shows: "32" stands there; "32" has no unit'];
        yield 'a moment that is none' => ['marked', ['position' => 'a', 'at' => 'yesterday'] + self::STAMP, '/at: "yesterday" stands there; an instant such as'];
        yield 'nobody' => ['marked', ['position' => 'a'] + array_diff_key(self::STAMP, ['person' => true]), '/person: nothing stands there'];
        yield 'a count below nothing' => ['marked', ['position' => 'a', 'mono_ms' => -1] + self::STAMP, '/mono_ms: -1 stands there; a whole number from 0'];
        yield 'a fault that is none' => ['fault_reported', ['fault' => 'tired', 'step' => 's:a:1'] + self::STAMP, '/fault: "tired" stands there; one of short, over'];
        yield 'more marks than fasteners can be' => ['round_attested', ['id' => 'e', 'stage' => 's', 'marks' => 9999] + self::STAMP, '/marks: 9999 stands there; a whole number from 0 to 2000'];
        yield 'a watched value without a unit' => ['reading_taken', ['id' => 'e', 'step' => 's:a:1', 'value' => '32 N·m', 'tool' => 'W1', 'monitored' => ['5']] + self::STAMP, '/monitored: a list stands there; values with their unit'];
    }

    /** @param  array<string, mixed>  $fields */
    #[DataProvider('refused')]
    public function test_what_is_no_event_is_refused_with_field_value_and_what_would_be_right(string $name, array $fields, string $sentence): void
    {
        $this->expectException(InvalidDocument::class);
        $this->expectExceptionMessage($sentence);

        self::read($name, $fields);
    }

    /** @param  array<string, mixed>  $fields */
    private static function read(string $name, array $fields): Event
    {
        return EventReader::read(['event' => $name] + $fields);
    }
}
