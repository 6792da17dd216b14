<?php

declare(strict_types=1);

return [
    'keep-it-anyway' => 'Keep it anyway…',
    'because' => 'because',
    'save' => 'Save',
];
