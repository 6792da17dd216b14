<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Actions\KeepSignIns;
use App\Models\SignIn;
use Closure;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/** A sign-in that was ended elsewhere is signed out here. */
final readonly class EndsWithItsSignIn
{
    /** Under this name the session holds the id of its sign-in. */
    public const KEY = 'sign_in';

    public function __construct(private KeepSignIns $keepSignIns) {}

    /**
     * @param  Closure(Request): Response  $next
     *
     * @throws AuthenticationException
     */
    public function handle(Request $request, Closure $next): Response
    {
        $id = $request->session()->get(self::KEY);
        if (is_string($id) && Auth::check()) {
            $signIn = SignIn::query()->find($id);
            if ($signIn === null) {
                Auth::logout();
                $request->session()->invalidate();
                $request->session()->regenerateToken();

                throw new AuthenticationException;
            }
            $this->keepSignIns->seen($signIn);
        }

        return $next($request);
    }
}
