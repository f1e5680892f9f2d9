<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

/** The reference page of the events, made from what each declares of itself. */
final class EventsPage
{
    public static function markdown(): string
    {
        $events = array_map(fn (string $class): Declaration => $class::declaration(), array_values(EventTypes::all()));

        return self::HEAD.self::table($events, false)."\n## Commands\n\nThey may be refused, and are sent by addresses of their own; in a file they stand like any other event.\n\n".self::table($events, true).self::FOOT;
    }

    private const HEAD = <<<'MD'
        # Events of a run

        Made by `bin/tekkal contract` from what each event declares (`core/src/Run/Event`); change it there. An event has the same shape in
        a file for `bin/tekkal core run`, in a request to `POST /api/bench/observations`, and in the ledger: one flat object with its
        `type`, its version `v` (1 where nothing is said), its stamp, and its content.

        `bin/tekkal core run FILE EVENTS.jsonl` folds events into the state of a run: one JSON object per line, in the order in which
        they happened. It prints what became of each event – its *outcome*, see [outcomes](outcomes.md) – and then the state of every step,
        what may be done next and why something else may not, and what stands in the way of finishing. The exit status is 0 when both
        files could be read, 1 when not. An event that does not fit is never an error: it is *set aside*, with its reason.

            bin/tekkal core run docs/formats/examples/06-wheels-held.json docs/formats/examples/06-wheels-held.events.jsonl

        ## Values

        - A quantity is its digits and its unit's code: `"23.5 lbf.ft"`, `"80 deg"`, `"1/8 turn"`, `"0.0065 in"`.
        - A step is named `stage:place:pass` by the document's keys and the pass, from 1: `turn:f1:1`. A place is the key of a position; of a part
          or leg where the stage has no position; or `joint`.
        - What has no value is left out. `null`, an empty object and a key that the event does not have are unreadable in what comes in; in what is
          stored a key that a later version added is passed over, and one that an earlier version did not have takes its default.
        - A reading is named by the id of its event **and** its step: a whole round is one event and many results.
        - An item of `watched` says `what` (`held_torque`, `final_torque`, `angle`, `stretch`, `other_end` of an interval), its `value`, and the `tool` where it had one of its own.

        ## Stamp

        | key | who gives it | what it is |
        |---|---|---|
        | `id` | device | the event's own; one with an id that came before changes nothing. In a file, its line's number if nothing is said |
        | `run`, `subject` | device | the run and the engine that it belongs to |
        | `sitting` | device | who was signed in there; none at the desk |
        | `device_seq` | device | the bench's own count, without a gap |
        | `base_seq` | device | number of the last entry of the run that it had seen |
        | `mono_ms`, `clock` | device | a count that only goes forward, and the name of the clock that counts it (one start of the page). Durations are proved by that alone; without it a time limit is in doubt |
        | `device_time` | device | its own clock, UTC |
        | `shown` | device | what stood on the screen: `number`, `unit`, `setting`, `hardware`, `sentence` |
        | `bundle`, `device_says` | device | hash of the core that ran beside the screen, and what it decided: `standing`, `verdict`, `outcome` (hash) |
        | `person`, `device`, `partner` | server | who, at which bench, with whom |
        | `taken_at` | server | the device's time put right by `skew_ms`, never later than the receipt |
        | `skew_ms` | server | measured between device and server, ms |
        | `reason_hash` | server | of free words that lie beside the record and can be erased |

        In a file the server's keys may stand too; `person`, `device`, `taken_at` and `clock` that a line does not say are as on the line before.

        ## Observations

        They are never refused once they can be read.


        MD;

    private const FOOT = <<<'MD'

        What each fault asks for is the fault table (`core/src/Fault/FaultTable.php`); the outcome of every cell stands as a sentence in
        `core/tests/Fault/golden/fault-outcomes.tsv`. A case keeps the rule that it came under.

        MD;

    /** @param  list<Declaration>  $events */
    private static function table(array $events, bool $commands): string
    {
        $lines = ['| event | what happened | field | holds | meaning |', '|---|---|---|---|---|'];
        foreach (array_filter($events, fn (Declaration $d): bool => $d->isCommand === $commands) as $event) {
            $name = '`'.$event->type.'`'.($event->version === 1 ? '' : " v$event->version");
            foreach ($event->fields === [] ? [null] : $event->fields as $i => $field) {
                $lines[] = '| '.implode(' | ', [...$i === 0 ? [$name, $event->says] : ['', ''], ...$field === null ? ['', '', ''] : self::cells($field)]).' |';
            }
        }

        return implode("\n", $lines)."\n";
    }

    /** @return list<string> */
    private static function cells(Field $field): array
    {
        $holds = $field->kind === FieldKind::Word ? implode(' · ', array_map(fn (string $w): string => "`$w`", $field->words)) : $field->kind->words();

        return ["`$field->key`".($field->optional ? '?' : ''), $holds, $field->says];
    }
}
