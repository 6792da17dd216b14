<?php

declare(strict_types=1);

return [
    'pack' => 'Pack',
    'boxes-that-are-ready-take' => 'Boxes that are ready: take one to the table, and put its pieces in as numbered.',
    'tonights-tasks-over-all-boxes' => 'Tonight’s tasks over all boxes',
    'box-number-value-band-packing' => 'Box :number · :value, :band · :packing',
    'all-in-the-closing-check' => 'All in: the closing check',
    'print-the-check-sheet' => 'Print the check sheet',
    'open-the-box' => 'Open the box',
    'how-it-goes-in-was' => 'How it goes in was not checked yet.',
    'to-try' => 'to try.',
    'no-box-is-ready-to' => 'No box is ready to pack',
    'when-everything-for-a-box' => 'When everything for a box lies on the table, open the box on the shelf and move it '
        .'to “Ready to pack”. It shows up here with the order in which its pieces go in.',
    'to-the-shelf' => 'To the shelf',
];
