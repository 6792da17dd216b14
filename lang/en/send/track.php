<?php

declare(strict_types=1);

return [

    'title' => 'What became of it',
    'stages' => [
        'received' => 'received',
        'checked' => 'checked',
        'loaded' => 'loaded',
        'cleared' => 'cleared',
        'given-out' => 'given out',
    ],
    'given-out-in' => 'given out in :country',
    'taken-out' => 'taken out: :things',
    'topped-up' => 'put in: :things',
    'nothing-yet' => 'The drive has not told anything yet.',
    'no-docket' => 'No docket number yet.',
    'asked' => '{0} Nothing is due to be asked yet.|{1} Asked about one docket.|[2,*] Asked about :count dockets.',
    'ask' => 'Ask the drive now',
    'ask-hint' => 'It is asked again :when.',
    'soon' => 'within the minute',
    'trouble' => 'Last time: :why It is asked again :when.',
    'troubles' => [
        'silent' => 'no answer came in time.',
        'refuses' => 'the drive could not answer.',
        'unknown' => 'the drive does not know this number. Is it written right?',
    ],
    'step' => ':stage on :day',
    'is-open' => 'not yet',

];
