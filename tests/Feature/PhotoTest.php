<?php

declare(strict_types=1);

use App\Models\Entry;
use App\Models\Job;
use App\Models\Photo;
use App\Models\Role;
use App\Photos\Photograph;
use App\Photos\PhotoRejected;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;

beforeEach(function (): void {
    $this->actingAs($this->person(Role::Owner));
});

/** A real JPEG, a quarter of it red from the top left. */
function jpeg(int $width = 80, int $height = 40): string
{
    $image = imagecreatetruecolor($width, $height);
    imagefill($image, 0, 0, (int) imagecolorallocate($image, 20, 40, 200));
    imagefilledrectangle(
        $image,
        0,
        0,
        intdiv($width, 2),
        intdiv($height, 2),
        (int) imagecolorallocate($image, 220, 20, 20),
    );
    ob_start();
    imagejpeg($image, null, 90);

    return (string) ob_get_clean();
}

/** The same with what a camera writes: EXIF with the way it was held, a place and an owner. */
function jpegWithExif(int $orientation = 6): string
{
    $owner = 'Somebody, 51.5N 0.1W'."\0";
    $tiff
        = "II*\0"
        .pack('V', 8)
        .pack('v', 2)
        .pack('vvV', 0x0112, 3, 1)
        .pack('vv', $orientation, 0)
        .pack('vvV', 0x8298, 2, strlen($owner))
        .pack('V', 8 + 2 + 24 + 4)
        .pack('V', 0)
        .$owner;
    $segment = "Exif\0\0".$tiff;

    return "\xFF\xD8\xFF\xE1".pack('n', strlen($segment) + 2).$segment.substr(jpeg(), 2);
}

function photoFile(string $bytes, string $name = 'IMG_0001.jpg'): UploadedFile
{
    return UploadedFile::fake()->createWithContent($name, $bytes);
}

function redAt(string $jpeg, float $across, float $down): bool
{
    $image = imagecreatefromstring($jpeg);
    $color = imagecolorsforindex(
        $image,
        (int) imagecolorat($image, (int) ($across * imagesx($image)), (int) ($down * imagesy($image))),
    );

    return $color['red'] > 150 && $color['blue'] < 100;
}

function keep(Tests\TestCase $test, Job $job, string $bytes, array $more = []): Illuminate\Testing\TestResponse
{
    return $test->post("/jobs/{$job->id}/photos", [
        'client_id' => Illuminate\Support\Str::uuid()->toString(),
        'seen' => $job->refresh()->log_length,
        'station' => 'as-found',
        'caption' => 'Governor side',
        'photo' => photoFile($bytes),
        ...$more,
    ]);
}

it('keeps a photo upright, and nothing of the camera', function (): void {
    expect(exif_read_data('data://image/jpeg;base64,'.base64_encode(jpegWithExif()))['Copyright'] ?? '')->toContain(
        'Somebody',
    );
    $job = $this->openJob();
    keep($this, $job, jpegWithExif(6))->assertSessionHasNoErrors()->assertRedirectContains('/as-found');
    $photo = Photo::query()->firstOrFail();
    $stored = $this->get("/jobs/{$job->id}/photos/{$photo->id}")
        ->assertOk()
        ->assertHeader('Content-Type', 'image/jpeg')
        ->getContent();

    // Held a quarter turn to the right: wide becomes high, and the top left goes to the top right.
    expect([$photo->width_px, $photo->height_px])
        ->toBe([40, 80])
        ->and(redAt((string) $stored, 0.8, 0.2))
        ->toBeTrue()
        ->and(redAt((string) $stored, 0.2, 0.8))
        ->toBeFalse()
        ->and(strpos((string) $stored, 'Exif'))
        ->toBeFalse()
        ->and(strpos((string) $stored, 'Somebody'))
        ->toBeFalse();
    $this->get("/jobs/{$job->id}/as-found")
        ->assertSee('Governor side')
        ->assertSee('viewBox="0 0 40 80"', false);
});

it('turns a photo the way it was held', function (int $orientation, array $size, float $across, float $down): void {
    $photograph = Photograph::fromBytes(jpegWithExif($orientation));

    expect([$photograph->width, $photograph->height])
        ->toBe($size)
        ->and(redAt($photograph->jpeg, $across, $down))
        ->toBeTrue();
})->with([[1, [80, 40], 0.2, 0.2], [3, [80, 40], 0.8, 0.8], [6, [40, 80], 0.8, 0.2], [8, [40, 80], 0.2, 0.8]]);

