<?php

declare(strict_types=1);

// One bench at work in an instance: a joint with a bolt that is short, backed off and redone, the joint finished, and
// another left in the middle. Prints what the tables tell then. work.php FOLDER

use Tests\Faults\BenchClient;
use Tests\Faults\Instance;
use Tests\Faults\Told;

require __DIR__.'/../../../vendor/autoload.php';

$instance = new Instance($argv[1]);
$bench = (new BenchClient($instance->base, 0))->signIn()->newRun();
foreach (array_keys($bench->walk) as $i) {
    if ($i === 2) {
        $bench->keep($bench->reading(value: '20.0'));
        $bench->keep($bench->stamped('backed_off') + ['step' => $bench->walk[0]['step']]);
    }
    $bench->observe();
}
$bench->flush() || throw new RuntimeException('The readings were not taken.');
$bench->keep($bench->stamped('final_look'));
$bench->flush() || throw new RuntimeException('The look was not taken.');
$bench->command("bench/runs/$bench->run/looks", ['badge' => '1044', 'pin' => '314159', 'stage' => 'joint', 'differ' => []]);
$bench->command("bench/runs/$bench->run/finish", ['pin' => '314159']);
$bench->newRun();
$bench->observe();
$bench->observe();
$bench->flush() || throw new RuntimeException('The last readings were not taken.');
echo json_encode(Told::by($instance), JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES), "\n";
