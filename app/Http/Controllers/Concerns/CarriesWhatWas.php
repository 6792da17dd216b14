<?php

declare(strict_types=1);

namespace App\Http\Controllers\Concerns;

use Illuminate\Http\Request;

/** Forms of one setting carry it along as it was when they were opened. */
trait CarriesWhatWas
{
    private function was(Request $request): ?string
    {
        return $request->has('was') ? $request->string('was')->value() : null;
    }
}
