<?php

declare(strict_types=1);

return [

    'budget-kept' => 'The season’s budget is kept.',
    'without-price' => '{0} |{1} One lot has no known price and is not in these sums.|[2,*] :count lots have no known price and are not in these sums.',

];
