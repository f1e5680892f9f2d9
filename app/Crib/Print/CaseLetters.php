<?php

declare(strict_types=1);

namespace App\Crib\Print;

use App\Crib\CaseDecision;
use App\Crib\Models\LookBackCase;
use App\Crib\Queries\CaseDecisions;
use App\Crib\Queries\CaseSheet;
use App\People\Shop;
use App\Shared\Print\Pdf;
use App\Shared\Refused;
use Tekkal\Core\Document\Csv;
use Tekkal\Core\Review\Disposition;

/** Letters of a case: what each customer has to know of the engines that have left the house. */
final class CaseLetters
{
    public static function pdf(LookBackCase $case): string
    {
        return Pdf::of(self::html($case), sprintf('%s    case %d', Shop::here()->name, $case->number));
    }

    public static function html(LookBackCase $case): string
    {
        $sheet = CaseSheet::of($case);
        $letters = [];
        foreach (self::engines($sheet) as $engine) {
            if ($engine['state'] === 'shipped') {
                $letters[(string) $engine['customer']][] = $engine;
            }
        }
        if ($letters === []) {
            throw Refused::notFound("No engine of case $case->number has left the house: nobody has to be written to.");
        }
        ksort($letters);

        return view('case-letters', ['shop' => Shop::here()->name, 'demo' => config('shop.demo') === true, 'case' => $sheet, 'why' => $sheet['tool'].' '.$case->cause->words(), 'letters' => $letters, 'printed' => now()->setTimezone(Shop::here()->timeZone)->format('j F Y')])->render();
    }

    public static function csv(LookBackCase $case): string
    {
        $lines = [Csv::line(['serial', 'customer', 'where', 'joint', 'risk class', 'position', 'stage', 'evidence', 'as shown', 'unit', 'true value', 'uncertainty', 'low', 'high', 'verdict', 'decision'])];
        $decisions = new CaseDecisions($case->id);
        foreach (self::engines(CaseSheet::of($case, PHP_INT_MAX)) as $engine) {
            foreach ((array) $engine['joints'] as $joint) {
                foreach ($joint['results'] as $r) {
                    $cells = [$engine['serial'], $engine['customer'], $engine['where'], $joint['name'], $joint['risk_class'], $r['number'], $r['stage'], $r['evidence'], $r['shown'], $r['unit'], $r['true'], $r['doubt'], $r['low'], $r['high'], str_replace('_', ' ', $r['verdict']), self::decision($decisions->of((string) $engine['build'])->about(CaseDecisions::fastener((string) $joint['joint'], $r['position'])))];
                    $lines[] = Csv::line(array_map(fn (mixed $c): string => is_scalar($c) ? (string) $c : '', $cells));
                }
            }
        }

        return implode("\r\n", $lines)."\r\n";
    }

    private static function decision(?Disposition $made): string
    {
        return $made === null ? '' : CaseDecision::from($made->decision)->words();
    }

    /**
     * @param  array<string, mixed>  $sheet
     * @return list<array<string, mixed>>
     */
    private static function engines(array $sheet): array
    {
        return is_array($sheet['engines']) ? array_values($sheet['engines']) : [];
    }
}
