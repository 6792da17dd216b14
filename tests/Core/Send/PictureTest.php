<?php

declare(strict_types=1);

namespace Tests\Core\Send;

use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Send\Picture;
use Tests\Core\Data;

final class PictureTest extends TestCase
{
    public function test_each_explains_kinds_that_there_are_and_no_kind_has_two(): void
    {
        $all = [];
        foreach (Picture::cases() as $picture) {
            foreach ($picture->kinds() as $kind) {
                self::assertTrue(Data::catalogue()->has($kind), $kind);
                self::assertSame($picture, Picture::of(Data::catalogue()->get($kind)));
                $all[] = $kind;
            }
        }
        self::assertSame(array_unique($all), $all);
        self::assertGreaterThanOrEqual(16, count(Picture::cases()));
    }

    public function test_what_everyone_knows_needs_none(): void
    {
        self::assertNull(Picture::of(Data::catalogue()->get('soap')));
    }

    public function test_each_is_drawn_in_black_lines_without_a_word(): void
    {
        foreach (Picture::cases() as $picture) {
            $svg = (string) file_get_contents(dirname(__DIR__, 3)."/resources/pictures/{$picture->value}.svg");
            self::assertStringStartsWith('<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 168 108">', $svg);
            self::assertStringNotContainsString('<text', $svg);
            self::assertSame(
                ['#000'],
                array_values(array_unique(preg_match_all('/stroke="(#\w+)"/', $svg, $found) > 0 ? $found[1] : [])),
            );
        }
    }
}
