<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;

/** From nothing to a box that is ready, by mouse and by keyboard alone. */
final class PackersPathTest extends BrowserTestCase
{
    public function test_a_box_from_nothing_to_ready_by_mouse(): void
    {
        $this->openDemo();
        $this->see('Night-sky watcher');
        $this->click('New box');
        $this->click('4–7');
        $this->click('Girl');
        $this->click('Measure my own');
        $this->type('#length', '12 1/2 in');
        $this->type('#width', '19.6cm');
        $this->type('#height', '112');
        $this->type('#theme', 'Mudlark 🐚');
        $this->click('sea glass');
        $this->type('#budget', '30,00');
        $this->click('Put it on the shelf');
        $this->see('“Mudlark 🐚” is on your shelf.');
        $this->see('317.5 × 196 × 112 mm');
        $this->see('0 of 17');

        // What follows happens without loading the page again.
        $this->js('window.stillHere = true');
        $this->click('Pick a piece');
        $this->type('#pick-q', 'pine');
        $this->until(
            fn (): bool => $this->js("return document.querySelectorAll('#picker li[id^=offer]').length") === 1,
            'The search does not narrow.',
        );
        $this->click('Pick Soap, pine');
        $this->see('1 of 17');
        $this->see('9.46');
        $this->see('Closes flat');

        $this->type('#pick-q', 'pencils, plain');
        $this->see('0.085 each');
        // The search brought only the picker anew; a change elsewhere on the sheet keeps what it shows.
        $this->js("const count = document.querySelector('[id^=count-]'); count.focus(); count.select()");
        $this->press('2', WebDriverKeys::TAB);
        $this->see('The number is changed.');
        $this->see('9.92');
        self::assertSame(
            ['pencils, plain', 1],
            $this->js(<<<'JS'
                return [document.querySelector('#pick-q').value,
                    document.querySelectorAll('#picker li[id^=offer]').length];
                JS),
        );
        $this->js("const count = document.querySelector('[id^=count-]'); count.focus(); count.select()");
        $this->press('1', WebDriverKeys::TAB);
        $this->see('9.46');
        $this->clickOn('[id^=take-]');
        $this->see('2 of 17');
        // Five pencils at 8.5 cents are 42.5: 9.885, shown as 9.89.
        $this->see('9.89');

        $this->click('A new thing');
        $this->type('#f-kind', 'comb');
        $this->press(WebDriverKeys::TAB);
        $this->until(
            fn (): bool => $this->js("return document.querySelector('#f-length')?.value") === '180',
            'The measures of the kind are not filled in.',
        );
        $this->type('#f-name', 'Comb from the fair');
        $this->type('#f-price', '1,25');
        $this->type('#f-pieces', '2');
        $this->click('Put it in the box');
        $this->see('“Comb from the fair” is in your stash and in the box.');
        $this->see('3 of 17');
        $this->see('10.51');

        $this->js("const count = document.querySelector('[id^=count-]'); count.focus(); count.select()");
        $this->press('3', WebDriverKeys::TAB);
        $this->see('The number is changed.');

        $this->clickOn("button[title='Take it out']");
        $this->see('is out of the box.');
        $this->see('2 of 17');

        $this->click('To buy');
        $this->click('on the list to buy');
        $this->see('17 of 17');
        $this->see('Everything that was missing is on the list to buy.');
        self::assertTrue($this->js('return window.stillHere'));
        self::assertMatchesRegularExpression('~/boxes/\w+\?pick=1~', (string) $this->js('return location.href'));

        $this->clickOn('[data-key=escape]');
        $this->see('Open box');
        $this->clickOn("button[value='ready']");
        $this->see('“Mudlark 🐚” is now ready.');
        $this->clickOn('.path a[href$="/boxes"]');
        $this->until(
            fn (): bool => str_contains(
                (string) $this->js("return document.querySelector('[aria-labelledby=shelf-ready]').innerText"),
                'Mudlark',
            ),
            'It does not stand on its shelf.',
        );
        self::assertSame([], self::browser()->console());
    }

