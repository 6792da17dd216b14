<?php

declare(strict_types=1);

use PluckyWren\Core\Guide\Held;
use PluckyWren\Core\Guide\Rules\RuleBook;
use PluckyWren\Core\Recipient\Gender;
use PluckyWren\Core\Recipient\Recipient;
use Tests\Core\Data;
use Tests\Core\Guide\Boxes;

/*
 * How long all rules take on a box of 45 pieces, and how that grows with ten times as many: a ratio of about ten is
 * linear. Method: warm, one process, the median of many rounds over all bands of the guide, 45 and 450 in turn. `php
 * bench/rules.php [rounds]`.
 */

require __DIR__.'/../vendor/autoload.php';

const MOST_MS = 5.0;
const MOST_TIMES = 15.0;

$rounds = max(20, (int) ($argv[1] ?? 200));
$kinds = array_values(Data::catalogue()->all());
$held = static fn (int $pieces): array => array_map(
    static fn (int $index): Held => Boxes::held(
        $kinds[$index % count($kinds)]->id,
        1 + $index % 3,
        label: '7-8',
        id: "p{$index}",
    ),
    range(0, $pieces - 1),
);
$guide = Data::guide();
$rules = RuleBook::ofAllRules();
$boxes = [45 => $held(45), 450 => $held(450)];
$times = [];
for ($round = -20; $round < $rounds; $round++) {
    foreach ($boxes as $pieces => $contents) {
        $recipient = new Recipient($guide->audience->bands[abs($round) % count($guide->audience->bands)], Gender::Girl);
        $started = hrtime(true);
        $found = count($rules->findings($guide, $recipient, $contents));
        if ($round >= 0) {
            $times[$pieces][] = (hrtime(true) - $started) / 1e6;
        }
        $found > 0 || throw new RuntimeException('The rules found nothing, so nothing was measured.');
    }
}
$median = static function (array $of): float {
    sort($of);

    return $of[intdiv(count($of), 2)];
};
[$few, $many] = [$median($times[45]), $median($times[450])];
printf(
    "45 pieces: %.2f ms (at most %.1f)\n450 pieces: %.2f ms, %.1f times as long (at most %.1f)\n",
    $few,
    MOST_MS,
    $many,
    $many / $few,
    MOST_TIMES,
);

exit($few <= MOST_MS && $many / $few <= MOST_TIMES ? 0 : 1);
