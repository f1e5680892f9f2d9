<?php

declare(strict_types=1);

namespace Tests\Feature\Ledger;

use App\Ledger\EraseText;
use App\Ledger\Grants;
use App\Ledger\Verification\Check;
use App\Ledger\Verification\OrderCheck;
use App\Ledger\Verification\Report;
use App\Ledger\Verification\Verifier;
use App\Library\Actions\KeepPicture;
use App\Library\Actions\KeepSource;
use App\Library\Models\Source;
use App\Library\PaperFile;
use App\Library\Papers;
use App\Library\Pictures;
use App\People\Actions\EndSitting;
use Illuminate\Database\Connection;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Feature\BusyDay;
use Tests\Feature\CommittedTestCase;

/**
 * Whoever administers the database can write anything. Each of these does, as consistently as it can, and verify names
 * what was touched. What it cannot show stands in docs/proof.md; those are here too, and are held to show nothing.
 */
final class TamperTest extends CommittedTestCase
{
    use BusyDay;
    use Tampering;

    private const PAPER = "%PDF-1.4\n%%EOF";

    private static bool $ready = false;

    protected function setUp(): void
    {
        parent::setUp();
        if (! self::$ready) {
            self::$ready = true;
            $this->aShop();
            $this->keepPristine();
        }
    }

    protected function tearDown(): void
    {
        $this->restore();
        parent::tearDown();
    }

    public function test_an_untouched_record_agrees_and_says_what_was_erased_by_an_entry(): void
    {
        $report = $this->verify();

        self::assertSame([], $report->sentences());
        self::assertGreaterThan(70, $report->rows);
        self::assertGreaterThan(60, $report->entries);
        self::assertCount(1, $report->notes);
        self::assertMatchesRegularExpression('/^Erased: the reason of entry /', $report->notes[0]);
    }

    /** @return iterable<string, array{string, list<string>}> method or statement, and what has to be said */
    public static function shown(): iterable
    {
        yield from self::ofEntries();
        yield from self::ofOrder();
        yield from self::ofWhatEntriesRestOn();
        yield from self::ofWordsAndPapers();
        yield from self::ofRows();
        yield from self::ofGuards();
    }

    /** @return iterable<string, array{string, list<string>}> */
    private static function ofEntries(): iterable
    {
        yield 'a byte of an entry is damaged' => ["UPDATE ledger_entries SET body = CONCAT(body, ' ') WHERE type = 'run_begun'", ['/its bytes do not give the hash/', '/cannot be read/']];
        yield 'an entry is no JSON any more' => ["UPDATE ledger_entries SET body = 'x' WHERE type = 'tool_taken' LIMIT 1", ['/cannot be read: Not JSON/']];
        yield 'a column says something else than its bytes' => ["UPDATE ledger_entries SET standing = 'tray' WHERE standing = 'set_aside'", ['/the column standing is no copy/']];
        yield 'an entry without a type' => ['withoutType', ['/its type is missing/']];
        yield 'an entry of a type that nobody knows' => ['strangeType', ['/its type is "reading_given", which this version does not know/']];
        yield 'an entry of a format that nobody knows' => ['strangeFormat', ['~its format is tekkal\.entry/9~']];
        yield 'an entry in a stream where it does not belong' => ['strangeStream', ['/calibrated does not belong in the stream run/']];
        yield 'an entry with a time that is none' => ['badTime', ['/its time of receipt, "yesterday", is no time/']];
        yield 'an entry is gone' => ["DELETE FROM ledger_entries WHERE type = 'reading_taken' ORDER BY id LIMIT 1", ['/holds \d+ entries numbered/', '/does not carry the hash of its entry/', '/of results is not what the entries say/']];
        yield 'a whole stream is gone with its head' => ['wholeStream', ['/leaves, numbered/', '/of permits is not what the entries say/']];
        yield 'a whole stream is gone, and its head left' => ["DELETE FROM ledger_entries WHERE stream LIKE 'permit/%' ORDER BY id LIMIT 1", ['/holds|is said to have/']];
        yield 'twelve entries are cut off the end, with leaves and heads' => ['cutOff', ['/The note beside the database knows leaf \d+; the record ends at leaf \d+\./']];
        yield 'an entry is written in between by hand' => ['invented', ['/must have a leaf or wait for one/']];
    }

