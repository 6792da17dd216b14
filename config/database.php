<?php

declare(strict_types=1);

return [

    'default' => env('DB_CONNECTION', 'sqlite'),

    'connections' => [

        /*
        |----------------------------------------------------------------------
        | SQLite
        |----------------------------------------------------------------------
        |
        | A write-ahead log lets people read while another writes. Writers
        | take the lock at once and wait for one another up to five
        | seconds, so that two hands on a last piece come in turn.
        |
        */

        'sqlite' => [
            'driver' => 'sqlite',
            'database' => env('DB_DATABASE', database_path('database.sqlite')),
            'prefix' => '',
            'foreign_key_constraints' => true,
            'busy_timeout' => 5000,
            'journal_mode' => 'WAL',
            'synchronous' => 'NORMAL',
        ],

        /*
        |----------------------------------------------------------------------
        | PostgreSQL
        |----------------------------------------------------------------------
        |
        | For whoever outgrows one file. Its database has to sort by code
        | points as SQLite does (`LC_COLLATE 'C'`).
        |
        */

        'pgsql' => [
            'driver' => 'pgsql',
            'host' => env('DB_HOST', '127.0.0.1'),
            'port' => env('DB_PORT', '5432'),
            'database' => env('DB_DATABASE', 'plucky_wren'),
            'username' => env('DB_USERNAME', 'plucky_wren'),
            'password' => env('DB_PASSWORD', ''),
            'charset' => 'utf8',
            'prefix' => '',
            'search_path' => 'public',
            'sslmode' => 'prefer',
        ],

    ],

];
