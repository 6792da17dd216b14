<?php

declare(strict_types=1);

return [
    'everything-the-guide-asks-for' => 'Everything the guide asks for is in the box or on its list.',
    'put-all-count-on-the' => 'Put all :count on the list to buy',
    'how-many-name' => 'How many: :name',
    'list' => 'List',
];
