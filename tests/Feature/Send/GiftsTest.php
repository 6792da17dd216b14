<?php

declare(strict_types=1);

namespace Tests\Feature\Send;

use App\Models\Box;
use App\Models\BoxGift;
use App\Models\GiftPayment;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use PluckyWren\Core\Box\Stage;
use Symfony\Component\HttpFoundation\Response;
use Tests\Feature\TestCase;

/** What packed boxes lack, their codes, and the shipping gifts. */
final class GiftsTest extends TestCase
{
    private Box $box;

    private Box $other;

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo('2026-11-20 10:00');
        $this->actingAs($this->packer);
        $this->box = $this->box(['number' => 14, 'theme' => 'Tide pool', 'stage' => Stage::Packed]);
        $this->other = $this->box(['number' => 15, 'theme' => 'Kite hill', 'stage' => Stage::Packed]);
    }

    public function test_one_payment_settles_several_boxes_and_everyone_sees_it(): void
    {
        $this->get('/send')->assertOk()
            ->assertSee('2 notes to write, 2 labels to stick on, 2 gifts to pay.')
            ->assertSee('0.00 paid, 0.00 waived, 18.00 EUR still to pay.')
            ->assertSee('Handed in as it is');

        $this->settle(['gifts' => [$this->box->id, $this->other->id], 'how' => 'bank transfer', 'reference' => 'QH 77'])
            ->assertRedirect('/send')
            ->assertSessionHas('said', 'The shipping gifts of 2 boxes are settled: 18.00.');

        $this->get('/send')->assertOk()
            ->assertSee('18.00 paid, 0.00 waived, 0.00 EUR still to pay.')
            ->assertSee('19 Nov 2026, 18.00 paid, bank transfer, reference QH 77')
            ->assertSee("written down by {$this->packer->name}")
            ->assertSee('Kite hill')
            ->assertDontSee('gifts to pay');
        $this->get("/boxes/{$this->box->id}/ledger")->assertSee('paid on 19 Nov 2026, bank transfer, reference QH 77');
        $this->get("/boxes/{$this->box->id}/closing")->assertSee('aria-pressed="true"', false);
    }

    public function test_a_gift_is_paid_once(): void
    {
        $this->settle(['gifts' => [$this->box->id]])->assertSessionHasNoErrors();
        $this->settle(['gifts' => [$this->box->id, $this->other->id]])
            ->assertSessionHasErrors([
                'gifts' => 'Settled already: Tide pool. Untick what is settled, and look at the list.',
            ]);

        self::assertSame([1, 1], [GiftPayment::query()->count(), BoxGift::query()->count()]);
    }

    public function test_the_same_form_sent_twice_is_one_payment(): void
    {
        $once = (string) Str::ulid();
        $this->settle(['gifts' => [$this->box->id], 'once' => $once])->assertRedirect('/send');
        $this->settle(['gifts' => [$this->box->id], 'once' => $once])
            ->assertRedirect('/send')
            ->assertSessionHasNoErrors();

        self::assertSame(1, GiftPayment::query()->count());
    }

    public function test_the_season_s_money_knows_what_is_paid_what_is_waived_and_what_is_promised(): void
    {
        $this->box(['number' => 16, 'stage' => Stage::Packed]);
        $this->settle(['gifts' => [$this->box->id]])->assertSessionHasNoErrors();
        $this->settle(['gifts' => [$this->other->id], 'state' => 'waived'])->assertSessionHasNoErrors();

        // One is paid though its box is still here, one costs nothing, one is open.
        $this->get('/gather/money')->assertSeeInOrder(['Spent', '9.00', 'Promised as shipping gifts', '9.00']);
        $this->put("/boxes/{$this->other->id}/stage", ['stage' => 'handed-in', 'was' => 'packed'])
            ->assertSessionHasNoErrors();
        $this->get('/gather/money')->assertSeeInOrder(['Spent', '9.00', 'Promised as shipping gifts', '9.00']);
    }

    public function test_a_payment_taken_out_leaves_its_gifts_open(): void
    {
        $this->settle(['gifts' => [$this->box->id], 'state' => 'waived'])->assertSessionHasNoErrors();
        $this->get('/send')->assertSee('0.00 paid, 9.00 waived, 9.00 EUR still to pay.');

        $this->delete('/send/gifts/'.GiftPayment::query()->firstOrFail()->id)->assertRedirect('/send');

        self::assertSame(0, BoxGift::query()->count());
        // The form holds it, so that nothing is to be typed again.
        $page = (string) $this->get('/send')->assertSee('18.00 EUR still to pay')->getContent();
        self::assertMatchesRegularExpression("/value=\"{$this->box->id}\" checked/", $page);
        self::assertMatchesRegularExpression('/value="waived" checked/', $page);
        self::assertStringContainsString('value="2026-11-19"', $page);
    }

    public function test_what_was_paid_outlives_its_box_and_is_there_when_the_box_comes_back(): void
    {
        $this->settle(['gifts' => [$this->box->id]])->assertSessionHasNoErrors();
        $this->delete("/boxes/{$this->box->id}")->assertSessionHasNoErrors();
        $undo = session('undo');
        self::assertSame('Tide pool', BoxGift::query()->firstOrFail()->theme);

        $this->post(is_string($undo) ? $undo : '')->assertSessionHasNoErrors();

        $this->get('/send')->assertSee('9.00 paid, 0.00 waived, 9.00 EUR still to pay.');
    }

    public function test_a_handed_in_box_may_still_be_paid_for(): void
    {
        $this->put("/boxes/{$this->box->id}/stage", ['stage' => 'handed-in', 'was' => 'packed'])
            ->assertSessionHasNoErrors();

        $this->settle(['gifts' => [$this->box->id]])->assertSessionHasNoErrors();

        $this->get("/boxes/{$this->box->id}/ledger")->assertSee('paid on 19 Nov 2026');
    }

    /** @param array<string, mixed> $wrong */
    #[DataProvider('wrongs')]
    public function test_what_is_wrong_is_said_beside_its_field_and_nothing_is_kept(array $wrong, string $field): void
    {
        $this->settle(['gifts' => [$this->box->id], ...$wrong])->assertSessionHasErrors($field);

        self::assertSame([0, 0], [GiftPayment::query()->count(), BoxGift::query()->count()]);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function wrongs(): iterable
    {
        yield 'no box' => [['gifts' => []], 'gifts'];
        yield 'a box that is not there' => [['gifts' => ['nowhere']], 'gifts'];
        yield 'no list' => [['gifts' => 'all'], 'gifts'];
        yield 'neither paid nor waived' => [['state' => 'lent'], 'state'];
        yield 'tomorrow' => [['settled_on' => '2026-11-21'], 'settled_on'];
        yield 'no day' => [['settled_on' => '2026-02-30'], 'settled_on'];
        yield 'a long story' => [['how' => str_repeat('a', 81)], 'how'];
        yield 'a list for words' => [['reference' => ['a']], 'reference'];
    }

    public function test_a_code_leads_to_its_box_and_a_wrong_one_says_why_not(): void
    {
        $this->get('/send/box?code=14m')->assertRedirect("/boxes/{$this->box->id}");
        foreach ([
            '14n' => 'The letter of “14n” does not go with its number. Look at the label once more.',
            '16s' => 'No box of yours bears 0016-S.',
            'x' => '“x” is no box code. One reads like 0014-M: the box’s number, then a letter.',
        ] as $typed => $says) {
            $this->get("/send/box?code={$typed}")->assertRedirect('/send')->assertSessionHasErrors(['code' => $says]);
        }
        $this->get('/send/box?code[]=14m')->assertStatus(422);
    }

    public function test_the_page_names_each_place_s_last_day_and_says_that_one_closes_earlier(): void
    {
        $this->get('/send')->assertOk()
            ->assertSee('Lock House school takes boxes until 15 Dec, 25 days from now, Monday to Friday')
            ->assertSee('The quay hall takes boxes until 18 Dec, 28 days from now, daily 10:00 to 19:00.')
            ->assertSee('whoever goes to Lock House school has to be there by 15 Dec.');
        $this->travelTo('2026-12-16 10:00');
        $this->get('/send')->assertDontSee('Lock House school')->assertSee('until 18 Dec, 2 days from now,');
        $this->travelTo('2026-12-18 23:00');
        $this->get('/send')->assertSee('until 18 Dec, today is the last day,');
    }

    /**
     * @param  array<string, mixed>  $with
     * @return TestResponse<Response>
     */
    private function settle(array $with): TestResponse
    {
        return $this->post('/send/gifts', ['state' => 'paid', 'settled_on' => '2026-11-19', ...$with]);
    }
}