    /** @return iterable<string, array{string, list<string>}> */
    private static function ofOrder(): iterable
    {
        yield 'two leaves of a run swapped' => ['leavesSwapped', ['/its leaf comes before that of number/']];
        yield 'two numbers of a run swapped, with bytes and hashes' => ['seqSwapped', ['/was written before number|its bench counted it before/']];
        yield 'two numbers of a bench swapped' => ['deviceSeqSwapped', ['/of the device .* was written before number/']];
        yield 'a leaf without its entry' => ['UPDATE ledger_leaves SET entry = 999999 WHERE leaf_no = 7', ['/Leaf 7 does not carry/', '/must have a leaf/']];
        yield 'a leaf with another hash' => ["UPDATE ledger_leaves SET leaf_hash = REPEAT('a', 64) WHERE leaf_no = 9", ['/Leaf 9 does not carry/']];
        yield 'a leaf is gone' => ['DELETE FROM ledger_leaves WHERE leaf_no = 11', ['/leaves, numbered 1 to/', '/must have a leaf/']];
        yield 'a row waits for a leaf that is there' => ['INSERT INTO ledger_pending SELECT entry FROM ledger_leaves WHERE leaf_no = 5', ['/must have a leaf or wait for one, and not both/']];
        yield 'a row waits for an entry that is not there' => ['INSERT INTO ledger_pending VALUES (888888)', ['/Row 888888 of ledger_pending/']];
        yield 'a stream\'s head counts too few' => ["UPDATE ledger_streams SET next_seq = next_seq - 1 WHERE stream LIKE 'run/%'", ['/and the next is said to be/']];
        yield 'a bench\'s head counts too many' => ['UPDATE ledger_device_heads SET next_device_seq = next_device_seq + 3', ['/the device|The device/']];
    }

    /** @return iterable<string, array{string, list<string>}> */
    private static function ofWhatEntriesRestOn(): iterable
    {
        yield 'a document with its own hash' => ['documentWithHash', ['/its document_hash is not what was recorded/', '/and no revision holds it/']];
        yield 'a document without its hash' => ["UPDATE revisions SET document = REPLACE(document, '32 N', '33 N') LIMIT 1", ['/its document does not give the hash/']];
        yield 'a revision\'s author' => ["UPDATE revisions SET author = (SELECT id FROM people WHERE sign_in_name = 'crib')", ['/its author is not what was recorded/']];
        yield 'a revision\'s letter' => ["UPDATE revisions SET letter = 'Q' LIMIT 1", ['/its letter is not what/']];
        yield 'a revision\'s date' => ['UPDATE revisions SET drafted_at = drafted_at - INTERVAL 1 MONTH LIMIT 1', ['/its date is not that/']];
        yield 'a revision is gone' => ['DELETE FROM revisions LIMIT 1', ['/was handed in, and is not there/']];
        yield 'a revision that nobody handed in' => ["INSERT INTO revisions SELECT '019ec000-0000-7000-8000-0000000000aa', joint, 'Z', format, document, document_hash, author, drafted_at FROM revisions LIMIT 1", ['/is there, and nobody handed it in/']];
        yield 'a plan with its hash' => ['planWithHash', ['/rest on the plan .*, which is not there/', '/no approved revision was expanded to it/']];
        yield 'a plan without its hash' => ["UPDATE plans SET plan = REPLACE(plan, '32', '33')", ['/is not what its hash says/']];
        yield 'a calibration re-dated, with hash, leaf and row' => ['calibrationRedated', ['/rests on a calibration that is not what it was/']];
        yield 'a tool made finer, with hash, leaf and row' => ['toolChanged', ['/rests on a tool that is not what it was/']];
        yield 'a reading put to another person, with hash and leaf' => ['otherPerson', ['/is by another person than the one who sat there/']];
        yield 'a reading put to another engine, with hash and leaf' => ['otherSubject', ['/names another engine, revision or plan than its run/']];
        yield 'a reading put to a person whom nobody knows' => ['strangePerson', ['/by a person whom nobody put on record/']];
        yield 'a bolt backed off that was another' => ['otherRetired', ['/of results is not what the entries say/']];
        yield 'something that was sent otherwise' => ['sentOtherwise', ['/does not give the hash of what was sent/']];
    }

