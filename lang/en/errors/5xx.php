<?php

declare(strict_types=1);

return [
    'something-broke-here' => 'Something broke here',
    'it-is-our-fault-not' => 'It is our fault, not yours. Nothing was saved half-way. Go back and try again.',
];
