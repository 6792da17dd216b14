<?php

declare(strict_types=1);

namespace App\Fit;

/**
 * One solve at a time for each crew, so that nobody's boxes keep the machine from all others. A turn is a lock on a
 * file: whoever dies gives it back.
 */
final class Turn
{
    private const LOOKS_AGAIN_MS = 10;

    /** @var array<int, true> crews whose turn this process has: a turn within a turn is the same */
    private static array $held = [];

    /** @param resource|null $file null for a turn within a turn */
    private function __construct(private readonly int $crewId, private $file) {}

    /** Take a crew's turn, waiting a moment for it; null where someone else has it for longer. */
    public static function take(int $crewId, int $patienceMs): ?self
    {
        if (isset(self::$held[$crewId])) {
            return new self($crewId, null);
        }
        $folder = storage_path('framework/fit');
        is_dir($folder) || @mkdir($folder, 0o775, true);
        $file = @fopen("{$folder}/{$crewId}.lock", 'c');
        if ($file === false) {
            // Where nothing can be written, everyone's turn is now: a page that shows is worth more than order.
            return new self($crewId, null);
        }
        for ($waited = 0; ! flock($file, LOCK_EX | LOCK_NB); $waited += self::LOOKS_AGAIN_MS) {
            if ($waited >= $patienceMs) {
                fclose($file);

                return null;
            }
            usleep(self::LOOKS_AGAIN_MS * 1000);
        }

        self::$held[$crewId] = true;

        return new self($crewId, $file);
    }

    /** Give it back; a turn that is forgotten gives itself back. */
    public function end(): void
    {
        if (is_resource($this->file)) {
            fclose($this->file);
            $this->file = null;
            unset(self::$held[$this->crewId]);
        }
    }

    public function __destruct()
    {
        $this->end();
    }
}
