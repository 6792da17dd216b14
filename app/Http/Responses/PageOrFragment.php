<?php

declare(strict_types=1);

namespace App\Http\Responses;

use Illuminate\Contracts\Support\Responsable;
use Illuminate\Http\Request;
use Illuminate\View\View;
use Symfony\Component\HttpFoundation\Response;

/** The whole page for a browser, one fragment of it for htmx; a history restore wants the whole page too. */
final readonly class PageOrFragment implements Responsable
{
    public function __construct(private View $page, private string $fragment, private int $status = 200) {}

    public static function isPart(Request $request): bool
    {
        return $request->hasHeader('HX-Request') && ! $request->hasHeader('HX-History-Restore-Request');
    }

    /** @param Request $request */
    public function toResponse($request): Response
    {
        return response($this->page->fragmentIf(self::isPart($request), $this->fragment), $this->status)->header('Vary', 'HX-Request');
    }
}
