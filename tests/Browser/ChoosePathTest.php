<?php

declare(strict_types=1);

namespace Tests\Browser;

/** From a find to a theme to a filled box, and to several boxes side by side. */
final class ChoosePathTest extends BrowserTestCase
{
    public function test_from_a_find_to_a_board_to_a_box_filled_in_part_and_emptied_in_one_act(): void
    {
        $this->openDemo();
        $this->click('Kite festival');
        $this->click('Theme board');
        $this->see('Would go with it');
        $this->dontSee('tagged “harbour”');
        $disc = self::server()->column("select id from lots where name = 'Flying disc'")[0];
        $this->choose('#seed', $disc);
        $this->type('[name="more"]', 'ships, harbour');
        $this->click('Save');
        $this->see('The theme is saved.');
        self::assertSame($disc, $this->js('return document.getElementById("seed").value'));
        $this->see('tagged “harbour”');
        $this->click('Back to the box');
        $this->click('Fill it for me');
        $this->see('What the drive asks for');
        // All but two of what is proposed is unticked.
        $before = $this->inBox();
        $this->js("[...document.querySelectorAll('[name=\"take[]\"]')].slice(2).forEach((tick) => tick.click())");
        $this->click('Put in what is ticked');
        $this->see('2 things are in the box.');
        self::assertCount(count($before) + 2, $this->inBox());
        $this->click('Undo');
        $this->until(fn (): bool => $this->inBox() === $before, 'It is not undone.');
        self::assertSame([], self::browser()->console());
    }

    public function test_an_idea_begins_with_a_find_is_collected_for_and_becomes_a_box(): void
    {
        $this->openDemo();
        $fox = self::server()->column("select id from lots where name = 'Plush, fox'")[0];
        $this->open("/lots/{$fox}");
        $this->click('Begin an idea with it');
        $this->see('Began with Plush, fox.');
        $this->type('[name="name"]', 'Fox and friends');
        $this->type('[name="wishes"]', 'Soap');
        $this->click('Begin');
        $this->see('“Fox and friends” is begun.');
        $this->see('one, since');
        // One more is held by keyboard, and the box takes both over.
        $this->tabTo('section[aria-labelledby="would"] button');
        $this->press("\u{E007}");
        $this->see('is held for it.');
        $this->click('Open a box with it');
        $this->see('With what is held for “Fox and friends”');
        $this->js("document.querySelector('[name=band][value=\"4-7\"]').click();"
            ."document.querySelector('[name=gender][value=girl]').click()");
        $this->click('Put it on the shelf');
        $this->see('Plush, fox');
        self::assertSame(['2', '1', '0'], [
            ...self::server()->column("select count(*) from pieces join boxes on boxes.id = box_id
                where theme = 'Fox and friends' and lot_id is not null"),
            ...self::server()->column("select count(*) from pieces join boxes on boxes.id = box_id
                where theme = 'Fox and friends' and pieces.kind = 'soap'"),
            ...self::server()->column("select count(*) from ideas where name = 'Fox and friends'"),
        ]);
        self::assertSame([], self::browser()->console());
    }

    public function test_a_run_of_four_gets_what_it_shares_and_what_differs_by_keyboard(): void
    {
        $this->openDemo();
        $hut = self::server()->column("select id from boxes where theme = 'Mountain hut'")[0];
        // Three more in two acts: the number typed, and planned.
        $this->open("/boxes/{$hut}/like");
        $this->type('[name="count"]', '3');
        $this->click('Plan this box');
        // The four of the run stand side by side, and no other.
        $this->see('3 boxes are planned');
        $this->see('Mountain hut 4');
        $this->dontSee('Tide pool, for');
        // The same for all stands once.
        $this->putIn('Stickers, stars');
        $this->see('in all: 1 × Stickers, stars');
        $this->takeOut('stickers');
        // Stickers with ships, with stars, with ships, with stars.
        $this->putIn('Stickers, ships', 'Stickers, stars');
        self::assertSame(
            ['Stickers, ships', 'Stickers, stars', 'Stickers, ships', 'Stickers, stars'],
            self::server()->column(
                'select lots.name from pieces join lots on lots.id = lot_id join boxes on boxes.id = box_id'
                    ." where boxes.theme like 'Mountain hut%' and lots.kind = 'stickers' order by boxes.number",
            ),
        );
        // Packs decide how many of it are made.
        $this->open("/boxes/{$hut}/packs");
        $this->see('least over');
        self::assertSame([], self::browser()->console());
    }

    private function putIn(string $lot, string $inTurn = ''): void
    {
        $this->tabTo('#lot');
        $this->press(...str_split($lot));
        $this->tabTo('#turn');
        $inTurn === '' || $this->press(...str_split($inTurn));
        $this->tabTo('form[action$="/beside"] .button.go');
        $this->press("\u{E007}");
        $this->see('Put into 4 boxes.');
    }

    private function takeOut(string $kind): void
    {
        $this->tabTo("[name='kind'][value='{$kind}']");
        $this->press("\u{E007}");
        $this->see('Taken out of 4 boxes.');
    }

    /** @return list<string> ids of the pieces in Kite festival */
    private function inBox(): array
    {
        return self::server()->column(
            'select pieces.id from pieces join boxes on boxes.id = box_id'
                ." where boxes.theme = 'Kite festival' order by 1",
        );
    }
}
