<?php

declare(strict_types=1);

namespace Tests\Core\Guide\Rules;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Guide\Sizes\SizeLabel;
use PluckyWren\Core\Recipient\AgeBand;

/** Labels as they are met on the table, and what they mean in centimetres; the tables stand in `docs/sizes.md`. */
final class LabelsTest extends TestCase
{
    /** Body height in centimetres: a label, and from and to. */
    private const CLOTHES = [
        // A European height is the label; alone it is for a child from six below it, a pair from three.
        ['50', 44, 50], ['56', 50, 56], ['86', 80, 86], ['92', 86, 92], ['104', 98, 104], ['EU 110', 104, 110],
        ['EUR 116', 110, 116], ['122 cm', 116, 122], ['128', 122, 128], ['134/140', 131, 140], ['146-152', 143, 152],
        ['158–164', 155, 164], ['170', 164, 170], ['height 116', 110, 116], ['98/104 cm', 95, 104],
        // Years: from a small child of the first to the middle of the last (Growth).
        ['3-4', 96.5, 106], ['4-5 years', 103.5, 112.5], ['5 to 6 yrs', 110, 118.5], ['7–8', 121.5, 129.5],
        ['9-10 Y', 132.5, 140.5], ['11-12 years', 144, 153], ['Age 4', 103.5, 112.5], ['aged 7', 121.5, 129.5],
        ['6 yrs', 116, 124], ['8y', 127, 135], ['12-13', 150.5, 158.5], ['Age 9-10', 132.5, 140.5],
        ['4/5 years', 103.5, 112.5],
        // Height first, years behind; and the same again in brackets.
        ['104 4Y', 98, 104], ['98-104 (3-4Y)', 96.5, 106], ['4Y (104)', 98, 104], ['110/116 cm', 107, 116],
        ['S (6-7)', 116, 124], ['M (8)', 127, 133], ['L (10/12)', 137, 152], ['XL 14/16', 160, 174],
        ['XS 4-5', 103.5, 112.5], ['L 10/12', 137, 152],
        // Toddlers.
        ['2T', 84, 90], ['3T', 90, 97], ['4T', 97, 104], ['5T', 104, 111], ['2T-3T', 84, 97], ['3T/4T', 90, 104],
        ['Toddler 3T', 90, 97], ['1T', 74, 84],
        // Months (growth standards).
        ['18-24 months', 81.5, 86.5], ['12-18M', 75, 81.5], ['18/24M', 81.5, 86.5], ['24 months', 81.5, 86.5],
        ['6-12 mo', 66.5, 75], ['24-36 months', 86.5, 95.5], ['9 months', 66.5, 71], ['12M', 71, 75],
        // Letters for children and youth.
        ['XS', 105, 114], ['s', 115, 125], ['M', 126, 137], ['L', 138, 150], ['XL', 151, 163], ['XXL', 164, 174],
        ['Youth M', 126, 137], ['YL', 138, 150], ['YXS', 105, 114], ['kids S', 115, 125], ['Girls M', 126, 137],
        ['Boys’ XL', 151, 163], ['M/L', 126, 150], ['S-M', 115, 137], ['Medium', 126, 137], ['Youth Large', 138, 150],
        ['Small', 115, 125], ['Extra large', 151, 163],
        // Adults.
        ['Adult S', 160, 170], ['Adult M', 164, 172], ['Women’s S', 160, 168], ['Womens M', 164, 172],
        ['Ladies L', 168, 176], ['Woman XS', 155, 164], ['Men’s S', 166, 174], ['Mens M', 172, 179],
        ['Men XL', 182, 190],
        // Numbers, one and two.
        ['4', 99, 107], ['5', 107, 114], ['6', 114, 120], ['6X', 114, 127], ['7', 120, 127], ['8', 127, 133],
        ['10', 133, 142], ['12', 142, 152], ['14', 152, 160], ['16', 160, 168], ['18', 168, 174], ['size 8', 127, 133],
        ['Girls 10', 133, 142], ['Boys 12 husky', 142, 152], ['8 slim', 127, 133], ['10R', 133, 142],
        ['4/5', 99, 114], ['5/6', 107, 120], ['6/7', 114, 127], ['7/8', 120, 133], ['10/12', 137, 152],
        ['14/16', 160, 174], ['12/14', 147, 164], ['18/20', 172, 180], ['size 14/16', 160, 174],
        // What is said beside it, and what someone measured.
        ['128, runs small', 116, 122], ['7-8 (runs large)', 127.5, 135.5], ['M runs small', 120, 131],
        ['fits about 116 cm', 110, 116], ['about 122-128 cm', 119, 128], ['measured: 58 cm chest', 104, 110],
        ['62 cm chest', 116, 122],
    ];

