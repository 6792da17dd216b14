<?php

declare(strict_types=1);

return [
    'row' => 'Someone changed this at the same moment. Nothing of yours was saved yet: look at it as it is now, and '
        .'save again.',
    'value' => 'Someone changed this meanwhile: it is :now now. Yours was not saved.',
    'fields' => 'Someone else changed :fields after you opened this form. Nothing is saved yet.',
    'field' => ':field (now: :now)',
    'keep-mine' => 'Save mine',
    'take-theirs' => 'Keep theirs, save the rest',
    'now' => 'now',
    'yours' => 'You typed yours below; “Save mine” puts yours in its place.',
];
