<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Remote\LocalFileDetector;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** A box that is full of findings is mended, one is kept for a reason, and a guide is changed while a packer looks. */
final class PlanPathTest extends BrowserTestCase
{
    public function test_a_box_is_mended_from_eight_findings_to_none(): void
    {
        $this->bringInTheBox();
        $this->findings(8);
        $this->see('4 problems to fix');
        $this->js('window.stillHere = true');

        // With the bubbles goes the only thing that we would bag.
        $this->mend('Bubbles', 'Take it out');
        $this->findings(6);
        // The sharpener has a blade and is small: two flags, one thing to take out.
        $this->mend('Brass sharpener', 'Take it out');
        $this->findings(4);
        $this->mend('Red rope', 'Done: shorten the cord');
        $this->findings(3);
        $this->mend('Red rope', 'Take it out');
        $this->findings(2);
        $this->mend('Tiny shirt', 'Take it out');
        $this->findings(1);
        $this->clickOn('#tips > summary');
        $this->mend('Letter from us', 'Done: write “no money” on the envelope');
        $this->findings(0);
        $this->see('Nothing to take out');
        self::assertTrue($this->js('return window.stillHere'));
        self::assertSame([], self::browser()->console());
    }

    public function test_a_finding_is_left_because_and_the_reason_stands_on_the_printed_sheet(): void
    {
        $this->bringInTheBox();
        $this->clickOn("li.finding:has(input[value^='trait.cord']) details.leave > summary");
        $this->type(
            "li.finding:has(input[value^='trait.cord']) input[name='because']",
            'Her aunt turns the other end.',
        );
        $this->clickOn("li.finding:has(input[value^='trait.cord']) details.leave button");
        $this->see('Kept because: Her aunt turns the other end.');
        $this->see('3 problems to fix');
        $this->click('Print the check sheet');
        self::browser()->forPrint(true);
        $this->see('Hazard, kept because: Her aunt turns the other end.');
        self::assertSame(1, self::browser()->printedPages(8.27, 11.69));
        self::browser()->forPrint(false);
    }

    public function test_a_guide_is_changed_and_the_demo_box_changes_with_it(): void
    {
        $this->openDemo();
        $this->click('Drive guides');
        $this->click('Copy and change');
        $this->see('This is your own copy.');
        $this->js("document.querySelector('#trial-box').scrollIntoView({block: 'center'})");
        $this->until(fn (): bool => str_contains($this->trial(), 'must-haves'), 'The guide is not tried.');
        self::browser()->driver->findElement(
            WebDriverBy::xpath("//select[@id='trial-box']/option[contains(., 'Night-sky watcher')]"),
        )->click();
        $this->until(
            fn (): bool => str_contains($this->trial(), 'for 8–12') && str_contains($this->trial(), 'Nothing changes'),
            'It is not tried on the other box.',
        );
        $this->choose('select[name="flags[glass][weight]"]', 'tip');
        $this->until(
            fn (): bool => str_contains($this->trial(), 'Pocket star viewer. Will be taken out.')
                && str_contains($this->trial(), 'Pocket star viewer. Tip.'),
            'The change is not tried.',
        );
        $this->click('Save the guide');
        $this->see('The guide is saved.');

        $this->click('Night-sky watcher');
        $this->click('Plan it by this guide');
        $this->see('The box is planned by the guide of Pellwick Quay Gift Drive now.');
        $this->dontSee('problem to fix');
        self::assertSame([], self::browser()->console());
    }

