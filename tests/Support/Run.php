<?php

declare(strict_types=1);

namespace Tests\Support;

/** One run of the tests: a folder of its own for all that it leaves behind, gone when it ends. */
final class Run
{
    private static ?string $folder = null;

    /**
     * Get the folder of this run; it is made at the first call, and what is started from then on keeps its files there.
     */
    public static function folder(): string
    {
        return self::$folder ??= self::make();
    }

    /**
     * Get the folder for what every process of this run may share: where bin/test has made one, that, so that the
     * processes side by side make it once.
     */
    public static function shared(): string
    {
        $shared = getenv('WREN_SHARED');

        return is_string($shared) && is_dir($shared) ? $shared : self::folder();
    }

    private static function make(): string
    {
        // Runs that one run starts lie beside it, not within: the path to a browser's socket must stay short.
        $beside = getenv('WREN_RUNS');
        $beside = is_string($beside) && $beside !== '' ? $beside : sys_get_temp_dir();
        $folder = $beside.'/wren-run-'.bin2hex(random_bytes(6));
        foreach (['', '/tmp', '/views', '/storage'] as $part) {
            mkdir($folder.$part, 0o775);
        }
        foreach (
            [
                'WREN_RUNS' => $beside,
                'TMPDIR' => "{$folder}/tmp",
                'LARAVEL_STORAGE_PATH' => "{$folder}/storage",
                'VIEW_COMPILED_PATH' => "{$folder}/views",
            ] as $name => $value
        ) {
            putenv("{$name}={$value}");
            $_ENV[$name] = $_SERVER[$name] = $value;
        }
        $owner = getmypid();
        // A process that was forked off ends earlier and must not take the folder along.
        register_shutdown_function(static function () use ($folder, $owner): void {
            getmypid() !== $owner || exec('rm -rf '.escapeshellarg($folder));
        });

        return $folder;
    }
}
