<?php

declare(strict_types=1);

namespace Tests\Feature\Ledger;

use App\Ledger\Entry;
use InvalidArgumentException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tekkal\Core\Ledger\CanonicalJson;
use Tekkal\Core\Ledger\Leaf;
use Tekkal\Core\Run\Event\EventTypes;
use Tekkal\Core\Run\Outcome;
use UnexpectedValueException;

/** Entries as they were written when their format was released. They are read for ever. */
final class FormatTest extends TestCase
{
    private const GOLDEN = __DIR__.'/golden2';

    /** @return iterable<string, array{string}> */
    public static function entries(): iterable
    {
        foreach (glob(self::GOLDEN.'/*.json') ?: [] as $file) {
            yield basename($file, '.json') => [basename($file, '.json')];
        }
    }

    #[DataProvider('entries')]
    public function test_an_entry_of_the_second_format_is_read_with_what_happened_and_what_was_decided(string $name): void
    {
        $entry = $this->golden($name);
        $event = EventTypes::stored($entry->event());
        $outcome = Outcome::fromBody($entry->outcome() ?? []);

        self::assertSame(['tekkal.entry/2', $event->type()], [$entry->text('format'), $entry->type()]);
        self::assertSame(CanonicalJson::encode($entry->outcome()), CanonicalJson::encode($outcome->toBody()));
    }

    public function test_a_short_pull_keeps_its_verdict_its_window_and_the_rule_that_its_fault_came_under(): void
    {
        $outcome = $this->golden('reading-short')->outcome() ?? [];

        self::assertSame(['low', 'measured_value', '27.4 N.m', '30 N.m', '34 N.m', 'window'], [
            ...array_map(fn (string $key): mixed => data_get($outcome, "effects.0.$key"), ['verdict', 'evidence', 'judged', 'low', 'high', 'window_of']),
        ]);
        self::assertSame(['case_opened', 'short', 'stage'], [data_get($outcome, 'effects.1.do'), data_get($outcome, 'effects.1.fault'), data_get($outcome, 'effects.1.rule.undo')]);
    }

    public function test_one_changed_byte_changes_the_leaf(): void
    {
        $bytes = $this->bytes('reading-short');

        self::assertNotSame(Leaf::hash($bytes), Leaf::hash(str_replace('"27.4 N.m"', '"27.5 N.m"', $bytes)));
    }

    public function test_bytes_that_were_respelled_are_no_entry(): void
    {
        $this->expectException(InvalidArgumentException::class);

        Entry::fromBytes(str_replace('","', '", "', $this->bytes('reading-short')), '');
    }

    public function test_an_entry_without_a_field_that_is_asked_for_says_which(): void
    {
        $this->expectException(UnexpectedValueException::class);
        $this->expectExceptionMessage('data.nothing');

        $this->golden('reading-short')->text('data.nothing');
    }

    private function golden(string $name): Entry
    {
        $bytes = $this->bytes($name);
        $leaves = json_decode((string) file_get_contents(self::GOLDEN.'/leaves'), true, flags: JSON_THROW_ON_ERROR);
        self::assertSame($leaves[$name], Leaf::hash($bytes), 'the golden bytes are as they were released');

        return Entry::fromBytes($bytes, Leaf::hash($bytes));
    }

    private function bytes(string $name): string
    {
        return (string) file_get_contents(self::GOLDEN."/$name.json");
    }
}
