<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;

/** From the closed lid to the desk: the gift is paid, the label printed, the box found by its code and handed in. */
final class SendPathTest extends BrowserTestCase
{
    public function test_a_packed_box_is_paid_for_labelled_found_by_its_code_and_handed_in(): void
    {
        $this->openDemo();
        $this->open('/send');
        $this->see('One gift to pay.');
        $this->see('Handed in as it is');
        $box = self::server()->column("select id from boxes where theme = 'Harbour at dawn'")[0] ?? '';
        $this->clickOn("input[name='gifts[]'][value='{$box}']");
        $this->type('input[name=how]', 'bank transfer');
        $this->type('input[name=reference]', 'QH 77');
        $this->click('Write it down');
        $this->see('9.00 paid, bank transfer, reference QH 77, written down by');
        $this->see('The one packed box lacks nothing.');

        $this->click('Print labels');
        $this->see('Sending gift paid: QH 77');
        $this->clickOn('input[name=card][value=slip]');
        $this->click('Show what is ticked');
        $this->see('Packed by Wharf Lane crew');
        // The sheet opens beside the page; here it is fetched as the form would.
        $sheet = $this->js(<<<'JS'
            const form = document.getElementById('cards');
            const asked = new XMLHttpRequest();
            asked.open('GET', '/send/labels.pdf?' + new URLSearchParams(new FormData(form)), false);
            asked.send();
            return asked.getResponseHeader('Content-Type') + ' ' + asked.responseText.slice(0, 5);
            JS);
        self::assertSame('application/pdf %PDF-', $sheet);

        $this->open('/send');
        $this->type('input[name=code]', '24s');
        $this->press("\u{E007}");
        $this->see('does not go with its number');
        $this->type('input[name=code]', '24r');
        $this->press("\u{E007}");
        $this->until(
            fn (): bool => $this->js('return location.pathname') === "/boxes/{$box}",
            'The code does not lead to its box.',
        );
        $this->open('/send');
        $this->click('It is handed in');
        $this->see('No packed box waits here.');
        self::assertSame(
            ['handed-in'],
            self::server()->column("select stage from boxes where theme = 'Harbour at dawn'"),
        );
        self::assertSame([], self::browser()->console());
    }

    public function test_a_photo_for_the_note_is_cropped_in_the_page(): void
    {
        $file = sys_get_temp_dir().'/shore.png';
        $image = imagecreatetruecolor(400, 200);
        self::assertNotFalse($image);
        imagefilledrectangle($image, 200, 0, 399, 199, (int) imagecolorallocate($image, 250, 250, 250));
        imagepng($image, $file);
        $this->openDemo();
        $box = self::server()->column("select id from boxes where theme = 'Tide pool'")[0] ?? '';
        $this->open("/boxes/{$box}/note");
        self::browser()->driver->findElement(WebDriverBy::cssSelector('input[name=photo]'))->sendKeys($file);
        $this->until(
            fn (): bool => $this->js('return document.querySelector("canvas").offsetWidth') === 202,
            'The photo is not shown.',
        );
        // All the way to the right the square is white alone.
        $this->js('const range = document.querySelector("[data-crop=x]"); range.value = 1000;'
            .'range.dispatchEvent(new Event("input", {bubbles: true}));');
        self::assertSame(250, $this->js(
            'return document.querySelector("canvas").getContext("2d").getImageData(20, 100, 1, 1).data[0]',
        ));
        $this->click('Put it on the note');
        $this->see('The photo is on the note.');
        $jpeg = base64_decode(self::server()->column('select jpeg from note_photos')[0] ?? '', true);
        $kept = imagecreatefromstring((string) $jpeg);
        self::assertNotFalse($kept);
        self::assertGreaterThan(240, imagecolorsforindex($kept, (int) imagecolorat($kept, 5, 100))['red']);
        self::assertSame([], self::browser()->console());
    }
}