    public function test_a_box_from_nothing_to_ready_by_keyboard_alone(): void
    {
        $this->open('/');
        $this->tabTo('form[action$="/demo"] button');
        $this->press(WebDriverKeys::ENTER);
        $this->see('The shelf');
        $this->press('1');
        $this->see('The stash');
        $this->press('2');
        $this->see('The shelf');

        $this->press('n');
        $this->see('For whom');
        $this->tabTo("input[name='band']");
        $this->press(WebDriverKeys::SPACE);
        $this->tabTo("input[name='gender']");
        $this->press(WebDriverKeys::ARROW_DOWN);
        $this->tabTo('#theme');
        // Letters and figures that are keys elsewhere are only letters here.
        $this->press('1n2p/? tram');
        $this->tabTo("input[name='colours[]']");
        $this->press(WebDriverKeys::SPACE, WebDriverKeys::ENTER);
        $this->see('“1n2p/? tram” is on your shelf.');
        $this->see('boy, 2–3');

        $this->press('p');
        $this->untilFocusOn('pick-q');
        $this->press('pine');
        $this->until(
            fn (): bool => $this->js("return document.querySelectorAll('#picker li[id^=offer]').length") === 1,
            'The search does not narrow.',
        );
        $this->tabTo('[id^=take-]');
        $this->press(WebDriverKeys::ENTER);
        $this->see('1 of 13');
        $this->press(WebDriverKeys::ESCAPE);
        $this->see('Open box');
        $this->until(
            fn (): bool => $this->js('return document.activeElement !== document.body') === true,
            'The focus is lost.',
        );

        $this->tabTo("button[value='ready']");
        $this->press(WebDriverKeys::ENTER);
        $this->see('is now ready.');
        $this->press('/');
        $this->press('1n2p', WebDriverKeys::ENTER);
        $this->see('Boxes');
        $this->see('1n2p/? tram');
    }

    public function test_what_was_bought_goes_into_its_box_by_its_price_alone_one_after_the_other(): void
    {
        $this->openDemo();
        [$box] = self::server()->column(
            'select box_id from pieces where lot_id is null group by box_id order by count(*) desc, box_id',
        );
        $toBuy = fn (): int => (int) self::server()->column(
            "select count(*) from pieces where lot_id is null and box_id = '{$box}'",
        )[0];
        $before = $toBuy();
        $this->open("/boxes/{$box}");
        foreach ([1, 2] as $bought) {
            $this->click('got it');
            $this->untilFocusOn('f-price');
            $this->press('1.25', WebDriverKeys::ENTER);
            $this->until(fn (): bool => $toBuy() === $before - $bought, 'It is not in the box.');
            // Once more would put nothing in: the form asks for what comes next.
            $this->untilFocusOn('f-kind');
        }
    }

    public function test_a_change_beside_the_picker_leaves_it_open_or_closed_as_it_is(): void
    {
        $this->openDemo();
        $this->click('Kite festival');
        $this->see('Open box');
        $change = function (string $many): void {
            $this->js("const count = document.querySelector('[id^=count-]'); count.focus(); count.select()");
            $this->press($many, WebDriverKeys::TAB);
            $this->until(
                fn (): bool => $this->js("return document.querySelector('.lane-row [name=was]').value") === $many,
                'The sheet does not come anew.',
            );
        };
        // The forms of the sheet were made while there was none.
        $this->press('p');
        $this->untilFocusOn('pick-q');
        $change('3');
        self::assertTrue($this->js("return document.querySelector('#picker') !== null"));
        $this->press(WebDriverKeys::ESCAPE);
        $this->see('Open box');
        $change('4');
        self::assertFalse($this->js("return document.querySelector('#picker') !== null"));
    }

    public function test_a_mistake_is_shown_beside_its_field_and_mended(): void
    {
        $this->openDemo();
        $this->click('Kite festival');
        $this->press('p');
        $this->click('A new thing');
        $this->type('#f-kind', 'soap');
        $this->press(WebDriverKeys::TAB);
        $this->type('#f-name', 'Soap from the raffle');
        $this->type('#f-price', 'cheap');
        $this->click('Put it in the box');
        $this->see('“cheap” is not an amount');
        $this->untilFocusOn('f-price');
        self::assertSame('cheap', $this->js("return document.querySelector('#f-price').value"));
        self::assertSame('Soap from the raffle', $this->js("return document.querySelector('#f-name').value"));
        self::assertSame('true', $this->js("return document.querySelector('#f-price').getAttribute('aria-invalid')"));

        $this->type('#f-price', '0');
        $this->click('Put it in the box');
        $this->see('“Soap from the raffle” is in your stash and in the box.');
        $this->dontSee('is not an amount');
    }

    public function test_an_escape_pressed_while_an_answer_is_on_its_way_is_not_lost(): void
    {
        $this->openDemo();
        $this->click('Kite festival');
        $this->see('Open box');
        self::browser()->slow(700);
        // The picker is not there yet when it is closed again.
        $this->press('p', WebDriverKeys::ESCAPE);
        $this->until(
            fn (): bool => str_contains((string) $this->js('return location.search'), 'pick') === false
                && $this->js(
                    "return document.querySelector('#picker') === null && "
                        ."performance.getEntriesByType('resource').filter((entry) => "
                        ."entry.name.includes('/boxes/')).length >= 2",
                ) === true,
            'The picker stays open.',
        );

        // A search is on its way when it is closed.
        $this->press('p');
        $this->untilFocusOn('pick-q');
        $this->press('soap');
        $this->until(
            fn (): bool => $this->js("return document.querySelector('#pick-q').value") === 'soap',
            'A key is lost.',
        );
        $this->press(WebDriverKeys::ESCAPE);
        $this->until(
            fn (): bool => $this->js("return document.querySelector('#picker') === null") === true,
            'The picker stays open.',
        );
        self::browser()->slow(0);
    }

