<?php

declare(strict_types=1);

use App\Models\Doorway;
use App\Models\LogEntry;
use App\Survey\WallPhotos;
use Illuminate\Http\UploadedFile;
use Tests\Demo;
use YokeLine\Measure\Length;

beforeEach(function () {
    Demo::load();
    $this->doorway = Doorway::query()->where('name', 'Throwing room')->firstOrFail();
    $this->url = "/doorways/{$this->doorway->id}/wall/photos";
    $this->photo = fn () => WallPhotos::of($this->doorway->refresh())->find('demo-photo-wall');
});

test('the demo’s photograph is true to scale, to a few millimetres', function () {
    $photo = ($this->photo)();
    [$across, $down] = $photo->fitted->inPicture(Length::mm(2280), Length::mm(1186));

    // Where the light switch was painted.
    expect($across)
        ->toBeBetween(0.561, 0.57)
        ->and($down)
        ->toBeBetween(0.43, 0.442)
        ->and($photo->fitted->off)
        ->toBeBetween(0.5, 6.0);
});

test('a photograph of the wall is taken, and shown true to scale once four corners are known', function () {
    $file = UploadedFile::fake()->createWithContent('wall.jpg', (string) file_get_contents(database_path('demo/throwing-room.jpg')));
    $at = $this->post($this->url, ['photo' => $file])->assertRedirect()->headers->get('Location');
    $uid = substr((string) $at, -26);
    $this->get("{$this->url}?photo={$uid}")->assertOk()->assertDontSee('id="photo-wall"', false);
    $tapped = LogEntry::query()->where('kind', 'points')->firstOrFail()->data['points'];
    $this->post("{$this->url}/{$uid}/points", ['points' => (string) json_encode(array_slice($tapped, 0, 4))])
        ->assertOk()
        ->assertSee('True to scale by four points')
        ->assertSee('id="photo-wall"', false);
});

test('what is no picture is refused with the reason', function () {
    $this->post($this->url, ['photo' => UploadedFile::fake()->createWithContent('wall.jpg', 'not a picture')])
        ->assertRedirect()
        ->assertSessionHasErrors('photo');
    $this->post($this->url)->assertRedirect()->assertSessionHasErrors('photo');
});

test('corners that are changed over are told so, and nothing is drawn by them', function () {
    $tapped = LogEntry::query()->where('kind', 'points')->firstOrFail()->data['points'];
    [$tapped['opening-left-floor'], $tapped['opening-right-floor']] = [
        $tapped['opening-right-floor'],
        $tapped['opening-left-floor'],
    ];
    $this->post("{$this->url}/demo-photo-wall/points", ['points' => (string) json_encode(array_slice($tapped, 0, 4))])
        ->assertOk()
        ->assertSee('may be changed over')
        ->assertDontSee('id="photo-wall"', false);
});

test('a point that the survey does not know is typed, and stays when others are shown', function () {
    $tapped = LogEntry::query()->where('kind', 'points')->firstOrFail()->data['points'];
    $four = array_slice($tapped, 0, 4);
    $own = ['across' => 0.57, 'down' => 0.435, 'x' => '2280', 'y' => '118 cm'];
    $this->post("{$this->url}/demo-photo-wall/points", ['points' => (string) json_encode([...$four, 'own-1' => $own])])->assertOk();
    expect(($this->photo)()->fitted->points)->toBe(5);

    unset($own['x'], $own['y']);
    $this->post("{$this->url}/demo-photo-wall/points", ['points' => (string) json_encode([...$four, 'own-1' => $own])])->assertOk();
    expect(($this->photo)()->fitted->points)->toBe(5);
});

test('a place that is no length is told so, and the points stay as they were', function () {
    $own = ['across' => 0.57, 'down' => 0.435, 'x' => 'by the door', 'y' => '1180'];
    $this->post("{$this->url}/demo-photo-wall/points", ['points' => (string) json_encode(['own-1' => $own])])->assertOk()->assertSee('by the door');

    expect(($this->photo)()->fitted->points)->toBe(8);
});

test('a thing is put where it is tapped, with its plus-minus', function () {
    $before = count((array) $this->doorway->revision->document->get('survey.obstacles'));
    $this->post("{$this->url}/demo-photo-wall/things", [
        'kind' => 'shelf',
        'one-x' => '3120.4',
        'one-y' => '1349.8',
        'other-x' => '3719.7',
        'other-y' => '1800.2',
    ])->assertOk();
    $thing = array_values((array) $this->doorway->refresh()->revision->document->get('survey.obstacles'))[$before];

    expect($thing->x)
        ->toBe(['3120', '3720'])
        ->and($thing->y)
        ->toBe(['1350', '1800'])
        ->and($thing->kind)
        ->toBe('shelf')
        ->and((int) $thing->plus_minus)
        ->toBeBetween(2, 25);
});

test('what is no thing, or not on the photograph’s wall, is not put there', function (array $sent) {
    $before = $this->doorway->revision_id;
    $this->post("{$this->url}/demo-photo-wall/things", $sent)->assertOk()->assertSee('class="refused"', false);

    expect($this->doorway->refresh()->revision_id)->toBe($before);
})->with([
    'no thing' => [['kind' => 'elephant', 'one-x' => 0, 'one-y' => 0, 'other-x' => 10, 'other-y' => 10]],
    'past all walls' => [['kind' => 'shelf', 'one-x' => -1e300, 'one-y' => 0, 'other-x' => 10, 'other-y' => 10]],
    'past the horizon' => [['kind' => 'shelf', 'one-x' => -9e6, 'one-y' => 0, 'other-x' => 10, 'other-y' => 10]],
]);

test('a photograph that is not there is not found', function () {
    $this->post("{$this->url}/nothing/points")->assertNotFound();
    $this->post("{$this->url}/nothing/things")->assertNotFound();
});

test('an obstacle is as large as it may be where something passes it, and as it was told where it is drawn', function () {
    $this->doorway = Doorway::query()->where('name', 'Kiln room')->firstOrFail();
    $document = $this->doorway->revision->document->with('survey.obstacles', [
        ['kind' => 'switch', 'name' => 'switch', 'x' => [3000, 3086], 'y' => [1100, 1186], 'plus_minus' => 12],
    ]);
    $plan = $this->doorway->plan($document)->plan;

    expect($plan->room->obstacles[0]->x->low->toMm())
        ->toBe(2988.0)
        ->and($plan->doorway->survey->obstacles[0]->x->low->toMm())
        ->toBe(3000.0);
});

test('the quote shows the door over the customer’s own wall', function () {
    $this->get("/doorways/{$this->doorway->id}/papers/quote")->assertOk()->assertSee('data-slides-picture', false);
    $this->get('/doorways/1/papers/quote')->assertOk()->assertDontSee('data-slides-picture', false);
});
