<?php

declare(strict_types=1);

// Writes down the lives that are not there yet, with their documents and plans, and lists them in the manifest. What is
// there is never written again.

use Tekkal\Core\Ledger\CanonicalJson;
use Tekkal\Core\Tests\Fixtures\Bench;
use Tekkal\Core\Tests\Fixtures\WildBench;
use Tekkal\Core\Tests\Lives\Errands;
use Tekkal\Core\Tests\Lives\Life;
use Tekkal\Core\Tests\Lives\Playback;
use Tekkal\Core\Tests\Lives\ShopErrands;

require __DIR__.'/../../../vendor/autoload.php';

function keep(string $file, string $bytes): void
{
    if (! is_file(Life::GOLDEN.'/'.$file)) {
        file_put_contents(Life::GOLDEN.'/'.$file, $bytes);
        file_put_contents(Life::GOLDEN.'/MANIFEST', hash('sha256', $bytes)."  $file\n", FILE_APPEND);
    }
}

/** @param  array<string, mixed>  $tree */
function line(array $tree): string
{
    return json_encode($tree, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR)."\n";
}

$lives = [...Errands::all(), ...ShopErrands::all()];
foreach (glob(__DIR__.'/../../../docs/formats/examples/*.json') ?: [] as $file) {
    $example = basename($file, '.json');
    $lives["good-$example"] = fn (): Bench => Errands::toTheEnd(new Bench($example));
    $lives["wild-$example"] = fn (): Bench => WildBench::after($example, 7);
}
foreach ($lives as $name => $life) {
    if (! is_file(Life::GOLDEN."/$name.life")) {
        $bench = $life();
        $document = CanonicalJson::encode($bench->document);
        $plan = $bench->fold->plan;
        $playback = new Playback($plan);
        $text = line(['life' => $name, 'document' => hash('sha256', $document), 'plan' => $plan->hash()]);
        foreach ($bench->lines as $event) {
            $text .= line($playback->next($event));
        }
        keep(hash('sha256', $document).'.document', $document);
        keep($plan->hash().'.plan', $plan->bytes());
        keep("$name.life", $text);
        printf("%-40s %4d events%s\n", $name, count($bench->lines), $bench->state()->finished ? ', finished' : '');
    }
}
