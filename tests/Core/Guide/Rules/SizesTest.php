<?php

declare(strict_types=1);

namespace Tests\Core\Guide\Rules;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Guide\Rules\Wear\ClothesFitTheBand;
use PluckyWren\Core\Guide\Rules\Wear\LabelAgreesWithMeasure;
use PluckyWren\Core\Guide\Rules\Wear\OutfitAgrees;
use PluckyWren\Core\Guide\Sizes\BandAim;
use PluckyWren\Core\Guide\Sizes\BandFit;
use PluckyWren\Core\Guide\Sizes\SizeLabel;
use PluckyWren\Core\Recipient\AgeBand;
use Tests\Core\Guide\Boxes;

final class SizesTest extends TestCase
{
    /** @param array{int, int}|null $mm */
    #[DataProvider('labels')]
    public function test_a_label_is_read_in_any_of_the_common_systems(string $label, bool $isShoe, ?array $mm): void
    {
        $read = SizeLabel::read($label, $isShoe);

        self::assertSame($mm, $read === null ? null : [$read->from, $read->to]);
    }

    /** @return iterable<string, array{string, bool, array{int, int}|null}> */
    public static function labels(): iterable
    {
        yield 'a European height' => ['128', false, [1220, 1280]];
        yield 'two European heights' => ['98/104', false, [950, 1040]];
        yield 'a height with its unit' => ['116 cm', false, [1100, 1160]];
        // A child of 7 is 124 cm, one of 8 is 129.5.
        yield 'an age' => ['7-8 years', false, [1215, 1295]];
        yield 'an age with a dash' => ['7–8', false, [1215, 1295]];
        yield 'one age' => ['Age 7', false, [1215, 1295]];
        yield 'a number is no age' => ['7', false, [1200, 1270]];
        yield 'a toddler size' => ['3T', false, [900, 970]];
        yield 'a letter' => ['m', false, [1260, 1370]];
        yield 'a small adult' => ['Adult S', false, [1600, 1700]];
        // 30 is twenty centimetres of last, less 15 mm.
        yield 'a European shoe' => ['EU 30', true, [185, 185]];
        // Size 10: 4 + 10/3 inches are 186.3 mm, less 15.
        yield 'a British child’s shoe' => ['UK 10', true, [171, 171]];
        yield 'an American one is a size more' => ['US 11', true, [171, 171]];
        // Socks: 31 is 206.7 mm of last, 34 is 226.7.
        yield 'socks' => ['31–34', true, [192, 212]];
        yield 'a foot' => ['190 mm', true, [190, 190]];
        yield 'nothing' => ['', false, null];
        yield 'a word' => ['one size', false, null];
        yield 'a height beyond children' => ['250', false, null];
        yield 'a shoe in a shirt' => ['EU 30', false, null];
    }

    #[DataProvider('aims')]
    public function test_a_size_aims_at_the_top_of_the_band(
        string $label,
        string $band,
        bool $isElastic,
        BandAim $aim,
    ): void {
        $read = SizeLabel::read($label, false);
        self::assertNotNull($read);

        self::assertSame($aim, BandFit::of($read, AgeBand::parse($band), $isElastic)->aim);
    }

    /** @return iterable<string, array{string, string, bool, BandAim}> */
    public static function aims(): iterable
    {
        // A child of 7 is 124 cm: 7-8 fits it and the growing; 122 is near enough, 116 only for the smaller ones.
        yield 'the top of the band' => ['7-8', '4-7', false, BandAim::AimsRight];
        yield 'one below' => ['122', '4-7', false, BandAim::AimsRight];
        yield 'the middle' => ['116', '4-7', false, BandAim::Covers];
        yield 'the bottom' => ['104', '4-7', false, BandAim::TooSmall];
        yield 'the band above' => ['10', '4-7', false, BandAim::TooLarge];
        yield 'a year past the band' => ['8', '4-7', false, BandAim::AimsRight];
        yield 'the oldest' => ['152', '8-12', false, BandAim::AimsRight];
        yield 'a small adult for the oldest' => ['adult small', '8-12', false, BandAim::TooLarge];
        yield 'toddlers' => ['3T', '2-3', false, BandAim::AimsRight];
    }