    public function test_the_steps_are_scrubbed_by_keys_and_by_the_slider_and_the_box_is_turned(): void
    {
        $this->openDemo();
        $this->click('Night-sky watcher');
        $this->click('Step by step, layer by layer');
        $this->see('Step 1 of ');
        $steps = (int) $this->js("return document.querySelector('#step').max");
        self::assertGreaterThan(10, $steps);
        $isAt = fn (int $step): bool => str_starts_with($this->says(), "Step {$step} of {$steps}: ");
        $this->until(static fn (): bool => $isAt(1), 'It does not begin at the first step.');
        $first = $this->drawn();
        $this->js(
            "const slider = document.querySelector('#step'); slider.value = slider.max; slider.dispatchEvent(new "
                ."Event('input', {bubbles: true}))",
        );
        $this->until(static fn (): bool => $isAt($steps), 'It does not show the whole packing.');
        $last = $this->drawn();
        $this->js('window.stillHere = true');
        $this->press(WebDriverKeys::ARROW_LEFT);
        $this->until(static fn (): bool => $isAt($steps - 1), 'The key does not go back.');
        self::assertLessThan($last, $this->drawn());
        $this->js(
            "const slider = document.querySelector('#step'); slider.value = 1; slider.dispatchEvent(new "
                ."Event('input', {bubbles: true}))",
        );
        $this->until(static fn (): bool => $isAt(1), 'The slider does not scrub.');
        self::assertSame($first, $this->drawn());
        $this->click('Turn it right');
        $this->see('seen from the left');
        $this->see('Layer 1:');
        self::assertTrue($this->js('return window.stillHere'));
        self::assertSame([], self::browser()->console());
    }

    public function test_a_box_too_small_is_closed_by_leaving_out_what_costs_least_and_the_gauge_follows(): void
    {
        $this->openDemo();
        $this->click('Night-sky watcher');
        $this->see('Closes flat');
        $this->click('Step by step, layer by layer');
        $this->see('The same in another box');
        $this->act(
            WebDriverBy::xpath("//li[.//b[.='Tapered tub']]//button"),
            static fn (RemoteWebElement $button) => $button->click(),
        );
        $this->see('Packed in “Tapered tub” from now on.');
        $this->see('do not fit');
        // What else could be done is looked for once the longer try is over.
        $this->see('costs the box least');
        $this->act(
            WebDriverBy::cssSelector('#leave-out + ol li:first-child button'),
            static fn (RemoteWebElement $button) => $button->click(),
        );
        $this->see('Left out, and back in the stash.');
        $this->until(
            fn (): bool => ! str_contains(
                (string) $this->js("return document.querySelector('#fit').innerText"),
                'no place left for it',
            ),
            'Something still stays out.',
        );
        $this->click('Back to the box');
        $this->until(
            fn (): bool => preg_match(
                '/Closes flat|Snug|Tight/',
                (string) $this->js("return document.querySelector('#gauges').innerText"),
            ) === 1,
            'The gauge did not follow.',
        );
        self::assertSame([], self::browser()->console());
    }

    public function test_a_longer_try_is_made_behind_what_is_being_typed(): void
    {
        $this->openDemo();
        $this->click('Little railway');
        $this->click('Change');
        // Whatever was tried before; in its tub it closes only under pressure, so that more is tried than is answered
        // at once.
        self::server()->table()->exec('delete from fit_results');
        $this->click('Save the changes');
        $this->see('Room');
        $this->press('p');
        $this->type('#pick-q', 'soap');
        $this->js('window.stillHere = true');
        $this->until(
            fn (): bool => self::server()->column('select problem from fit_results where is_thorough = 1') !== [],
            'No longer try was made.',
        );
        $this->until(
            fn (): bool => $this->js("return document.querySelector('.htmx-request')") === null,
            'Its answer does not come.',
        );
        self::assertSame('soap', $this->js("return document.querySelector('#pick-q').value"));
        self::assertTrue($this->js('return window.stillHere'));
        self::assertSame([], self::browser()->console());
    }

    public function test_a_box_opened_while_another_is_worked_out_is_tried_when_that_is_done(): void
    {
        $this->openDemo();
        // As with boxes that came in by a file: each is tried behind the shelf, or when it is opened.
        self::server()->table()->exec('delete from fit_results');
        $turn = self::server()->busyFor((int) self::server()->column('select crew_id from boxes limit 1')[0]);
        $this->click('Night-sky watcher');
        $this->see('this follows in a moment');
        $this->click('Change');
        $this->see('Save the changes');
        $this->js('window.history.back()');
        $this->see('this follows in a moment');
        fclose($turn);
        $this->dontSee('this follows in a moment');
        self::assertMatchesRegularExpression(
            '/Closes flat|Snug|Tight/',
            (string) $this->js("return document.querySelector('#gauges').innerText"),
        );
        $this->click('Step by step, layer by layer');
        $this->see('Step 1 of ');
        self::assertSame([], self::browser()->console());
    }

