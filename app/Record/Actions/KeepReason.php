<?php

declare(strict_types=1);

namespace App\Record\Actions;

use Illuminate\Support\Facades\DB;

/** Keeps a reason's free text where it can be erased, and returns the salted hash that the entry holds. */
final class KeepReason
{
    public function __invoke(string $entryId, ?string $text): ?string
    {
        if ($text === null || trim($text) === '') {
            return null;
        }
        $salt = bin2hex(random_bytes(16));
        DB::table('reason_texts')->insert(['entry_id' => $entryId, 'salt' => $salt, 'text' => $text]);

        return hash('sha256', $salt.$text);
    }
}
