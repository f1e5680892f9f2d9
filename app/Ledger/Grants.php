<?php

declare(strict_types=1);

namespace App\Ledger;

use Illuminate\Database\Connection;
use Illuminate\Support\Facades\DB;
use RuntimeException;

/**
 * Gives the application's database user exactly its rights, table by table: MariaDB cannot take a right back from a
 * wider grant, so a new table is not writable until this has run. Only what differs is granted or revoked, so that a
 * shop at work never stands without its rights. Needs the owner's connection.
 */
final readonly class Grants
{
    private const ALL = ['DELETE', 'INSERT', 'UPDATE'];

    /** @return int the number of tables granted */
    public function apply(): int
    {
        $owner = DB::connection('owner');
        $database = $owner->getDatabaseName();
        $account = vsprintf('`%s`@`%s`', config('ledger.application_user'));
        $wanted = $this->wanted($owner);
        $held = $this->held($owner);
        if (! in_array('SELECT', $this->onSchema($owner), true)) {
            $owner->unprepared("GRANT SELECT ON `$database`.* TO $account");
        }
        foreach (array_keys($wanted + $held) as $table) {
            $extra = array_diff($held[$table] ?? [], $wanted[$table] ?? []);
            $missing = array_diff($wanted[$table] ?? [], $held[$table] ?? []);
            if ($extra !== []) {
                $owner->unprepared(sprintf('REVOKE %s ON `%s`.`%s` FROM %s', implode(', ', $extra), $database, $table, $account));
            }
            if ($missing !== []) {
                $owner->unprepared(sprintf('GRANT %s ON `%s`.`%s` TO %s', implode(', ', $missing), $database, $table, $account));
            }
        }
        foreach ($owner->table('information_schema.column_privileges')->where('table_schema', $database)->where('grantee', self::grantee())->get(['table_name', 'column_name', 'privilege_type']) as $row) {
            $owner->unprepared(sprintf('REVOKE %s (`%s`) ON `%s`.`%s` FROM %s', $row->privilege_type, $row->column_name, $database, $row->table_name, $account));
        }
        $wider = array_diff($this->onSchema($owner), ['SELECT']);
        if ($wider !== []) {
            $owner->unprepared(sprintf('REVOKE %s ON `%s`.* FROM %s', implode(', ', $wider), $database, $account));
        }
        $differences = $this->differences($owner);
        if ($differences !== []) {
            throw new RuntimeException('The database rights are not as they should be. Nothing should run until they are: '.implode(' ', $differences));
        }

        return count($wanted);
    }

    /** @return list<string> in which way the rights of anybody differ from what was granted, as sentences */
    public function differences(Connection $owner): array
    {
        [$wanted, $held] = [$this->wanted($owner), $this->held($owner)];
        $found = [];
        foreach (array_keys($wanted + $held) as $table) {
            $extra = array_diff($held[$table] ?? [], $wanted[$table] ?? []);
            $missing = array_diff($wanted[$table] ?? [], $held[$table] ?? []);
            $found[] = $extra === [] ? null : sprintf('The application may %s in %s.', implode(', ', $extra), $table);
            $found[] = $missing === [] ? null : sprintf('The application may not %s in %s.', implode(', ', $missing), $table);
        }
        if ($this->onSchema($owner) !== ['SELECT']) {
            $found[] = sprintf('The application has these rights on the whole database: %s.', implode(', ', $this->onSchema($owner)) ?: 'none');
        }

        return [...array_values(array_filter($found)), ...$this->others($owner)];
    }

    /** @return list<string> accounts that can reach this database and are not known here */
    private function others(Connection $owner): array
    {
        $system = posix_getpwuid(posix_geteuid())['name'] ?? 'root';
        $known = [self::grantee(), "'tekkal_owner'@'127.0.0.1'", "'root'@'localhost'", "'mariadb.sys'@'localhost'", "'$system'@'localhost'"];
        $found = [];
        foreach ([
            'SELECT grantee, privilege_type AS p FROM information_schema.user_privileges WHERE privilege_type <> \'USAGE\'',
            'SELECT grantee, privilege_type AS p FROM information_schema.schema_privileges WHERE ? LIKE table_schema OR table_schema = \'mysql\'',
            'SELECT grantee, privilege_type AS p FROM information_schema.table_privileges WHERE table_schema = ?',
            'SELECT grantee, privilege_type AS p FROM information_schema.column_privileges WHERE table_schema = ?',
        ] as $i => $query) {
            foreach ($owner->select($query, $i === 0 ? [] : [$owner->getDatabaseName()]) as $row) {
                $global = $i === 0 && $row->grantee === self::grantee() || $i === 3;
                if ($global || ! in_array($row->grantee, $known, true)) {
                    $found[$row->grantee][$row->p] = true;
                }
            }
        }

        return array_map(fn (string $grantee, array $rights): string => sprintf('The account %s may %s here, which nobody granted.', $grantee, implode(', ', array_keys($rights))), array_keys($found), $found);
    }

    /** @return array<string, list<string>> rights by table */
    private function wanted(Connection $owner): array
    {
        $tables = $owner->table('information_schema.tables')->where('table_schema', $owner->getDatabaseName())->where('table_type', 'BASE TABLE')->orderBy('table_name')->pluck('table_name')->all();
        $wanted = [];
        foreach ($tables as $table) {
            if ($table !== 'migrations') {
                $wanted[(string) $table] = in_array($table, config('ledger.append_only'), true) ? ['INSERT'] : self::ALL;
            }
        }

        return $wanted;
    }

    /** @return array<string, list<string>> rights by table */
    private function held(Connection $owner): array
    {
        $held = [];
        foreach ($owner->table('information_schema.table_privileges')->where('table_schema', $owner->getDatabaseName())->where('grantee', self::grantee())->orderBy('privilege_type')->get(['table_name', 'privilege_type']) as $row) {
            $held[(string) $row->table_name][] = (string) $row->privilege_type;
        }

        return $held;
    }

    /** @return list<string> */
    private function onSchema(Connection $owner): array
    {
        return array_values($owner->table('information_schema.schema_privileges')->where('table_schema', $owner->getDatabaseName())->where('grantee', self::grantee())->orderBy('privilege_type')->pluck('privilege_type')->map(strval(...))->all());
    }

    private static function grantee(): string
    {
        return vsprintf("'%s'@'%s'", config('ledger.application_user'));
    }
}
