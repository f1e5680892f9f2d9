<?php

declare(strict_types=1);

namespace App\Audit\Print;

use App\Audit\Queries\BuildSheet;
use App\People\Shop;
use App\Record\Models\Subject;
use App\Shared\Print\Pdf;
use App\Shared\Print\QrCode;
use Carbon\CarbonImmutable;

/** One page for the engine's paper folder: what was tightened by what, by whom, how it is known, and what is still open; with the way to all the rest. */
final readonly class FolderPage
{
    /** An answer names so many of its reasons; the others stand on the sheet. */
    private const REASONS = 3;

    public function __construct(private BuildSheet $sheet)
    {
    }

    public function pdf(Subject $subject): string
    {
        return Pdf::of($this->html($subject), "{$subject->title()}    ");
    }

    public function html(Subject $subject): string
    {
        $sheet = $this->sheet->of($subject);
        $link = config('app.url').'/audit/'.$subject->id;

        return view('folder-page', [
            'shop' => Shop::here()->name, 'sheet' => $sheet, 'link' => $link, 'qr' => QrCode::of($link), 'demo' => config('shop.demo') === true,
            'replies' => array_map(self::reply(...), self::objects($sheet['replies'])),
            'joints' => array_map(self::joint(...), self::objects($sheet['joints'])),
            'aside' => count((array) $sheet['aside']), 'day' => self::day(...),
            'printed' => now()->setTimezone(Shop::here()->timeZone)->format('j M Y, H:i'),
        ])->render();
    }

    /**
     * @param  array<mixed>  $reply
     * @return array{words: string, answer: string, reasons: list<string>, more: int}
     */
    private static function reply(array $reply): array
    {
        // Those that speak against it first: whoever reads one line reads that.
        $reasons = self::objects($reply['reasons'] ?? []);
        usort($reasons, fn (array $a, array $b): int => ($a['answer'] === 'yes') <=> ($b['answer'] === 'yes'));
        $sentences = array_map(fn (array $r): string => self::text($r, 'sentence'), $reasons);

        return ['words' => self::text($reply, 'words'), 'answer' => strtr(self::text($reply, 'answer'), '_', ' '), 'reasons' => array_slice($sentences, 0, self::REASONS), 'more' => max(0, count($sentences) - self::REASONS)];
    }

    /**
     * @param  array<mixed>  $joint
     * @return array<string, mixed>
     */
    private static function joint(array $joint): array
    {
        $run = is_array($joint['run'] ?? null) ? $joint['run'] : null;
        $known = $tools = [];
        $wrong = 0;
        foreach (self::objects($joint['lines'] ?? []) as $line) {
            foreach (array_filter(self::objects($line['attempts'] ?? []), fn (array $a): bool => $a['status'] === 'live') as $attempt) {
                $known[self::text($attempt, 'evidence_words')] = ($known[self::text($attempt, 'evidence_words')] ?? 0) + 1;
                $tools[self::text($attempt, 'tool')] = true;
                $wrong += count((array) $attempt['findings']) > 0 ? 1 : 0;
            }
        }

        return [
            'name' => self::text($joint, 'name'), 'line' => self::text((array) ($joint['revision'] ?? []), 'line'), 'letter' => self::text((array) ($joint['revision'] ?? []), 'letter'),
            'hardware' => self::text($joint, 'hardware'), 'without' => self::text($joint, 'without'), 'stayed' => self::text((array) ($joint['stayed'] ?? []), 'title'), 'within' => self::text((array) ($joint['within'] ?? []), 'title'), 'run' => $run, 'left' => $run === null ? 0 : self::number($run, 'all') - self::number($run, 'done'),
            'known' => implode(', ', array_map(fn (string $words, int $n): string => "$n $words", array_keys($known), $known)),
            'tools' => implode(', ', array_filter(array_map(strval(...), array_keys($tools)))), 'found' => $wrong,
            'faults' => array_map(fn (array $f): string => self::text($f, 'what').', '.(self::text($f, 'ended') === '' ? 'open' : self::text($f, 'ended')).(self::text($f, 'cost') === '' ? '' : ': '.self::text($f, 'cost')), self::objects($joint['faults'] ?? [])),
            'permits' => array_map(fn (array $p): string => self::text($p, 'code'), self::objects($joint['permits'] ?? [])),
            'cards' => array_map(fn (array $c): string => self::text($c, 'number').', '.self::text($c, 'says'), self::objects($joint['cards'] ?? [])),
        ];
    }

    private static function day(?string $at): string
    {
        return $at === null ? '' : CarbonImmutable::parse($at)->setTimezone(Shop::here()->timeZone)->format('j M Y');
    }

    /** @return list<array<mixed>> */
    private static function objects(mixed $list): array
    {
        return array_values(array_filter((array) $list, is_array(...)));
    }

    /** @param  array<mixed>  $of */
    private static function text(array $of, string $key): string
    {
        return is_string($of[$key] ?? null) ? $of[$key] : '';
    }

    /** @param  array<mixed>  $of */
    private static function number(array $of, string $key): int
    {
        return is_int($of[$key] ?? null) ? $of[$key] : 0;
    }
}
