<?php

declare(strict_types=1);

namespace App\Crib\Queries;

use Illuminate\Support\Collection;
use stdClass;
use Tekkal\Core\Acceptance\EvidenceGrade;
use Tekkal\Core\Tool\LookBackVerdict;
use Tekkal\Core\Unit\Written;

/** What a case says of results, in words: positions, what they come to, how it is known. */
final class CaseWords
{
    /** @return array<string, mixed> */
    public static function result(stdClass $r): array
    {
        $shown = $r->shown === null ? null : Written::coded($r->shown);
        // In the unit of the window, which is what it is held against.
        $unit = $r->low ?? $r->high ?? $r->shown;
        $factor = $unit === null ? 1.0 : Written::coded($unit)->unit->factor()->toFloat();
        $in = fn (?string $code): ?float => $code === null ? null : round(Written::coded($code)->quantity()->inBase()->toFloat() / $factor, 6);

        return [
            'position' => $r->position, 'stage' => $r->stage, 'verdict' => $r->verdict, 'evidence' => $r->evidence, 'shown_words' => $shown?->typeset(), 'unit' => $unit === null ? '' : Written::coded($unit)->unit->symbol(),
            'shown' => $in($r->shown), 'true' => $r->true_value === null ? null : round((float) $r->true_value / $factor, 6), 'doubt' => $r->doubt === null ? null : round((float) $r->doubt / $factor, 6), 'low' => $in($r->low), 'high' => $in($r->high),
            'loss' => $r->loss === null ? null : round((int) $r->loss / 1_000_000, 4),
        ];
    }

    /**
     * "3 of 8 at snug are outside: 29.5, 29.6 and 29.6 N·m where at least 30 N·m are wanted."
     *
     * @param  Collection<int, stdClass>  $results  of one run
     */
    public static function joint(Collection $results, string $joint): string
    {
        $out = $results->where('verdict', LookBackVerdict::Out->value);
        $doubt = $results->where('verdict', LookBackVerdict::InDoubt->value);
        $attested = $results->every(fn (stdClass $r): bool => in_array($r->evidence, [EvidenceGrade::AttestedAsRound->value, EvidenceGrade::AttestedOneByOne->value], true));
        $parts = [];
        if ($out->isNotEmpty()) {
            $parts[] = sprintf('%s outside: %s', self::many($out->count(), $results->count()), self::values($out));
        }
        if ($doubt->isNotEmpty()) {
            $parts[] = sprintf('%s in doubt: %s', self::many($doubt->count(), $results->count()), self::values($doubt));
        }

        return sprintf('%s: %s.%s', $joint, $parts === [] ? sprintf('all %d stay in, %s', $results->count(), self::values($results)) : implode('; ', $parts), $attested ? ' Judged by the setting; nothing was read.' : '');
    }

    private static function many(int $n, int $of): string
    {
        return sprintf('%d of %d %s', $n, $of, $n === 1 ? 'is' : 'are');
    }

    /** @param  Collection<int, stdClass>  $results */
    private static function values(Collection $results): string
    {
        $read = $results->whereNotNull('true_value');
        $one = $read->first();
        if ($one === null) {
            return 'nobody can say what they have';
        }
        // Thousands of results may stand here: the ends are found among the numbers as they are stored.
        $unit = Written::coded((string) ($one->low ?? $one->high ?? $one->shown))->unit;
        $number = fn (mixed $v): string => rtrim(rtrim(sprintf('%.2f', (float) $v / $unit->factor()->toFloat()), '0'), '.');
        [$least, $most] = [$number($read->min('true_value')), $number($read->max('true_value'))];

        return $least === $most ? "$least\u{A0}{$unit->symbol()}" : "$least to $most\u{A0}{$unit->symbol()}";
    }
}
