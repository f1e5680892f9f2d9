<?php

declare(strict_types=1);

namespace Tests\Faults;

/** What an instance's tables tell of its record, in words that outlive the tables. */
final class Told
{
    /** @return array<string, mixed> */
    public static function by(Instance $instance): array
    {
        return [
            'entries' => $instance->rows('SELECT COUNT(*) AS n FROM ledger_entries WHERE type <> ?', ['record_restored'])[0]['n'],
            'streams' => $instance->rows('SELECT stream, MAX(seq) AS seq, MD5(GROUP_CONCAT(leaf_hash ORDER BY seq)) AS leaves FROM ledger_entries WHERE type <> ? GROUP BY stream ORDER BY stream', ['record_restored']),
            'results' => $instance->rows('SELECT entry_id AS entry, step, attempt, value, low, high, verdict, evidence, status, source, taken_at FROM results ORDER BY run, step, attempt'),
            'runs' => $instance->rows('SELECT run, done, all_steps AS steps, finished, stopped FROM run_progress ORDER BY run'),
            'findings' => $instance->rows('SELECT entry_id AS entry, kind, sentence FROM findings ORDER BY entry_id, kind, sentence'),
            'aside' => $instance->rows('SELECT entry_id AS entry, type, standing, reason, step, value FROM readings_aside ORDER BY entry_id'),
            'tools' => $instance->rows('SELECT code, kind FROM tools ORDER BY code'),
        ];
    }
}
