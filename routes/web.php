<?php

declare(strict_types=1);

use App\Bench\Station;
use App\Http\Controllers\AccountController;
use App\Http\Controllers\AskController;
use App\Http\Controllers\BenchController;
use App\Http\Controllers\BoardController;
use App\Http\Controllers\CrewController;
use App\Http\Controllers\CustomerController;
use App\Http\Controllers\DayPlanController;
use App\Http\Controllers\DoorwayController;
use App\Http\Controllers\EditorController;
use App\Http\Controllers\FileController;
use App\Http\Controllers\FirmController;
use App\Http\Controllers\FirstController;
use App\Http\Controllers\FoundController;
use App\Http\Controllers\GiveOutController;
use App\Http\Controllers\GlossaryController;
use App\Http\Controllers\HandOverController;
use App\Http\Controllers\HistoryController;
use App\Http\Controllers\InvitationController;
use App\Http\Controllers\InvitedController;
use App\Http\Controllers\JobController;
use App\Http\Controllers\JobFileController;
use App\Http\Controllers\JobListController;
use App\Http\Controllers\JoinController;
use App\Http\Controllers\LeadOnController;
use App\Http\Controllers\LikeController;
use App\Http\Controllers\LineController;
use App\Http\Controllers\LogController;
use App\Http\Controllers\MarksController;
use App\Http\Controllers\MaterialsController;
use App\Http\Controllers\NoticeController;
use App\Http\Controllers\OfferController;
use App\Http\Controllers\OrderController;
use App\Http\Controllers\ParcelController;
use App\Http\Controllers\PartsController;
use App\Http\Controllers\PartsShelfController;
use App\Http\Controllers\PeopleController;
use App\Http\Controllers\PhotoController;
use App\Http\Controllers\PlaceController;
use App\Http\Controllers\PracticeController;
use App\Http\Controllers\PracticeRoundController;
use App\Http\Controllers\PricesController;
use App\Http\Controllers\ReadingsController;
use App\Http\Controllers\RulesController;
use App\Http\Controllers\ScheduleController;
use App\Http\Controllers\SecondStepController;
use App\Http\Controllers\SheetController;
use App\Http\Controllers\ShelfController;
use App\Http\Controllers\ShelfFileController;
use App\Http\Controllers\SignInCodeController;
use App\Http\Controllers\SignInController;
use App\Http\Controllers\SiteController;
use App\Http\Controllers\SizeCardController;
use App\Http\Controllers\SupplyController;
use App\Http\Controllers\SureController;
use App\Http\Controllers\SweepController;
use App\Http\Controllers\WalkController;
use App\Http\Controllers\WallPhotoController;
use App\Http\Controllers\WaysController;
use App\Http\Middleware\AsksForAPlan;
use App\Http\State;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Route;

Route::controller(SignInController::class)->group(function () {
    Route::get('/sign-in', 'show')->name('sign-in');
    Route::post('/sign-in', 'try')->name('sign-in.try');
    Route::post('/sign-out', 'out')->name('sign-out');
});
Route::controller(SignInCodeController::class)->group(function () {
    Route::get('/sign-in/code', 'show')->name('sign-in.code');
    Route::post('/sign-in/code', 'try')->name('sign-in.code.try');
});
Route::controller(SecondStepController::class)->group(function () {
    Route::post('/account/second-step', 'begin')->name('account.second');
    Route::post('/account/second-step/confirm', 'confirm')->name('account.second.confirm');
    Route::post('/account/second-step/remove', 'remove')->name('account.second.remove');
});
Route::controller(JoinController::class)->group(function () {
    Route::get('/join', 'show')->name('join');
    Route::get('/join/yoke-line.crt', 'certificate')->name('join.certificate');
});
Route::controller(FirstController::class)->middleware('signed:relative')->group(function () {
    Route::get('/first', 'show')->name('first');
    Route::post('/first', 'begin')->name('first.begin');
});
Route::controller(InvitedController::class)->group(function () {
    Route::get('/invited/{token}', 'show')->name('invited');
    Route::post('/invited/{token}', 'come')->name('invited.come');
});
Route::controller(AccountController::class)->group(function () {
    Route::get('/account', 'show')->name('account');
    Route::post('/account', 'update')->name('account.update');
    Route::post('/account/password', 'password')->name('account.password');
    Route::post('/account/devices/{device}/sign-out', 'signOutThere')->name('account.sign-out-there');
});
Route::get('/firm', FirmController::class)->name('firm');
Route::controller(InvitationController::class)->group(function () {
    Route::post('/people', 'invite')->name('people.invite');
    Route::post('/people/{person}/again', 'again')->name('people.again')->whereNumber('person');
    Route::post('/invitations/{invitation}/withdraw', 'withdraw')
        ->name('people.withdraw')
        ->whereNumber('invitation');
});
Route::controller(PeopleController::class)->group(function () {
    Route::post('/people/firm', 'rename')->name('people.rename');
    Route::post('/people/{person}', 'update')->name('people.update')->whereNumber('person');
    Route::post('/people/{person}/leave', 'leave')->name('people.leave')->whereNumber('person');
});
Route::post('/jobs/{job}/crew', CrewController::class)->name('jobs.crew');

