<?php

declare(strict_types=1);

return [
    'pieces' => 'Pieces',
    'what-is-wrong' => 'What is wrong',
    'what-becomes-of-it' => 'What becomes of it',
    'money-back' => 'Money back',
    'none' => 'none',
    'save' => 'Save',
    'decide-what-becomes-of-it' => 'Decide what becomes of it',
    'it-has-arrived-but-something' => 'It has arrived, but something is wrong…',
    'something-is-wrong-with-it' => 'Something is wrong with it…',
];
