<?php

declare(strict_types=1);

use App\Bench\Station;
use App\Http\Controllers\AskController;
use App\Http\Controllers\BenchController;
use App\Http\Controllers\BoardController;
use App\Http\Controllers\DayPlanController;
use App\Http\Controllers\DoorwayController;
use App\Http\Controllers\EditorController;
use App\Http\Controllers\FileController;
use App\Http\Controllers\FoundController;
use App\Http\Controllers\GiveOutController;
use App\Http\Controllers\HandOverController;
use App\Http\Controllers\HistoryController;
use App\Http\Controllers\JobController;
use App\Http\Controllers\JobFileController;
use App\Http\Controllers\LikeController;
use App\Http\Controllers\LogController;
use App\Http\Controllers\MarksController;
use App\Http\Controllers\MaterialsController;
use App\Http\Controllers\NoticeController;
use App\Http\Controllers\OfferController;
use App\Http\Controllers\OrderController;
use App\Http\Controllers\ParcelController;
use App\Http\Controllers\PartsController;
use App\Http\Controllers\PartsShelfController;
use App\Http\Controllers\PricesController;
use App\Http\Controllers\ReadingsController;
use App\Http\Controllers\RulesController;
use App\Http\Controllers\SheetController;
use App\Http\Controllers\ShelfController;
use App\Http\Controllers\ShelfFileController;
use App\Http\Controllers\SiteController;
use App\Http\Controllers\SizeCardController;
use App\Http\Controllers\SupplyController;
use App\Http\Controllers\SureController;
use App\Http\Controllers\SweepController;
use App\Http\Controllers\WaysController;
use App\Http\State;
use Illuminate\Support\Facades\Route;

Route::controller(JobController::class)->group(function () {
    Route::get('/', 'index')->name('jobs');
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
    Route::get('/jobs/{job}/paper', 'show')->name('documents');
    Route::post('/jobs/{job}/parcels', 'begin')->name('parcels');
    Route::post('/parcels/{parcel}/next', 'next')->name('parcels.next');
    Route::get('/parcels/{parcel}/file', 'file')->name('parcels.file');
});
Route::get('/board', BoardController::class)->name('board');
Route::controller(OfferController::class)->group(function () {
    Route::get('/doorways/{doorway}/offer', 'show')->name('offer');
    Route::post('/doorways/{doorway}/offer', 'accept')->name('offer.accept');
    Route::get('/doorways/{doorway}/offer.pdf', 'paper')->name('offer.paper');
});
Route::controller(MaterialsController::class)->group(function () {
    Route::get('/jobs/{job}/materials', 'show')->name('materials');
    Route::get('/jobs/{job}/materials.csv', 'table')->name('materials.table');
});
Route::controller(PricesController::class)->group(function () {
    Route::post('/jobs/{job}/materials/price', 'enter')->name('materials.price');
    Route::get('/prices.csv', 'table')->name('prices');
    Route::post('/jobs/{job}/prices', 'bringIn')->name('prices.bring-in');
});
Route::controller(SupplyController::class)->group(function () {
    Route::get('/jobs/{job}/supply', 'show')->name('supply');
    Route::post('/jobs/{job}/supply/order', 'order')->name('supply.order');
    Route::post('/jobs/{job}/supply/receive', 'receive')->name('supply.receive');
    Route::post('/jobs/{job}/supply/return', 'giveBack')->name('supply.return');
});
Route::controller(DayPlanController::class)->group(function () {
    Route::get('/jobs/{job}/day-plan', 'show')->name('day-plan');
    Route::post('/jobs/{job}/day-plan', 'set')->name('day-plan.set');
    Route::get('/jobs/{job}/day-plan.ics', 'calendar')->name('day-plan.calendar');
});

Route::get('/jobs/{job}/job.zip', [JobFileController::class, 'show'])->name('jobs.give-out');
Route::get('/everything.zip', [JobFileController::class, 'firm'])->name('firm.give-out');
Route::post('/jobs/bring-in', [JobFileController::class, 'store'])->name('jobs.bring-in');

Route::post('/jobs/{job}/files', [FileController::class, 'store'])->name('files.store');
Route::get('/doorways/{doorway}/file', [FileController::class, 'show'])->name('files.show');