Route::get('/', JobListController::class)->name('jobs');
Route::controller(JobController::class)->group(function () {
    Route::get('/jobs/{job}', 'show')->name('jobs.show')->whereNumber('job');
    Route::post('/jobs', 'store')->name('jobs.store');
    Route::patch('/jobs/{job}', 'update')->name('jobs.update');
    Route::post('/jobs/{job}/archive', 'archive')->name('jobs.archive');
    Route::post('/jobs/{job}/restore', 'restore')->name('jobs.restore');
});

Route::controller(LikeController::class)->group(function () {
    Route::post('/doorways/{doorway}/copy', 'copy')->name('doorways.copy');
    Route::get('/doorways/{doorway}/like', 'ask')->name('doorways.like');
    Route::post('/doorways/{doorway}/pattern', 'pattern')->name('doorways.pattern');
});
Route::controller(DoorwayController::class)->group(function () {
    Route::post('/jobs/{job}/doorways', 'store')->name('doorways.store');
    Route::patch('/doorways/{doorway}', 'update')->name('doorways.update');
    Route::post('/doorways/{doorway}/archive', 'archive')->name('doorways.archive');
    Route::post('/doorways/{doorway}/restore', 'restore')->name('doorways.restore');
});

Route::controller(ParcelController::class)->group(function () {
    Route::get('/jobs/{job}/documents', 'show')->name('documents');
    Route::post('/jobs/{job}/parcels', 'begin')->name('parcels');
    Route::post('/parcels/{parcel}/next', 'next')->name('parcels.next');
    Route::get('/parcels/{parcel}/file', 'file')->name('parcels.file');
});
Route::get('/progress', BoardController::class)->name('board');
Route::controller(OfferController::class)->group(function () {
    Route::get('/doorways/{doorway}/papers/quote', 'show')->name('papers.quote')->middleware(AsksForAPlan::class);
    Route::post('/doorways/{doorway}/papers/quote', 'accept')->name('offer.accept');
    Route::get('/doorways/{doorway}/offer.pdf', 'paper')->name('offer.paper');
});
Route::controller(CustomerController::class)->middleware('signed:relative')->group(function () {
    Route::get('/customer/{doorway}', 'show')->name('customer.show');
    Route::post('/customer/{doorway}/accept', 'accept')->name('customer.accept');
    Route::post('/customer/{doorway}/ask', 'ask')->name('customer.ask');
});
Route::controller(MaterialsController::class)->group(function () {
    Route::get('/jobs/{job}/cutting', 'cutting')->name('cutting');
    Route::get('/jobs/{job}/materials', 'show')->name('materials');
    Route::get('/jobs/{job}/materials.csv', 'table')->name('materials.table');
});
Route::controller(PricesController::class)->group(function () {
    Route::post('/jobs/{job}/materials/price', 'enter')->name('materials.price');
    Route::get('/prices.csv', 'table')->name('prices');
    Route::post('/jobs/{job}/prices', 'bringIn')->name('prices.bring-in');
});
Route::controller(SupplyController::class)->group(function () {
    Route::get('/jobs/{job}/orders', 'show')->name('supply');
    Route::post('/jobs/{job}/supply/order', 'order')->name('supply.order');
    Route::post('/jobs/{job}/supply/receive', 'receive')->name('supply.receive');
    Route::post('/jobs/{job}/supply/return', 'giveBack')->name('supply.return');
});
Route::controller(ScheduleController::class)->group(function () {
    Route::get('/schedule', 'index')->name('schedule');
    Route::get('/jobs/{job}/schedule/days', 'job')->name('schedule.job');
    Route::get('/jobs/{job}/schedule/plan', 'plan')->name('day-plan.plan');
});
Route::controller(DayPlanController::class)->group(function () {
    Route::get('/jobs/{job}/schedule', 'show')->name('day-plan');
    Route::post('/jobs/{job}/schedule', 'set')->name('day-plan.set');
    Route::get('/jobs/{job}/day-plan.ics', 'calendar')->name('day-plan.calendar');
});

