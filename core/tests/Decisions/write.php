<?php

declare(strict_types=1);

// Writes down how the present version of the rules decides every run of the corpus, where it has not been written down yet.
// What is there is never written again: decisions that come out otherwise need a new RunFold::VERSION.

use Tekkal\Core\Ledger\CanonicalJson;
use Tekkal\Core\Run\RunFold;
use Tekkal\Core\Tests\Decisions\Decided;
use Tekkal\Core\Tests\Decisions\Errands;
use Tekkal\Core\Tests\Fixtures\Bench;
use Tekkal\Core\Tests\Fixtures\WildBench;

require __DIR__.'/../../../vendor/autoload.php';

function keep(string $file, string $bytes): void
{
    if (! is_file(Decided::GOLDEN.'/'.$file)) {
        @mkdir(dirname(Decided::GOLDEN.'/'.$file), recursive: true);
        file_put_contents(Decided::GOLDEN.'/'.$file, $bytes);
        file_put_contents(Decided::GOLDEN.'/MANIFEST', hash('sha256', $bytes)."  $file\n", FILE_APPEND);
        echo $file, "\n";
    }
}

$lives = Errands::all();
foreach (glob(__DIR__.'/../../../docs/formats/examples/*.json') ?: [] as $file) {
    $example = basename($file, '.json');
    $lives["good-$example"] = fn (): Bench => Errands::toTheEnd(new Bench($example));
    $lives["wild-$example"] = fn (): Bench => WildBench::after($example, 7);
}
foreach ($lives as $name => $life) {
    $bench = $life();
    $text = CanonicalJson::encode(['plan' => $bench->fold->plan->hash()])."\n";
    foreach ($bench->history as [$event, $outcome]) {
        $text .= CanonicalJson::encode(['event' => $event->toBody(), 'outcome' => $outcome->toBody()])."\n";
    }
    keep($bench->fold->plan->hash().'.plan', $bench->fold->plan->bytes());
    keep(RunFold::VERSION."/$name.decided", $text.CanonicalJson::encode(['state' => Decided::digest($bench->fold->state)])."\n");
}
