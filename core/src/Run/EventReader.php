<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use DateTimeImmutable;
use DateTimeZone;
use Tekkal\Core\Document\Fault;
use Tekkal\Core\Document\InvalidDocument;
use Tekkal\Core\Document\ObjectReader;
use Tekkal\Core\Document\Problems;
use Tekkal\Core\Document\Scope;
use Tekkal\Core\Run\Event\AgentApplied;
use Tekkal\Core\Run\Event\BackedOff;
use Tekkal\Core\Run\Event\CheckAnswered;
use Tekkal\Core\Run\Event\ClickAttested;
use Tekkal\Core\Run\Event\Deferred;
use Tekkal\Core\Run\Event\DeferredWorkDone;
use Tekkal\Core\Run\Event\Disposed;
use Tekkal\Core\Run\Event\Event;
use Tekkal\Core\Run\Event\FastenerChecked;
use Tekkal\Core\Run\Event\FastenerReplaced;
use Tekkal\Core\Run\Event\FaultReported;
use Tekkal\Core\Run\Event\FreeLengthMeasured;
use Tekkal\Core\Run\Event\GaveWay;
use Tekkal\Core\Run\Event\Interrupted;
use Tekkal\Core\Run\Event\Loosened;
use Tekkal\Core\Run\Event\Marked;
use Tekkal\Core\Run\Event\MovementSeen;
use Tekkal\Core\Run\Event\PartMoved;
use Tekkal\Core\Run\Event\PartnerLetGo;
use Tekkal\Core\Run\Event\ReadingTaken;
use Tekkal\Core\Run\Event\ReadingWithdrawn;
use Tekkal\Core\Run\Event\RepairAccepted;
use Tekkal\Core\Run\Event\Restarted;
use Tekkal\Core\Run\Event\RoundAttested;
use Tekkal\Core\Run\Event\RunBegun;
use Tekkal\Core\Run\Event\RunFinished;
use Tekkal\Core\Run\Event\RunTakenOver;
use Tekkal\Core\Run\Event\SecondPersonJoined;
use Tekkal\Core\Run\Event\StepAttested;
use Tekkal\Core\Run\Event\StrokeAdded;
use Tekkal\Core\Run\Event\ThreadRepaired;
use Tekkal\Core\Run\Event\ToolSet;
use Tekkal\Core\Run\Event\ToolTaken;
use Tekkal\Core\Run\Event\Zeroed;
use Tekkal\Core\Unit\Kind;
use Tekkal\Core\Unit\QuantityParser;
use Tekkal\Core\Unit\TorqueUnit;
use Tekkal\Core\Unit\Understood;
use Tekkal\Core\Unit\Written;

/** Reads events as docs/formats/events.md writes them: one JSON object each, values as a person would write them. */
final class EventReader
{
    /** The closed set, by the name that a file gives it. */
    public const NAMES = [
        'run_begun', 'run_taken_over', 'tool_taken', 'tool_set', 'reading_taken', 'stroke_added', 'click_attested', 'round_attested', 'step_attested',
        'check_answered', 'movement_seen', 'zeroed', 'free_length_measured', 'marked', 'agent_applied', 'reading_withdrawn', 'backed_off', 'loosened',
        'gave_way', 'part_moved', 'fastener_replaced', 'fastener_checked', 'thread_repaired', 'repair_accepted', 'restarted', 'second_person_joined',
        'partner_let_go', 'interrupted', 'deferred', 'deferred_work_done', 'fault_reported', 'disposed', 'run_finished',
    ];

    /**
     * @param  array<mixed>  $object
     *
     * @throws InvalidDocument with every problem of the object
     */
    public static function read(array $object): Event
    {
        $problems = new Problems;
        $f = new ObjectReader($object, '', $problems);
        $event = self::event($f->oneOf('event', self::NAMES), $f);
        $f->close();
        $problems->throwIfAny();

        return $event;
    }

    private static function event(string $name, ObjectReader $f): Event
    {
        return match ($name) {
            'run_begun' => new RunBegun($f->string('person'), $f->string('device')),
            'run_taken_over' => new RunTakenOver($f->string('person'), $f->string('device')),
            'tool_taken' => new ToolTaken(Kind::from($f->oneOf('quantity', array_column(Kind::cases(), 'value'))), $f->string('tool')),
            'tool_set' => new ToolSet($f->string('tool'), self::value($f, 'shows'), self::stamp($f)),
            'reading_withdrawn' => new ReadingWithdrawn($f->string('reading'), $f->optionalString('second_person')),
            'backed_off' => new BackedOff($f->string('step'), $f->string('device')),
            'run_finished' => new RunFinished,
            'reading_taken', 'stroke_added', 'click_attested', 'round_attested', 'step_attested', 'check_answered', 'movement_seen', 'gave_way' => self::result($name, $f),
            default => self::incident($name, $f),
        };
    }