Route::get('/jobs/{job}/job.zip', [JobFileController::class, 'show'])->name('jobs.give-out');
Route::get('/everything.zip', [JobFileController::class, 'firm'])->name('firm.give-out');
Route::post('/jobs/bring-in', [JobFileController::class, 'store'])->name('jobs.bring-in');

Route::post('/jobs/{job}/files', [FileController::class, 'store'])->name('files.store');
Route::get('/doorways/{doorway}/file', [FileController::class, 'show'])->name('files.show');

Route::get('/doorways/{doorway}/give-out/{what}', GiveOutController::class)
    ->name('give-out')
    ->whereIn('what', ['sheet.pdf', 'templates.pdf', 'shop.pdf', 'wall.dxf', 'wall.svg', 'marks.csv']);

Route::get('/doorways/{doorway}/papers/sheet', SheetController::class)
    ->name('papers.sheet')
    ->middleware(AsksForAPlan::class);
Route::controller(PlaceController::class)->group(function () {
    Route::get('/doorways/{doorway}/rail/kit', 'kit')->name('rail.kit');
    Route::get('/doorways/{doorway}/anchors/loads', 'loads')->name('anchors.loads')->middleware(AsksForAPlan::class);
    Route::get('/doorways/{doorway}/marks/templates', 'templates')
        ->name('marks.templates')
        ->middleware(AsksForAPlan::class);
    Route::get('/doorways/{doorway}/papers/files', 'files')->name('papers.files');
});
Route::controller(LeadOnController::class)->group(function () {
    Route::get('/doorways/{doorway}', 'whereItIs')->name('doorway');
    Route::get('/doorways/{doorway}/{old}', 'leadOn')->whereIn('old', LeadOnController::OLD);
});
Route::get('/jobs/{job}/{old}', [LeadOnController::class, 'ofJob'])
    ->whereIn('old', array_keys(LeadOnController::OF_JOBS));
Route::get('/board', fn (Request $request) => to_route('board', $request->query(), 301));

Route::controller(LineController::class)->group(function () {
    Route::get('/doorways/{doorway}/marks/line', 'show')->name('marks.line')->middleware(AsksForAPlan::class);
    Route::post('/doorways/{doorway}/marks/line', 'prove')->name('marks.prove');
    Route::post('/doorways/{doorway}/marks/line/changes', 'change')->name('marks.line.changes');
});
Route::controller(MarksController::class)->group(function () {
    Route::get('/doorways/{doorway}/marks/runs', 'show')->name('marks.runs')->middleware(AsksForAPlan::class);
    Route::post('/doorways/{doorway}/marks/changes', 'change')->name('marks.changes');
    Route::post('/doorways/{doorway}/marks/ticks', 'tick')->name('marks.tick');
});
Route::get('/doorways/{doorway}/marks/door', PartsController::class)
    ->name('marks.door')
    ->middleware(AsksForAPlan::class);
Route::get('/doorways/{doorway}/site/order', OrderController::class)
    ->name('site.order')
    ->middleware(AsksForAPlan::class);

