<?php

declare(strict_types=1);

use YokeLine\Measure\Length;
use YokeLine\Tolerance\Clearance;

/** A clearance by its numbers: what is left over, in the worst case and usually. */
function clearanceOf(float $is, ?float $wanted, array $effects = [], float $worst = 5.0, float $rss = 3.0): Clearance
{
    $length = fn (float $mm) => Length::nm((int) round($mm * 1e6));

    return new Clearance('gap', $length($is), $wanted === null ? null : $length($wanted), $effects, $worst, $rss);
}

test('how sure it is goes by what is left over', function (float $spare, string $verdict) {
    expect(clearanceOf(10 + $spare, 10)->verdict())->toBe($verdict);
})->with([
    'more than the worst' => [5.1, 'sure'],
    'just the worst' => [5.0, 'sure'],
    'a hair less' => [4.999, 'fits'],
    'just what is usual' => [3.0, 'fits'],
    'a hair less than that' => [2.999, 'tight'],
    'nothing' => [0.0, 'tight'],
    'as much too little as a tape is let off' => [-1.0, 'tight'],
    'more too little' => [-1.001, 'fails'],
]);

test('of what nothing is wanted no verdict is given', function () {
    expect([clearanceOf(10, null)->verdict(), clearanceOf(10, null)->spare()])->toBe([null, null]);
});

test('the input that matters most is named, and what is left of the doubt without it', function () {
    $row = clearanceOf(10, 5, ['floor' => -4.0, 'tape' => 3.0], rss: 5.0);

    expect($row->mattersMost())->toBe('floor')->and($row->rssWithoutIt())->toEqualWithDelta(3.0, 1e-9);
});

test('where nothing matters none is named, and all of the doubt is left', function () {
    $row = clearanceOf(10, 5, [], rss: 2.0);

    expect($row->mattersMost())->toBe('')->and($row->rssWithoutIt())->toBe(2.0);
});

test('doubt that is all of one input is none without it, and never less than none', function () {
    expect(clearanceOf(10, 5, ['floor' => 3.0000001], rss: 3.0)->rssWithoutIt())->toBe(0.0);
});