    private static function result(string $name, ObjectReader $f): Event
    {
        $id = $f->string('id');

        return match ($name) {
            'reading_taken' => self::reading($id, $f),
            'stroke_added' => new StrokeAdded($id, $f->string('step'), self::value($f, 'angle'), $f->string('tool'), self::stamp($f)),
            'click_attested' => new ClickAttested($id, $f->string('step'), $f->string('tool'), self::stamp($f)),
            'round_attested' => new RoundAttested($id, $f->string('stage'), $f->optionalString('leg'), $f->optionalString('tool') ?? '', $f->integer('marks', 0, 2000), self::stamp($f)),
            'check_answered' => new CheckAnswered($id, $f->string('step'), $f->boolean('go'), $f->has('no_go') ? $f->boolean('no_go') : null, self::stamp($f)),
            'movement_seen' => new MovementSeen($id, $f->string('step'), $f->boolean('moved'), self::stamp($f)),
            'gave_way' => new GaveWay($id, $f->string('step'), self::stamp($f)),
            default => new StepAttested($id, $f->string('step'), self::stamp($f)),
        };
    }

    private static function reading(string $id, ObjectReader $f): ReadingTaken
    {
        return new ReadingTaken(
            $id, $f->string('step'), self::value($f, 'value'),
            ReadingSource::from($f->oneOf('source', ['typed', 'tool', 'simulated_tool'], 'typed')),
            $f->string('tool'), self::stamp($f), self::monitored($f),
        );
    }

    private static function incident(string $name, ObjectReader $f): Event
    {
        $stamp = self::stamp($f);

        return match ($name) {
            'zeroed' => new Zeroed($f->string('position'), $stamp),
            'free_length_measured' => new FreeLengthMeasured($f->string('position'), self::value($f, 'length'), $stamp),
            'marked' => new Marked($f->string('position'), $stamp),
            'agent_applied' => new AgentApplied($f->string('agent'), $f->strings('positions'), $f->string('lot'), $stamp),
            'loosened' => new Loosened($f->strings('positions'), $stamp),
            'part_moved' => new PartMoved($f->string('part'), $stamp),
            'fastener_replaced' => new FastenerReplaced($f->string('position'), $f->string('lot'), $stamp),
            'fastener_checked' => new FastenerChecked($f->string('position'), $f->boolean('passes'), $stamp),
            'thread_repaired' => new ThreadRepaired($f->string('position'), $f->string('kind'), $stamp),
            'repair_accepted' => new RepairAccepted($f->string('position'), $stamp),
            'restarted' => new Restarted(Scope::from($f->oneOf('scope', array_column(Scope::cases(), 'value'))), $f->string('key'), $stamp),
            'second_person_joined' => new SecondPersonJoined($f->string('second_person'), $stamp),
            'partner_let_go' => new PartnerLetGo($f->string('step'), $stamp),
            'deferred' => new Deferred($f->strings('steps'), $f->string('reason'), $stamp),
            'deferred_work_done' => new DeferredWorkDone($f->strings('steps'), $stamp),
            'fault_reported' => new FaultReported(Fault::from($f->oneOf('fault', array_column(Fault::cases(), 'value'))), $f->string('step'), $stamp),
            'disposed' => new Disposed($f->string('step'), Disposition::from($f->oneOf('disposition', array_column(Disposition::cases(), 'value'))), $stamp),
            default => new Interrupted($f->optionalString('step'), $stamp),
        };
    }

    private static function stamp(ObjectReader $f): Stamp
    {
        $at = $f->string('at');
        $instant = DateTimeImmutable::createFromFormat('Y-m-d\TH:i:sp', $at, new DateTimeZone('UTC')) ?: DateTimeImmutable::createFromFormat('Y-m-d\TH:i:s.up', $at, new DateTimeZone('UTC'));
        if ($instant === false) {
            $f->problem('at', 'an instant such as "2026-03-02T10:00:00Z" is wanted');
            $instant = new DateTimeImmutable('@0');
        }

        return new Stamp(
            $f->string('person'), $f->string('device'), $instant,
            $f->has('mono_ms') ? $f->integer('mono_ms', 0, PHP_INT_MAX) : null,
            $f->optionalString('clock'),
            $f->optionalString('id'),
        );
    }

    private static function value(ObjectReader $f, string $key): Written
    {
        return $f->quantity($key, null) ?? Written::of('0', TorqueUnit::NewtonMetre);
    }

    /** @return list<Written> */
    private static function monitored(ObjectReader $f): array
    {
        $values = [];
        foreach ($f->strings('monitored') as $text) {
            $parsed = QuantityParser::parse($text);
            if ($parsed instanceof Understood) {
                $values[] = $parsed->value;
            } else {
                $f->problem('monitored', 'values with their unit are wanted, such as "0.0051 in"');
            }
        }

        return $values;
    }
}