    /** @return iterable<string, array{string, list<string>}> */
    private static function ofWordsAndPapers(): iterable
    {
        yield 'a withdrawal\'s reason' => ["UPDATE erasable_texts SET text = 'a better one' WHERE field = 'reason'", ['/its reason does not give the hash/']];
        yield 'a reason is gone without an entry that says so' => ["DELETE FROM erasable_texts WHERE field = 'reason'", ['/its reason is missing, and no entry says/']];
        yield 'an erased reason stands there again' => ['erasedAgain', ['/was erased, and stands there again/']];
        yield 'words for an entry that has none' => ["INSERT INTO erasable_texts SELECT entry_id, 'reason', REPEAT('a', 32), 'x' FROM ledger_entries WHERE type = 'tool_taken' LIMIT 1", ['/it holds no hash of one/']];
        yield 'a name in its row' => ["UPDATE people SET name = 'Somebody Else' WHERE badge = '1041'", ['/of people is not what the entries say/']];
        yield 'a name in its row and beside the record' => ['nameEverywhere', ['/its name does not give the hash/']];
        yield 'a paper on the disk is another' => ['otherPaper', ['/The paper .* is not what was kept/']];
        yield 'a paper on the disk is gone' => ['noPaper', ['/The paper .* is missing/']];
        yield 'a scan on the disk is another' => ['otherScan', ['/The scan .* of card C-0002 is not what was kept/']];
        yield 'a scan on the disk is gone' => ['noScan', ['/The scan .* of card C-0002 is missing/']];
        yield 'a card that came back from being lost by itself' => ["UPDATE job_cards SET state = 'back' WHERE state = 'lost'", ['/of job_cards is not what the entries say/']];
        yield 'a picture on the disk is another' => ['otherPicture', ['/The picture .* is not what was kept/']];
        yield 'a picture on the disk is gone' => ['noPicture', ['/The picture .* is missing/']];
    }

    /** @return iterable<string, array{string, list<string>}> */
    private static function ofRows(): iterable
    {
        yield 'a role given by hand' => ["INSERT INTO person_roles SELECT id, 'lead' FROM people WHERE sign_in_name = 'reader'", ['/of person_roles is not what the entries say/']];
        yield 'a person let in by hand' => ["INSERT INTO people (id, sign_in_name) VALUES ('019ec000-0000-7000-8000-0000000000bb', 'ghost')", ['/of people is not what the entries say/']];
        yield 'a reader who sees another customer' => ["UPDATE people SET customer = NULL WHERE sign_in_name = 'reader'", ['/of people is not what the entries say/']];
        yield 'a customer\'s name' => ["UPDATE customers SET name = 'Another' LIMIT 1", ['/of customers is not what the entries say/']];
        yield 'an engine\'s customer' => ['UPDATE subjects SET customer = (SELECT id FROM customers ORDER BY id DESC LIMIT 1), state = \'shipped\'', ['/of subjects is not what the entries say/']];
        yield 'a source\'s edition' => ["UPDATE sources SET edition = '9th'", ['/of sources is not what the entries say/']];
        yield 'a source\'s paper' => ["UPDATE sources SET file_hash = REPEAT('b', 64) WHERE file_hash IS NOT NULL", ['/of sources is not what the entries say/']];
        yield 'an author left out' => ['DELETE FROM revision_authors LIMIT 1', ['/of revision_authors is missing/']];
        yield 'a joint renamed' => ["UPDATE joints SET name = 'Rods'", ['/of joints is not what the entries say/']];
        yield 'a family\'s code' => ["UPDATE families SET code = 'TN4'", ['/of families is not what the entries say/']];
        yield 'an approval by hand' => ["UPDATE revision_states SET state = 'approved' WHERE state = 'in_review'", ['/of revision_states is not what the entries say/']];
        yield 'a permit drawn out' => ["UPDATE permits SET valid_until = '2099-01-01'", ['/of permits is not what the entries say/']];
        yield 'a result turned good' => ["UPDATE results SET verdict = 'in', value = '32.0 N.m' WHERE verdict = 'low'", ['/of results is not what the entries say/']];
        yield 'a value written with one digit more' => ["UPDATE results SET value = CONCAT(value, '0')", ['/of results is not what the entries say/']];
        yield 'a finding gone' => ['DELETE FROM findings', ['/of findings is missing/']];
        yield 'a sitting opened again' => ['UPDATE sittings SET ended_at = NULL, closed_device_seq = NULL', ['/of sittings is not what the entries say/']];
        yield 'a bench enrolled again' => ["INSERT INTO devices VALUES ('019ec000-0000-7000-8000-0000000000cc', 'Bench 9', '019ec000-0000-7000-8000-0000000000bb', NOW(), NULL)", ['/of devices is not what the entries say/']];
        yield 'a notice acknowledged by hand' => ['UPDATE notice_receipts SET acknowledged_at = NOW() WHERE acknowledged_at IS NULL', ['/of notice_receipts is not what/']];
        yield 'a summary of the library' => ["UPDATE procedure_faces SET line = '99 N·m'", ['/The summary of procedure .*: line is not what/']];
        yield 'a target in the index' => ['UPDATE target_index SET base_value = base_value * 2', ['/The targets indexed for procedure/']];
        yield 'a window standard' => ["UPDATE standards SET tolerance = '40 %'", ['/of standards is not what the entries say/']];
    }

