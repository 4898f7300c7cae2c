<?php

declare(strict_types=1);

use YokeLine\Measure\Length;
use YokeLine\Measure\Span;
use YokeLine\Stock\Bar;
use YokeLine\Stock\Cutting;
use YokeLine\Stock\CuttingPlan;
use YokeLine\Stock\DoesNotFit;
use YokeLine\Stock\Joints;
use YokeLine\Stock\Piece;

/** @return array<string, array<string, mixed>> by name */
function workedCutting(): array
{
    return array_column(
        json_decode((string) file_get_contents(__DIR__.'/../Support/work/cutting.json'), true)['instances'],
        null,
        'name',
    );
}

function cutLength(int|float $mm): Length
{
    return Length::nm((int) round($mm * 1_000_000));
}

/** @param  list<int|float>  $pieces */
function cut(array $pieces, array $stock, int $kerf = 3, int $trim = 10): CuttingPlan
{
    return Cutting::of(
        array_map(fn (int|float $mm) => new Piece(cutLength($mm), "piece {$mm}"), $pieces),
        array_map(cutLength(...), $stock),
        Length::mm($kerf),
        Length::mm($trim),
    );
}

/** Every piece is cut once, and no bar is cut longer than it is. */
function expectCuttable(CuttingPlan $plan, array $pieces, int $kerf = 3, int $trim = 10): void
{
    $cut = array_merge(
        ...array_map(fn (Bar $bar) => array_map(fn (Piece $piece) => $piece->length->toMm(), $bar->pieces), $plan->bars),
    );
    sort($cut);
    sort($pieces);
    expect($cut)->toEqual($pieces);
    foreach ($plan->bars as $bar) {
        $long =
            array_sum(array_map(fn (Piece $piece) => $piece->length->toMm(), $bar->pieces)) +
            $kerf * (count($bar->pieces) - 1);
        expect($long)
            ->toBeLessThanOrEqual($bar->stock->toMm() - 2 * $trim)
            ->and($bar->offcut->toMm())
            ->toEqualWithDelta($bar->stock->toMm() - 2 * $trim - $long, 0.0001);
    }
}

test('the best of a worked case comes out and is proved', function (string $name) {
    $case = workedCutting()[$name];
    $plan = cut($case['pieces'], $case['stock'], $case['kerf'], $case['end_trim']);

    expect(count($plan->bars))
        ->toBe($case['optimum']['bars'])
        ->and($plan->bought()->toMm())
        ->toEqual($case['optimum']['bought'])
        ->and($plan->longestOffcut()->toMm())
        ->toEqual($case['optimum']['longest_offcut'])
        ->and($plan->waste()->toMm())
        ->toEqual($case['optimum']['waste'])
        ->and($plan->bound)
        ->toBe($case['bound_bars'])
        ->and($plan->isProved)
        ->toBeTrue();
    expectCuttable($plan, $case['pieces']);
})->with(['boards-7', 'greedy-loses', 'bound-loses', 'full-40']);

/**
 * Every way of sharing out a few pieces.
 *
 * @param  list<int>  $pieces  mm
 * @param  non-empty-list<int>  $stock
 * @return array{int, int, int} bars, bought, and the longest off-cut, less than nothing so that less is better
 */
function bestOfAll(array $pieces, array $stock, int $kerf = 3, int $trim = 10): array
{
    sort($stock);
    rsort($pieces);
    $best = [PHP_INT_MAX, 0, 0];
    $share = function (int $i, array $bars) use (&$share, &$best, $pieces, $stock, $kerf, $trim): void {
        if (count($bars) > $best[0]) {
            return;
        }
        if ($i === count($pieces)) {
            $shortest = array_map(
                fn (int $sum) => min(array_filter($stock, fn (int $length) => $sum <= $length - 2 * $trim + $kerf)),
                $bars,
            );
            $best = min($best, [
                count($bars),
                array_sum($shortest),
                -max(array_map(fn (int $length, int $sum) => $length - 2 * $trim + $kerf - $sum, $shortest, $bars)),
            ]);

            return;
        }
        foreach (array_unique([...$bars, 0]) as $at => $sum) {
            if ($sum + $pieces[$i] + $kerf <= max($stock) - 2 * $trim + $kerf) {
                $share($i + 1, array_replace($bars, [$at => $sum + $pieces[$i] + $kerf]));
            }
        }
    };
    $share(0, []);

    return $best;
}

