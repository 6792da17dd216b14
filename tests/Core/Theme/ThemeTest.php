<?php

declare(strict_types=1);

namespace Tests\Core\Theme;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use PluckyWren\Core\Colour\Colour;
use PluckyWren\Core\Colour\Palette;
use PluckyWren\Core\Theme\Cohesion;
use PluckyWren\Core\Theme\ColourFamily;
use PluckyWren\Core\Theme\OkLab;
use PluckyWren\Core\Theme\Reason;
use PluckyWren\Core\Theme\Standing;
use PluckyWren\Core\Theme\Theme;
use PluckyWren\Core\Theme\ThemeMatch;
use PluckyWren\Core\Theme\WordForm;
use Tests\Core\Data;

final class ThemeTest extends TestCase
{
    /** @param array{float, float, float} $lab */
    #[DataProvider('colours')]
    public function test_colours_lie_where_the_published_space_has_them(string $hex, array $lab): void
    {
        $is = OkLab::of(new Colour($hex));

        foreach ([$is->light, $is->a, $is->b] as $axis => $value) {
            self::assertEqualsWithDelta($lab[$axis], $value, 0.001);
        }
    }

    /** @return iterable<array{string, array{float, float, float}}> as published for the primaries of sRGB */
    public static function colours(): iterable
    {
        yield ['#ffffff', [1.0, 0.0, 0.0]];
        yield ['#000000', [0.0, 0.0, 0.0]];
        yield ['#ff0000', [0.62796, 0.22486, 0.12585]];
        yield ['#00ff00', [0.86644, -0.23389, 0.17950]];
        yield ['#0000ff', [0.45201, -0.03246, -0.31153]];
    }

    #[DataProvider('families')]
    public function test_colours_are_of_the_family_that_people_call_them_by(string $hex, string $family): void
    {
        $is = ColourFamily::of(new Colour($hex));

        self::assertSame($family, "{$is->tone} {$is->hue}");
    }

    /** @return iterable<array{string, string}> */
    public static function families(): iterable
    {
        yield ['#1d2f6f', 'deep blue'];
        yield ['#5aa6d8', 'plain blue'];
        yield ['#b9d4ee', 'pale blue'];
        yield ['#b33b2e', 'plain red'];
        yield ['#e8743b', 'plain orange'];
        yield ['#f4d35e', 'pale yellow'];
        yield ['#47634f', 'plain green'];
        yield ['#2f8f9d', 'plain teal'];
        yield ['#8462b4', 'plain violet'];
        yield ['#e7a8b8', 'pale pink'];
        yield ['#8494a4', 'plain neutral'];
        yield ['#ffffff', 'pale neutral'];
        yield ['#2b2f33', 'deep neutral'];
    }

    public function test_words_are_compared_in_one_form(): void
    {
        self::assertSame(
            ['star', 'berry', 'brush', 'class', 'octopus', 'bus'],
            WordForm::of('The STARS, berries & brushes; class Octopus bus of it'),
        );
    }

    public function test_each_theme_is_near_to_what_it_is_called_and_to_two_of_its_words_however_written(): void
    {
        $list = Data::themes();
        foreach (Data::themeData() as $theme) {
            foreach ([$theme['name'], mb_strtoupper($theme['name']), "{$theme['name']} "] as $called) {
                self::assertContains($theme['name'], array_column($list->near($called, [], 149), 'name'), $called);
            }
            $words = array_slice($theme['words'], 0, 2);
            $many = preg_replace('/(?<!S)$/', 'S', array_map(mb_strtoupper(...), $words));
            foreach ([$words, (array) $many] as $own) {
                self::assertContains($theme['name'], array_column($list->near('', $own, 149), 'name'), $own[0]);
            }
        }
        self::assertSame([], $list->near('Qwx', ['zzq']));
        self::assertSame([], $list->near(''));
    }

    public function test_a_theme_gathers_the_words_of_what_is_called_like_it(): void
    {
        $theme = Theme::of('Night-sky watcher', Palette::none(), ['lantern'], ['owl'], Data::themes());

        self::assertContains('planet', $theme->words);
        self::assertContains('lantern', $theme->words);
        self::assertNotContains('owl', $theme->words);
        self::assertContains('star-viewer', $theme->kinds);
        self::assertSame(['zwieback'], Theme::of('Zwieback', Palette::none(), [], [], Data::themes())->words);
    }

    /**
     * @param  list<string>  $tags
     * @param  list<string>  $colours
     * @param  list<string>  $reasons
     */
    #[DataProvider('things')]
    public function test_things_stand_to_a_theme_by_tag_word_kind_and_colour(
        string $name,
        array $tags,
        string $kind,
        array $colours,
        Standing $standing,
        array $reasons,
    ): void {
        $theme = Theme::of('Night-sky watcher', Palette::ofHexes(['#1d2f6f', '#f4d35e']), [], [], Data::themes());
        $match = ThemeMatch::of(
            $theme, $name, $tags, Data::catalogue()->get($kind),
            array_map(static fn (string $hex): Colour => new Colour($hex), $colours), Data::themes(),
        );

        self::assertSame($standing, $match->standing);
        self::assertSame($reasons, array_map(
            static fn (Reason $reason): string => trim("{$reason->sort} {$reason->word}"),
            $match->reasons,
        ));
    }

