<?php

declare(strict_types=1);

namespace App\Ledger;

use Illuminate\Support\Facades\DB;

/**
 * Words that may have to be erased one day – names, reasons, what could not be read – lie beside the record. The entry
 * holds a salted hash, SHA-256(salt ‖ text), so that a text can be told from another one and cannot be guessed once it
 * and its salt are gone.
 */
final class ErasableTexts
{
    public const TABLE = 'erasable_texts';

    /** Of these a projected row holds a copy. */
    public const NAMES = ['name', 'sign_in_name', 'badge'];

    /** Keeps the text and returns the hash that the entry holds; null when there is none. */
    public function keep(string $entryId, string $field, ?string $text): ?string
    {
        if ($text === null || trim($text) === '') {
            return null;
        }
        $salt = bin2hex(random_bytes(16));
        DB::table(self::TABLE)->insert(['entry_id' => $entryId, 'field' => $field, 'salt' => $salt, 'text' => $text]);

        return self::hash($salt, $text);
    }

    /** Null when there was none, or when it was erased. */
    public static function of(string $entryId, string $field): ?string
    {
        $text = DB::table(self::TABLE)->where('entry_id', $entryId)->where('field', $field)->value('text');

        return is_string($text) ? $text : null;
    }

    public static function hash(string $salt, string $text): string
    {
        return hash('sha256', $salt.$text);
    }
}
