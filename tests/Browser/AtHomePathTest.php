<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\Run;

/** Things come in by the line, what was done is undone, and nothing that was typed is lost. */
final class AtHomePathTest extends BrowserTestCase
{
    public function test_one_line_in_the_stash_is_shown_as_it_is_understood_and_kept_by_enter(): void
    {
        $this->openDemo();
        $this->open('/gather');
        $this->tabTo('#one-line');
        $this->press('8 soap 3.95 Mill Lane -50%');
        $this->see('8 × Bar of soap');
        $this->see('was 3.95');
        $this->press(WebDriverKeys::ENTER);
        $this->see('One thing for 1.98 is in the stash.');
        self::assertSame([], self::browser()->console());
    }

    public function test_a_pasted_list_is_asked_about_where_it_is_not_clear(): void
    {
        $this->openDemo();
        $this->open('/gather/write');
        $this->clickOn('#lines');
        // As it comes out of a table: cells with tabs between them.
        $this->paste('#lines', "Soap\t10\t4.50\n2 packs of 12 washcloths 9.12\nstuffed bear brown 3.00");
        $this->see('10 × Bar of soap');
        $this->see('Is 9.12 for each, or for all?');
        $this->click('for each');
        $this->see('18.24');
        $this->click('Small plush animal');
        $this->see('25.74');
        $this->click('Put it all in the stash');
        $this->see('3 things for 25.74 are in the stash.');
    }

    private function paste(string $selector, string $text): void
    {
        $this->js(
            'const field = document.querySelector(arguments[0]); field.value = arguments[1];'
                .'field.dispatchEvent(new Event("input", { bubbles: true }))',
            $selector,
            $text,
        );
    }

    public function test_a_receipt_with_a_coupon_and_tax_is_met_to_the_cent(): void
    {
        $this->openDemo();
        $this->open('/gather/write');
        $this->tabTo('#place');
        $this->press('Tuppence Corner');
        $this->tabTo('#lines');
        $lines = ['8 soap 4.00', '2 combs 1.00', 'coupon 1.00', 'tax 8%', 'deposit 0.25', 'total 4.57'];
        $this->press(implode("\n", $lines));
        // 5.00 less 1.00 and 8 % on top are 4.32; with the deposit 4.57.
        $this->see('The lines add up to the receipt.');
        $this->see('3.46');
        $this->see('0.86');
        $this->click('Put it all in the stash');
        $this->see('2 things for 4.32 are in the stash.');
    }

    public function test_what_was_typed_is_there_again_after_the_page_was_left(): void
    {
        $this->openDemo();
        $this->open('/gather/write');
        $this->tabTo('#lines');
        $this->press('7 yo-yos 3.50');
        $this->see('7 × Yo-yo');
        $this->open('/gather');
        $this->open('/gather/write');
        $this->see('7 × Yo-yo');
        $this->see('What you typed here before is back.');
        $this->click('Put it all in the stash');
        $this->see('One thing for 3.50 is in the stash.');
        $this->open('/gather/write');
        self::assertSame('', $this->js("return document.querySelector('#lines').value"));
    }

    public function test_a_receipt_of_more_lines_than_a_page_begins_with_is_there_again(): void
    {
        $this->openDemo();
        $this->open('/gather/quick');
        foreach (range(0, 11) as $line) {
            $this->until(
                fn (): bool => $this->js("return document.getElementById('paid-{$line}') !== null"),
                "There is no line {$line}.",
            );
            $this->type("#kind-{$line}", 'soap');
            $this->type("#paid-{$line}", '1.05');
        }
        $this->tabTo('button.go');
        $sum = fn (): bool => $this->js("return document.getElementById('sum').textContent") === '12.60';
        $this->until($sum, 'The lines do not add up.');

        $this->open('/gather');
        $this->open('/gather/quick');
        $this->see('What you typed here before is back.');
        $this->until($sum, 'Not all lines are there again.');
        $this->click('Put it all in the stash');
        $this->see('12 purchases for 12.60 are in the stash.');
        $this->open('/gather/quick');
        self::assertSame('', $this->js("return document.querySelector('#paid-0').value"));
    }

