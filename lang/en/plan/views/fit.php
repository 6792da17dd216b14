<?php

declare(strict_types=1);

return [
    'how-theme-goes-in' => 'How “:theme” goes in',
    'room-says-packed-order' => ':room. :says Packed :order.',
    'back-to-the-box' => 'Back to the box',
    'this-drawing-as-svg' => 'This drawing as SVG',
    'nothing-to-fit-in-yet' => 'Nothing to fit in yet',
    'pick-a-piece-and-see' => 'Pick a piece, and see here where it goes.',
    'pick-a-piece' => 'Pick a piece',
    'the-open-box' => 'The open box',
    'a-step-back' => 'A step back',
    'step' => 'Step',
    'a-step-on' => 'A step on',
    'show' => 'Show',
    'turn-it-left' => 'Turn it left',
    'turn-it-right' => 'Turn it right',
    'seen-value-the-arrow-keys' => 'seen :value; the arrow keys go through the steps',
    'from-the-front-with-the' => 'From the front, with the lid line',
    'inside-holder' => 'Inside “:holder”',
    'in-this-order' => 'In this order',
    'stays-out' => 'Stays out',
    'layer-by-layer' => 'Layer by layer',
];