/** @return array{int, int, int} */
function asBest(CuttingPlan $plan): array
{
    return [count($plan->bars), (int) $plan->bought()->toMm(), -(int) $plan->longestOffcut()->toMm()];
}

test('a few pieces are cut as the best of every way of sharing them out, and that is proved', function () {
    mt_srand(1967);
    for ($run = 0; $run < 150; $run++) {
        $grid = mt_rand(0, 1) === 1 ? 100 : 1;
        $pieces = array_map(fn () => intdiv(mt_rand(200, mt_rand(600, 2350)), $grid) * $grid, range(1, mt_rand(1, 8)));
        $stock = array_slice([2400, 2700, 3300, 4200], 0, mt_rand(1, 4));
        $plan = cut($pieces, $stock);
        expect(asBest($plan))
            ->toBe(bestOfAll($pieces, $stock))
            ->and($plan->isProved)
            ->toBeTrue()
            ->and($plan->isRestProved)
            ->toBeTrue();
    }
});

test('boards that may be parted are parted as serves all of them best', function () {
    mt_srand(1968);
    $proved = 0;
    for ($run = 0; $run < 60; $run++) {
        $boards = array_map(function () {
            $long = mt_rand(25, 40) * 100;

            return array_map(
                fn () => [($first = mt_rand(9, 16) * 100 + mt_rand(0, 1) * 37), $long - $first],
                range(1, mt_rand(2, 4)),
            );
        }, range(1, mt_rand(1, 3)));
        $boards = array_merge($boards, array_map(fn () => [[mt_rand(300, 2000)]], range(1, 3)));
        $stock = [2500, 3000, 3600];
        $best = null;
        $choose = function (int $i, array $pieces) use (&$choose, &$best, $boards, $stock): void {
            if ($i === count($boards)) {
                $best = $best === null ? bestOfAll($pieces, $stock) : min($best, bestOfAll($pieces, $stock));

                return;
            }
            foreach ($boards[$i] as $split) {
                $choose($i + 1, [...$pieces, ...$split]);
            }
        };
        $choose(0, []);
        $plan = Cutting::parting(
            array_map(
                fn (array $splits) => array_map(
                    fn (array $split) => array_map(fn (int $mm) => new Piece(cutLength($mm), "piece {$mm}"), $split),
                    $splits,
                ),
                $boards,
            ),
            array_map(cutLength(...), $stock),
            Length::mm(3),
            Length::mm(10),
        );
        expect(array_slice(asBest($plan), 0, 2))->toBe(array_slice($best, 0, 2));
        $proved += $plan->isProved ? 1 : 0;
    }
    expect($proved)->toBeGreaterThan(50);
});

test('a long list is cut as an exact solver cuts it, and that is proved', function (array $case) {
    $plan = cut($case['pieces'], $case['stock']);

    expect([count($plan->bars), $plan->bought()->toMm(), $plan->isProved])->toEqual([
        $case['bars'],
        $case['bought'],
        true,
    ]);
    expectCuttable($plan, $case['pieces']);
})->with(
    fn () => array_map(
        fn (array $case) => [$case],
        array_column(
            json_decode((string) file_get_contents(__DIR__.'/../Support/work/cutting-exact.json'), true)['instances'],
            null,
            'name',
        ),
    ),
);

test('over twelve bars every mix of stock is weighed', function () {
    $plan = cut([...array_fill(0, 12, 4000), 2300], [2400, 3000, 3600, 4200, 4800]);

    expect([count($plan->bars), $plan->bought()->toMm(), $plan->isProved])->toEqual([13, 52800.0, true]);
});

test('a board too long for any bar is jointed on a stud', function () {
    $case = workedCutting()['joint-on-stud'];
    $splits = Joints::splits(
        new Span(cutLength($case['board']['left']), cutLength($case['board']['right'])),
        array_map(cutLength(...), $case['board']['studs']),
        array_map(cutLength(...), $case['board']['rail_holes']),
        cutLength(1780),
    );

    expect(array_map(fn (array $split) => array_map(fn (Length $piece) => $piece->toMm(), $split), $splits))->toEqual(
        $case['splits_that_fit'],
    );
    $plan = cut([1117.5, 1132.5, 640], [1800]);
    expect(count($plan->bars))
        ->toBe($case['optimum']['bars'])
        ->and($plan->bought()->toMm())
        ->toEqual(3600.0)
        ->and($plan->bound)
        ->toBe($case['bound_bars']);
});

