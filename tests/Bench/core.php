<?php

declare(strict_types=1);

use Tekkal\Core\Document\DocumentReader;
use Tekkal\Core\Document\StageKind;
use Tekkal\Core\Ledger\CanonicalJson;
use Tekkal\Core\Plan\Expander;
use Tekkal\Core\Plan\Plan;
use Tekkal\Core\Plan\Step;
use Tekkal\Core\Run\Event\BackedOff;
use Tekkal\Core\Run\Event\Event;
use Tekkal\Core\Run\Event\EventTypes;
use Tekkal\Core\Run\Event\MovementSeen;
use Tekkal\Core\Run\Event\ReadingTaken;
use Tekkal\Core\Run\Event\RunBegun;
use Tekkal\Core\Run\Outcome;
use Tekkal\Core\Run\ReadingSource;
use Tekkal\Core\Run\RunFold;
use Tekkal\Core\Run\Stamp;
use Tekkal\Core\Unit\TorqueUnit;
use Tekkal\Core\Unit\Written;

// Plan expansion and replay at 400 steps and 1,000 events, and at ten times that: median of 5. Prints JSON.

require __DIR__.'/../../vendor/autoload.php';
require __DIR__.'/median.php';
require __DIR__.'/stretched.php';

/** @return list<array{Event, Outcome}> readings in order, with fasteners that stop short, are backed off and redone */
function events(Plan $plan, int $count): array
{
    $time = new DateTimeImmutable('2026-01-01T00:00:00Z');
    $fold = new RunFold($plan);
    $events = [];
    $stamp = function () use (&$events, $time): Stamp {
        return new Stamp('person', 'device', $time, id: 'e'.count($events));
    };
    $add = function (Event $event) use (&$events, $fold): void {
        $events[] = [$event, $fold->decide($event)];
    };
    $reading = fn (Step $step, string $value): Event => $step->kind === StageKind::VerificationPass
        ? new MovementSeen($stamp(), $step->id, false)
        : new ReadingTaken($stamp(), $step->id, Written::of($step->kind === StageKind::Turn && $value === '32' ? '47' : $value, $step->quantity()?->baseUnit() ?? TorqueUnit::NewtonMetre), ReadingSource::Typed, 'tool');
    $add(new RunBegun($stamp()));
    foreach ($plan->steps as $step) {
        if ($step->kind === StageKind::Torque && count($events) + (count($plan->steps) - $plan->placeOf($step->id)) < $count - 1) {
            $add($reading($step, '20'));
            $add(new BackedOff($stamp(), $step->id));
        }
        $add($reading($step, '32'));
    }

    return $events;
}

$figures = [];
foreach ([[50, 8, 1000], [500, 8, 10_000]] as [$positions, $rounds, $count]) {
    $revision = DocumentReader::read(stretched($positions, $rounds, verified: true));
    $plan = Expander::expand($revision);
    $began = hrtime(true);
    $events = events($plan, $count);
    $decided = (hrtime(true) - $began) / 1e6;
    $bytes = array_map(fn (array $e): string => CanonicalJson::encode(['event' => $e[0]->toBody(), 'outcome' => $e[1]->toBody()]), $events);
    $figures[] = [
        'steps' => count($plan->steps), 'events' => count($events), 'bytes' => intdiv(array_sum(array_map(strlen(...), $bytes)), count($bytes)),
        'expand_ms' => medianMs(fn () => Expander::expand($revision)),
        'decide_ms' => $decided,
        'replay_ms' => medianMs(function () use ($plan, $events): void {
            $fold = new RunFold($plan);
            foreach ($events as [$event, $outcome]) {
                $fold->apply($event->stamp, $outcome);
            }
        }),
        'decode_ms' => medianMs(function () use ($bytes): void {
            foreach ($bytes as $body) {
                $decoded = CanonicalJson::decodeKnown($body);
                EventTypes::stampOfStored((array) $decoded['event']);
                Outcome::fromBody((array) $decoded['outcome']);
            }
        }),
    ];
}
echo json_encode($figures), "\n";