it('makes a large photo smaller, and a clear ground white', function (): void {
    $large = Photograph::fromBytes(jpeg(3200, 800));
    $clear = imagecreatetruecolor(10, 10);
    imagesavealpha($clear, true);
    imagefill($clear, 0, 0, (int) imagecolorallocatealpha($clear, 0, 0, 0, 127));
    ob_start();
    imagepng($clear);
    $white = imagecreatefromstring(Photograph::fromBytes((string) ob_get_clean())->jpeg);

    expect([$large->width, $large->height])
        ->toBe([1600, 400])
        ->and(imagecolorat($white, 5, 5))
        ->toBe(0xFFFFFF);
});

it('refuses what is no picture, and keeps nothing of it', function (string $bytes, string $message): void {
    $job = $this->openJob();
    keep($this, $job, $bytes)->assertSessionHasErrors();

    expect(session('errors')->all()[0])
        ->toContain($message)
        ->and(Photo::query()->count())
        ->toBe(0)
        ->and($job->refresh()->log_length)
        ->toBe(1);
})->with([
    'text' => ['not a picture at all', 'not a picture'],
    'a script in the dress of a picture' => ["GIF89a<?php system('x'); ?>", 'not a picture'],
    'a drawing with script' => [
        '<svg xmlns="http://www.w3.org/2000/svg"><script>alert(1)</script></svg>',
        'not a picture',
    ],
    'nothing' => ['', 'photo'],
    'half a picture' => [fn (): string => substr(jpeg(400, 400), 0, intdiv(strlen(jpeg(400, 400)), 2)), 'damaged'],
    'a picture cut off' => [fn (): string => substr(jpeg(400, 400), 0, 180), 'picture'],
    'a bomb: a few bytes that claim 30,000 by 30,000 pixels' => [
        "\x89PNG\r\n\x1a\n".pack('N', 13).'IHDR'.pack('NN', 30000, 30000)."\x08\x02\0\0\0".pack('N', 0),
        '900 megapixels',
    ],
]);

it('refuses a file too large, and says how large it may be', function (): void {
    $job = $this->openJob();
    $this->post("/jobs/{$job->id}/photos", [
        'client_id' => Illuminate\Support\Str::uuid()->toString(),
        'seen' => 1,
        'station' => 'as-found',
        'photo' => UploadedFile::fake()->create('big.jpg', 9600),
    ])->assertSessionHasErrors();

    expect(session('errors')->first('photo'))->toContain('9.5 MB');
});

it('keeps one photo when it is sent twice', function (): void {
    $job = $this->openJob();
    $same = ['client_id' => '6f2a1b9c-0000-4000-8000-0000000000aa'];
    keep($this, $job, jpeg(), $same);
    keep($this, $job, jpeg(), $same);

    expect(Photo::query()->count())
        ->toBe(1)
        ->and(Entry::query()->where('kind', 'photo_taken')->count())
        ->toBe(1);
});

it('puts numbered pins on it, and takes them off', function (): void {
    $job = $this->openJob();
    keep($this, $job, jpeg());
    $photo = Photo::query()->firstOrFail();
    $pin = fn (array $fields) => $this->enter($job, 'photo_pinned', [
        'photo' => $photo->id,
        'across' => '25',
        'down' => '50',
        'text' => 'Spring, second hole',
        'at' => 'as-found',
        ...$fields,
    ]);
    $pin([])->assertSessionHasNoErrors();
    $pin(['across' => '75', 'text' => 'Breather hose'])->assertSessionHasNoErrors();
    $this->get("/jobs/{$job->id}/as-found")
        ->assertSee('translate(20.0 20.0)', false)
        ->assertSee('translate(60.0 20.0)', false)
        ->assertSee('pins: 1 Spring, second hole, 2 Breather hose');
    $pin(['across' => '120'])->assertSessionHasErrors();
    $pin(['photo' => '6f2a1b9c-0000-4000-8000-0000000000ff'])->assertSessionHasErrors();

    $first = Entry::query()->where('kind', 'photo_pinned')->orderBy('seq')->firstOrFail();
    $this->enter($job, 'struck', ['supersedes' => $first->id, 'at' => 'as-found'])->assertSessionHasNoErrors();
    $this->get("/jobs/{$job->id}/as-found")
        ->assertDontSee('Spring, second hole, 2')
        ->assertSee('pins: 1 Breather hose');
});