    /** @return iterable<string, array{string, list<string>}> */
    private static function ofGuards(): iterable
    {
        yield 'a trigger is gone' => ['DROP TRIGGER ledger_entries_no_update', ['/The trigger ledger_entries_no_update, which refuses a change of ledger_entries, is missing/']];
        yield 'a trigger does nothing' => ['DROP TRIGGER plans_no_delete; CREATE TRIGGER plans_no_delete BEFORE DELETE ON plans FOR EACH ROW SET @x = 1', ['/The trigger plans_no_delete is not as it was made/']];
        yield 'a trigger that nobody made' => ["CREATE TRIGGER helper BEFORE INSERT ON results FOR EACH ROW SET NEW.verdict = 'in'", ['/There is the trigger helper, which nobody made/']];
        yield 'a routine that nobody made' => ['CREATE PROCEDURE help() SELECT 1', ['/There is the routine help in the database, which nobody made/']];
        yield 'a table that nobody answers for' => ['CREATE TABLE shadow (id INT)', ['/There is the table shadow, which nobody answers for/']];
        yield 'a table is gone' => ['DROP TABLE findings', ['/The table findings is missing/']];
        yield 'the application may update the ledger' => ['GRANT UPDATE ON ledger_entries TO '.self::account(), ['/The application may UPDATE in ledger_entries/']];
        yield 'the application may write one column of the ledger' => ['GRANT UPDATE (standing) ON ledger_entries TO '.self::account(), ["/The account '\\w+'@'127.0.0.1' may UPDATE here/"]];
        yield 'the application may do anything' => ['GRANT ALL ON '.self::database().'.* TO '.self::account(), ['/The application has these rights on the whole database/']];
        yield 'the note of the last leaf is damaged' => ['noteDamaged', ['/The note of the last leaf beside the database cannot be read/']];
    }

    /** @param  list<string>  $wanted */
    #[DataProvider('shown')]
    public function test_what_was_tampered_with_is_named(string $how, array $wanted): void
    {
        $this->tamper($how);

        $said = $this->verify();

        self::assertGreaterThan(0, $said->found);
        foreach ($wanted as $pattern) {
            self::assertNotSame([], preg_grep($pattern, $said->sentences()), $pattern.' among '.implode("\n", array_slice($said->sentences(), 0, 12)));
        }
    }

    /** @return iterable<string, array{string}> */
    public static function notShown(): iterable
    {
        yield 'a reading changed with hash, leaf, and every row that is filled from it' => ['readingEverywhere'];
        yield 'an entry\'s time of receipt changed with hash and leaf' => ['redated'];
        yield 'two leaves of strangers changed against each other' => ['strangersSwapped'];
        yield 'a password set by hand' => ["UPDATE credentials SET password_hash = 'x'"];
    }

    /** Only a head that was signed and kept elsewhere can show these: docs/proof.md says so. */
    #[DataProvider('notShown')]
    public function test_what_only_signed_heads_could_show_is_not_claimed_to_be_shown(string $how): void
    {
        $this->tamper($how);

        self::assertSame([], $this->verify()->sentences());
    }

    public function test_several_readings_of_the_record_at_once_do_not_disturb_each_other(): void
    {
        $command = ['php', base_path('artisan'), 'tekkal:verify'];
        $environment = ['PATH' => (string) getenv('PATH')] + array_filter(getenv(), fn (string $k): bool => preg_match('/^(DB_|TEKKAL_|APP_)/', $k) === 1, ARRAY_FILTER_USE_KEY) + array_map(strval(...), array_filter($_ENV, is_scalar(...)));
        $running = array_map(function () use ($command, $environment): array {
            $process = proc_open($command, [1 => ['pipe', 'w'], 2 => ['pipe', 'w']], $pipes, null, $environment);
            self::assertIsResource($process);

            return [$process, $pipes];
        }, range(1, 3));
        // All of them are heard out before anything is asserted: one that nobody listens to any more would never end.
        $said = array_map(fn (array $r): string => stream_get_contents($r[1][1]).stream_get_contents($r[1][2]), $running);
        $ended = array_map(fn (array $r): int => proc_close($r[0]), $running);
        foreach ($said as $i => $says) {
            self::assertSame([0, true], [$ended[$i], str_contains($says, 'projections agree')], $says);
        }
    }

