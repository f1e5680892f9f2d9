<?php

declare(strict_types=1);

namespace App\Shared\Database;

/** What a trigger on a table that is only ever added to is called and does. Migrations make them; verify knows them again. */
final class AppendOnly
{
    private const VERBS = ['UPDATE', 'DELETE'];

    /** @return array<string, array{verb: string, statement: string}> by the trigger's name */
    public static function triggers(string $table): array
    {
        $triggers = [];
        foreach (self::VERBS as $verb) {
            $triggers[$table.'_no_'.strtolower($verb)] = ['verb' => $verb, 'statement' => sprintf("SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = '%s is only ever added to'", $table)];
        }

        return $triggers;
    }
}
