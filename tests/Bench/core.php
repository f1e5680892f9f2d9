<?php

declare(strict_types=1);

use Tekkal\Core\Document\DocumentReader;
use Tekkal\Core\Document\StageKind;
use Tekkal\Core\Plan\Expander;
use Tekkal\Core\Plan\Plan;
use Tekkal\Core\Plan\Step;
use Tekkal\Core\Run\Event\BackedOff;
use Tekkal\Core\Run\Event\Event;
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

/** @return array<string, mixed> the demo's procedure stretched to so many positions and rounds: torque, then a turn, then a verification pass */
function document(int $positions, int $rounds): array
{
    $document = json_decode((string) file_get_contents(__DIR__.'/../../database/seeders/demo/tn3-main-caps.json'), true, flags: JSON_THROW_ON_ERROR);
    $keys = array_map(fn (int $i): string => "p$i", range(1, $positions));
    $document['groups'] = [['key' => 'all'] + $document['groups'][0]];
    $document['map']['positions'] = array_map(fn (string $key, int $i): array => ['key' => $key, 'number' => (string) ($i + 1), 'x' => (string) ($i % 50 * 20), 'y' => (string) (intdiv($i, 50) * 20), 'group' => 'all', 'part' => $document['map']['parts'][0]['key']], $keys, array_keys($keys));
    $target = ['group' => 'all'] + $document['stages'][0]['targets'][0];
    $turn = ['key' => 'turn', 'sequence' => $keys, 'targets' => [['group' => 'all'] + $document['stages'][1]['targets'][0]], 'loading' => true] + $document['stages'][1];
    $verify = ['key' => 'verify', 'kind' => 'verification_pass', 'sequence' => $keys, 'targets' => [$target], 'why' => 'shows what gave'];
    $document['stages'] = [...array_map(fn (int $r): array => ['key' => 'r'.$r, 'sequence' => $keys, 'targets' => [$target]] + $document['stages'][0], range(1, $rounds - 2)), $turn, $verify];

    return $document;
}

/** @return list<array{Event, Outcome}> readings in order, with fasteners that stop short, are backed off and redone */
function events(Plan $plan, int $count): array
{
    $time = new DateTimeImmutable('2026-01-01T00:00:00Z');
    $fold = new RunFold($plan);
    $events = [];
    $add = function (Event $event) use (&$events, $fold): void {
        $events[] = [$event, $fold->apply($event)];
    };
    $reading = function (Step $step, string $value) use (&$events, $time): Event {
        $id = 'e'.count($events);

        return $step->kind === StageKind::VerificationPass
            ? new MovementSeen($id, $step->id, false, new Stamp('person', 'device', $time))
            : new ReadingTaken($id, $step->id, Written::of($step->kind === StageKind::Turn && $value === '32' ? '47' : $value, $step->quantity()?->baseUnit() ?? TorqueUnit::NewtonMetre), ReadingSource::Typed, 'tool', new Stamp('person', 'device', $time));
    };
    $add(new RunBegun('person', 'device'));
    foreach ($plan->steps as $step) {
        if ($step->kind === StageKind::Torque && count($events) + (count($plan->steps) - $plan->placeOf($step->id)) < $count - 1) {
            $add($reading($step, '20'));
            $add(new BackedOff($step->id, 'device'));
        }
        $add($reading($step, '32'));
    }

    return $events;
}

$figures = [];
foreach ([[50, 8, 1000], [500, 8, 10_000]] as [$positions, $rounds, $count]) {
    $revision = DocumentReader::read(document($positions, $rounds));
    $plan = Expander::expand($revision);
    $events = events($plan, $count);
    $figures[] = [
        'steps' => count($plan->steps), 'events' => count($events),
        'expand_ms' => medianMs(fn () => Expander::expand($revision)),
        'replay_ms' => medianMs(function () use ($plan, $events): void {
            $fold = new RunFold($plan);
            foreach ($events as [$event, $outcome]) {
                $fold->apply($event, $outcome);
            }
            $fold->freeze();
        }),
    ];
}
echo json_encode($figures), "\n";
