<?php

declare(strict_types=1);

return [

    'default' => 'sqlite',

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

    ],

];
