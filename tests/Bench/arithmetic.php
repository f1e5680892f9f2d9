<?php

declare(strict_types=1);

use Tekkal\Core\Acceptance\Window;
use Tekkal\Core\Document\DocumentReader;
use Tekkal\Core\Joint\Friction;
use Tekkal\Core\Joint\Thread;
use Tekkal\Core\Plausibility\Plausibility;
use Tekkal\Core\Simulation\Behaviour;
use Tekkal\Core\Simulation\SeededNoise;
use Tekkal\Core\Simulation\SimulatedJoint;
use Tekkal\Core\Tool\CalibrationPoint;
use Tekkal\Core\Tool\LookBack;
use Tekkal\Core\Unit\TorqueUnit;
use Tekkal\Core\Unit\Written;

// Plausibility of 200 stages, a curve of 10,000 points, a look-back over 20,000 results, each with ten times that: median of 5. Prints JSON.

require __DIR__.'/../../vendor/autoload.php';
require __DIR__.'/median.php';

/** @return array<string, mixed> the demo's procedure with so many torque stages and a fastener of which everything is known */
function stagesDocument(int $stages): array
{
    $document = json_decode((string) file_get_contents(__DIR__.'/../../database/seeders/demo/tn3-main-caps.json'), true, flags: JSON_THROW_ON_ERROR);
    $geometry = ['grip_length' => '80 mm', 'bearing_diameter' => '14.63 mm', 'hole_diameter' => '11 mm', 'shank' => [['length' => '60 mm', 'diameter' => '10 mm']], 'members' => [['material' => 'cast iron', 'thickness' => '80 mm']]];
    $document['fasteners'] = array_map(fn (array $f): array => ['geometry' => $geometry] + $f, $document['fasteners']);
    $document['stages'] = array_map(fn (int $i): array => ['key' => "s$i"] + $document['stages'][0], range(1, $stages));

    return $document;
}

$joint = new SimulatedJoint(new SeededNoise('bench'), Thread::named('M10'), Friction::ofCondition('engine oil'), 12.815, new Behaviour(700.0, 40_000.0));
$back = LookBack::ofPoints([new CalibrationPoint(20, [20.5]), new CalibrationPoint(60, [61.0]), new CalibrationPoint(100, [102.5])], 0.8);
$window = new Window(Written::of('30', TorqueUnit::NewtonMetre), Written::of('34', TorqueUnit::NewtonMetre));
$readings = array_map(fn (int $i): Written => Written::of(sprintf('%.1F', 28 + $i % 80 / 10), TorqueUnit::NewtonMetre), range(1, 200_000));
$figures = [];
foreach ([['plausibility', 200], ['curve', 10_000], ['look_back', 20_000]] as [$name, $size]) {
    foreach ([$size, 10 * $size] as $n) {
        $document = $name === 'plausibility' ? stagesDocument($n) : [];
        $revision = $name === 'plausibility' ? DocumentReader::read($document) : null;
        $figures[$name][] = ['size' => $n, 'ms' => medianMs(fn (): mixed => match ($name) {
            'plausibility' => $revision === null ? null : Plausibility::of($revision, $document),
            'curve' => $joint->curve(90.0, $n),
            'look_back' => array_map(fn (Written $r) => $back->judge($r, $window), array_slice($readings, 0, $n)),
        })];
    }
}
echo json_encode($figures), "\n";
