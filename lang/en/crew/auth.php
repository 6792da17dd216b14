<?php

declare(strict_types=1);

return [
    'registered' => 'Now sign in with your e-mail and password. If this address had a crew before, it is still that '
        .'one.',

    'errors' => [
        'required' => 'Please fill this in.',
        'locale' => 'Choose one from the list.',
        'currency' => 'Choose a currency from the list.',
        'email' => 'That is not an e-mail address.',
        'password-min' => 'A password has at least 10 characters.',
        'password-common' => 'That is one of the commonest passwords, which is tried first by whoever wants in. '
            .'Three words that nobody else puts together are better.',
        'no-match' => 'Wrong e-mail or password.',
    ],

];