    /** @return iterable<string, array{string, list<string>, string, list<string>, Standing, list<string>}> */
    public static function things(): iterable
    {
        yield 'a tag' => ['Cards', ['night sky'], 'playing-cards', [], Standing::On, ['tag night']];
        yield 'a word of its name' => ['Puzzle, moon landing', [], 'puzzle', [], Standing::On, ['word moon']];
        yield 'a kind that suits it' => ['Shapes', [], 'glow-shapes', [], Standing::On, ['kind']];
        yield 'the same blue' => ['Soap', [], 'soap', ['#1f3170'], Standing::On, ['same-colour']];
        yield 'a blue that its name tells' => ['T-shirt, plain navy', [], 't-shirt', [], Standing::On, ['same-colour']];
        yield 'nothing known' => ['Soap', [], 'soap', [], Standing::Neutral, []];
        yield 'grey goes with everything' => ['Comb', [], 'comb', ['#8494a4'], Standing::Neutral, []];
        yield 'a clash' => ['Ball, red', [], 'ball', [], Standing::Off, ['far-colour']];
        yield 'a clash in the right shape' => ['Star, red', [], 'ball', [], Standing::On, ['word star', 'far-colour']];
    }

    public function test_what_is_for_the_time_of_the_year_goes_with_it_and_what_is_for_the_other_does_not(): void
    {
        $snow = Theme::of('Snow day', Palette::none(), [], [], Data::themes());
        $of = static fn (Theme $theme, string $kind): array => array_map(
            static fn (Reason $reason): string => trim("{$reason->sort} {$reason->word}"),
            array_values(array_filter(
                ThemeMatch::of($theme, 'Thing', [], Data::catalogue()->get($kind), [], Data::themes())->reasons,
                static fn (Reason $reason): bool => $reason->sort !== 'kind',
            )),
        );

        self::assertSame('winter', $snow->season);
        self::assertSame(['season winter'], $of($snow, 'gloves'));
        self::assertSame(['off-season summer'], $of($snow, 'flip-flops'));
        self::assertSame([], $of($snow, 'soap'));
        // A theme of no season takes both.
        $railway = Theme::of('Railway', Palette::none(), [], [], Data::themes());
        self::assertSame([[], []], [$of($railway, 'gloves'), $of($railway, 'flip-flops')]);
    }

    public function test_a_crews_own_words_for_a_theme_come_before_those_that_ship(): void
    {
        $list = Data::themes()->withOwn(['railway' => ['semaphore']]);

        self::assertContains('semaphore', Theme::of('Little railway', Palette::none(), [], [], $list)->words);
        self::assertContains('train', Theme::of('Little railway', Palette::none(), [], [], $list)->words);
        self::assertNotContains('semaphore', Theme::of('Tide pool', Palette::none(), [], [], $list)->words);
    }

    public function test_a_find_begins_a_theme_that_its_kind_suits_and_no_mere_colour(): void
    {
        $list = Data::themes();

        // “Goods train” and the colour red share its words as well; a whistle suits the railway.
        self::assertSame('railway', $list->aroundFind('Red train whistle', [], 'whistle')['name'] ?? null);
        self::assertSame('owls', $list->aroundFind('Plush owl, sea green', [], 'plush-small')['name'] ?? null);
        self::assertNull($list->aroundFind('Thing', [], 'soap'));
    }

    public function test_colours_are_read_from_names_the_longest_words_first(): void
    {
        $hexes = static fn (string $name): array => array_map(
            static fn (Colour $colour): string => $colour->hex,
            Data::themes()->coloursIn($name),
        );

        self::assertSame(['#3f9d86'], $hexes('Foam ball, sea green'));
        self::assertSame(['#2f6fb3', '#b33b2e'], $hexes('Red and BLUE socks'));
        self::assertSame([], $hexes('Evergreen bluebell'));
    }

    public function test_how_a_box_hangs_together_leaves_out_what_says_nothing(): void
    {
        $theme = Theme::of('Night sky', Palette::ofHexes(['#1d2f6f']), [], [], Data::themes());
        $match = static fn (string $name): ThemeMatch => ThemeMatch::of(
            $theme, $name, [], Data::catalogue()->get('soap'), [], Data::themes(),
        );
        $cohesion = Cohesion::of([$match('Star'), $match('Moon'), $match('Soap'), $match('Red soap')]);

        // Two for, one against, one neither: 2 of 3.
        self::assertSame([2, 1, 1, 66], [$cohesion->on, $cohesion->neutral, $cohesion->off, $cohesion->hundredths()]);
        self::assertNull(Cohesion::of([$match('Soap')])->hundredths());
    }

    public function test_every_theme_that_ships_names_kinds_that_there_are_and_colours(): void
    {
        $names = [];
        foreach (Data::themeData() as $theme) {
            $names[] = $theme['name'];
            self::assertNotEmpty($theme['words'], $theme['name']);
            foreach ($theme['kinds'] as $kind) {
                self::assertTrue(Data::catalogue()->has($kind), "{$theme['name']}: {$kind}");
            }
            self::assertCount(count($theme['colours']), Palette::ofHexes($theme['colours'])->colours);
        }
        foreach (Data::themes()->seasonKinds() as $kind) {
            self::assertTrue(Data::catalogue()->has($kind), $kind);
        }
        self::assertSame(array_unique($names), $names);
        self::assertGreaterThanOrEqual(145, count($names));
    }
}
