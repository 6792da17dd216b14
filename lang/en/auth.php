<?php

declare(strict_types=1);

return [
    'time-zone-kept' => 'Today is :day here.',

    'errors' => [
        'required' => 'Please fill this in.',
        'locale' => 'Choose one from the list.',
        'currency' => 'Choose a currency from the list.',
        'email' => 'That is not an e-mail address.',
        'email-taken' => 'Someone has registered with this address already. Is it you? Then sign in.',
        'password-min' => 'A password has at least 10 characters.',
        'no-match' => 'Address and password do not go together.',
    ],

];
