<?php

declare(strict_types=1);

namespace App\Ledger;

use Illuminate\Database\Connection;
use Illuminate\Support\Facades\DB;
use RuntimeException;

/**
 * Gives the application's database user exactly its rights, table by table: MariaDB cannot take a right back from a
 * wider grant, so a new table is not writable until this has run. Needs the owner's connection.
 */
final readonly class Grants
{
    /** @return int the number of tables granted */
    public function apply(): int
    {
        $owner = DB::connection('owner');
        [$user, $host] = config('ledger.application_user');
        $database = $owner->getDatabaseName();
        $account = sprintf('`%s`@`%s`', $user, $host);
        $this->revoke($owner, $database, $account);
        $owner->unprepared("GRANT SELECT ON `$database`.* TO $account");
        $wanted = $this->wanted($owner, $database);
        foreach ($wanted as $table => $rights) {
            $owner->unprepared("GRANT $rights ON `$database`.`$table` TO $account");
        }
        $this->compare($owner, $database, "'$user'@'$host'", $wanted);

        return count($wanted);
    }

    private function revoke(Connection $owner, string $database, string $account): void
    {
        $grantee = str_replace('`', "'", $account);
        foreach ($owner->table('information_schema.table_privileges')->where('table_schema', $database)->where('grantee', $grantee)->distinct()->pluck('table_name') as $table) {
            $owner->unprepared("REVOKE ALL PRIVILEGES ON `$database`.`$table` FROM $account");
        }
        if ($owner->table('information_schema.schema_privileges')->where('table_schema', $database)->where('grantee', $grantee)->exists()) {
            $owner->unprepared("REVOKE ALL PRIVILEGES ON `$database`.* FROM $account");
        }
    }

    /** @return array<string, string> rights by table */
    private function wanted(Connection $owner, string $database): array
    {
        $tables = $owner->table('information_schema.tables')->where('table_schema', $database)->where('table_type', 'BASE TABLE')->pluck('table_name')->all();
        $wanted = [];
        foreach ($tables as $table) {
            if ($table !== 'migrations') {
                $wanted[(string) $table] = in_array($table, config('ledger.append_only'), true) ? 'INSERT' : 'DELETE,INSERT,UPDATE';
            }
        }

        return $wanted;
    }

    /** @param  array<string, string>  $wanted */
    private function compare(Connection $owner, string $database, string $grantee, array $wanted): void
    {
        $effective = $owner->table('information_schema.table_privileges')
            ->where('table_schema', $database)->where('grantee', $grantee)->get(['table_name', 'privilege_type'])
            ->groupBy('table_name')->map(fn ($rows): string => $rows->pluck('privilege_type')->sort()->implode(','))->all();
        $wider = $owner->table('information_schema.schema_privileges')->where('grantee', $grantee)->pluck('privilege_type')->all();
        ksort($effective);
        ksort($wanted);
        if ($effective !== $wanted || $wider !== ['SELECT']) {
            throw new RuntimeException('The database rights of the application differ from what was granted. Nothing should run until they agree.');
        }
    }
}