Route::controller(SiteController::class)->group(function () {
    Route::get('/doorways/{doorway}/site/steps', 'show')->name('site.steps')->middleware(AsksForAPlan::class);
    Route::post('/doorways/{doorway}/site/entries', 'entries')->name('site.entries');
});
Route::controller(PhotoController::class)->group(function () {
    Route::post('/doorways/{doorway}/photos/{uid}', 'piece')->name('photo.piece')->where('uid', '[\w-]{8,40}');
    Route::get('/doorways/{doorway}/photos/{file}', 'show')->name('photo');
});
Route::controller(WallPhotoController::class)->group(function () {
    Route::get('/doorways/{doorway}/wall/photos', 'show')->name('wall.photos');
    Route::post('/doorways/{doorway}/wall/photos', 'store')->name('wall.photos.store');
    Route::post('/doorways/{doorway}/wall/photos/{uid}/points', 'points')->name('wall.photos.points');
    Route::post('/doorways/{doorway}/wall/photos/{uid}/things', 'place')->name('wall.photos.place');
});
Route::controller(WalkController::class)->group(function () {
    Route::get('/jobs/{job}/measure', 'beginning')->name('jobs.measure');
    Route::post('/jobs/{job}/measure', 'begin')->name('jobs.begin');
    Route::get('/doorways/{doorway}/wall/walk', 'show')->name('wall.walk');
    Route::post('/doorways/{doorway}/wall/walk', 'entries')->name('walk.entries');
    Route::get('/doorways/{doorway}/wall/verdict', 'verdict')->name('walk.verdict');
});
Route::controller(FoundController::class)->group(function () {
    Route::get('/doorways/{doorway}/found/{row}', 'show')->name('found');
    Route::post('/doorways/{doorway}/found/{row}', 'tell');
    Route::post('/doorways/{doorway}/found/{row}/take', 'take')->name('found.take');
});

Route::controller(LogController::class)->group(function () {
    Route::get('/doorways/{doorway}/record/log', 'show')->name('record.log');
    Route::get('/doorways/{doorway}/log.csv', 'table')->name('log.table');
    Route::get('/doorways/{doorway}/record/compare', 'compare')->name('record.compare');
});
Route::controller(HandOverController::class)->group(function () {
    Route::get('/doorways/{doorway}/record/checks', 'prove')->name('record.checks')->middleware(AsksForAPlan::class);
    Route::post('/doorways/{doorway}/record/checks', 'say')->name('prove.say');
    Route::get('/doorways/{doorway}/record/handover', 'show')->name('record.handover')->middleware(AsksForAPlan::class);
    Route::post('/doorways/{doorway}/record/handover', 'sign')->name('hand-over.sign');
    Route::get('/doorways/{doorway}/hand-over.pdf', 'paper')->name('hand-over.paper');
});
Route::get('/doorways/{doorway}/record/tolerance', [SureController::class, 'show'])
    ->name('record.tolerance')
    ->middleware(AsksForAPlan::class);
Route::post('/doorways/{doorway}/record/tolerance', [SureController::class, 'change']);

Route::controller(SizeCardController::class)->group(function () {
    Route::get('/doorways/{doorway}/door/in-hand', 'show')->name('door.in-hand');
    Route::post('/doorways/{doorway}/size-card/changes', 'change')->name('size-card.changes');
});

Route::controller(SweepController::class)->group(function () {
    Route::get('/doorways/{doorway}/wall/studs', 'show')->name('wall.studs');
    Route::get('/doorways/{doorway}/sweep/pass', 'pass')->name('sweep.pass');
    Route::post('/doorways/{doorway}/wall/studs', 'read')->name('sweep.read');
    Route::post('/doorways/{doorway}/sweep/take', 'take')->name('sweep.take');
});

Route::controller(ReadingsController::class)->group(function () {
    Route::get('/doorways/{doorway}/wall/readings', 'show')->name('wall.readings');
    Route::post('/doorways/{doorway}/wall/readings', 'preview')->name('readings.preview');
    Route::post('/doorways/{doorway}/readings/take', 'take')->name('readings.take');
    Route::get('/meter/next', 'meter')->name('meter');
});

Route::controller(WaysController::class)->group(function () {
    Route::get('/doorways/{doorway}/door/options', 'index')->name('door.options');
    Route::get('/doorways/{doorway}/ways/list', 'list')->name('ways.list');
    Route::post('/doorways/{doorway}/door/options', 'take')->name('ways.take');
});

