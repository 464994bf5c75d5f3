<?php

return [
    'default' => 'mariadb',
    'connections' => [
        'mariadb' => [
            'driver' => 'mariadb',
            'host' => env('DB_HOST', '127.0.0.1'),
            'port' => env('DB_PORT', '3306'),
            'database' => env('DB_DATABASE', 'jornel'),
            'username' => env('DB_USERNAME', 'jornel'),
            'password' => env('DB_PASSWORD', ''),
            'charset' => 'utf8mb4',
            'collation' => 'utf8mb4_unicode_ci',
            'prefix' => '',
            'strict' => true,
            'engine' => 'InnoDB',
            // What is read after waiting for a lock is what stands then, though the transaction began before.
            'isolation_level' => 'READ COMMITTED',
            // One way to the server and back for each question instead of two: values are quoted here rather than prepared there.
            'options' => [PDO::ATTR_TIMEOUT => 3, PDO::ATTR_EMULATE_PREPARES => true],
        ],
    ],
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => false],
];
