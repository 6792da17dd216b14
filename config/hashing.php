<?php

declare(strict_types=1);

return [

    /*
    |--------------------------------------------------------------------------
    | Passwords
    |--------------------------------------------------------------------------
    |
    | Argon2id takes a password whole, however long it is; bcrypt, where a
    | machine has nothing else, refuses one that it would cut short. Old
    | passwords are hashed anew when their owners sign in next time.
    |
    */

    'driver' => in_array('argon2id', password_algos(), true) ? 'argon2id' : 'bcrypt',

    'bcrypt' => ['rounds' => (int) env('BCRYPT_ROUNDS', 12), 'limit' => 72],

    'argon' => [
        'memory' => (int) env('ARGON_MEMORY', 19456),
        'threads' => 1,
        'time' => (int) env('ARGON_TIME', 2),
        'verify' => false,
    ],

    'rehash_on_login' => true,

];