it('takes a photo off the sheet, but not out of the log', function (): void {
    $job = $this->openJob();
    keep($this, $job, jpeg());
    $this->enter($job, 'struck', [
        'supersedes' => Entry::query()->where('kind', 'photo_taken')->firstOrFail()->id,
        'at' => 'as-found',
    ]);

    $this->get("/jobs/{$job->id}/as-found")->assertDontSee('data-pinboard', false);
    expect(Photo::query()->count())->toBe(1);
    expect(fn () => DB::transaction(fn () => DB::table('photos')->delete()))->toThrow(
        Illuminate\Database\QueryException::class,
        'permission denied',
    );
});

it('shows a photo on its own job only, and to the shop only', function (): void {
    $job = $this->openJob();
    keep($this, $job, jpeg());
    $photo = Photo::query()->firstOrFail();
    $other = $this->openJob(['machine' => 'Another']);

    $this->get("/jobs/{$other->id}/photos/{$photo->id}")->assertNotFound();
    app('auth')->forgetGuards();
    $this->get("/jobs/{$job->id}/photos/{$photo->id}")->assertRedirect('/sign-in');
    $this->post("/jobs/{$job->id}/photos", [])->assertRedirect('/sign-in');
});

it('does not take a photo entry without its photo', function (): void {
    $job = $this->openJob();
    $this->enter($job, 'photo_taken', [
        'photo' => '6f2a1b9c-0000-4000-8000-0000000000ff',
        'station' => 'as-found',
    ])->assertSessionHasErrors();

    expect($job->refresh()->log_length)->toBe(1);
});

it('travels with the job file, byte for byte', function (): void {
    DB::beginTransaction();
    $job = $this->openJob();
    keep($this, $job, jpegWithExif());
    $file = (string) $this->get("/jobs/{$job->id}/file")->getContent();
    DB::rollBack();
    $this->post('/job-files', [
        'file' => UploadedFile::fake()->createWithContent('job.json', $file),
    ])->assertSessionHasNoErrors();

    expect((string) $this->get("/jobs/{$job->id}/file")->getContent())
        ->toBe($file)
        ->and(Photo::query()->count())
        ->toBe(1);
});

/** A picture with one segment more, right after its start. */
function jpegWith(string $segment): string
{
    return substr(jpeg(), 0, 2).$segment.substr(jpeg(), 2);
}

it('takes no photo of a job file that is not one', function (string $bytes): void {
    $job = $this->openJob();
    keep($this, $job, jpeg());
    $file = json_decode((string) $this->get("/jobs/{$job->id}/file")->getContent(), true);
    $file['job']['id'] = '6f2a1b9c-0000-4000-8000-0000000000cc';
    $file['photos'][0]['jpeg'] = base64_encode($bytes);
    $this->post('/job-files', [
        'file' => UploadedFile::fake()->createWithContent('job.json', (string) json_encode($file)),
    ])->assertSessionHasErrors();

    expect(Job::query()->count())->toBe(1);
})->with([
    'text' => ['no picture'],
    'one with a camera\'s notes' => [fn (): string => jpegWithExif()],
    'one with a comment' => [fn (): string => jpegWith("\xFF\xFE\x00\x0Bwho it is")],
    'one with a place in it' => [fn (): string => jpegWith("\xFF\xED\x00\x10Photoshop 3.0\0")],
    'one with more behind it' => [fn (): string => jpeg().'and more'],
    'half of one' => [fn (): string => substr(jpeg(400, 300), 0, 900)],
    'one without its end' => [fn (): string => substr(jpeg(), 0, -2)],
    'one larger than is kept' => [fn (): string => jpeg(2000, 10)],
]);

it('has messages a technician can act on', function (): void {
    expect(PhotoRejected::notAPicture()->getMessage())
        ->toContain('JPEG, PNG or WebP')
        ->and(PhotoRejected::tooManyPixels(900, 24)->reason())
        ->toBe('photo_rejected');
});
