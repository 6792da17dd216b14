<?php

declare(strict_types=1);

namespace Tests\Core\Guide;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Guide\Guide;
use PluckyWren\Core\Recipient\AgeBand;
use PluckyWren\Core\Recipient\Gender;
use PluckyWren\Core\Recipient\InvalidBand;
use PluckyWren\Core\Recipient\Recipient;
use Tests\Core\Data;

final class MostAskedTest extends TestCase
{
    #[TestWith(['8-12', Gender::Boy, true])]
    #[TestWith(['8-12', Gender::Girl, false])]
    #[TestWith(['8-12', Gender::Either, false])]
    #[TestWith(['2-3', Gender::Girl, true])]
    #[TestWith(['2-3', Gender::Either, true])]
    #[TestWith(['4-7', Gender::Boy, false])]
    public function test_a_guide_says_for_whom_its_drive_gets_too_few(string $band, Gender $gender, bool $isAsked): void
    {
        $guide = Guide::ofData(['mostAsked' => ['8-12 boy', '2-3']] + Data::guideData());

        self::assertSame($isAsked, $guide->audience->asksMostFor(new Recipient(AgeBand::parse($band), $gender)));
    }

    public function test_a_guide_that_does_not_say_asks_for_nobody_most(): void
    {
        $data = Data::guideData();
        unset($data['mostAsked']);

        self::assertSame([], Guide::ofData($data)->audience->mostAsked);
    }

    public function test_a_band_that_is_none_is_refused(): void
    {
        $this->expectException(InvalidBand::class);

        Guide::ofData(['mostAsked' => ['7-4 girl']] + Data::guideData());
    }
}
