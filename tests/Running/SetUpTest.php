<?php

declare(strict_types=1);

namespace Tests\Running;

use PHPUnit\Framework\TestCase;
use Tests\Support\Run;

/** What setting up does to a folder that was used before. */
final class SetUpTest extends TestCase
{
    public function test_views_that_another_version_compiled_are_compiled_anew(): void
    {
        $views = Run::folder().'/set-up/framework/views';
        mkdir($views, recursive: true);
        $left = static function () use ($views): array {
            exec(
                'env -u VIEW_COMPILED_PATH LARAVEL_STORAGE_PATH='.escapeshellarg(dirname($views, 2))
                    ." bash -c 'set -euo pipefail; . bin/lib/setup.sh; need_views' 2>&1",
                $said,
                $code,
            );
            self::assertSame([0, []], [$code, $said]);

            return array_map(basename(...), glob("{$views}/*") ?: []);
        };

        touch("{$views}/compiled-before-anyone-looked.php");
        self::assertSame([], $left());
        touch("{$views}/by-this-version.php");
        self::assertSame(['by-this-version.php'], $left());
        // A version came that compiles otherwise.
        touch("{$views}/.as-compiled", strtotime('2020-01-01'));
        self::assertSame([], $left());
    }
}
