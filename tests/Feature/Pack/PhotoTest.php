<?php

declare(strict_types=1);

namespace Tests\Feature\Pack;

use App\Models\BoxPhoto;
use App\Models\Crew;
use App\Models\User;
use Illuminate\Http\UploadedFile;
use Tests\Feature\TestCase;
use Tests\Support\Run;

/** A photo of a packed box: kept small, with nothing in it but the picture. */
final class PhotoTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->packer);
    }

    public function test_a_photo_is_kept_small_and_without_what_the_camera_wrote(): void
    {
        $box = $this->box();
        $this->from("/boxes/{$box->id}/bench")
            ->post("/boxes/{$box->id}/photo", ['photo' => $this->photo(2400, 1800, 'Somewhere Lane 5')])
            ->assertSessionHas('said', 'The photo is saved.');
        $shown = $this->get("/boxes/{$box->id}/photo")->assertOk()->assertHeader('Content-Type', 'image/jpeg');
        $jpeg = (string) $shown->getContent();

        self::assertStringNotContainsString('Somewhere Lane 5', $jpeg);
        self::assertStringNotContainsString("\xFF\xE1", substr($jpeg, 0, 4096), 'no segment of a camera');
        self::assertSame([1600, 1200], array_slice((array) getimagesizefromstring($jpeg), 0, 2));

        // The next one takes its place.
        $this->post("/boxes/{$box->id}/photo", ['photo' => $this->photo(300, 400, '')]);
        self::assertSame(1, BoxPhoto::query()->count());
        $again = (string) $this->get("/boxes/{$box->id}/photo")->getContent();
        self::assertSame([300, 400], array_slice((array) getimagesizefromstring($again), 0, 2));
        $this->delete("/boxes/{$box->id}/photo");
        $this->get("/boxes/{$box->id}/photo")->assertNotFound();
    }

    public function test_what_is_no_picture_is_refused_beside_the_field_and_nobody_else_sees_it(): void
    {
        $box = $this->box();
        $send = fn (mixed $file) => $this->post("/boxes/{$box->id}/photo", ['photo' => $file]);
        $says = ['photo' => 'That is no picture we can read. Take a JPEG, PNG or WebP.'];
        $send('words')->assertSessionHasErrors($says);
        $send(UploadedFile::fake()->createWithContent('box.jpg', '<?php echo 1;'))->assertSessionHasErrors($says);
        $cut = (string) file_get_contents($this->photo(400, 300, '')->getPathname());
        $send(UploadedFile::fake()->createWithContent('box.jpg', substr($cut, 0, 60)))->assertSessionHasErrors($says);
        $send(UploadedFile::fake()->create('box.jpg', 9_000))->assertSessionHasErrors('photo');
        self::assertSame(0, BoxPhoto::query()->count());

        $send($this->photo(400, 300, ''));
        $this->actingAs(User::factory()->createOne(['crew_id' => Crew::factory()]));
        $this->get("/boxes/{$box->id}/photo")->assertNotFound();
        $send($this->photo(400, 300, ''))->assertNotFound();
    }

    /** A JPEG with a comment, and with a segment such as cameras write. */
    private function photo(int $width, int $height, string $written): UploadedFile
    {
        $image = imagecreatetruecolor(max(1, $width), max(1, $height));
        imagefilledrectangle($image, 0, 0, intdiv($width, 2), $height, (int) imagecolorallocate($image, 200, 80, 40));
        $path = Run::folder().'/photo-'.bin2hex(random_bytes(4)).'.jpg';
        imagejpeg($image, $path, 90);
        $jpeg = (string) file_get_contents($path);
        $segment = "Exif\0\0{$written}";
        $marked = substr($jpeg, 0, 2)."\xFF\xE1".pack('n', strlen($segment) + 2).$segment.substr($jpeg, 2);
        file_put_contents($path, $marked);

        return new UploadedFile($path, 'box.jpg', 'image/jpeg', null, true);
    }
}
