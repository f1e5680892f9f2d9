<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Run;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tekkal\Core\Ledger\CanonicalJson;
use Tekkal\Core\Run\Event\EventTypes;
use Tekkal\Core\Run\Event\Field;
use Tekkal\Core\Run\Event\FieldKind;
use Tekkal\Core\Run\Event\NewerType;
use Tekkal\Core\Run\NewerRecord;
use Tekkal\Core\Run\UnreadableBody;

/** Every event reads and writes itself, and every version that was ever written is read for ever. Made-up content. */
final class EventTypesTest extends TestCase
{
    private const GOLDEN = __DIR__.'/golden/events';

    private const STAMP = [
        'id' => '018f0000-0000-7000-8000-000000000001', 'run' => '018f0000-0000-7000-8000-000000000002', 'subject' => '018f0000-0000-7000-8000-000000000003',
        'sitting' => '018f0000-0000-7000-8000-000000000004', 'device_seq' => 7, 'base_seq' => 3, 'mono_ms' => 60000, 'clock' => 'c1', 'device_time' => '2026-03-02T10:00:00.000000Z',
        'shown' => ['number' => '15', 'unit' => 'lbf·ft', 'sentence' => 'Pull once.'], 'bundle' => 'b1', 'device_says' => ['standing' => 'applied', 'verdict' => 'in'],
        'person' => 'ann', 'device' => 'bench1', 'partner' => 'bo', 'skew_ms' => -12, 'taken_at' => '2026-03-02T09:59:59.988000Z', 'reason_hash' => '0af',
    ];

    /** @return iterable<string, array{string, array<string, mixed>}> one of each type, with every field */
    public static function events(): iterable
    {
        foreach (EventTypes::all() as $type => $class) {
            $content = [];
            foreach ($class::declaration()->fields as $field) {
                $content[$field->key] = self::example($field);
            }
            yield $type => [$type, ['type' => $type, 'v' => $class::declaration()->version] + self::STAMP + $content];
        }
    }

    /** @param  array<string, mixed>  $body */
    #[DataProvider('events')]
    public function test_an_event_with_all_it_may_hold_is_read_and_written_as_it_was(string $type, array $body): void
    {
        $event = EventTypes::read($body);

        self::assertSame($type, $event->type());
        self::assertSame(CanonicalJson::encode($body), CanonicalJson::encode($event->toBody()));
        self::assertEquals($event, EventTypes::stored($event->toBody()));
    }

    /** @param  array<string, mixed>  $body */
    #[DataProvider('events')]
    public function test_every_version_of_a_type_that_was_ever_written_stands_as_a_file_and_is_read(string $type, array $body): void
    {
        $file = sprintf('%s/%s.%d.json', self::GOLDEN, $type, $body['v']);
        self::assertFileExists($file, "Write this type's new version down: ".CanonicalJson::encode($body));

        foreach (glob(self::GOLDEN."/$type.*.json") ?: [] as $golden) {
            self::assertSame($type, EventTypes::stored((array) json_decode((string) file_get_contents($golden), true))->type());
        }
    }

    /** @param  array<string, mixed>  $body */
    #[DataProvider('events')]
    public function test_what_comes_in_with_a_key_that_its_type_has_not_is_unreadable_and_what_is_stored_is_read_without_it(string $type, array $body): void
    {
        self::assertEquals(EventTypes::stored($body), EventTypes::stored($body + ['later' => 'x']));

        $this->expectException(UnreadableBody::class);
        $this->expectExceptionMessage('"later":');
        EventTypes::read($body + ['later' => 'x']);
    }

    /** @param  array<string, mixed>  $body */
    #[DataProvider('events')]
    public function test_a_field_that_is_wanted_is_missed_by_its_name(string $type, array $body): void
    {
        $class = EventTypes::all()[$type];
        foreach (array_filter($class::declaration()->fields, fn (Field $f): bool => ! $f->optional && ! in_array($f->kind, [FieldKind::Positions, FieldKind::Steps, FieldKind::Ids], true)) as $field) {
            try {
                EventTypes::read(array_diff_key($body, [$field->key => 0]));
                self::fail("$type was read without $field->key.");
            } catch (UnreadableBody $e) {
                self::assertSame($field->key, $e->what);
            }
        }
        self::assertSame($type, $class::declaration()->type);
    }