    public function test_five_deeds_are_undone_from_the_answer_line_and_from_what_was_done_lately(): void
    {
        $this->openDemo();
        $this->open('/gather/write');
        $this->tabTo('#lines');
        $this->press("3 yo-yos 1.50\n2 kites 4.00");
        $this->see('2 × Folded kite');
        $this->click('Put it all in the stash');
        $this->see('2 things for 5.50 are in the stash.');
        $this->click('Undo');
        $this->see('Undone.');

        $this->open('/gather/money');
        $this->type('#budget', '444');
        $this->press(WebDriverKeys::ENTER);
        $this->see('The season’s budget is saved.');
        $this->open('/gather');
        $this->tabTo('#one-line');
        $this->press('5 yo-yos 2.50', WebDriverKeys::ENTER);
        $this->see('One thing for 2.50 is in the stash.');
        // Whoever types before a page is there types into nothing.
        $this->open('/gather');
        $this->tabTo('#one-line');
        $this->press('6 combs 1.20', WebDriverKeys::ENTER);
        $this->see('One thing for 1.20 is in the stash.');
        $this->open('/gather/labels?label=HERON');
        $this->type('#fits', '116 cm');
        $this->press(WebDriverKeys::ENTER);
        $this->see('fits about 116 cm of height');

        $this->open('/lately');
        $this->see('Size label added: HERON');
        $this->see('Yo-yo: put in');
        $this->see('Settings changed');
        $left = (int) $this->js("return document.querySelectorAll('#deeds form').length");
        foreach ([1, 2, 3, 4] as $undone) {
            $this->clickOn('#deeds form button');
            $this->until(
                fn (): bool => $this->js("return document.querySelectorAll('#deeds form').length") === $left - $undone,
                "More are left to undo than {$left} less {$undone}.",
            );
        }
        $this->open('/gather/labels');
        $this->dontSee('HERON');
    }

    public function test_a_restored_backup_has_all_that_was_there_and_nothing_since(): void
    {
        $this->openDemo();
        $folder = Run::folder().'/backups';
        self::server()->run("wren:backup --to={$folder}");
        [$backup] = glob("{$folder}/*.sqlite") ?: [''];
        $lots = 'select name from lots order by id';
        $before = self::server()->column($lots);
        $this->open('/gather');
        $this->tabTo('#one-line');
        $this->press('37 yo-yos 2.55', WebDriverKeys::ENTER);
        $this->see('One thing for 2.55 is in the stash.');
        $this->see('37 of 37');
        self::assertCount(count($before) + 1, self::server()->column($lots));

        self::server()->run("wren:restore {$backup} --to={$folder}");
        self::assertSame($before, self::server()->column($lots));
        // Whoever was signed in then still is.
        $this->open('/gather?q=yo-yo');
        $this->see('The stash');
        $this->dontSee('37 of 37');
        $this->open('/boxes');
        $this->see('Harbour at dawn');
    }

    public function test_an_invited_helper_ticks_the_shopping_list_and_the_crew_sees_it(): void
    {
        $this->openDemo();
        $this->open('/people');
        $this->click('The shopping list');
        $this->see('Here is the link for helpers.');
        $link = (string) $this->js("return document.querySelector('#link').value");
        $this->clickOn('.menu > summary');
        $this->click('Sign out');
        // What is opened while the signing out is on its way would be overtaken by it.
        $this->see('Start a crew');
        $this->open((string) parse_url($link, PHP_URL_PATH));
        $this->see('What is still needed.');
        $this->dontSee('The stash');
        $this->clickOn('li input[name="name"]');
        $this->press('Bram', WebDriverKeys::ENTER);
        $this->see('Bram has it');
        $this->openDemo();
        $this->open('/gather/shopping');
        $this->see('Bram has it');
        self::assertSame([], self::browser()->console());
    }

    public function test_the_shopping_list_opens_and_ticks_without_a_signal(): void
    {
        $this->openDemo();
        $this->open('/gather/shopping');
        $this->until(
            fn (): bool => $this->js('return navigator.serviceWorker.controller !== null') === true,
            'Nothing keeps the list.',
        );
        // Kept as it was last seen with something that keeps it.
        $this->open('/gather/shopping');
        $this->until(
            fn (): bool => self::browser()->driver->executeAsyncScript(
                'const done = arguments[0]; caches.match("/gather/shopping").then((kept) => done(kept !== undefined))',
            ) === true,
            'The list is not kept.',
        );
        $ticked = 'return document.querySelectorAll("form.basket.is-in-basket").length';
        $before = (int) $this->js($ticked);
        self::server()->pause();
        try {
            $this->open('/gather/shopping');
            $this->see('Shopping list');
            $this->clickOn('form.basket:not(.is-in-basket) button');
            $this->until(fn (): bool => $this->js($ticked) === $before + 1, 'It is not ticked.');
            $this->see('your ticks wait in this browser');
            while ($this->js('return document.querySelector("form.basket:not(.is-in-basket)") !== null') === true) {
                $this->clickOn('form.basket:not(.is-in-basket) button');
            }
            $this->see('All of this is in the basket.');
        } finally {
            self::server()->start();
        }
        $this->js('window.dispatchEvent(new Event("online"))');
        $this->until(
            fn (): bool => $this->js('return document.querySelector("[data-basket-waits]").hidden') === true,
            'The tick was not sent.',
        );
        $this->open('/gather/shopping');
        $this->see('Marla Fenn has it');
    }
}
