<?php

declare(strict_types=1);

namespace App\Library\Queries;

use App\Library\Models\Standard;
use Illuminate\Support\Facades\DB;
use stdClass;
use Tekkal\Core\Document\FirstQuestions;
use Tekkal\Core\Document\InvalidDocument;
use Tekkal\Core\Document\LineSketch;

/** A line while it is typed: read back round by round, what is still wanting, and procedures that go the same way. */
final class LineSketches
{
    /** So many are shown; more than that nobody compares. */
    private const SISTERS = 3;

    /** Lines that are held against it. */
    private const MOST = 500;

    /** @return array{rounds: list<array<string, mixed>>, questions: list<array<string, mixed>>, sisters: array{of: int, alike: int, first: list<array<string, mixed>>}} */
    public static function of(string $line): array
    {
        $rounds = LineSketch::of($line, self::windows());
        $understood = implode(' · ', array_column(array_filter($rounds, fn (array $r): bool => $r['problem'] === null), 'text'));
        try {
            $document = LineSketch::begun($understood);
        } catch (InvalidDocument) {
            $document = [];
        }

        return ['rounds' => $rounds, 'questions' => FirstQuestions::of($document), 'sisters' => self::sisters($understood)];
    }

    /** @return list<array{code: string, quantity: string, tolerance: string}> those that hold for every class and tool */
    private static function windows(): array
    {
        return array_values(Standard::query()->where('state', 'approved')->where('risk_class', '')->where('tool', '')->orderBy('code')->get()
            ->map(fn (Standard $s): array => ['code' => $s->code, 'quantity' => $s->quantity, 'tolerance' => $s->tolerance])->all());
    }

    /** @return array{of: int, alike: int, first: list<array<string, mixed>>} approved procedures with the same kinds of rounds in the same order */
    private static function sisters(string $line): array
    {
        $kinds = LineSketch::kinds($line);
        $faces = DB::table('procedure_faces')->where('state', 'approved')->where('line', '!=', '')->orderBy('place')->limit(self::MOST)->get(['procedure', 'line', 'card']);
        $alike = $kinds === [] ? collect() : $faces->filter(fn (stdClass $f): bool => LineSketch::kinds($f->line) === $kinds)->values();

        return ['of' => $faces->count(), 'alike' => $alike->count(), 'first' => array_values($alike->take(self::SISTERS)->map(self::sister(...))->all())];
    }

    /** @return array<string, mixed> */
    private static function sister(stdClass $face): array
    {
        $card = (array) json_decode($face->card, true, flags: JSON_THROW_ON_ERROR);

        return ['procedure' => $face->procedure, 'title' => sprintf('%s, %s', $card['family'], lcfirst((string) $card['joint'])), 'option' => $card['option'], 'line' => $face->line, 'sketch' => $card['sketch']];
    }
}
