<?php

declare(strict_types=1);

namespace Tests\Feature\Crew;

use App\Models\RowChange;
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
        yield 'figures' => ['/settings', '/settings/figures', 'locale', 'locale', 'de', 'fr', '1.234.567,50'];
        yield 'time zone' => [
            '/settings',
            '/settings/time-zone',
            'time_zone',
            'time_zone',
            'Pacific/Auckland',
            'America/New_York',
            'Pacific/Auckland',
        ];
        yield 'lengths' => ['/settings', '/settings/lengths', 'units', 'units', 'in', 'cm', '8 1/4 × 5 13/16 × 1/2 in'];
        yield 'currency' => ['/settings', '/settings/currency', 'currency', 'currency', 'JPY', 'CHF', 'JPY'];
        yield 'guide' => [
            '/guides', '/guides', 'guide', 'guide', 'harrow-ferry', 'pellwick-quay', 'Harrow Ferry Parcel Relay',
        ];
    }

    public function test_a_currency_stays_once_there_is_a_price_or_a_budget_in_it(): void
    {
        $this->get('/settings')->assertSee('It can be changed until the first box');
        $this->lot('soap');

        $this->get('/settings')->assertSee('The currency stays')->assertDontSee('name="currency"', false);
        $this->from('/settings')
            ->put('/settings/currency', ['currency' => 'JPY'])
            ->assertSessionHasErrors(['currency' => 'The currency stays: there are boxes or prices in it already.']);
        self::assertSame('EUR', $this->stored('currency'));
    }

    public function test_a_currency_is_changed_back_only_as_long_as_nothing_was_priced_in_it(): void
    {
        $this->put('/settings/currency', ['currency' => 'JPY'])->assertSessionHasNoErrors();
        $this->undoLatest();
        self::assertSame('EUR', $this->stored('currency'));

        $this->put('/settings/currency', ['currency' => 'JPY'])->assertSessionHasNoErrors();
        $change = RowChange::query()->whereNull('undone_at')->sole();
        $undo = "/deeds/{$change->deed}/undo";
        $this->get('/lately')->assertSee($undo);
        $this->lot('soap');
        $this->get('/lately')->assertDontSee($undo);
        $this->from('/lately')->post($undo)
            ->assertSessionHasErrors(['undo' => 'The currency stays: there are boxes or prices in it already.']);
        self::assertSame('JPY', $this->stored('currency'));
    }

    private function undoLatest(): void
    {
        preg_match('~action="[^"]*(/deeds/[^"]+/undo)"~', (string) $this->get('/lately')->getContent(), $undo);
        $this->post($undo[1] ?? self::fail('There is nothing to undo.'))->assertRedirect();
    }

    public function test_what_is_none_of_the_choices_is_refused_beside_its_field(): void
    {
        foreach (['figures' => 'locale', 'lengths' => 'units', 'time-zone' => 'time_zone'] as $which => $field) {
            foreach (['klingon', ['x'], ''] as $typed) {
                $this->put("/settings/{$which}", [$field => $typed])->assertSessionHasErrors($field);
            }
        }
        $this->put('/settings/mood', ['mood' => 'good'])->assertNotFound();
    }

    public function test_lengths_are_shown_as_the_crew_reads_them(): void
    {
        $box = $this->box(['box_kind' => 'straight-card']);
        $this->get("/boxes/{$box->id}")->assertSee('318 × 196 × 112 mm');
        $this->put('/settings/lengths', ['units' => 'in'])->assertRedirect('/settings');
        $this->actingAs($this->packer->refresh());

        // 318 mm are 12.52 in, 196 are 7.72, 112 are 4.41.
        $this->get("/boxes/{$box->id}")->assertSee('12 1/2 × 7 11/16 × 4 7/16 in');
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
