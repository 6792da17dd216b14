<?php

declare(strict_types=1);

return [
    'start-a-crew' => 'Start a crew',
    'a-crew-shares-one-stash' => 'A crew shares one stash and one shelf. Nobody else sees them.',
    'name-of-the-crew' => 'Name of the crew',
    'a-family-a-club-or' => 'A family, a club, or just you.',
    'your-name' => 'Your name',
    'e-mail' => 'E-mail',
    'currency' => 'Currency',
    'for-every-price-of-yours' => 'For every price of yours. It can be changed until the first box or purchase.',
    'number-format' => 'Number format',
    'it-can-be-changed-later' => 'It can be changed later, in the settings.',
    'password' => 'Password',
    'at-least-10-characters' => 'At least 10 characters.',
    'start-packing' => 'Start packing',
    'i-have-an-account' => 'I have an account',
];
