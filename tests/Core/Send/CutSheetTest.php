<?php

declare(strict_types=1);

namespace Tests\Core\Send;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Send\Card;
use PluckyWren\Core\Send\CutSheet;
use PluckyWren\Core\Send\LabelField;
use PluckyWren\Core\Send\Paper;

final class CutSheetTest extends TestCase
{
    #[DataProvider('sheets')]
    public function test_so_many_cards_go_on_a_page(Paper $paper, Card $card, int $across, int $down): void
    {
        $sheet = new CutSheet($paper, $card);

        self::assertSame([$across, $down], [$sheet->across, $sheet->down]);
    }

    /** @return iterable<string, array{Paper, Card, int, int}> 190 by 277 mm of A4 and 195.9 by 259.4 mm of Letter */
    public static function sheets(): iterable
    {
        yield '90 by 60 on A4' => [Paper::A4, Card::Label, 2, 4];
        yield '90 by 60 on Letter' => [Paper::Letter, Card::Slip, 2, 4];
        yield '90 by 120 on A4' => [Paper::A4, Card::Note, 2, 2];
        yield '90 by 120 on Letter' => [Paper::Letter, Card::Note, 2, 2];
        yield '90 by 30 on A4' => [Paper::A4, Card::Envelope, 2, 9];
        yield '45 by 30 on Letter' => [Paper::Letter, Card::NotFood, 4, 8];
    }

    public function test_cards_lie_row_by_row_in_the_middle_of_the_page(): void
    {
        $sheet = new CutSheet(Paper::A4, Card::Label);

        // (210 - 180) / 2 and (297 - 240) / 2.
        self::assertSame(['page' => 0, 'x' => 150, 'y' => 285], $sheet->place(0));
        self::assertSame(['page' => 0, 'x' => 1050, 'y' => 285], $sheet->place(1));
        self::assertSame(['page' => 0, 'x' => 150, 'y' => 885], $sheet->place(2));
        self::assertSame(['page' => 1, 'x' => 150, 'y' => 285], $sheet->place(8));
    }

    #[DataProvider('everySheet')]
    public function test_no_two_cards_share_paper_and_none_comes_near_the_edge(Paper $paper, Card $card): void
    {
        $sheet = new CutSheet($paper, $card);
        $places = [];
        for ($index = 0; $index < $sheet->toAPage() * 2; $index++) {
            $place = $sheet->place($index);
            $places[] = implode(' ', $place);
            self::assertGreaterThanOrEqual(100, min($place['x'], $place['y']));
            self::assertLessThanOrEqual($paper->width() - 100, $place['x'] + $card->width());
            self::assertLessThanOrEqual($paper->height() - 100, $place['y'] + $card->height());
            self::assertSame(0, ($place['x'] - $sheet->place(0)['x']) % $card->width());
            self::assertSame(0, ($place['y'] - $sheet->place(0)['y']) % $card->height());
        }
        self::assertSame($places, array_unique($places));
    }

    /** @return iterable<string, array{Paper, Card}> */
    public static function everySheet(): iterable
    {
        foreach (Paper::cases() as $paper) {
            foreach (Card::cases() as $card) {
                yield "{$card->value} on {$paper->value}" => [$paper, $card];
            }
        }
    }

    #[DataProvider('fields')]
    public function test_a_guide_s_words_for_a_label_are_understood(string $words, ?LabelField $field): void
    {
        self::assertSame($field, LabelField::read($words));
    }

    /** @return iterable<array{string, LabelField|null}> */
    public static function fields(): iterable
    {
        yield ['age band', LabelField::Age];
        yield ['Age', LabelField::Age];
        yield ['girl, boy or either', LabelField::Gender];
        yield ['box number', LabelField::Code];
        yield ['sending gift paid', LabelField::Gift];
        yield ['parish', null];
        yield ['page', null];
    }

    public function test_a_note_is_as_large_as_lies_flat_in_its_box(): void
    {
        self::assertSame(Card::Note, Card::noteFor(3180, 1960));
        self::assertSame(Card::Note, Card::noteFor(900, 1200));
        self::assertSame(Card::SmallNote, Card::noteFor(1199, 900));
        self::assertSame(Card::SmallNote, Card::noteFor(2000, 899));
    }
}
