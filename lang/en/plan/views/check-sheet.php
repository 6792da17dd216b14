<?php

declare(strict_types=1);

return [
    'print-this-sheet' => 'Print this sheet',
    'back-to-the-box' => 'Back to the box',
    'one-page-of-a4-or' => 'One page of A4 or Letter, black ink.',
    'box-number-value-band-name' => 'Box :number · :value, :band · :name :measures',
    'drive-guide-of-dated' => ':drive, guide of :dated',
    'value-kept-because-because' => ':value, kept because: :because',
    'missing' => 'Missing:',
    'finding-kept-because-because' => ':finding Kept because: :because',
    'pieces' => 'Pieces',
    'shipping-gift' => 'Shipping gift',
    'together-code' => 'Together (:code)',
    'cautions-are-no-certificate-follow' => 'Cautions are no certificate: follow your drive\'s guide and the law where '
        .'you are.',
    'check-sheet-theme' => 'Check sheet, :theme',
    'size-label' => 'size :label',
    'to-buy' => 'to buy',
    'free' => 'free',
];
