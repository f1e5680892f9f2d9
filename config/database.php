<?php

$server = [
    'driver' => 'mariadb',
    'host' => '127.0.0.1',
    'port' => env('DB_PORT', '3306'),
    'database' => env('DB_DATABASE', 'tekkal'),
    'charset' => 'utf8mb4',
    'collation' => 'utf8mb4_unicode_ci',
    'prefix' => '',
    'strict' => true,
    'timezone' => '+00:00',
    // What is read after a stream's head was locked must be what the last holder of the lock committed, not a snapshot
    // from before the wait.
    'isolation_level' => 'READ COMMITTED',
    // One way to the server and back for each statement instead of two. The driver quotes by the connection's own
    // character set, and numbers come back as numbers either way.
    'options' => [PDO::ATTR_EMULATE_PREPARES => true],
];

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
        ] + $server,
    ],
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => false],
];
