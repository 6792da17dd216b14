<?php

declare(strict_types=1);

return [
    'back-to-the-stash' => 'Back to the stash',
    'delete-this-purchase' => 'Delete this purchase…',
    'new-in-the-stash' => 'New in the stash',
    'save-the-changes' => 'Save the changes',
    'put-it-in-the-stash' => 'Put it in the stash',
];