    public function test_what_was_done_is_said_in_view_and_undone_and_the_hand_stays_where_it_is(): void
    {
        $this->openDemo();
        $this->click('Night-sky watcher');
        $this->see('Open box');
        $this->js(
            "const row = document.querySelectorAll('.lane-row')[4]; "
                ."row.querySelector('.icon-button').scrollIntoView({block: 'center'}); "
                ."row.querySelector('.icon-button').focus(); window.before = [row.id, row.nextElementSibling?.id ?? "
                ."'', window.scrollY, document.querySelectorAll('.lane-row').length]; window.news = '';"
                ."const news = document.querySelector('#gauge-news'); new MutationObserver(() => window.news += "
                .'news.textContent).observe(news, {childList: true, characterData: true, subtree: true})',
        );
        $this->press(WebDriverKeys::ENTER);
        $this->see('is out of the box.');
        $this->until(
            fn (): bool => $this->js(
                "return document.querySelectorAll('.lane-row').length === window.before[3] - 1",
            ) === true,
            'Nothing was taken out.',
        );
        self::assertTrue(
            $this->js("return document.activeElement.matches('.lane-row .icon-button')"),
            'The keyboard is at the next row.',
        );
        self::assertLessThan(
            200,
            $this->js('return Math.abs(window.scrollY - window.before[2])'),
            'The page does not jump.',
        );
        self::assertTrue(
            $this->js(
                "const box = document.querySelector('#answer').getBoundingClientRect(); return box.top >= 0 && "
                    .'box.bottom <= innerHeight',
            ),
        );
        // A better packing that is found meanwhile is news too, and comes after it.
        $this->until(
            fn (): bool => str_contains((string) $this->js('return window.news'), 'Money: '),
            'The gauges are not announced.',
        );

        $this->clickOn('#undo-form button');
        $this->see('Undone: taken out.');
        self::assertTrue(
            $this->js(
                'return document.getElementById(arguments[0]) !== null',
                $this->js('return window.before?.[0] ?? document.querySelectorAll(".lane-row")[4].id'),
            ),
        );
    }

    public function test_a_change_that_does_not_reach_the_table_says_so_at_its_field_and_stays_to_be_sent_again(): void
    {
        $this->openDemo();
        $this->click('Night-sky watcher');
        $this->see('Open box');
        self::server()->pause();
        $this->js(
            "const count = document.querySelector('[id^=count-]'); count.focus(); count.select(); window.field = "
                .'count.id',
        );
        $this->press('3', WebDriverKeys::ENTER);
        $this->see('Could not reach the server; nothing was saved. What you typed is still here.');
        self::assertSame(
            ['3', 'unsaved'],
            $this->js(
                'const count = document.getElementById(window.field); return [count.value, count.form.dataset.state]',
            ),
        );

        self::server()->start();
        $this->js('document.getElementById(window.field).focus()');
        $this->press(WebDriverKeys::ENTER);
        $this->see('The number is changed.');
        $this->until(
            fn (): bool => $this->js('return document.getElementById(window.field).defaultValue') === '3',
            'It is not saved.',
        );
    }

    public function test_the_list_of_keys_opens_and_keys_can_be_switched_off(): void
    {
        $this->openDemo();
        $this->press('?');
        $this->see('New box (on the shelf)');
        $this->clickOn('#keys-off');
        $this->clickOn('#keys form button');
        $this->press('1');
        $this->press('n');
        self::assertStringEndsWith('/boxes', (string) $this->js('return location.href'));
        $this->js('localStorage.clear()');
        $this->press('1');
        $this->see('The stash');
    }

    public function test_a_fourth_colour_waits_and_one_of_ones_own_is_taken(): void
    {
        $this->openDemo();
        $this->open('/boxes/new');
        $this->click('midnight');
        $this->click('tide');
        self::assertSame(
            0,
            $this->js("return document.querySelectorAll('input[name=\"colours[]\"]:disabled:not([x-ref])').length"),
        );
        $this->click('honey');
        $this->until(
            fn (): bool => $this->js("return document.querySelector('input[value=\"#f4d35e\"]').disabled") === true,
            'A fourth colour can be chosen.',
        );
        $this->click('honey');
        $this->js(
            "const own = document.querySelector('input[type=color]'); own.value = '#123456'; own.dispatchEvent(new "
                ."Event('input', {bubbles: true}))",
        );
        $this->until(
            fn (): bool => $this->js(
                "return document.querySelector('input[value=\"#123456\"][name]').checked",
            ) === true,
            'A colour of ones own is not taken.',
        );
    }
}