    /** A run with a bolt pulled short and redone, a reading set aside, a value withdrawn; a busy library; a paper; a picture; words erased. */
    private function aShop(): void
    {
        $bench = $this->world->bench()->ready($this->world->job($this->world->build('TN3-26-0002')));
        $bench->send($bench->reading('snug:c2a:1', '27.4'))->assertOk();
        $bench->send($bench->observation('backed_off', 'snug:c2a:1'))->assertOk();
        $bench->send($bench->reading('snug:c2a:1', '23.5', 'TW-07'))->assertOk();
        $bench->send($bench->reading('snug:c2a:1', '31.0'))->assertOk();
        $bench->send($bench->observation('backed_off', 'snug:c2a:1'), $bench->reading('snug:c2a:1', '32.0'))->assertOk();
        foreach (['meant 32', 'the wrong bolt'] as $text) {
            $typed = $bench->reading('snug:c3b:1', '31.9');
            $bench->send($typed)->assertOk();
            $bench->command("runs/$bench->run/withdrawals", ['reading' => $typed['id'], 'step' => 'snug:c3b:1', 'reason' => 'wrong_key', 'text' => $text])->assertOk();
        }
        $bench->completeAll();
        $bench->finish()->assertOk();
        app(EndSitting::class)($bench->sitting, null);
        $this->aBusyDay();
        app(KeepPicture::class)(UploadedFile::fake()->createWithContent('cap.png', self::picture()), $this->world->person('lead'));
        app(KeepSource::class)->paper(Source::query()->firstOrFail(), PaperFile::of(UploadedFile::fake()->createWithContent('book.pdf', self::PAPER)), $this->world->person('lead'));
        app(EraseText::class)((string) DB::table('ledger_entries')->where('type', 'reading_withdrawn')->orderByDesc('id')->value('entry_id'), null);
        $this->sequence();
    }

    private static function pristine(): string
    {
        return self::database().'_pristine';
    }

    private function keepPristine(): void
    {
        $this->owner()->unprepared('CREATE OR REPLACE DATABASE '.self::pristine());
        foreach ($this->tables() as $table) {
            $this->owner()->unprepared(sprintf('CREATE TABLE %1$s.`%3$s` LIKE %2$s.`%3$s`; INSERT INTO %1$s.`%3$s` SELECT * FROM %2$s.`%3$s`', self::pristine(), self::database(), $table));
        }
        copy(storage_path('last-leaf'), storage_path('last-leaf.pristine'));
    }

    private function restore(): void
    {
        $owner = $this->owner();
        $owner->unprepared('DROP TABLE IF EXISTS shadow; DROP TRIGGER IF EXISTS helper; DROP PROCEDURE IF EXISTS help');
        foreach ($owner->table('information_schema.tables')->where('table_schema', self::pristine())->pluck('table_name') as $table) {
            $owner->unprepared(sprintf('CREATE TABLE IF NOT EXISTS `%2$s` LIKE %1$s.`%2$s`', self::pristine(), $table));
            $sums = array_column($owner->select(sprintf('CHECKSUM TABLE %1$s.`%3$s`, %2$s.`%3$s`', self::database(), self::pristine(), $table)), 'Checksum');
            if ($sums[0] !== $sums[1]) {
                $owner->unprepared(sprintf('TRUNCATE `%2$s`; INSERT INTO `%2$s` SELECT * FROM %1$s.`%2$s`', self::pristine(), $table));
            }
        }
        $this->guard();
        app(Grants::class)->apply();
        copy(storage_path('last-leaf.pristine'), storage_path('last-leaf'));
        Storage::disk('local')->put('sources/'.hash('sha256', self::PAPER), self::PAPER);
        Papers::keepPicture(self::picture());
        Papers::keepScan(self::SCAN);
    }

    /** As the door draws it anew, so that its bytes are the kept ones. */
    private static function picture(): string
    {
        ob_start();
        imagepng(imagecreatetruecolor(8, 6));

        return Pictures::drawnAnew((string) ob_get_clean());
    }

    /** @return list<string> */
    private function tables(): array
    {
        return array_values($this->owner()->table('information_schema.tables')->where('table_schema', self::database())->pluck('table_name')->map(strval(...))->all());
    }

    public function test_leaves_numbered_while_the_record_is_being_read_are_no_fault(): void
    {
        $note = storage_path('last-leaf');
        $before = @file_get_contents($note);
        $meanwhile = new class implements Check
        {
            public function run(Connection $snapshot, Report $report): void
            {
                file_put_contents(storage_path('last-leaf'), '999999:'.str_repeat('a', 64));
            }
        };
        try {
            self::assertSame([], (new Verifier([$meanwhile, app(OrderCheck::class)]))->run()->sentences());
        } finally {
            $before === false ? unlink($note) : file_put_contents($note, $before);
        }
    }
}
