<?php

declare(strict_types=1);

return [
    'that-way-is-shut' => 'That way is shut',
    'this-address-does-not-take' => 'This address does not take what was sent to it. Go back and try from the page '
        .'itself.',
];
