<?php

declare(strict_types=1);

namespace Tests\Browser;

/** From the trip to the desk to the map, and on into the next season. */
final class YearPathTest extends BrowserTestCase
{
    public function test_a_trip_is_handed_in_with_its_docket_and_found_in_the_log(): void
    {
        $this->openDemo();
        $this->open('/send');
        $this->click('11 Dec, to Lock House school');
        $this->see('but Lock House school only until 15 Dec.');
        $this->see('One box has no lid on yet; it stays here.');
        $this->type('[data-docket]', 'qh 1');
        $this->click('Hand in the packed box');
        $this->see('is no docket number');
        $this->type('[data-docket]', 'qh-231 777');
        $this->click('Hand in the packed box');
        $this->see('One box is handed in.');
        self::assertSame(
            ['QH-231777'],
            self::server()->column("select docket from log_boxes where theme = 'Harbour at dawn'"),
        );
        $this->open('/send/log?q=qh-231777');
        $this->click('Harbour at dawn');
        $this->see('at Lock House school.');
        $this->see('Docket QH-231777.');
        self::assertSame([], self::browser()->console());
    }

    public function test_the_map_is_read_by_keyboard_and_leads_to_its_boxes(): void
    {
        $this->openDemo();
        $this->open('/send/log?season=2025');
        $this->see('12 boxes.');
        // From the last field of the form on, the marks come one after another.
        $this->js("document.querySelector('form[action\$=\"/send/log\"] .go').focus()");
        $seen = [];
        for ($tab = 0; $tab < 30 && ! str_contains(implode(' ', $seen), 'Kenya'); $tab++) {
            $this->press("\u{E004}");
            $label = $this->js('return document.activeElement.getAttribute("aria-label")');
            $seen[] = is_string($label) ? $label : '';
        }
        self::assertMatchesRegularExpression('/^\d+ box(es)?: .*Kenya \d/', (string) end($seen));
        $this->press("\u{E007}");
        $this->see('All countries');
        self::assertSame('2025', $this->js('return new URLSearchParams(location.search).get("season")'));
        self::assertStringContainsString('KE', (string) json_encode($this->js('return location.search')));
        self::assertSame([], self::browser()->console());
    }

    public function test_a_season_is_begun_and_stands_in_what_follows(): void
    {
        $this->openDemo();
        $this->open('/season');
        $this->see('At this pace');
        $this->click('Begin the next season');
        $this->type('#goal-8-12', '20');
        $this->clickOn('input[name="targets[]"][value="t-shirt"]');
        $this->click('Begin season 2027');
        $this->see('Season 2027 is begun.');
        $this->see('The next season is begun.');
        self::assertSame(['pellwick-quay-2027'], self::server()->column('select guide from crews where is_demo = 1'));
        self::assertSame(
            ['200', '46'],
            self::server()->column(
                "select target_minor from target_prices where kind in ('t-shirt', 'soap') order by kind desc",
            ),
        );
        self::assertSame([], self::browser()->console());
    }
}
