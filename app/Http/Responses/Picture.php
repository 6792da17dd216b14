<?php

declare(strict_types=1);

namespace App\Http\Responses;

use Illuminate\Http\Response;

/** A photo of the crew's own, for its members alone: no cache on the way keeps it. */
final class Picture
{
    public static function of(string $jpeg): Response
    {
        return new Response($jpeg, 200, ['Content-Type' => 'image/jpeg', 'Cache-Control' => 'private, no-cache']);
    }
}
