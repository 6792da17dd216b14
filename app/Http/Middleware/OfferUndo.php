<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Actions\UndoDeed;
use App\Http\Responses\PageOrFragment;
use App\Support\Deed;
use Closure;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Whatever a request did and says, its answer offers the way back, where a page does not offer one of its own. */
final readonly class OfferUndo
{
    public function __construct(private UndoDeed $undoDeed) {}

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        $deed = Deed::done();
        if ($deed !== null && $response instanceof RedirectResponse) {
            $session = $request->session();
            // Only what this answer says; what the one before said may still be there.
            $says = (array) $session->get('_flash.new', []);
            in_array('said', $says, true) && ! in_array('undo', $says, true) && $this->undoDeed->isOpen($deed)
                && $session->flash('undo', route('deeds.undo', $deed));
        } elseif ($deed !== null) {
            $says = PageOrFragment::said($response);
            isset($says['said']) && ! isset($says['undo']) && $this->undoDeed->isOpen($deed)
                && PageOrFragment::saying($response, $says + ['undo' => route('deeds.undo', $deed)]);
        }

        return $response;
    }
}
