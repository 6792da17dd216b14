<?php

declare(strict_types=1);

return [
    'too-many' => 'That is :lines lines; at most :most go in at once. Put the first :most in, then the rest.',

    'kind' => 'Which kind is this line?',
    'kind-unknown' => 'We know no kind called “:name”. Describe it under “Our kinds of things” first.',
    'kind-likely' => 'We know no kind called “:name”. Do you mean: :kinds?',
    'kept' => '{1} One purchase for :sum is in the stash.|[2,*] :count purchases for :sum are in the stash.',
    'agrees' => 'The lines add up to the receipt.',
    'more' => 'The receipt says :difference more than the lines.',
    'less' => 'The receipt says :difference less than the lines.',

];
