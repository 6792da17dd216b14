<?php

declare(strict_types=1);

namespace Tests\Feature\Crew;

use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Feature\TestCase;

/** What is settled for a whole crew, when two of them settle it at once. */
final class CrewSettingsTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->packer);
    }

    #[DataProvider('settings')]
    public function test_a_setting_that_someone_changed_meanwhile_is_not_written_over(
        string $page,
        string $address,
        string $field,
        string $column,
        string $first,
        string $second,
        string $told,
    ): void {
        preg_match(
            '/action="[^"]*'.preg_quote($address, '/').'".*?name="was" value="([^"]*)"/s',
            (string) $this->get($page)->getContent(),
            $opened,
        );
        self::assertSame($this->crew->printed($column), $opened[1] ?? null, 'The form carries what it showed.');

        $this->put($address, [$field => $first, 'was' => $opened[1]])->assertSessionHasNoErrors();
        $this->from($page)
            ->followingRedirects()
            ->put($address, [$field => $second, 'was' => $opened[1]])
            ->assertSee("Someone changed this meanwhile: it is {$told} now. Yours was not saved.");
        self::assertSame($first, $this->stored($column));

        // Whoever wants what it is already has nothing to be asked; whoever has seen it may have it otherwise.
        $this->put($address, [$field => $first, 'was' => $opened[1]])->assertSessionHasNoErrors();
        $this->put($address, [$field => $second, 'was' => $first])->assertSessionHasNoErrors();
        self::assertSame($second, $this->stored($column));
    }

    /** @return iterable<string, array{string, string, string, string, string, string, string}> */
    public static function settings(): iterable
    {
        yield 'figures' => ['/boxes', '/figures', 'locale', 'locale', 'de', 'fr', '1.234.567,50'];
        yield 'time zone' => [
            '/time-zone',
            '/time-zone',
            'time_zone',
            'time_zone',
            'Pacific/Auckland',
            'America/New_York',
            'Pacific/Auckland',
        ];
        yield 'guide' => [
            '/guides', '/guides', 'guide', 'guide', 'harrow-ferry', 'pellwick-quay', 'Harrow Ferry Parcel Relay',
        ];
    }

    private function stored(string $column): string
    {
        return $this->crew->refresh()->printed($column);
    }

    public function test_two_who_change_different_ways_both_get_theirs(): void
    {
        $shown = ['was_bags_puzzles' => '1', 'was_strips_packaging' => '1', 'was_sends_photos' => '0'];
        $this->put('/habits', ['bags_puzzles' => '1', 'strips_packaging' => '1', 'sends_photos' => '1'] + $shown);
        $this->put('/habits', ['strips_packaging' => '1'] + $shown);

        $habits = $this->crew->refresh()->habits;
        self::assertSame(
            [false, true, true],
            [$habits->bagsPuzzles, $habits->stripsPackaging, $habits->sendsPhotos],
        );
    }
}
