<?php

declare(strict_types=1);

use Tekkal\Core\Document\DocumentReader;
use Tekkal\Core\Document\InvalidDocument;
use Tekkal\Core\Document\Revision;
use Tekkal\Core\Plan\Expander;
use Tekkal\Core\Plan\PlanFigures;
use Tekkal\Core\Plan\PlanText;
use Tekkal\Core\Run\EventReader;
use Tekkal\Core\Run\RunFold;
use Tekkal\Core\Run\RunReport;
use Tekkal\Core\Run\WalkSheet;

// The core's doors, for a shell: check, plan, line, run. Reads files, prints, and says by its exit status whether what it
// read was valid: 0 yes, 1 no, 2 wrong call.

require __DIR__.'/../../vendor/autoload.php';

const JSON = JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR;

function complain(string $sentence, int $status): never
{
    fwrite(STDERR, $sentence."\n");
    exit($status);
}

function bytesOf(string $file): string
{
    $bytes = is_file($file) ? file_get_contents($file) : false;

    return $bytes === false ? complain("There is no readable file \"$file\".", 2) : $bytes;
}

function revisionOf(string $file): Revision
{
    try {
        return DocumentReader::fromJson(bytesOf($file));
    } catch (InvalidDocument $e) {
        complain(sprintf("%s: %d %s\n%s", $file, count($e->problems), count($e->problems) === 1 ? 'problem' : 'problems', $e->getMessage()), 1);
    }
}

function check(string $file): void
{
    $revision = revisionOf($file);
    echo "$file is a valid procedure: $revision->title.\n";
    foreach ($revision->whyNotApprovable() as $sentence) {
        echo "It cannot be approved yet. $sentence\n";
    }
}

function plan(string $file, string $format): void
{
    $revision = revisionOf($file);
    $plan = Expander::expand($revision);
    $text = new PlanText($revision, $plan, new PlanFigures($revision, $plan));
    echo match ($format) {
        'text' => $text->text(),
        'csv' => $text->csv(),
        'json' => json_encode($text->toArray() + ['walk_sheet' => WalkSheet::of((new RunFold($plan))->freeze())], JSON)."\n",
        default => complain("There is no format \"$format\": text, csv or json.", 2),
    };
}

function line(string $file): void
{
    $line = revisionOf($file)->tighteningLine();
    echo $line->typeset(), "\n\n", implode("\n", $line->long()), "\n";
}

function run(string $file, string $events): void
{
    $fold = new RunFold(Expander::expand(revisionOf($file)));
    $outcomes = [];
    foreach (explode("\n", trim(bytesOf($events))) as $i => $json) {
        try {
            $object = json_decode($json, true, 16);
            $object = is_array($object) ? $object : [];
            $event = EventReader::read($object);
        } catch (InvalidDocument $e) {
            complain(sprintf("%s, line %d is no event:\n%s", $events, $i + 1, $e->getMessage()), 1);
        }
        $outcome = $fold->apply($event);
        $outcomes[] = [
            'line' => $i + 1, 'event' => $object['event'] ?? null, 'standing' => $outcome->standing->value, 'set_aside' => $outcome->reason?->sentence(),
            'verdict' => $outcome->judgement?->verdict->value, 'evidence' => $outcome->judgement?->evidence->value, 'reason' => $outcome->judgement?->reason,
            'out_of_sequence' => $outcome->outOfSequence,
        ];
    }
    echo json_encode(['events' => $outcomes] + (new RunReport($fold))->toArray(), JSON), "\n";
}

[, $verb, $file] = [...$argv, '', ''];
$rest = array_slice($argv, 3);
match (true) {
    $verb === 'check' && count($argv) === 3 => check($file),
    $verb === 'line' && count($argv) === 3 => line($file),
    $verb === 'plan' && $rest === [] => plan($file, 'text'),
    $verb === 'plan' && count($rest) === 2 && $rest[0] === '--format' => plan($file, $rest[1]),
    $verb === 'run' && count($rest) === 1 => run($file, $rest[0]),
    default => complain('bin/tekkal core check FILE | plan FILE [--format text|csv|json] | line FILE | run FILE EVENTS.jsonl | joint … | calibrate FILE | sequence FILE | statistics FILE | vectors', 2),
};
