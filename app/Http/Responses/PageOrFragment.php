<?php

declare(strict_types=1);

namespace App\Http\Responses;

use App\Http\Middleware\Unasked;
use Illuminate\Contracts\Support\Responsable;
use Illuminate\Http\Request;
use Illuminate\View\View;
use Symfony\Component\HttpFoundation\Response;

/** The whole page for a browser, one fragment of it for htmx; a history restore wants the whole page too. */
final readonly class PageOrFragment implements Responsable
{
    /** The header in which a part of a page carries what is to be said beside it. */
    private const SAYS = 'Wren-Said';

    public function __construct(
        private View $page,
        private string $fragment,
        private int $status = 200,
        private ?string $made = null,
    ) {}

    public static function isPart(Request $request): bool
    {
        return $request->hasHeader('HX-Request') && ! $request->hasHeader('HX-History-Restore-Request');
    }

    /** Get the same with its page made now, for whoever has to make it within something that ends. */
    public function rendered(): self
    {
        $isPart = self::isPart(request());
        $made = $this->page->fragmentIf($isPart, $this->fragment);

        return new self($this->page, $this->fragment, $this->status, $made);
    }

    /** @param Request $request */
    public function toResponse($request): Response
    {
        $isPart = self::isPart($request);
        $response = response(
            $this->made ?? $this->page->fragmentIf($isPart, $this->fragment),
            $this->status,
        )->header('Vary', 'HX-Request, HX-Target');
        $mayTell = $isPart && $request->hasSession() && ! Unasked::is($request);
        $said = $mayTell ? $request->session()->get('said', '') : '';

        return is_string($said) && $said !== '' ? self::saying($response, ['said' => $said]) : $response;
    }

    /**
     * Let a part of a page carry what is to be said beside it; scripts show it where everything is said.
     *
     * @param  array<string, string>  $says  `said` or `wrong`, and the address of an `undo`
     */
    public static function saying(Response $response, array $says): Response
    {
        $response->headers->set(self::SAYS, rawurlencode(json_encode($says, JSON_THROW_ON_ERROR)));

        return $response;
    }

    /** @return array<string, string> what a part of a page carries so; nothing where it carries none */
    public static function said(Response $response): array
    {
        /** @var array<string, string>|null $says */
        $says = json_decode(rawurldecode((string) $response->headers->get(self::SAYS)), true);

        return $says ?? [];
    }
}
