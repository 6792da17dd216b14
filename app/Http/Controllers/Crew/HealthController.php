<?php

declare(strict_types=1);

namespace App\Http\Controllers\Crew;

use App\Database\Backups;
use App\Database\Health;
use Illuminate\Contracts\Container\BindingResolutionException;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\App;

/** For whoever watches over a server: whether the table can be read and written, is up to date, and was backed up. */
final class HealthController
{
    /** A backup is made every night; after so many hours one was missed. */
    private const BACKUP_WITHIN_HOURS = 26;

    /** @throws BindingResolutionException Never, as the framework brings its migrator along. */
    public function __invoke(): JsonResponse
    {
        $checks = (new Health(App::make('migrator')))->checks();
        $isOk = ! in_array(false, $checks, true);
        $newest = (new Backups('', config()->string('wren.backups')))->all()[0] ?? null;
        $made = $newest === null ? false : filemtime($newest);
        $limit = time() - 3600 * self::BACKUP_WITHIN_HOURS;
        $backup = $made >= $limit ? 'fresh' : 'old';

        // A missed backup is told, and does not take the server out of service.
        return response()->json(
            ['ok' => $isOk, 'checks' => $checks, 'backup' => $made === false ? 'none' : $backup],
            $isOk ? 200 : 503,
            ['Cache-Control' => 'no-store'],
        );
    }
}
