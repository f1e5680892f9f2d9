<?php

declare(strict_types=1);

namespace App\Library;

use Illuminate\Support\Facades\DB;

/** Everybody who wrote any part of a draft, and so of the revision that it became: none of them signs it. */
final class Authors
{
    /** Said each time somebody begins or saves a draft. */
    public static function wrote(string $procedure, string ...$people): void
    {
        DB::table('draft_writers')->insertOrIgnore(array_map(fn (string $p): array => ['procedure' => $procedure, 'person' => $p], array_values($people)));
    }

    /** @return list<string> people's ids */
    public static function ofDraft(string $procedure): array
    {
        return array_values(DB::table('draft_writers')->where('procedure', $procedure)->orderBy('person')->pluck('person')->map(strval(...))->all());
    }

    /** The draft is no more: thrown away, or handed in. */
    public static function forget(string $procedure): void
    {
        DB::table('draft_writers')->where('procedure', $procedure)->delete();
    }

    /** @return list<string> people's ids */
    public static function ofRevision(string $revision): array
    {
        return array_values(DB::table('revision_authors')->where('revision', $revision)->orderBy('person')->pluck('person')->map(strval(...))->all());
    }
}