    public function test_elastic_lets_a_smaller_child_wear_it(): void
    {
        $label = SizeLabel::read('128', false);
        self::assertNotNull($label);

        // 122 cm less 12 is 110, a child of five; less 20 is 102, a child of four.
        self::assertSame(
            [5, 4],
            [
                BandFit::of($label, AgeBand::parse('4-7'), false)->fromYears,
                BandFit::of($label, AgeBand::parse('4-7'), true)->fromYears,
            ],
        );
    }

    public function test_clothes_are_judged_by_their_label(): void
    {
        self::assertSame([], Boxes::ids(new ClothesFitTheBand, '4-7', Boxes::held('t-shirt', label: '7-8')));
        self::assertSame(
            ['size.too-small'],
            Boxes::ids(new ClothesFitTheBand, '4-7', Boxes::held('t-shirt', label: '2-3')),
        );
        self::assertSame(['size.unread'], Boxes::ids(new ClothesFitTheBand, '4-7', Boxes::held('t-shirt')));
        self::assertSame([], Boxes::ids(new ClothesFitTheBand, '4-7', Boxes::held('washcloth')));
        // 110 cm less 12 to grow into is 98: half of all children of three have that, and of six 116 less 3.
        $finding = (new ClothesFitTheBand)->findings(Boxes::of('4-7', Boxes::held('t-shirt', label: '116')))[0];
        self::assertEquals(SizeLabel::read('116', false), $finding->facts['label']);
        self::assertEquals(
            BandFit::of(SizeLabel::read('116', false) ?? self::fail(), AgeBand::parse('4-7'), false),
            $finding->facts['fit'],
        );
    }

    public function test_top_and_bottom_are_for_one_child(): void
    {
        self::assertSame(
            ['size.outfit-disagrees'],
            Boxes::ids(
                new OutfitAgrees,
                '4-7',
                Boxes::held('t-shirt', label: '122'),
                Boxes::held('trousers', label: '104'),
            ),
        );
        self::assertSame(
            [],
            Boxes::ids(
                new OutfitAgrees,
                '4-7',
                Boxes::held('t-shirt', label: '122'),
                Boxes::held('trousers', label: '116'),
                Boxes::held('canvas-shoes', label: 'EU 30'),
            ),
        );
    }

    public function test_shoes_and_clothes_are_for_one_child(): void
    {
        $shirt = Boxes::held('t-shirt', label: '122');

        // EU 35 is for a foot of 218 mm, that of a child of ten; 122 for one of seven.
        self::assertSame(
            ['size.shoes-disagree'],
            Boxes::ids(new OutfitAgrees, '4-7', $shirt, Boxes::held('canvas-shoes', label: 'EU 35')),
        );
        // EU 32 is for a foot of 198 mm: a child of eight.
        self::assertSame(
            [], Boxes::ids(new OutfitAgrees, '4-7', $shirt, Boxes::held('canvas-shoes', label: 'EU 32')),
        );
        self::assertSame([], Boxes::ids(new OutfitAgrees, '4-7', Boxes::held('canvas-shoes', label: 'EU 35')));
    }

    public function test_a_ruler_is_trusted_before_a_label(): void
    {
        // EU 30 is for a foot of 185 mm; a shoe is at least 5 mm longer.
        self::assertSame(
            ['size.label-against-measure'],
            Boxes::ids(
                new LabelAgreesWithMeasure,
                '4-7',
                Boxes::held('canvas-shoes', mm: [189.9, 80, 70], label: 'EU 30'),
            ),
        );
        self::assertSame(
            [],
            Boxes::ids(
                new LabelAgreesWithMeasure,
                '4-7',
                Boxes::held('canvas-shoes', mm: [190, 80, 70], label: 'EU 30'),
            ),
        );
    }
}