    public function test_a_piece_says_its_name_when_it_is_reached_by_keyboard_or_finger(): void
    {
        $this->openDemo();
        $this->click('Night-sky watcher');
        $this->click('Step by step, layer by layer');
        $this->until(
            fn (): bool => str_starts_with($this->says(), 'Step 1 of '),
            'It does not begin at the first step.',
        );
        $this->js(
            "const slider = document.querySelector('#step'); slider.value = slider.max; slider.dispatchEvent(new "
                ."Event('input', {bubbles: true}))",
        );
        $this->until(
            fn (): bool => preg_match('/^Step (\d+) of \1: /', $this->says()) === 1,
            'It does not show the whole packing.',
        );
        $this->see('Tap a piece, and read its name here');
        $named = fn (): string => (string) $this->js("return document.querySelector('[data-named]').textContent");
        // What is painted last has nothing over it.
        $last = '[...document.querySelectorAll(".pinched .piece[data-name]")].at(-1)';
        $this->js("{$last}.id = 'painted-last'");
        $name = (string) $this->js("return {$last}.dataset.name");
        self::assertMatchesRegularExpression('/^\d+\. \w/', $name);
        $this->act(
            WebDriverBy::cssSelector('#painted-last .step'),
            static fn (RemoteWebElement $number) => $number->click(),
        );
        $this->until(static fn (): bool => $named() === $name, 'A tapped piece does not tell its name.');

        // The drawing is one stop for the Tab key, and the arrows go from piece to piece.
        self::assertSame(1, $this->js("return document.querySelectorAll('.piece[tabindex=\"0\"]').length"));
        $this->tabTo('.piece[tabindex="0"]');
        $first = $named();
        $this->press(WebDriverKeys::ARROW_DOWN);
        $this->until(static fn (): bool => $named() !== $first, 'The arrow does not go on.');
        $this->press(WebDriverKeys::ARROW_UP);
        $this->until(static fn (): bool => $named() === $first, 'The arrow does not go back.');
    }

    private function says(): string
    {
        return (string) $this->js("return document.querySelector('#says')?.innerText ?? ''");
    }

    /** How many pieces the large drawing shows. */
    private function drawn(): int
    {
        return (int) $this->js(
            "return new Set([...document.querySelectorAll('section[aria-label=\"The open box\"] .piece "
                ."title')].map((title) => title.textContent)).size",
        );
    }

    private function bringInTheBox(): void
    {
        $this->openDemo();
        $this->click('Bring in a box from a file');
        $file = self::browser()->driver->findElement(WebDriverBy::id('file'));
        self::assertInstanceOf(RemoteWebElement::class, $file);
        $file->setFileDetector(new LocalFileDetector)->sendKeys(
            dirname(__DIR__).'/Scenarios/boxes/eight-findings.json',
        );
        $this->click('Put it on the shelf');
        $this->see('“Eight findings” is on your shelf, as the file has it');
    }

    private function mend(string $about, string $remedy): void
    {
        $this->act(
            WebDriverBy::xpath(
                "//li[contains(@class, 'finding')][.//b[starts-with(., '{$about}.')]]"
                    ."//button[starts-with(normalize-space(.), '{$remedy}')]",
            ),
            static fn (RemoteWebElement $button) => $button->click(),
        );
    }

    private function findings(int $count): void
    {
        $this->until(
            fn (): bool => $this->js(
                "return document.querySelectorAll('li.finding:not(#not-there li)').length",
            ) === $count,
            "There are not {$count} findings.",
        );
    }

    private function trial(): string
    {
        return (string) $this->js("return document.querySelector('#trial').innerText");
    }
}