    public function test_every_class_of_the_folder_is_registered(): void
    {
        $files = array_map(fn (string $f): string => basename($f, '.php'), glob(__DIR__.'/../../src/Run/Event/*.php') ?: []);
        $registered = array_map(fn (string $class): string => basename(strtr($class, '\\', '/')), EventTypes::all());

        self::assertSame([], array_values(array_diff($files, $registered, ['Event', 'ResultEvent', 'Declaration', 'Field', 'FieldKind', 'EventTypes', 'EventsPage', 'NewerType'])));
    }

    /** @param  array<string, mixed>  $change */
    #[DataProvider('unreadable')]
    public function test_what_cannot_be_read_says_which_key_what_stood_there_and_what_is_wanted(array $change, string $sentence): void
    {
        $this->expectException(UnreadableBody::class);
        $this->expectExceptionMessage($sentence);
        EventTypes::read($change + ['type' => 'reading_taken', 'id' => 'e1', 'step' => 's:a:1', 'value' => '32.1 N.m', 'tool' => 'W1', 'person' => 'ann', 'taken_at' => '2026-03-02T10:00:00Z']);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function unreadable(): iterable
    {
        yield 'a value without a unit' => [['value' => '32'], '"value": a value with its unit\'s code, such as "23.5 lbf.ft", with at most 9 digits before the point and 12 after it is wanted, "32" was given.'];
        yield 'a value in a unit that is none' => [['value' => '32 stone'], '"value": a value with its unit\'s code'];
        yield 'a number without end' => [['value' => '1234567890 N.m'], '"value": '];
        yield 'a number' => [['value' => 32], '"value": '];
        yield 'a moment that is none' => [['taken_at' => 'yesterday'], '"taken_at": an instant such as "2026-03-02T10:00:00.000Z" is wanted, "yesterday" was given.'];
        yield 'a month that is none' => [['taken_at' => '2026-13-02T10:00:00Z'], '"taken_at": an instant'];
        yield 'a count below nothing' => [['mono_ms' => -1], '"mono_ms": a whole number from 0 is wanted, "-1" was given.'];
        yield 'nothing' => [['adapter' => null], '"adapter": a value; what has none is left out is wanted, nothing was given.'];
        yield 'an empty screen' => [['shown' => ['number' => '']], '"number": a text of 1 to 300 bytes'];
        yield 'a screen with more than there is' => [['shown' => ['colour' => 'red']], '"colour": one of number, unit, setting, hardware, sentence'];
        yield 'a source that is none' => [['source' => 'guessed'], '"source": one of typed, transcribed, tool, simulated_tool, attested is wanted'];
        yield 'a step with a space' => [['step' => 's a'], '"step": 1 to 120 letters'];
        yield 'bytes that are no text' => [['raw' => "\xff"], '"raw": a text of 1 to 80 bytes is wanted, bytes that are no text was given.'];
        yield 'a watched value that says nothing' => [['watched' => [['what' => 'weight', 'value' => '1 N.m']]], '"what": one of held_torque, final_torque'];
        yield 'a list that is an object' => [['watched' => ['what' => 'angle']], '"watched": a list of at most 100000'];
    }

    public function test_a_type_or_version_that_is_not_known_yet_waits_and_what_is_stored_of_it_stops(): void
    {
        $known = ['type' => 'shaft_turned', 'v' => 1, 'person' => 'ann', 'taken_at' => '2026-03-02T10:00:00Z'];
        foreach ([['type' => 'bolt_sung_to'] + $known, ['v' => 2] + $known] as $newer) {
            try {
                EventTypes::read($newer);
                self::fail('It was read.');
            } catch (NewerType $e) {
                self::assertStringContainsString('is not known to this Tekkal yet.', $e->getMessage());
            }
            try {
                EventTypes::stored($newer);
                self::fail('It was read.');
            } catch (NewerRecord $e) {
                self::assertSame('This run was recorded by a newer Tekkal. Upgrade before you open it.', $e->getMessage());
            }
        }
    }

    private static function example(Field $field): mixed
    {
        return match ($field->kind) {
            FieldKind::Step => 'snug:a1:1',
            FieldKind::Steps => ['snug:a1:1', 'turn:a1:1'],
            FieldKind::Position => 'a1',
            FieldKind::Positions => ['a1', 'b1'],
            FieldKind::Place => 'cap3',
            FieldKind::Number => 'L-104',
            FieldKind::Id => 'W1',
            FieldKind::Ids => ['e1', 'e2'],
            FieldKind::Text => 'as said',
            FieldKind::Word => $field->words[0],
            FieldKind::Count => 9,
            FieldKind::Flag => true,
            FieldKind::Quantity => '23.50 lbf.ft',
            FieldKind::Watched => [['what' => 'held_torque', 'value' => '15 lbf.ft', 'tool' => 'W2']],
        };
    }
}
