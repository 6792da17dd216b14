<?php

declare(strict_types=1);

namespace Tests\Feature\Plan;

use App\Models\Box;
use App\Models\BoxChange;
use App\Models\LeftBehind;
use App\Models\Lot;
use App\Models\Piece;
use Tests\Feature\TestCase;

final class NextBoxTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        config(['wren.fit.page.attempts' => 2]);
        $this->actingAs($this->packer);
    }

    public function test_what_is_left_out_waits_with_its_reason_and_is_offered_first_when_the_next_box_begins(): void
    {
        [$box, $ball, $owl] = [
            $this->box(['theme' => 'Tide pool']), $this->lot('ball-and-pump'), $this->lot('plush-small'),
        ];
        [$ballIn, $owlIn] = [$this->picked($box, $ball), $this->picked($box, $owl)];
        $this->post("/boxes/{$box->id}/fit/leave-out", ['counts' => [$ballIn->id => '1']]);
        $this->post("/pieces/{$owlIn->id}/leave", ['because' => 'It suits a younger child.'])->assertRedirect();
        self::assertSame(0, $box->pieces()->count());

        $this->get('/boxes')->assertSee('2 things wait for the next box');
        $this->get('/boxes/next')
            ->assertSee('left out of “Tide pool”: no room')
            ->assertSee('kept back from “Tide pool”: It suits a younger child.');
        $this->lot('soap', ['name' => 'A first thing']);
        $other = $this->box(['theme' => 'Hill farm']);
        $this->get("/boxes/{$other->id}?pick=1")->assertSeeInOrder([
            'left out of “Tide pool”: no room', 'A first thing',
        ]);
        // The box that left it is not the next one.
        $this->get("/boxes/{$box->id}?pick=1")->assertSeeInOrder([
            'A first thing', 'left out of “Tide pool”: no room',
        ]);
        $this->get('/boxes/new')->assertSee('Left for this box')->assertSee('It suits a younger child.');

        $left = LeftBehind::query()->where('lot_id', $owl->id)->sole();
        $this->post('/boxes', [
            'band' => '4-7', 'gender' => 'girl', 'box_kind' => 'straight-card', 'theme' => 'Mountain hut',
            'sending_gift' => '9', 'left' => [(string) $left->id, 'nonsense'],
        ])->assertSessionHasNoErrors();
        $next = Box::query()->where('theme', 'Mountain hut')->sole();
        self::assertSame([$owl->id], $next->pieces()->pluck('lot_id')->all());
        self::assertSame([$ball->id], LeftBehind::query()->pluck('lot_id')->all());

        $this->delete('/boxes/next/'.LeftBehind::query()->sole()->id)->assertRedirect('/boxes/next');
        $this->get('/boxes/next')->assertSee('Nothing waits for the next box.');
    }

    public function test_an_undo_takes_it_off_the_list_and_a_gone_lot_is_on_it_no_more(): void
    {
        [$box, $soap] = [$this->box(), $this->lot('soap', ['pieces' => 6])];
        $piece = $this->picked($box, $soap, 4);
        $this->post("/boxes/{$box->id}/fit/leave-out", ['counts' => [$piece->id => '3']]);
        self::assertSame([3], LeftBehind::query()->pluck('pieces')->all());
        $this->post('/box-changes/'.BoxChange::query()->latest('id')->firstOrFail()->id.'/undo');
        self::assertSame([4, 0], [$piece->refresh()->quantity, LeftBehind::query()->count()]);

        $this->post("/boxes/{$box->id}/fit/leave-out", ['counts' => [$piece->id => '4']]);
        // Picked again, two of the four wait no longer.
        $this->picked($box, $soap, 2);
        self::assertSame([2], LeftBehind::query()->pluck('pieces')->all());
        $this->delete("/boxes/{$box->id}");
        $this->delete("/lots/{$soap->id}");
        self::assertSame(0, LeftBehind::query()->count());
    }

    private function picked(Box $box, Lot $lot, int $quantity = 1): Piece
    {
        $this->post("/boxes/{$box->id}/pieces", ['lot' => $lot->id, 'quantity' => $quantity]);

        return Piece::query()->where(['box_id' => $box->id, 'lot_id' => $lot->id])->firstOrFail();
    }
}
