<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Run\Body;
use Tekkal\Core\Run\NewerRecord;
use Tekkal\Core\Run\Stamp;
use Tekkal\Core\Run\UnreadableBody;

/** Every event there is: the one place that knows them all. */
final class EventTypes
{
    /** @var list<class-string<Event>> in the order in which the reference tells them */
    private const ALL = [
        ReadingTaken::class,
        StrokeAdded::class,
        ClickAttested::class,
        StepAttested::class,
        CheckAnswered::class,
        IdentityRead::class,
        MovementSeen::class,
        GaveWay::class,
        RoundAttested::class,
        ToolTaken::class,
        ToolSet::class,
        Zeroed::class,
        FreeLengthMeasured::class,
        FastenersFitted::class,
        AgentApplied::class,
        Cleaned::class,
        AidFitted::class,
        AidRemoved::class,
        ShaftTurned::class,
        Marked::class,
        FinalLook::class,
        FaultReported::class,
        PartnerLetGo::class,
        PartMoved::class,
        BackedOff::class,
        Loosened::class,
        Restarted::class,
        FastenerReplaced::class,
        FastenerChecked::class,
        Inspected::class,
        ThreadRepaired::class,
        GasketReplaced::class,
        Interrupted::class,
        Locked::class,
        Resumed::class,
        Parked::class,
        Deferred::class,
        DeferredWorkDone::class,
        SecondPersonLeft::class,
        SupervisorLeft::class,
        RunBegun::class,
        RunTakenOver::class,
        RunFinished::class,
        JointOpened::class,
        SecondPersonJoined::class,
        SupervisorJoined::class,
        SupervisorSigned::class,
        ReadingWithdrawn::class,
        Disposed::class,
        RepairAccepted::class,
        SecondLook::class,
        PaperBegun::class,
        PaperEnded::class,
        TranscriptCompared::class,
        ReadingPlaced::class,
        ReadingDismissed::class,
    ];

    /** @var array<string, class-string<Event>> the same by type, once it was asked for */
    private static array $byType = [];

    /** @return array<string, class-string<Event>> by type */
    public static function all(): array
    {
        foreach (self::$byType === [] ? self::ALL : [] as $class) {
            self::$byType[$class::declaration()->type] = $class;
        }

        return self::$byType;
    }

    /**
     * Reads what comes in: every key must be one that its type has, and hold something.
     *
     * @param  array<mixed>  $object
     *
     * @throws UnreadableBody with the key, what stood there and what was wanted
     * @throws NewerType when its type or version is not known here
     */
    public static function read(array $object): Event
    {
        $body = new Body($object);
        $class = self::all()[$body->text('type', 60)] ?? throw NewerType::of($body->text('type', 60), 0);
        $declared = self::declared($class);
        if ($body->has('v') && $body->count('v', 1) > $declared->version) {
            throw NewerType::of($declared->type, $body->count('v'));
        }
        $body->holdsOnly('type', 'v', ...Stamp::KEYS, ...$declared->keys());

        return $class::fromBody(Stamp::fromBody($body), $body);
    }

    /**
     * Reads what is stored. What a later version added is ignored, what an earlier one had not yet has its default.
     *
     * @param  array<mixed>  $object
     *
     * @throws NewerRecord when its type or version is not known here
     */
    public static function stored(array $object): Event
    {
        $body = new Body($object, strict: false);

        return self::ofStored($body)::fromBody(Stamp::fromBody($body), $body);
    }

    /**
     * Who did what is stored, and when: all that is asked of it where its outcome is applied.
     *
     * @param  array<mixed>  $object
     *
     * @throws NewerRecord when its type or version is not known here
     */
    public static function stampOfStored(array $object): Stamp
    {
        $body = new Body($object, strict: false);
        self::ofStored($body);

        return Stamp::bareOf($body);
    }

    /** @return class-string<Event> */
    private static function ofStored(Body $body): string
    {
        $class = self::all()[$body->text('type', 60)] ?? null;
        if ($class === null || $body->count('v', 1) > self::declared($class)->version) {
            throw NewerRecord::because('type', $body->text('type', 60).' '.$body->count('v', 1), 'a type and version of docs/formats/events.md');
        }

        return $class;
    }

    /** @param  class-string<Event>  $class */
    private static function declared(string $class): Declaration
    {
        /** @var array<class-string<Event>, Declaration> $declared */
        static $declared = [];

        return $declared[$class] ??= $class::declaration();
    }
}
