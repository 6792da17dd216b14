<?php

declare(strict_types=1);

namespace App\Words;

use Illuminate\Support\Facades\Lang;
use PluckyWren\Core\Guide\Finding;
use PluckyWren\Core\Guide\SaysFindings;
use PluckyWren\Core\Guide\Sizes\BandFit;
use PluckyWren\Core\Guide\Sizes\SizeLabel;
use PluckyWren\Core\Measure\Length;
use PluckyWren\Core\Measure\Size;

/**
 * What the rules found, in the sentences of `lang/en/guides/rules.php`.
 *
 * @phpstan-import-type Fact from Finding
 */
final readonly class FindingWords implements SaysFindings
{
    public function about(Finding $finding): string
    {
        $about = $this->sentence($finding, 'about');

        return $about === '' ? (string) $this->facts($finding)['name'] : $about;
    }

    public function why(Finding $finding): string
    {
        return $this->sentence($finding, 'why');
    }

    public function remedy(Finding $finding): string
    {
        return $this->sentence($finding, 'remedy');
    }

    public function figures(Finding $finding): string
    {
        return $this->sentence($finding, 'figures');
    }

    /** The reason that one press gives, where a thing is often done on purpose; empty where it is not. */
    public function meantByOnePress(Finding $finding): string
    {
        return match (true) {
            str_starts_with($finding->id, 'twice.') => Words::of('plan/flags.meant'),
            in_array($finding->id, ['size.outfit-disagrees', 'size.shoes-disagree'], true) => Words::of(
                'plan/flags.meant-sizes',
            ),
            default => '',
        };
    }

    /** Empty where there is none. */
    private function sentence(Finding $finding, string $part): string
    {
        $key = "guides/rules.{$finding->says}.{$part}";
        if (! Lang::has($key)) {
            return '';
        }
        $facts = $this->facts($finding);

        return $part === 'figures' && isset($facts['count'])
            ? trans_choice($key, (int) $facts['count'], $facts)
            : Words::of($key, $facts);
    }

    /** @return array<string, string|int> */
    private function facts(Finding $finding): array
    {
        return ['defers' => Words::of('guides/rules.defers'), ...array_map($this->inWords(...), $finding->facts)];
    }

    /** @param Fact $fact */
    private function inWords(string|int|Length|Size|SizeLabel|BandFit $fact): string|int
    {
        return match (true) {
            $fact instanceof Length => LengthWords::of($fact->tenths),
            $fact instanceof Size => LengthWords::size($fact),
            $fact instanceof SizeLabel => SizeWords::means($fact),
            $fact instanceof BandFit => SizeWords::fits($fact),
            default => $fact,
        };
    }
}
