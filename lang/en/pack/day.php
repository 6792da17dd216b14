<?php

declare(strict_types=1);

return [
    'title' => 'Packing day',
    'lead' => 'Who is at which box, what each still wants, and what runs short. This page keeps itself up to date.',
    'counts' => ':packed packed, :open still open, :people at the table',
    'who' => 'Who',
    'who-hint' => 'empty: you',
    'sit' => 'Sit down',
    'leave' => 'Goes on',
    'nobody' => 'Nobody is here yet',
    'box' => 'Box :number',
    'tasks' => '{0} nothing to prepare|{1} one task|[2,*] :count tasks',
    'missing' => '{0} nothing missing|{1} one must-have missing|[2,*] :count must-haves missing',
    'prepare' => 'Prepare',
    'bench' => 'Pack it',
    'short' => 'What runs short',
    'short-one' => ':count more',
    'short-nothing' => 'Nothing: all that the boxes need is there.',
    'none' => 'There is no box on the shelf. Plan one first.',
    'plan' => 'Plan a box',
];