test('a board that a bar gives whole is not jointed', function () {
    expect(Joints::splits(new Span(cutLength(0), cutLength(1780)), [cutLength(900)], [], cutLength(1780)))->toHaveCount(
        1,
    );
});

test('a board with no stud to joint on has no way', function () {
    expect(Joints::splits(new Span(cutLength(0), cutLength(2500)), [], [], cutLength(1780)))->toBe([]);
});

test('a piece that no bar gives is named', function () {
    expect(fn () => cut([4190], [4200]))->toThrow(DoesNotFit::class, 'piece 4190');
});

test('nothing to cut buys nothing', function () {
    expect(cut([], [4200])->bars)->toBe([]);
});

test('any list of pieces is cut whole, no worse than longest first, and never under its bound', function () {
    mt_srand(1964);
    for ($run = 0; $run < 60; $run++) {
        $pieces = array_map(fn () => mt_rand(200, 2300), range(1, mt_rand(1, 18)));
        $plan = cut($pieces, [2400, 3000, 4200]);
        expectCuttable($plan, $pieces);
        expect(count($plan->bars))->toBeGreaterThanOrEqual($plan->bound);
        // Longest first, each into the first bar that takes it.
        rsort($pieces);
        $bars = [];
        foreach ($pieces as $piece) {
            foreach ($bars as $i => $full) {
                if ($full + $piece + 3 <= 4200 - 20 + 3) {
                    $bars[$i] += $piece + 3;

                    continue 2;
                }
            }
            $bars[] = $piece + 3;
        }
        expect(count($plan->bars))->toBeLessThanOrEqual(count($bars));
    }
});

test('a jointed board is its pieces, each from one bar, each joint on a stud and clear of the bolts', function () {
    mt_srand(1965);
    $jointed = 0;
    for ($run = 0; $run < 200; $run++) {
        $board = new Span(Length::mm($left = mt_rand(0, 900)), Length::mm($left + mt_rand(1200, 5200)));
        $studs = array_map(fn (int $i) => Length::mm($left - 300 + 406 * $i + mt_rand(-9, 9)), range(0, 15));
        $bolts = array_map(fn () => Length::mm($left + mt_rand(50, 5000)), range(1, mt_rand(1, 5)));
        $longest = Length::mm(mt_rand(900, 2400));
        foreach (Joints::splits($board, $studs, $bolts, $longest) as $pieces) {
            $at = $board->low;
            foreach ($pieces as $i => $piece) {
                expect($piece->isOver($longest))->toBeFalse()->and($piece->isPositive())->toBeTrue();
                $at = $at->plus($piece);
                if ($i < count($pieces) - 1) {
                    $jointed++;
                    expect(array_filter($studs, fn (Length $stud) => $stud->equals($at)))
                        ->not->toBe([])
                        ->and(
                            array_filter(
                                $bolts,
                                fn (Length $bolt) => $bolt->minus($at)->absolute()->isUnder(Length::mm(30)),
                            ),
                        )
                        ->toBe([]);
                }
            }
            expect($at->equals($board->high))
                ->toBeTrue()
                ->and(count($pieces))
                ->toBeGreaterThanOrEqual((int) ceil($board->length()->toMm() / $longest->toMm()));
        }
    }
    expect($jointed)->toBeGreaterThan(100);
});

test('a longer bar in the yard never buys more bars', function () {
    mt_srand(1966);
    for ($run = 0; $run < 25; $run++) {
        $pieces = array_map(fn () => mt_rand(200, 2300), range(1, mt_rand(2, 12)));

        expect(count(cut($pieces, [2400, 4800])->bars))->toBeLessThanOrEqual(count(cut($pieces, [2400])->bars));
    }
});

test('a thicker blade and worse ends never buy fewer bars', function () {
    mt_srand(1967);
    for ($run = 0; $run < 25; $run++) {
        $pieces = array_map(fn () => mt_rand(200, 1500), range(1, mt_rand(2, 12)));

        expect(count(cut($pieces, [3000], 6, 60)->bars))->toBeGreaterThanOrEqual(
            count(cut($pieces, [3000], 0, 0)->bars),
        );
    }
});