    /** Length of the foot in millimetres: a label, from, to, and for whom it is. */
    private const SHOES = [
        // Paris points of two thirds of a centimetre, 15 mm off for the room in the shoe.
        ['EU 24', 145, 145, null], ['27', 165, 165, null], ['EUR 30', 185, 185, null], ['33.5', 208, 208, null],
        ['36', 225, 225, null], ['23-26', 138, 158, null], ['31–34', 192, 212, null], ['EU 28/30', 172, 185, null],
        ['shoe size 30', 185, 185, null], ['Socks 27-30', 165, 185, null],
        // Thirds of an inch from four inches on; UK 10 is 186.3 mm less 15.
        ['UK 10', 171, 171, null], ['UK 10½', 176, 176, null], ['UK child 8', 154, 154, null],
        ['UK 7C', 146, 146, null],
        ['UK 2', 104, 104, null], ['UK 2', 214, 214, '8-12'], ['UK 1', 205, 205, '8-12'], ['UK 13', 197, 197, '8-12'],
        ['UK 6', 137, 137, '2-3'], ['UK adult 4', 231, 231, null], ['UK 4 adult', 231, 231, null],
        // An American child's is a British one less one, a youth's goes on from 13, a woman's is two and a half less.
        ['US 11', 171, 171, null], ['US 10C', 163, 163, null], ['10 toddler', 163, 163, null],
        ['Toddler 8', 146, 146, null],
        ['US 2Y', 205, 205, null], ['2 youth', 205, 205, null], ['Youth 3', 214, 214, null], ['US 2', 205, 205, '8-12'],
        ['13/1', 188, 197, null], ['11/12 toddler', 171, 180, null], ['2/3Y', 205, 214, null],
        ['Women’s 7', 235, 235, null], ['W 6', 226, 226, null], ['Men’s 8', 256, 256, null],
        // The foot itself.
        ['190 mm', 190, 190, null], ['18 cm', 180, 180, null], ['18.5 cm', 185, 185, null], ['JP 20', 200, 200, null],
        ['EU 30 (18.5 cm)', 185, 185, null],
    ];

    private const UNREAD = ['', 'one size', 'blue', '250', '4-3', '0', '99T', 'XXXXXL', 'M-S', '16-4 months'];

    #[DataProvider('clothes')]
    public function test_a_label_in_clothes(string $label, float $from, float $to): void
    {
        $read = SizeLabel::read($label, false);

        self::assertNotNull($read, $label);
        self::assertSame([$from, $to], [$read->from / 10.0, $read->to / 10.0], $label);
    }

    #[DataProvider('shoes')]
    public function test_a_label_in_shoes(string $label, int $from, int $to, ?string $band): void
    {
        $read = SizeLabel::read($label, true, $band === null ? null : AgeBand::parse($band));

        self::assertNotNull($read, $label);
        self::assertSame([$from, $to], [$read->from, $read->to], $label);
    }

    #[DataProvider('unread')]
    public function test_what_is_no_size_is_asked_about(string $label): void
    {
        self::assertNull(SizeLabel::read($label, false));
    }

    public function test_there_are_over_a_hundred_and_twenty_of_them(): void
    {
        self::assertGreaterThanOrEqual(120, count(self::CLOTHES) + count(self::SHOES));
        self::assertSame(count(self::CLOTHES), count(array_unique(array_column(self::CLOTHES, 0))));
    }

    /** @return iterable<string, array{string, float, float}> */
    public static function clothes(): iterable
    {
        foreach (self::CLOTHES as [$label, $from, $to]) {
            yield $label => [$label, (float) $from, (float) $to];
        }
    }

    /** @return iterable<string, array{string, int, int, string|null}> */
    public static function shoes(): iterable
    {
        foreach (self::SHOES as [$label, $from, $to, $band]) {
            yield "{$label} for ".($band ?? 'anyone') => [$label, $from, $to, $band];
        }
    }

    /** @return iterable<string, array{string}> */
    public static function unread(): iterable
    {
        foreach (self::UNREAD as $label) {
            yield "“{$label}”" => [$label];
        }
    }
}
