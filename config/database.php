<?php

$server = [
    'driver' => 'mariadb',
    'host' => '127.0.0.1',
    'port' => env('DB_PORT', '3306'),
    'database' => env('DB_DATABASE', 'tekkal'),
    'use_db_after_connecting' => false,
    'prefix' => '',
    // One way to the server and back for each statement instead of two. The driver quotes by the connection's own
    // character set, and numbers come back as numbers either way.
    'options' => [PDO::ATTR_EMULATE_PREPARES => true],
];

// What every session is, said once when the connection is made: what is kept open by a worker is not told again with each
// request. What is read after a stream's head was locked must be what the last holder of the lock committed, not a
// snapshot from before the wait.
$session = implode(', ', [
    "SET NAMES 'utf8mb4' COLLATE 'utf8mb4_unicode_ci'",
    "time_zone = '+00:00'",
    "SESSION tx_isolation = 'READ-COMMITTED'",
    "SESSION sql_mode = 'ONLY_FULL_GROUP_BY,STRICT_TRANS_TABLES,NO_ZERO_IN_DATE,NO_ZERO_DATE,ERROR_FOR_DIVISION_BY_ZERO,NO_ENGINE_SUBSTITUTION'",
]);
$server['options'][PDO::MYSQL_ATTR_INIT_COMMAND] = $session;

return [
    'default' => 'mariadb',
    'connections' => [
        'mariadb' => ['username' => env('DB_USERNAME'), 'password' => env('DB_PASSWORD')] + $server,
        // Serves migrate, grant, reset and restore. Its password reaches a process only through bin/tekkal's environment:
        // never .env, never a cached configuration. Who runs the services has no password of his: the socket knows him.
        'owner' => [
            'username' => env('TEKKAL_OWNER_USER', 'tekkal_owner'),
            'password' => env('TEKKAL_OWNER_PASSWORD'),
            'unix_socket' => env('TEKKAL_OWNER_SOCKET', ''),
            // Of the tables that it makes.
            'charset' => 'utf8mb4',
            'collation' => 'utf8mb4_unicode_ci',
        ] + $server,
    ],
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => false],
];
