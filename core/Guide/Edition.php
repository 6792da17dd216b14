<?php

declare(strict_types=1);

namespace PluckyWren\Core\Guide;

/** Which guide it is: of which drive, for which season, as it was published when and where. */
final readonly class Edition
{
    /**
     * @param  string  $dated  the day on which it was published, as YYYY-MM-DD
     * @param  bool  $isLost  whether the real one is gone, so that nothing is checked
     */
    public function __construct(
        public string $id,
        public string $drive,
        public string $season,
        public string $source,
        public string $dated,
        public bool $isLost = false,
    ) {}
}
