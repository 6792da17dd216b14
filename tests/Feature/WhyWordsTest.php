<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Words\WhyWords;
use Illuminate\Support\Arr;
use PluckyWren\Core\Money\Chain\NonsenseStep;
use PluckyWren\Core\Stash\NotEnoughLeft;
use RuntimeException;
use SplFileInfo;
use Symfony\Component\Finder\Finder;

/** Whatever the core says is wrong has words, and nothing has words that it never says. */
final class WhyWordsTest extends TestCase
{
    public function test_whatever_the_core_says_is_wrong_has_words_and_no_others_stand_there(): void
    {
        $said = [];
        foreach (Finder::create()->in(base_path('core'))->name('*.php') as $file) {
            $code = $this->code($file);
            preg_match_all("/new Why\\('([\\w.-]+)'/", $code, $plain);
            preg_match_all("/UnreadableAnswer::because\\('([\\w-]+)'\\)/", $code, $answers);
            array_push($said, ...$plain[1], ...array_map(static fn (string $id): string => "track.{$id}", $answers[1]));
        }
        array_push($said, 'receipt.more', 'receipt.nothing');
        $words = array_keys(Arr::dot((array) trans('why')));

        self::assertGreaterThan(40, count($words));
        self::assertEqualsCanonicalizing(array_values(array_unique($said)), $words);
    }

    public function test_a_reason_within_a_reason_goes_on_in_the_same_sentence(): void
    {
        self::assertSame(
            'Step 2: “Buy 0, get 1” cannot be: each from 1 to 1000.', WhyWords::of(NonsenseStep::buyGet(0, 1)->at(2)),
        );
        self::assertSame(
            'The last of “Soap” is set aside for another box already.', WhyWords::of(NotEnoughLeft::of('Soap', 1, 0)),
        );
        self::assertSame('As it says itself.', WhyWords::of(new RuntimeException('As it says itself.')));
    }

    private function code(SplFileInfo $file): string
    {
        return (string) file_get_contents($file->getPathname());
    }
}
