<?php

declare(strict_types=1);

use Tekkal\Core\Acceptance\DecisionRule;
use Tekkal\Core\CoreException;
use Tekkal\Core\Document\DocumentReader;
use Tekkal\Core\Document\InvalidDocument;
use Tekkal\Core\Document\Stage;
use Tekkal\Core\Joint\BoltBody;
use Tekkal\Core\Joint\Clamping;
use Tekkal\Core\Joint\Estimate;
use Tekkal\Core\Joint\Friction;
use Tekkal\Core\Joint\JointData;
use Tekkal\Core\Joint\Strength;
use Tekkal\Core\Joint\Thread;
use Tekkal\Core\Sequence\Pattern;
use Tekkal\Core\Sequence\SequenceGenerator;
use Tekkal\Core\Sequence\SequenceJudge;
use Tekkal\Core\Statistics\Capability;
use Tekkal\Core\Statistics\QuantileMethod;
use Tekkal\Core\Statistics\Summary;
use Tekkal\Core\Statistics\TooFew;
use Tekkal\Core\Tool\CalibrationPoint;
use Tekkal\Core\Tool\CalibrationResult;
use Tekkal\Core\Tool\WrenchClass;
use Tekkal\Core\Unit\Kind;
use Tekkal\Core\Unit\QuantityParser;
use Tekkal\Core\Unit\Understood;

// The core's doors to arithmetic, for a shell: joint, calibrate, sequence, statistics. Exit status as door.php.

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

/** In base units: N·m, degrees, mm. */
function value(string $text, Kind $kind): float
{
    $parsed = QuantityParser::parse($text, $kind);

    return $parsed instanceof Understood ? $parsed->value->quantity()->inBase()->toFloat() : complain("\"$text\" is no {$kind->value} with its unit.", 1);
}

/**
 * @param  list<string>  $arguments
 * @return array<string, string> by name, without the dashes
 */
function options(array $arguments): array
{
    $options = [];
    foreach (array_chunk($arguments, 2) as $pair) {
        if (count($pair) !== 2 || ! str_starts_with($pair[0], '--')) {
            complain('Options come in pairs, such as --thread M10x1.25.', 2);
        }
        $options[substr($pair[0], 2)] = $pair[1];
    }

    return $options;
}

/** @param  array<string, string>  $o */
function joint(array $o): void
{
    try {
        $thread = isset($o['thread']) ? Thread::named($o['thread']) : null;
        $strength = $thread !== null && isset($o['class']) ? Strength::named($o['class'], $thread) : null;
        $friction = match (true) {
            ! isset($o['friction']) => null,
            is_numeric($o['friction']) => Friction::known((float) $o['friction']),
            default => Friction::ofCondition($o['friction']),
        };
    } catch (CoreException $e) {
        complain($e->getMessage(), 1);
    }
    $grip = isset($o['grip']) ? value($o['grip'], Kind::Length) : null;
    $body = $thread === null || $grip === null ? null : new BoltBody($thread, [[$grip, $thread->d]], 0.0);
    $length = fn (string $name): ?float => isset($o[$name]) ? value($o[$name], Kind::Length) : null;
    $estimate = new Estimate(
        new JointData($thread, $strength, $friction, $length('bearing'), $length('hole'), $body, $thread === null || $grip === null ? null : Clamping::memberStiffness(BoltBody::STEEL_MPA, $thread->d, $grip)),
        isset($o['torque']) ? value($o['torque'], Kind::Torque) : null,
        isset($o['angle']) ? value($o['angle'], Kind::Angle) : null,
    );
    if (($o['format'] ?? 'text') === 'json') {
        echo json_encode([
            'clamp_kn' => ['low' => $estimate->low?->kilonewtons(), 'nominal' => $estimate->nominal?->kilonewtons(), 'high' => $estimate->high?->kilonewtons()],
            'share_of_proof' => $estimate->proofShare(), 'share_of_yield' => $estimate->yieldShare(), 'past_proof' => $estimate->pastProof,
            'stretch_mm' => $estimate->stretch(), 'assumptions' => $estimate->assumptions, 'missing' => $estimate->missing,
        ], JSON), "\n";
    } else {
        echo implode("\n", [...$estimate->sentences(), ...array_map(fn (string $a): string => "Assumed: $a", $estimate->assumptions), 'The maker’s current instruction governs; this estimate replaces none.']), "\n";
    }
}

