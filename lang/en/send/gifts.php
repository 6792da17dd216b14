<?php

declare(strict_types=1);

return [

    'title' => 'Shipping gifts',
    'none-open' => 'None is open.',
    'sums' => ':paid paid, :waived waived, :open :currency still to pay.',
    'settle' => 'Settle some',
    'for' => 'For these boxes',
    'what' => 'What became of them',
    'on' => 'On which day',
    'how' => 'How',
    'how-hint' => 'by bank transfer, say',
    'reference' => 'Reference',
    'reference-hint' => 'What the drive finds it by; it is printed on the label',
    'save' => 'Write it down',
    'saved' => '{1} The shipping gift of one box is settled: :sum.'
        .'|[2,*] The shipping gifts of :count boxes are settled: :sum.',
    'dropped' => 'That payment is taken out. The form holds it, to be put right or written down again.',
    'drop' => 'Take it out',
    'settled-meanwhile' => 'Settled already: :names. Untick what is settled, and look at the list.',
    'payments' => 'What was settled',
    'line' => ':day, :sum :state:how:reference, written down by :by',
    'by-way-of' => ', :how',
    'under' => ', reference :reference',
    'box' => ':number, :theme',

    'states' => [
        'paid' => 'paid',
        'waived' => 'waived by the drive',
    ],
    'on-ledger' => [
        'paid' => 'paid on :day:how:reference',
        'waived' => 'waived by the drive on :day',
        'open' => 'not paid yet',
    ],
    'wrong' => [
        'boxes' => 'Tick at least one box whose gift is open.',
        'state' => 'Say whether they are paid or waived.',
        'on' => 'Give a day that is not after today.',
        'text' => 'Keep it under 80 letters.',
    ],

];
