<?php

declare(strict_types=1);

return [
    'that-is-too-large' => 'That is too large',
    'the-file-or-form-is' => 'The file or form is larger than can be sent at once. Nothing was saved.',
];
