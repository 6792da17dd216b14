<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;

/** Things that nobody foresaw, kits from the stash, and things in things. */
final class KindsAndKitsPathTest extends BrowserTestCase
{
    public function test_an_unknown_thing_becomes_a_kind_and_lies_in_the_stash(): void
    {
        $this->openDemo();
        $this->open('/lots/new');
        $this->type('#f-kind', 'moon marble maze');
        $this->press(WebDriverKeys::TAB);
        $this->see('No kind is called “moon marble maze”');
        $this->clickOn('#something-else');
        $this->see('Describe a new kind');
        $this->clickOn('input[value=play]');
        $this->type('#like', 'wooden puzzle');
        $this->type('#length', '14 cm');
        $this->type('#width', '140');
        $this->type('#height', '22');
        $this->click('Save this kind');
        $this->see('The kind “moon marble maze” is saved.');
        $this->until(
            fn (): bool => $this->js("return document.querySelector('#f-length')?.value") === '140',
            'The measures of the new kind are not filled in.',
        );
        $this->type('#f-price', '3,50');
        $this->click('Put it in the stash');
        $this->see('“moon marble maze” is in the stash.');

        // The next such thing is found by its name, and its likely neighbours by half of it.
        $this->open('/lots/new');
        $this->type('#f-kind', 'marble mazes moon');
        $this->press(WebDriverKeys::TAB);
        $this->click('moon marble maze');
        $this->until(
            fn (): bool => $this->js("return document.querySelector('#f-name')?.value") === 'moon marble maze',
            'The kind that was meant is not taken.',
        );
        self::assertSame(1, $this->js("return document.querySelectorAll('header, main').length / 2"));
    }

    public function test_a_pouch_made_from_lots_goes_into_two_boxes(): void
    {
        $this->openDemo();
        $this->open('/gather?lane=school');
        foreach (['Pencils, plain wood', 'Eraser, white', 'Pencil sharpener', 'Pencil pouch, canvas'] as $name) {
            $this->clickOn("input[aria-label^='Tick {$name}']");
        }
        $this->click('With those ticked');
        $this->click('Make kits of those ticked');
        $this->see('You can make');
        $this->js(
            "const has = (one) => one.textContent.includes('Pencils, plain');"
                ."const row = [...document.querySelectorAll('li')].find(has);"
                ."const field = row.querySelector('input'); field.value = '5';"
                ."field.dispatchEvent(new Event('change', {bubbles: true}))",
        );
        $this->until(
            fn (): bool => str_contains((string) $this->js('return document.body.innerHTML'), 'value="5"'),
            'The number is not taken.',
        );
        $this->type('#name', 'Pouch for two');
        $this->type('#count', '2');
        $this->press(WebDriverKeys::TAB);
        $this->click('Make them');
        $this->see('2 kits are made: “Pouch for two”.');
        foreach (['Kite festival', 'Mountain hut'] as $theme) {
            $this->open('/boxes');
            $this->click($theme);
            $this->press('p');
            $this->type('#pick-q', 'pouch for two');
            $this->see('Pouch for two');
            $this->clickOn('[id^=take-]');
            $this->see('is in the box');
        }
    }

    public function test_a_shirt_is_put_into_a_cup_by_keyboard_and_stays_there(): void
    {
        $this->openDemo();
        $this->open('/lots/new?kind=cup');
        $this->type('#f-name', 'Cup for a giant');
        $this->type('#f-price', '1.50');
        foreach (['length' => '12 cm', 'width' => '12 cm', 'height' => '15 cm'] as $side => $cm) {
            $this->type("#f-{$side}", $cm);
        }
        $this->click('Put it in the stash');
        $this->see('“Cup for a giant” is in the stash.');
        $this->pickFor('Little railway', 'cup for a giant');
        $this->open((string) $this->js('return location.pathname'));
        $this->click('More about T-shirt');
        $this->see('Counts as');
        $this->press(WebDriverKeys::ESCAPE);
        $this->dontSee('Counts as');
        self::assertTrue($this->js("return document.activeElement.matches('.piece-more > summary')"));
        $this->press(WebDriverKeys::ENTER);
        $cup = $this->js(
            "return [...document.querySelectorAll('[data-piece]')]"
                .".find((row) => row.querySelector('a').textContent.includes('Cup for a giant'))"
                .'.dataset.piece',
        );
        self::assertIsString($cup);
        $this->choose('details[open] [data-into] select', $cup);
        $this->until(
            fn (): bool => $this->js(
                "return document.querySelector('.lane-row.rider a')?.textContent.includes('T-shirt') ?? false",
            ) === true,
            'It does not lie below the cup.',
        );
        $this->open((string) $this->js('return location.pathname'));
        self::assertTrue($this->js("return document.querySelector('.lane-row.rider') !== null"));
    }

    public function test_a_label_is_taught_once_and_known_for_the_next_thing(): void
    {
        $this->openDemo();
        foreach (['Shirt with a gull', 'Shirt with a crab'] as $name) {
            $this->open('/lots/new?kind=t-shirt');
            $this->type('#f-name', $name);
            $this->type('#f-price', '2,50');
            $this->type('#f-size', 'Gull 4');
            $this->click('Put it in the stash');
            $this->see("“{$name}” is in the stash.");
        }
        $this->pickFor('Kite festival', 'shirt with a gull');
        $this->open((string) $this->js('return location.pathname').'#tips');
        $this->js("document.querySelector('#tips').open = true");
        $this->see('We cannot read the size “Gull 4”.');
        $this->type('input[name=fits]', '128');
        $this->click('Teach it');
        $this->see('“Gull 4” is known from now on.');
        $this->dontSee('We cannot read the size “Gull 4”.');

        $this->pickFor('Mountain hut', 'shirt with a crab');
        $this->js("document.querySelectorAll('details').forEach((one) => { one.open = true })");
        $this->see('means 122–128 cm of height');
    }

    private function pickFor(string $theme, string $what): void
    {
        $this->open('/boxes');
        $this->click($theme);
        $this->press('p');
        $this->type('#pick-q', $what);
        $this->until(
            fn (): bool => $this->js("return document.querySelectorAll('[id^=take-]').length") === 1,
            'It is not offered alone.',
        );
        $this->clickOn('[id^=take-]');
        $this->see('is in the box');
        $this->press(WebDriverKeys::ESCAPE);
    }

    public function test_a_piece_is_dragged_onto_what_it_goes_into(): void
    {
        $this->openDemo();
        $this->click('Little railway');
        $this->see('Little railway');
        // Before its list has come any row takes it; one that cannot says so.
        $this->drag('Underwear', 'Little tram');
        $this->see('“Little tram” has no room inside for “Underwear');
        $this->drag('Underwear', 'Cup with');
        $this->until(
            fn (): bool => $this->js("return document.querySelector('.lane-row.rider') !== null") === true,
            'It does not lie below the cup.',
        );
    }

    /** The steps that a browser takes when a hand drags one row onto the other. */
    private function drag(string $from, string $to): void
    {
        $this->js(<<<'JS'
            const row = (text) => [...document.querySelectorAll('[data-piece]')]
                .find((one) => one.querySelector('a').textContent.includes(text));
            const [from, to] = [row(arguments[0]), row(arguments[1])];
            const data = new DataTransfer();
            for (const [name, target] of [['dragstart', from], ['dragover', to], ['drop', to], ['dragend', from]]) {
                target.dispatchEvent(new DragEvent(name, {bubbles: true, cancelable: true, dataTransfer: data}));
            }
            JS, $from, $to);
    }
}
