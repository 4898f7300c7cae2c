<?php

declare(strict_types=1);

use YokeLine\Measure\Length;
use YokeLine\Measure\Sum;

/** A leaf's back: the rail's middle, worked out itself, and what hangs from it. */
function leafBack(int $board = 18, int $standoff = 30): Sum
{
    return Sum::of('leaf-back')
        ->plus(
            'middle-rail',
            Sum::of('middle-rail')->plus('header', Length::mm($board))->plus('standoff', Length::mm($standoff)),
        )
        ->minus('leaf-thickness', Length::mm(40));
}

test('a sum of which terms are off comes to what it would with them as they are', function (int $board, int $standoff) {
    $off = leafBack()->off(['header' => Length::mm($board - 18), 'standoff' => Length::mm($standoff - 30)]);

    expect($off->nm)->toBe(leafBack($board, $standoff)->total->nm);
})->with([[18, 30], [19, 30], [16, 33], [22, 27]]);

test('a term taken away that is more makes the sum less', function () {
    expect(leafBack()->off(['leaf-thickness' => Length::mm(2)])->nm)->toBe(Length::mm(6)->nm);
});

test('a term that is said to be off as a whole is not asked what it was worked from', function () {
    $off = leafBack()->off(['middle-rail' => Length::mm(5), 'header' => Length::mm(100)]);

    expect($off->nm)->toBe(Length::mm(13)->nm);
});

test('what was rounded, or chosen of several, stays where it was chosen', function () {
    $rounded = leafBack()->becomes(Length::mm(10), 'rounded');
    $chosen = Sum::greatest('stands-proudest-behind-leaf', ['casing' => Length::mm(18), 'wall' => Length::zero()]);

    expect($rounded->off(['header' => Length::mm(3)])->nm)
        ->toBe(Length::mm(10)->nm)
        ->and($chosen->off(['casing' => Length::mm(3)])->nm)
        ->toBe(Length::mm(18)->nm);
});

test('the mirror of a place stands as far on the other side, worked from the same terms', function () {
    $edge = Sum::of('left-edge-leaf')->place('left-jamb', Length::mm(1200))->minus('side-overlap', Length::mm(50));
    $mirror = $edge->mirrored();

    expect($mirror->total->nm)
        ->toBe(Length::mm(-1150)->nm)
        ->and($mirror->name)
        ->toBe('right-edge-leaf')
        ->and(array_map(fn ($term) => [$term->sign, $term->name, $term->value->toMm()], $mirror->terms()))
        ->toBe([[1, 'right-jamb', -1200.0], [1, 'side-overlap', 50.0]])
        ->and($mirror->mirrored()->total->nm)
        ->toBe($edge->total->nm);
});
