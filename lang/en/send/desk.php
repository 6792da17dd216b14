<?php

declare(strict_types=1);

return [

    'title' => 'Send',
    'tab' => 'The desk',
    'window' => 'The drive takes boxes from :from to :to.',
    'place' => ':place takes boxes until :day',
    'days' => '{0} today is the last day|{1} :count day from now|[2,*] :count days from now',
    'earlier' => 'Not every place takes them to the end: whoever goes to :place has to be there by :day.',
    'ready' => 'Ready to go',
    'no-box' => 'No packed box waits here. A box comes here once its lid is on.',
    'all-ready' => '{1} The one packed box lacks nothing.|[2,*] All :count packed boxes lack nothing.',
    'deeds' => [
        'note' => '{1} One note to write|[2,*] :count notes to write',
        'label' => '{1} One label to stick on|[2,*] :count labels to stick on',
        'gift' => '{1} One gift to pay|[2,*] :count gifts to pay',
    ],
    'lacks' => [
        'note' => 'No note in it',
        'label' => 'No label on it',
        'gift' => ':sum :currency to pay',
    ],
    'has' => [
        'note' => 'Note in it',
        'label' => 'Label on it',
        'gift' => 'Gift settled',
    ],
    'print' => 'Print labels',
    'pay' => 'Settle gifts',
    'hand-in' => 'It is handed in',
    'hand-in-anyway' => 'Handed in as it is',
    'for' => ':code · :who, :band',
    'find' => 'Find a box by its code',
    'code' => 'Code on the label',
    'look' => 'Go to the box',
    'no-such' => 'No box of yours bears :code.',
    'log' => 'The log of all seasons',
    'handed-in' => 'Handed in',
    'none-yet' => 'None yet this season.',

];
