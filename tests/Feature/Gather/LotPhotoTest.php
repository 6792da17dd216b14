<?php

declare(strict_types=1);

namespace Tests\Feature\Gather;

use App\Models\Crew;
use App\Models\LotPhoto;
use App\Models\User;
use Illuminate\Http\UploadedFile;
use PluckyWren\Core\Box\Stage;
use Tests\Feature\TestCase;

final class LotPhotoTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->packer);
    }

    public function test_a_photo_stands_beside_its_thing_in_stash_and_picker(): void
    {
        $lot = $this->lot();
        $box = $this->box();
        $other = $this->lot('comb');
        $address = "/lots/{$lot->id}/photo";
        $this->get('/gather')->assertDontSee($address);
        $this->post($address, ['photo' => UploadedFile::fake()->image('soap.jpg', 1600, 800)])
            ->assertRedirect("/lots/{$lot->id}")->assertSessionHas('said', 'The photo is saved.');

        $shown = (string) $this->get($address)->assertOk()->assertHeader('Content-Type', 'image/jpeg')->getContent();
        self::assertSame([640, 320], array_slice((array) getimagesizefromstring($shown), 0, 2));
        $this->get('/gather')->assertSee($address)->assertDontSee("/lots/{$other->id}/photo");
        $this->get("/boxes/{$box->id}?pick=1")->assertSee($address);
        $this->get("/lots/{$lot->id}")->assertSee('Photo of “'.$lot->name.'”');
        $this->delete($address)->assertRedirect();
        $this->get($address)->assertNotFound();
    }

    public function test_it_stands_at_the_step_of_the_bench_at_which_the_thing_goes_in(): void
    {
        $lot = $this->lot();
        $box = $this->box(['stage' => Stage::Ready]);
        $this->post("/boxes/{$box->id}/pieces", ['lot' => $lot->id, 'quantity' => 1])->assertRedirect();
        $this->post("/lots/{$lot->id}/photo", ['photo' => UploadedFile::fake()->image('soap.jpg', 20, 20)]);
        $this->post("/boxes/{$box->id}/bench")->assertRedirect();

        $this->get("/boxes/{$box->id}/bench")->assertOk()->assertSee("/lots/{$lot->id}/photo");
    }

    public function test_it_comes_back_with_a_deleted_thing(): void
    {
        $lot = $this->lot();
        $this->post("/lots/{$lot->id}/photo", ['photo' => UploadedFile::fake()->image('soap.jpg', 20, 20)]);
        $this->delete("/lots/{$lot->id}")->assertRedirect();
        self::assertSame(0, LotPhoto::query()->count());
        $this->post((string) parse_url((string) session('undo'), PHP_URL_PATH))->assertSessionHasNoErrors();

        self::assertSame([$lot->id], LotPhoto::query()->pluck('lot_id')->all());
    }

    public function test_what_is_no_picture_is_refused_and_nobody_else_sees_it(): void
    {
        $lot = $this->lot();
        $this->post("/lots/{$lot->id}/photo", ['photo' => UploadedFile::fake()->createWithContent('a.jpg', '<?php')])
            ->assertSessionHasErrors('photo');
        $this->post("/lots/{$lot->id}/photo", ['photo' => UploadedFile::fake()->image('soap.jpg', 20, 20)]);
        $this->actingAs(User::factory()->createOne(['crew_id' => Crew::factory()->createOne()->id]));

        $this->get("/lots/{$lot->id}/photo")->assertNotFound();
    }
}
