<?php

declare(strict_types=1);

namespace App\Http\Responses;

use App\Models\Box;
use App\Models\Piece;
use App\Refusals\AlreadyDone;
use App\Refusals\CannotChangeBox;
use App\Refusals\ChangedMeanwhile;
use ErrorException;
use Illuminate\Database\QueryException;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use PDOException;
use Symfony\Component\HttpFoundation\Response as AnyResponse;
use Throwable;

/**
 * What is answered where a deed was done already, was overtaken, or the table cannot be written to: never a bare error.
 */
final class Trouble
{
    private const BUSY = ['database is locked', 'database table is locked', 'due to lock timeout'];

    private const FULL = [
        'database or disk is full',
        'attempt to write a readonly database',
        'disk I/O error',
        'unable to open database file',
        'No space left on device',
        'in a read-only transaction',
        'Read-only file system',
        'Disk quota exceeded',
        'Permission denied',
    ];

    public static function register(Exceptions $exceptions): void
    {
        $exceptions->dontReport([AlreadyDone::class, CannotChangeBox::class, ChangedMeanwhile::class]);
        $exceptions->render(
            static fn (AlreadyDone $why, Request $request): AnyResponse => self::alreadyDone($why, $request),
        );
        $exceptions->render(
            static fn (ChangedMeanwhile $why, Request $request): AnyResponse => self::overtaken($why, $request),
        );
        $exceptions->render(
            static fn (CannotChangeBox $why, Request $request): AnyResponse => self::refused($why, $request),
        );
        $exceptions->render(
            static fn (Throwable $why, Request $request): ?AnyResponse => self::unwritable($why, $request)
                ?? self::listForText($why),
        );
    }

    private static function alreadyDone(AlreadyDone $why, Request $request): AnyResponse
    {
        $box = self::box($request);

        return match (true) {
            $request->expectsJson() => new JsonResponse(['kept' => $why->getMessage(), 'new' => false]),
            $box !== null
                && PageOrFragment::isPart($request) => SheetResponse::changed(
                    $box,
                    $why->getMessage(),
                )->toResponse($request),
            default => ($why->address === null ? back(303) : redirect()->to($why->address, 303))->with(
                'said',
                $why->said === null || $why->said === '' ? $why->getMessage() : $why->said,
            ),
        };
    }

    private static function overtaken(ChangedMeanwhile $why, Request $request): AnyResponse
    {
        return PageOrFragment::isPart($request)
            ? PageOrFragment::saying(new Response('', 409), ['wrong' => $why->getMessage()])
            : back(303)
                ->withInput($request->except(['_token', 'once']))
                ->withErrors(['meanwhile' => $why->getMessage()]);
    }

    /** What is asked is not done to a box as it stands. */
    private static function refused(CannotChangeBox $why, Request $request): AnyResponse
    {
        return PageOrFragment::isPart($request)
            ? PageOrFragment::saying(new Response('', 409), ['wrong' => $why->getMessage()])
            : back(303)->withErrors(['box' => $why->getMessage()]);
    }

    /**
     * The database is locked for longer than anyone waits, or the disk is full or cannot be written to; null where it
     * is something else.
     */
    private static function unwritable(Throwable $why, Request $request): ?AnyResponse
    {
        $status = self::statusOf($why);
        if ($status === null) {
            return null;
        }
        $reason = $status === 503 ? 'busy' : 'full';
        $words = trans("answer.{$reason}");
        $headers = ['Retry-After' => '5', 'Cache-Control' => 'no-store'];

        return match (true) {
            PageOrFragment::isPart($request) => new Response('', $status, $headers),
            $request->expectsJson() => new JsonResponse(['message' => $words], $status, $headers),
            default => new Response(
                view('errors.trouble', [
                    'reason' => $reason,
                    'again' => self::typed($request),
                    'method' => $request->method(),
                    'address' => $request->fullUrl(),
                ])->render(),
                $status,
                $headers,
            ),
        };
    }

    /** A list where one text is asked for is a fault of whoever sends it; null where it is something else. */
    private static function listForText(Throwable $why): ?AnyResponse
    {
        return $why instanceof ErrorException && $why->getMessage() === 'Array to string conversion'
            ? new Response(view('errors.422')->render(), 422)
            : null;
    }

    private static function statusOf(Throwable $why): ?int
    {
        if (! $why instanceof QueryException && ! $why instanceof PDOException && ! $why instanceof ErrorException) {
            return null;
        }
        $says = static fn (array $signs): bool => array_filter(
            $signs,
            static fn (string $sign): bool => str_contains($why->getMessage(), $sign),
        ) !== [];

        return $says(self::BUSY) ? 503 : ($says(self::FULL) ? 507 : null);
    }

    /**
     * @return array<string, string> what was typed, by the field's name, so that it can be sent again; never a password
     */
    private static function typed(Request $request): array
    {
        if ($request->isMethod('GET')) {
            return [];
        }
        $fields = explode(
            '&',
            http_build_query($request->except(['_token', '_method', 'password', 'password_confirmation'])),
        );
        $typed = [];
        foreach (array_filter($fields) as $field) {
            [$name, $value] = [...explode('=', $field, 2), ''];
            $typed[urldecode($name)] = urldecode($value);
        }

        return $typed;
    }

    private static function box(Request $request): ?Box
    {
        $box = $request->route('box');
        $piece = $request->route('piece');

        return match (true) {
            $box instanceof Box => $box,
            $piece instanceof Piece => $piece->box,
            default => null,
        };
    }
}
