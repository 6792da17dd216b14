<?php

declare(strict_types=1);

return [

    'title' => 'Dates',
    'what-for' => 'What lies before you this season. Your own calendar can follow it.',
    'calendar' => 'Gift boxes of :crew',
    'late' => '{1} a day late|[2,*] :count days late',
    'now' => 'now',
    'in' => '{0} today|{1} tomorrow|[2,*] in :count days',
    'kinds' => [
        'due' => 'To arrive: :name',
        'hand-in' => 'Boxes are handed in at :name',
        'place-closes' => 'Last day at :name',
        'evening' => 'Packing evening at :name',
        'evening-anywhere' => 'Packing evening',
        'cheap-month' => 'Usually cheap now: :name',
        'thank-you' => 'Time to say thank you to whoever gave',
    ],
    'more' => 'and :count more',
    'hours' => ':from to :to',
    'file' => 'As a file (ICS)',
    'follow' => 'Let your calendar follow it',
    'secret' => 'Whoever has this address sees these dates and nothing else. Give it to your calendar to follow:',
    'none' => 'There is no address yet. It is made for your crew, and can be taken away again.',
    'open' => 'Make an address',
    'renew' => 'Make another address',
    'close' => 'Take the address away',
    'opened' => 'Your calendar has an address.',
    'closed' => 'The address is taken away. Calendars that followed it find nothing there.',

];