Route::controller(HistoryController::class)->group(function () {
    Route::get('/doorways/{doorway}/record/changes', 'index')->name('record.changes');
    Route::post('/doorways/{doorway}/history/{revision}', 'goTo')->name('history.goto');
    Route::post('/doorways/{doorway}/undo', 'undo')->name('undo');
    Route::post('/doorways/{doorway}/redo', 'redo')->name('redo');
});

Route::controller(AskController::class)->group(function () {
    Route::get('/doorways/{doorway}/why/{key}', 'why')->name('why');
    Route::get('/doorways/{doorway}/numbers', 'numbers')->name('numbers');
    Route::get('/doorways/{doorway}/{station}/findings', 'findings')
        ->name('findings')
        ->whereIn('station', Station::cases());
});
Route::controller(BenchController::class)->group(function () {
    Route::post('/doorways/{doorway}/{station}/changes', 'change')
        ->name('changes')
        ->whereIn('station', Station::cases());
    foreach (Station::cases() as $station) {
        Route::get('/doorways/{doorway}/'.strtr($station->page(), '.', '/'), 'show')
            ->name($station->page())
            ->defaults('station', $station->value);
    }
});

Route::post('/shelf/bring-in', [ShelfFileController::class, 'store'])->name('shelf.bring-in');
Route::get('/shelf/kits.json', [ShelfFileController::class, 'show'])->name('shelf.give-out');
Route::controller(PartsShelfController::class)->group(function () {
    Route::get('/shelf/parts', 'index')->name('shelf.parts');
    Route::post('/shelf/parts', 'store')->name('shelf.parts.store');
    Route::get('/shelf/parts/{part}', 'show')->name('shelf.parts.show');
    Route::post('/shelf/parts/{part}/changes', 'change')->name('shelf.parts.changes');
    Route::delete('/shelf/parts/{part}', 'destroy')->name('shelf.parts.destroy');
});
Route::controller(ShelfController::class)->group(function () {
    Route::get('/shelf', 'index')->name('shelf');
    Route::post('/shelf', 'store')->name('shelf.store');
    Route::get('/shelf/{kit}', 'show')->name('shelf.kit');
    Route::post('/shelf/{kit}/changes', 'change')->name('shelf.changes');
});

Route::controller(RulesController::class)->group(function () {
    Route::get('/rules', 'index')->name('rules');
    Route::post('/rules/preview', 'preview')->name('rules.preview');
    Route::post('/rules', 'take')->name('rules.take');
});

Route::controller(PracticeController::class)->group(function () {
    Route::get('/practice', 'index')->name('practice');
    Route::post('/practice', 'begin')->name('practice.begin');
    Route::post('/practice/real', 'real')->name('practice.real');
    Route::get('/practice/people', 'people')->name('practice.people');
    Route::get('/practice/walls/{round}/record', 'certificate')->name('practice.certificate');
});
Route::controller(PracticeRoundController::class)->group(function () {
    Route::get('/practice/walls/{round}', 'show')->name('practice.round');
    Route::post('/practice/walls/{round}/measure', 'measure')->name('practice.measure');
    Route::post('/practice/walls/{round}', 'answer')->name('practice.answer');
});

Route::controller(GlossaryController::class)->group(function () {
    Route::get('/words', 'index')->name('words');
    Route::get('/words/{word}', 'show')->name('words.word');
});
Route::post('/editor', EditorController::class)->name('editor');
Route::post('/notices/{notice}/seen', [NoticeController::class, 'seen'])
    ->name('notices.seen')
    ->whereNumber('notice');
Route::post('/notices/{notice}/put-back', [NoticeController::class, 'putBack'])
    ->name('notices.put-back')
    ->whereNumber('notice');

// What `./yoke bench` holds the other pages against.
Route::view('/empty', 'empty');

// What a page that is seen again asks: whether it still shows what stands.
Route::get(
    '/state/{of}',
    fn (string $of) => response(
        State::named($of)->is,
        headers: ['Content-Type' => 'text/plain; charset=UTF-8', 'Cache-Control' => 'no-store'],
    ),
)
    ->name('state')
    ->where('of', '(doorway|job)-\d{1,18}|everything');
