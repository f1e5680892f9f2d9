<?php

declare(strict_types=1);

namespace App\Library\Http;

use App\Library\Queries\Procedures;
use App\Shared\Http\JsonBody;
use App\Shared\ProblemType;
use App\Shared\Refused;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use InvalidArgumentException;
use Tekkal\Core\Document\InvalidDocument;
use Tekkal\Core\Document\MapCsv;
use Tekkal\Core\Document\MapReader;
use Tekkal\Core\Sequence\MapGenerator;
use Tekkal\Core\Sequence\Pattern;
use Tekkal\Core\Sequence\Position;
use Tekkal\Core\Sequence\SequenceGenerator;
use Tekkal\Core\Sequence\SequenceJudge;
use Tekkal\Core\Unit\Length;

/** Drawing a joint: positions from a few dimensions, orders, and tables both ways. */
final class MapController
{
    private const MOST_NAMES = 2_000;

    public function layOut(Request $request): JsonResponse
    {
        $g = $request->validate([
            'pattern' => 'required|in:rows,circle,pairs', 'count' => 'required|integer|min:1|max:200', 'rows' => 'nullable|integer|min:1|max:20', 'staggered' => 'nullable|boolean',
            'pitch' => 'nullable|numeric', 'apart' => 'nullable|numeric', 'diameter' => 'nullable|numeric', 'from' => 'nullable|numeric', 'x' => 'required|numeric|between:-10000,10000', 'y' => 'required|numeric|between:-10000,10000',
        ], ['count.max' => 'At most 200 positions are laid out at once.', 'count.required' => 'Say how many.']);
        $mm = fn (string $field): float => (float) ($g[$field] ?? 0);
        try {
            $points = match ($g['pattern']) {
                'rows' => MapGenerator::rows((int) ($g['rows'] ?? 1), (int) $g['count'], $mm('pitch'), $mm('apart'), $mm('x'), $mm('y'), (bool) ($g['staggered'] ?? false)),
                'circle' => MapGenerator::circle((int) $g['count'], $mm('diameter'), $mm('x'), $mm('y'), $mm('from')),
                default => MapGenerator::pairs((int) $g['count'], $mm('pitch'), $mm('apart'), $mm('x'), $mm('y')),
            };
        } catch (InvalidArgumentException $e) {
            throw Refused::field('pattern', $e->getMessage());
        }

        return new JsonResponse(['points' => array_map(fn (array $p): array => ['x' => (string) $p[0]->inBase()->stripTrailingZeros(), 'y' => (string) $p[1]->inBase()->stripTrailingZeros()], $points)]);
    }

    /** An order generated, or somebody's own judged. */
    public function order(Request $request): JsonResponse
    {
        JsonBody::lists($request, ['positions' => MapReader::MOST_POSITIONS, 'order' => MapReader::MOST_POSITIONS]);
        $g = $request->validate([
            'positions' => 'required|array|min:1|max:2000', 'positions.*.key' => 'required|string|max:32', 'positions.*.x' => 'required|numeric|between:-99999,99999', 'positions.*.y' => 'required|numeric|between:-99999,99999',
            'order' => 'present|array', 'order.*' => 'string|max:32', 'pattern' => 'nullable|in:'.implode(',', array_column(Pattern::cases(), 'value')), 'reversed' => 'nullable|boolean',
        ], ['positions.required' => 'Draw the positions first.']);
        $positions = array_map(fn (array $p): Position => new Position($p['key'], $p['key'], Length::millimetres((string) $p['x']), Length::millimetres((string) $p['y']), '', ''), array_values($g['positions']));
        $judge = new SequenceJudge($positions);
        $order = isset($g['pattern']) ? SequenceGenerator::generate(Pattern::from($g['pattern']), $positions, (bool) ($g['reversed'] ?? false)) : array_values($g['order']);
        $report = $judge->judge($order);

        // A key such as "12" has become a number on its way through an array.
        $names = fn (array $keys): array => array_map(strval(...), $keys);

        return new JsonResponse([
            'order' => $names($order), 'arrangement' => $judge->arrangement->value, 'faults' => $report->faults(), 'missing' => $names($report->missing), 'neighbours' => array_map($names, $report->neighbours),
            'centre_out' => $report->centreOut, 'wander_mm' => (string) $report->wander->inBase(),
            'patterns' => array_values(array_map(fn (Pattern $p): array => ['pattern' => $p->value, 'words' => $p->words()], array_filter(Pattern::cases(), fn (Pattern $p): bool => $p->suits($judge->arrangement)))),
        ]);
    }

    public function readCsv(Request $request): JsonResponse
    {
        JsonBody::lists($request, ['groups' => self::MOST_NAMES, 'parts' => self::MOST_NAMES]);
        $g = $request->validate(['csv' => 'required|string|max:400000', 'groups' => 'required|array|min:1', 'groups.*' => 'string|max:32', 'parts' => 'required|array|min:1', 'parts.*' => 'string|max:32'], ['csv.required' => 'The table is empty.', 'csv.max' => 'The table has more than 400 000 characters.']);
        try {
            return new JsonResponse(['positions' => MapCsv::read($g['csv'], array_values($g['groups']), array_values($g['parts']))]);
        } catch (InvalidDocument $e) {
            throw new Refused(ProblemType::BadDocument, sprintf('The table has %d %s; the first: %s', count($e->problems), count($e->problems) === 1 ? 'problem' : 'problems', $e->problems[0]->sentence()), 422, ['field' => 'csv', 'problems' => array_map(fn ($p): array => (array) $p, $e->problems)]);
        }
    }

    public function csv(string $revision): Response
    {
        return new Response(MapCsv::write((array) (Procedures::document($revision)['map'] ?? [])), 200, ['Content-Type' => 'text/csv; charset=utf-8', 'Content-Disposition' => 'attachment; filename="map.csv"']);
    }
}
