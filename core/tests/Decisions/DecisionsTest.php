<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Decisions;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;
use Tekkal\Core\Ledger\CanonicalJson;
use Tekkal\Core\Run\Effect\EffectCodec;
use Tekkal\Core\Run\Event\EventTypes;
use Tekkal\Core\Run\NewerRecord;
use Tekkal\Core\Run\Outcome;
use Tekkal\Core\Run\RunFold;
use Tekkal\Core\Run\StateCodec;
use Tekkal\Core\Run\Surroundings;

/** A decision is stored whole and never made again; how today's rules decide is held by the corpus of their version. */
final class DecisionsTest extends TestCase
{
    #[DataProviderExternal(Decided::class, 'all')]
    public function test_what_was_decided_by_any_version_is_assigned_as_it_was_decided(string $name): void
    {
        $decided = Decided::read($name);
        $fold = new RunFold($decided->plan);
        foreach ($decided->lines as $line) {
            $fold->apply(EventTypes::stampOfStored($line['event']), Outcome::fromBody($line['outcome']));
        }

        self::assertSame($decided->state, Decided::digest($fold->state));
    }

    #[DataProviderExternal(Decided::class, 'all')]
    public function test_today_s_rules_decide_as_the_corpus_of_their_version_has_it(string $name): void
    {
        $decided = Decided::read($name);
        if ($decided->version !== RunFold::VERSION) {
            self::assertLessThan(RunFold::VERSION, $decided->version, 'decided by rules that are to come');

            return;
        }
        $fold = new RunFold($decided->plan);
        foreach ($decided->lines as $i => $line) {
            $outcome = $fold->decide(EventTypes::stored($line['event']));
            self::assertSame(CanonicalJson::encode($line['outcome']), CanonicalJson::encode($outcome->toBody()), sprintf('%s, event %d, is decided otherwise: raise RunFold::VERSION and write its corpus down.', $name, $i + 1));
        }
    }

    public function test_the_present_version_has_its_corpus_with_every_event_and_every_effect_in_it(): void
    {
        $types = $effects = [];
        foreach (Decided::all() as [$name]) {
            $decided = Decided::read($name);
            foreach ($decided->version === RunFold::VERSION ? $decided->lines : [] as $line) {
                $types[$line['event']['type']] = true;
                foreach ($line['outcome']['effects'] as $effect) {
                    $effects[$effect['do']] = true;
                }
            }
        }

        self::assertSame([], array_values(array_diff(array_keys(EventTypes::all()), array_keys($types))));
        self::assertSame([], array_values(array_diff(EffectCodec::names(), array_keys($effects))));
    }

    #[DataProviderExternal(Decided::class, 'all')]
    public function test_a_run_goes_on_from_a_state_that_was_kept_as_from_the_entries_themselves(string $name): void
    {
        $decided = Decided::read($name);
        $live = new RunFold($decided->plan);
        $half = intdiv(count($decided->lines), 2);
        foreach (array_slice($decided->lines, 0, $half) as $line) {
            $live->apply(EventTypes::stampOfStored($line['event']), Outcome::fromBody($line['outcome']));
        }
        $kept = new RunFold($decided->plan, StateCodec::fromBody((array) json_decode(CanonicalJson::encode(StateCodec::toBody($live->state)), true)));
        foreach (array_slice($decided->lines, $half) as $i => $line) {
            $event = EventTypes::stored($line['event']);
            self::assertEquals($live->decide($event), $kept->decide($event), sprintf('%s, event %d', $name, $half + $i + 1));
        }

        self::assertSame(Decided::digest($live->state), Decided::digest($kept->state));
    }

    #[DataProviderExternal(Decided::class, 'all')]
    public function test_the_status_that_was_stored_is_the_one_that_the_rules_would_give_after_every_event(string $name): void
    {
        $decided = Decided::read($name);
        $fold = new RunFold($decided->plan);
        foreach ($decided->lines as $i => $line) {
            $fold->decide(EventTypes::stored($line['event']), new Surroundings($i + 1));
            $state = $fold->freeze();
            foreach ($decided->plan->steps as $step) {
                [$by, $is] = [$fold->steps->status($step), $state->status($step->id)];
                $case = $by->value === 'done' ? $fold->faults->cases->doubting($step) : $fold->faults->cases->pulledAt($step);
                self::assertTrue($by === $is || $is->value === 'unknown' && $case !== null, "$name, event $i, $step->id: $by->value, stored $is->value");
            }
            if ($i > 60) {
                break; // a long run says no more than its beginning
            }
        }
        self::assertNotSame([], $decided->lines);
    }

    /** In a process that has no judge, no guard, no fault table and no window that compares. */
    public function test_no_rule_is_asked_when_a_run_is_folded_again(): void
    {
        exec(PHP_BINARY.' '.escapeshellarg(__DIR__.'/without-rules.php').' 2>&1', $lines, $status);

        self::assertSame(0, $status, implode("\n", $lines));
        $states = [];
        foreach (Decided::all() as [$name]) {
            $states[$name] = Decided::read($name)->state;
        }
        self::assertSame($states, json_decode(implode('', $lines), true));
    }

    /** @param  array<string, mixed>  $change */
    #[DataProvider('newer')]
    public function test_a_word_that_is_not_known_stops_with_a_sentence_and_nothing_is_guessed(array $change): void
    {
        $outcome = ['v' => Outcome::VERSION, 'standing' => 'applied', 'effects' => [['do' => 'undone', 'step' => 'a:b:1', 'attempt' => 1, 'as' => 'backed_off']], 'say' => []];
        self::assertSame(CanonicalJson::encode($outcome), CanonicalJson::encode(Outcome::fromBody($outcome)->toBody()));

        $this->expectException(NewerRecord::class);
        $this->expectExceptionMessage('This run was recorded by a newer Tekkal. Upgrade before you open it.');
        Outcome::fromBody($change + $outcome);
    }

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function newer(): iterable
    {
        $undone = ['do' => 'undone', 'step' => 'a:b:1', 'attempt' => 1, 'as' => 'backed_off'];
        yield 'a later version' => [['v' => Outcome::VERSION + 1]];
        yield 'an effect that is none' => [['effects' => [['do' => 'polished'] + $undone]]];
        yield 'a key that it has not' => [['effects' => [$undone + ['gently' => true]]]];
        yield 'a word that it has not' => [['effects' => [['as' => 'polished'] + $undone]]];
        yield 'a key of the outcome that it has not' => [['mood' => 'good']];
        yield 'a standing that is none' => [['standing' => 'floating']];
        yield 'a reason that is none' => [['reason' => 'tired']];
        yield 'a tone that is none' => [['say' => [['tone' => 'shrill', 'sentence' => 'No.']]]];
        yield 'a rule of a case with more in it' => [['effects' => [['do' => 'case_opened', 'case' => 'e1', 'fault' => 'short', 'at' => 'a:b:1', 'duties' => [], 'rule' => ['undo' => 'stage', 'reach' => 'position', 'replace' => 'no', 'decides' => 'assembler', 'redo' => 'position', 'table' => '1', 'says' => 'Loosen it.', 'gently' => true]]]]];
        yield 'an attempt that is undone as standing' => [['effects' => [['as' => 'live'] + $undone]]];
    }
}
