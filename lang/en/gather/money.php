<?php

declare(strict_types=1);

return [

    'whereabouts' => 'Of :paid paid for things, :boxes are in boxes, :left are left in the stash, and :gone are gone.',
    'no-budget' => 'none',
    'more-gifts' => '{1} One more gift; the stash has it under “given by someone”.|[2,*] :count more gifts; the '
        .'stash has them under “given by someone”.',
    'budget-kept' => 'The season’s budget is saved.',
    'without-price' => '{0} |{1} One purchase has no known price and is not in these sums.|[2,*] :count purchases '
        .'have no known price and are not in these sums.',

];
