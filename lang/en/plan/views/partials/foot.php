<?php

declare(strict_types=1);

return [
    'where-this-box-stands' => 'Where this box stands',
    'this-box-as-a-file' => 'This box as a file',
    'delete-this-box' => 'Delete this box…',
    'its-pieces-go-back-to' => 'Its pieces go back to the stash. It can be brought back from the shelf.',
    'delete-theme' => 'Delete “:theme”',
];
