<?php

declare(strict_types=1);

namespace Tests\Feature\Ledger;

use App\Ledger\Entry;
use App\Record\RunEvents;
use InvalidArgumentException;
use PHPUnit\Framework\TestCase;
use Tekkal\Core\Ledger\Leaf;
use Tekkal\Core\Run\Event\BackedOff;
use Tekkal\Core\Run\Event\ReadingTaken;
use Tekkal\Core\Run\SetAsideReason;
use UnexpectedValueException;

/** Entries of format tekkal.entry/1 as they were first written. These files are never changed and never deleted. */
final class FormatTest extends TestCase
{
    public function test_a_reading_written_in_the_first_format_is_read_as_it_was_judged(): void
    {
        $entry = $this->golden('entry-1-reading-taken');
        $event = RunEvents::event($entry);
        $outcome = RunEvents::outcome($entry);

        self::assertInstanceOf(ReadingTaken::class, $event);
        self::assertSame(['23.5', 'lbf.ft', 'snug:c4a:1', 'typed'], [$event->value->digits, $event->value->unit->code(), $event->step, $event->source->value]);
        self::assertSame(['applied', 'in', 'measured_value'], [$outcome->standing->value, $outcome->judgement?->verdict->value, $outcome->judgement?->evidence->value]);
        self::assertSame(['tool_not_fit', 'tool_not_taken'], $entry->texts('flags'));
    }

    public function test_a_bolt_backed_off_in_the_first_format_names_what_no_longer_stands(): void
    {
        $entry = $this->golden('entry-1-backed-off');

        self::assertInstanceOf(BackedOff::class, RunEvents::event($entry));
        self::assertCount(1, $entry->texts('data.retires'));
    }

    public function test_a_reading_set_aside_in_the_first_format_keeps_its_reason(): void
    {
        self::assertSame(SetAsideReason::StepAlreadyDone, RunEvents::outcome($this->golden('entry-1-set-aside'))->reason);
    }

    public function test_one_changed_byte_changes_the_leaf(): void
    {
        $bytes = $this->bytes('entry-1-reading-taken');

        self::assertNotSame(Leaf::hash($bytes), Leaf::hash(str_replace('"23.5"', '"23.6"', $bytes)));
    }

    public function test_bytes_that_were_respelled_are_no_entry(): void
    {
        $this->expectException(InvalidArgumentException::class);

        Entry::fromBytes(str_replace('","', '", "', $this->bytes('entry-1-reading-taken')), '');
    }

    public function test_an_entry_without_a_field_that_is_asked_for_says_which(): void
    {
        $this->expectException(UnexpectedValueException::class);
        $this->expectExceptionMessage('data.nothing');

        $this->golden('entry-1-backed-off')->text('data.nothing');
    }

    private function golden(string $name): Entry
    {
        $bytes = $this->bytes($name);
        $leaves = json_decode((string) file_get_contents(__DIR__.'/golden/leaves.json'), true, flags: JSON_THROW_ON_ERROR);
        self::assertSame($leaves[$name], Leaf::hash($bytes), 'the golden bytes are as they were released');

        return Entry::fromBytes($bytes, Leaf::hash($bytes));
    }

    private function bytes(string $name): string
    {
        return (string) file_get_contents(__DIR__."/golden/$name.json");
    }
}
