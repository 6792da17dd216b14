<?php

declare(strict_types=1);

use Tests\Support\Run;

require __DIR__.'/../vendor/autoload.php';

Run::folder();
