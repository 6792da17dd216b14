<?php

declare(strict_types=1);

namespace Tests\Browser;

/** A packer who follows the plan on her phone, and changes it where she knows better. */
final class OwnWayPathTest extends BrowserTestCase
{
    public function test_she_has_it_packed_her_own_way_and_takes_it_back(): void
    {
        $this->openPlan();
        $this->click('Pack “');
        $this->clickOn('button[name=wish][value=top]');
        $this->see('Planned again around that');
        $this->see('Your own way');
        self::assertSame(
            ['{"lies":"top"}'],
            self::server()->column("select packing from pieces where packing <> '{}'"),
        );

        $this->click('Undo');
        $this->see('Undone');
        self::assertSame([], self::server()->column("select packing from pieces where packing <> '{}'"));
        self::assertSame([], self::browser()->console());
    }

    public function test_what_she_opened_stays_open_when_the_page_is_brought_anew(): void
    {
        $this->openPlan();
        $this->click('Pack “');
        $this->click('Turn it right');
        $this->see('seen from the left');
        self::assertTrue($this->js("return document.querySelector('button[name=wish][value=top]').checkVisibility()"));
    }

    public function test_the_numbers_of_a_drawing_can_be_read_on_a_phone_and_it_is_drawn_larger(): void
    {
        self::browser()->size(390, 844);
        $this->openPlan();
        $smallest = <<<'JS'
            return Math.min(...[...document.querySelectorAll('svg.drawn .step')].map((number) =>
                parseFloat(getComputedStyle(number).fontSize) * number.getScreenCTM().a))
        JS;
        $this->until(fn (): bool => (float) $this->js($smallest) >= 11, 'A number is smaller than 11 px.');

        $width = "return document.querySelector('.pinched svg').viewBox.baseVal.width";
        $whole = (float) $this->js($width);
        $this->clickOn('[data-nearer=larger]');
        self::assertEqualsWithDelta($whole / 1.5, (float) $this->js($width), 0.5);
        self::assertGreaterThanOrEqual(11.0, (float) $this->js($smallest));
        $this->clickOn('[data-nearer=smaller]');
        self::assertEqualsWithDelta($whole, (float) $this->js($width), 0.5);
    }

    public function test_two_fingers_draw_it_larger_and_one_names_a_piece_without_leaving_it(): void
    {
        self::browser()->size(390, 844);
        $this->openPlan();
        $this->js(<<<'JS'
            const svg = document.querySelector('.pinched svg');
            const at = svg.getBoundingClientRect();
            const finger = (kind, id, x) => svg.dispatchEvent(new PointerEvent(kind, {
                pointerId: id, pointerType: 'touch', bubbles: true, clientX: at.left + x, clientY: at.top + 90,
            }));
            window.whole = svg.viewBox.baseVal.width;
            finger('pointerdown', 1, 140);
            finger('pointerdown', 2, 180);
            finger('pointermove', 2, 190);
            finger('pointermove', 2, 240);
            finger('pointerup', 1, 140);
            finger('pointerup', 2, 240);
        JS);
        // From 50 to 100 px apart.
        self::assertEqualsWithDelta(
            0.5,
            $this->js("return document.querySelector('.pinched svg').viewBox.baseVal.width / window.whole"),
            0.01,
        );
        $this->js(
            "document.querySelector('.pinched .piece[data-name]').dispatchEvent("
                ."new PointerEvent('pointerdown', { bubbles: true }))",
        );
        self::assertMatchesRegularExpression(
            '/^\d+\. /',
            (string) $this->js("return document.querySelector('.pinched [data-named]').textContent"),
        );
    }

    private function openPlan(): void
    {
        $this->openDemo();
        $this->click('Night-sky watcher');
        $this->see('Must-haves');
        $box = self::server()->column("select id from boxes where theme = 'Night-sky watcher'")[0];
        // About half-way up, where one thing goes in: what is filled first has no way of its own.
        $step = 9;
        do {
            $step++;
            $this->open("/boxes/{$box}/fit?step={$step}");
            $this->see('In this order');
        } while ($this->js("return document.body.textContent.includes('Pack “')") !== true && $step < 18);
    }
}
