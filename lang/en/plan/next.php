<?php

declare(strict_types=1);

return [

    'mend' => 'look at :what in “:theme”; it needs mending.',
    'find' => 'pick :what for “:theme”, it is in the stash.',
    'pack' => '“:theme” is ready: take it to the table.',
    'buy' => '“:theme” still lacks :what.',

];