function calibrate(string $file): void
{
    $given = json_decode(bytesOf($file), true);
    if (! is_array($given) || ! is_array($given['points'] ?? null) || $given['points'] === []) {
        complain("$file: an object with \"class\", \"largest\" and \"points\" is wanted.", 1);
    }
    $text = fn (string $key, string $default = ''): string => is_string($given[$key] ?? null) ? $given[$key] : $default;
    $points = array_map(function (mixed $point): CalibrationPoint {
        $reference = is_array($point) && is_array($point['reference'] ?? null) ? array_values(array_filter($point['reference'], is_string(...))) : [];
        if (! is_array($point) || ! is_string($point['shown'] ?? null) || $reference === []) {
            complain('A point is wanted as {"shown": "100 N·m", "reference": ["100.4 N·m", …]}.', 1);
        }

        return new CalibrationPoint(value($point['shown'], Kind::Torque), array_map(fn (string $r): float => value($r, Kind::Torque), $reference));
    }, array_values($given['points']));
    $class = WrenchClass::tryFrom($text('class')) ?? complain('One of the classes I_A to II_G is wanted.', 1);
    $permissible = $class->permissibleDeviation(value($text('largest'), Kind::Torque));
    try {
        $result = new CalibrationResult($points, $permissible, (float) $text('expanded_percent', '0'), DecisionRule::tryFrom($text('rule', 'simple')) ?? DecisionRule::Simple);
    } catch (CoreException $e) {
        complain($e->getMessage(), 1);
    }
    echo json_encode([
        'class' => $class->words(), 'permissible_percent' => $permissible, 'rule' => $result->rule->words(), 'conforms' => $result->conforms(), 'faults' => $result->faults(),
        'repeatability_percent' => $result->repeatability(),
        'points' => array_map(fn (CalibrationPoint $p): array => ['shown' => $p->shown, 'deviations_percent' => $p->deviations(), 'mean_percent' => $p->meanDeviation()], $points),
    ], JSON), "\n";
}

function sequence(string $file): void
{
    try {
        $revision = DocumentReader::fromJson(bytesOf($file));
    } catch (InvalidDocument $e) {
        complain($e->getMessage(), 1);
    }
    $judge = fn (Stage $stage): array => array_values(array_filter($revision->map->positions, fn ($p): bool => in_array($p->key, $stage->sequence, true)));
    $stages = [];
    foreach ($revision->stages() as $stage) {
        if ($stage->rules->kind->isPerPosition()) {
            $positions = $judge($stage);
            $looked = new SequenceJudge($positions);
            $report = $looked->judge($stage->sequence);
            $patterns = array_filter(Pattern::cases(), fn (Pattern $p): bool => $p->suits($looked->arrangement));
            $stages[] = [
                'stage' => $stage->key(), 'arrangement' => $looked->arrangement->value, 'order' => $stage->sequence, 'faults' => $report->faults(), 'centre_out' => $report->centreOut,
                'wander_mm' => $report->wander->inBase()->toFloat(),
                'proposals' => array_values(array_map(fn (Pattern $p): array => ['pattern' => $p->words(), 'order' => SequenceGenerator::generate($p, $positions)], $patterns)),
            ];
        }
    }
    echo json_encode($stages, JSON), "\n";
}

/** @param  array<string, string>  $o */
function statistics(string $file, array $o): void
{
    $values = array_map(floatval(...), array_filter(array_map(trim(...), explode("\n", bytesOf($file))), is_numeric(...)));
    $values = array_values($values);
    try {
        $summary = new Summary($values);
        $report = ['n' => $summary->n, 'mean' => $summary->mean, 'sd' => $summary->n > 1 ? $summary->sd() : null, 'least' => $summary->least, 'most' => $summary->most, 'median' => QuantileMethod::Gumbel->of($values, 0.5)];
    } catch (TooFew $e) {
        complain("$file: ".$e->getMessage(), 1);
    }
    if (isset($o['lower']) || isset($o['upper'])) {
        try {
            $c = Capability::overall($values, isset($o['lower']) ? (float) $o['lower'] : null, isset($o['upper']) ? (float) $o['upper'] : null);
            $report['capability'] = ['pp' => $c->potential(), 'ppk' => $c->actual(), 'ppk_interval' => [$c->actualInterval()->low, $c->actualInterval()->high], 'ppm_beyond_the_nearer' => Capability::partsPerMillion($c->actual())];
        } catch (TooFew $e) {
            $report['capability'] = $e->getMessage();
        }
    }
    echo json_encode($report, JSON), "\n";
}

[, $verb, $file] = [...$argv, '', ''];
match (true) {
    $verb === 'joint' => joint(options(array_slice($argv, 2))),
    $verb === 'calibrate' && count($argv) === 3 => calibrate($file),
    $verb === 'sequence' && count($argv) === 3 => sequence($file),
    $verb === 'statistics' && count($argv) >= 3 => statistics($file, options(array_slice($argv, 3))),
    default => complain('bin/tekkal core joint --thread … --class … --torque … | calibrate FILE | sequence FILE | statistics FILE [--lower … --upper …]', 2),
};
