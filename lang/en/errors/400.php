<?php

declare(strict_types=1);

return [
    'that-could-not-be-read' => 'That could not be read',
    'what-was-sent-holds-signs' => 'What was sent holds signs that are no text. Go back, type it anew and send it once '
        .'more.',
];