Route::get('/doorways/{doorway}/give-out/{what}', GiveOutController::class)
    ->name('give-out')
    ->whereIn('what', ['sheet.pdf', 'templates.pdf', 'wall.dxf', 'wall.svg', 'marks.csv']);

Route::get('/doorways/{doorway}/sheet', SheetController::class)->name('sheet');

Route::controller(MarksController::class)->group(function () {
    Route::get('/doorways/{doorway}/marks', 'show')->name('marks');
    Route::post('/doorways/{doorway}/marks/changes', 'change')->name('marks.changes');
    Route::post('/doorways/{doorway}/marks/ticks', 'tick')->name('marks.tick');
    Route::post('/doorways/{doorway}/marks/proofs', 'prove')->name('marks.prove');
});
Route::get('/doorways/{doorway}/parts', PartsController::class)->name('parts');
Route::get('/doorways/{doorway}/order', OrderController::class)->name('order');

Route::controller(SiteController::class)->group(function () {
    Route::get('/doorways/{doorway}/site', 'show')->name('site');
    Route::post('/doorways/{doorway}/site/entries', 'entries')->name('site.entries');
    Route::post('/doorways/{doorway}/site/photos/{uid}', 'piece')->name('site.photo')->where('uid', '[\w-]{8,40}');
    Route::get('/doorways/{doorway}/photos/{file}', 'photo')->name('photo');
});
Route::controller(FoundController::class)->group(function () {
    Route::get('/doorways/{doorway}/found/{row}', 'show')->name('found');
    Route::post('/doorways/{doorway}/found/{row}', 'tell');
    Route::post('/doorways/{doorway}/found/{row}/take', 'take')->name('found.take');
});

Route::controller(LogController::class)->group(function () {
    Route::get('/doorways/{doorway}/log', 'show')->name('log');
    Route::get('/doorways/{doorway}/log.csv', 'table')->name('log.table');
    Route::get('/doorways/{doorway}/compare', 'compare')->name('compare');
});
Route::controller(HandOverController::class)->group(function () {
    Route::get('/doorways/{doorway}/prove', 'prove')->name('prove');
    Route::post('/doorways/{doorway}/prove', 'say')->name('prove.say');
    Route::get('/doorways/{doorway}/hand-over', 'show')->name('hand-over');
    Route::post('/doorways/{doorway}/hand-over', 'sign')->name('hand-over.sign');
    Route::get('/doorways/{doorway}/hand-over.pdf', 'paper')->name('hand-over.paper');
});
Route::get('/doorways/{doorway}/sure', [SureController::class, 'show'])->name('sure');
Route::post('/doorways/{doorway}/sure', [SureController::class, 'change']);

Route::controller(SizeCardController::class)->group(function () {
    Route::get('/doorways/{doorway}/size-card', 'show')->name('size-card');
    Route::post('/doorways/{doorway}/size-card/changes', 'change')->name('size-card.changes');
});

Route::controller(SweepController::class)->group(function () {
    Route::get('/doorways/{doorway}/sweep', 'show')->name('sweep');
    Route::get('/doorways/{doorway}/sweep/pass', 'pass')->name('sweep.pass');
    Route::post('/doorways/{doorway}/sweep', 'read')->name('sweep.read');
    Route::post('/doorways/{doorway}/sweep/take', 'take')->name('sweep.take');
});

Route::controller(ReadingsController::class)->group(function () {
    Route::get('/doorways/{doorway}/readings', 'show')->name('readings');
    Route::post('/doorways/{doorway}/readings', 'preview')->name('readings.preview');
    Route::post('/doorways/{doorway}/readings/take', 'take')->name('readings.take');
    Route::get('/meter/next', 'meter')->name('meter');
});

Route::controller(WaysController::class)->group(function () {
    Route::get('/doorways/{doorway}/ways', 'index')->name('ways');
    Route::get('/doorways/{doorway}/ways/list', 'list')->name('ways.list');
    Route::post('/doorways/{doorway}/ways', 'take')->name('ways.take');
});

Route::controller(HistoryController::class)->group(function () {
    Route::get('/doorways/{doorway}/history', 'index')->name('history');
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
    Route::get('/doorways/{doorway}/{station}', 'show')->name('bench')->whereIn('station', Station::cases());
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
