<?php

declare(strict_types=1);

return [

    'title' => 'Size labels',
    'what-for' => 'We read the labels of most makers. What we cannot read, you say once, and all your things with that '
        .'label are understood.',
    'to-kinds' => 'To your kinds',
    'link' => 'Size labels',
    'try' => 'What does a label mean?',
    'label' => 'The label',
    'shoes' => 'shoes or socks',
    'read' => 'Read it',
    'unread' => 'We cannot read “:label”.',
    'fits' => ['tall' => 'It fits a child of … cm', 'foot' => 'It fits a foot of … cm'],
    'teach' => 'Teach it',
    'ours' => 'Labels that you taught',
    'none' => 'None yet. A box asks where it finds a label that it cannot read.',
    'means' => ['tall' => 'fits about :cm cm of height', 'foot' => 'fits a foot of about :cm cm'],
    'forget' => 'Forget it',

    'taught' => '“:label” is known from now on.',
    'forgotten' => '“:label” is no longer known.',
    'wrong-fits' => 'Say it in centimetres, like 116.',
    'out-of-reach' => [
        'tall' => 'A child is from :least to :most cm tall.',
        'foot' => 'A foot is from :least to :most cm long.',
    ],

];
