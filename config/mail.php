<?php

declare(strict_types=1);

return [

    // Without a mail server, mails are put into a folder, which the demo shows at /mailbox.
    'default' => env('MAIL_MAILER', 'mailbox'),

    'mailers' => [
        'mailbox' => ['transport' => 'mailbox', 'folder' => storage_path('mailbox')],
        'smtp' => [
            'transport' => 'smtp',
            'host' => env('MAIL_HOST', '127.0.0.1'),
            'port' => env('MAIL_PORT', 25),
            'username' => env('MAIL_USERNAME'),
            'password' => env('MAIL_PASSWORD'),
            'timeout' => 10,
        ],
    ],

    'from' => [
        'address' => env('MAIL_FROM_ADDRESS', 'wren@plucky-wren.test'),
        'name' => env('MAIL_FROM_NAME', 'Plucky Wren'),
    ],

];
