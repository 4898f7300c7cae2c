<?php

use App\Bench\Station;
use App\Http\Controllers\BenchController;
use App\Http\Controllers\DoorwayController;
use App\Http\Controllers\EditorController;
use App\Http\Controllers\FileController;
use App\Http\Controllers\HistoryController;
use App\Http\Controllers\JobController;
use App\Http\Controllers\SheetController;
use Illuminate\Support\Facades\Route;

Route::controller(JobController::class)->group(function () {
    Route::get('/', 'index')->name('jobs');
    Route::post('/jobs', 'store')->name('jobs.store');
    Route::patch('/jobs/{job}', 'update')->name('jobs.update');
    Route::post('/jobs/{job}/archive', 'archive')->name('jobs.archive');
    Route::post('/jobs/{job}/restore', 'restore')->name('jobs.restore');
});

Route::controller(DoorwayController::class)->group(function () {
    Route::post('/jobs/{job}/doorways', 'store')->name('doorways.store');
    Route::patch('/doorways/{doorway}', 'update')->name('doorways.update');
    Route::post('/doorways/{doorway}/copy', 'copy')->name('doorways.copy');
    Route::post('/doorways/{doorway}/archive', 'archive')->name('doorways.archive');
    Route::post('/doorways/{doorway}/restore', 'restore')->name('doorways.restore');
});

Route::post('/jobs/{job}/files', [FileController::class, 'store'])->name('files.store');
Route::get('/doorways/{doorway}/file', [FileController::class, 'show'])->name('files.show');

Route::get('/doorways/{doorway}/sheet', SheetController::class)->name('sheet');

Route::controller(HistoryController::class)->group(function () {
    Route::get('/doorways/{doorway}/history', 'index')->name('history');
    Route::post('/doorways/{doorway}/history/{revision}', 'goTo')->name('history.goto');
    Route::post('/doorways/{doorway}/undo', 'undo')->name('undo');
    Route::post('/doorways/{doorway}/redo', 'redo')->name('redo');
});

Route::controller(BenchController::class)->group(function () {
    Route::get('/doorways/{doorway}/why/{key}', 'why')->name('why');
    Route::post('/doorways/{doorway}/{station}/changes', 'change')->name('changes')->whereIn('station', Station::cases());
    Route::get('/doorways/{doorway}/{station}', 'show')->name('bench')->whereIn('station', Station::cases());
});

Route::post('/editor', EditorController::class)->name('editor');

// What `./yoke bench` holds the other pages against.
Route::view('/empty', 'empty');
