<?php

declare(strict_types=1);

use Tests\Core\Support\Doorways;
use YokeLine\Inspection\Cure;
use YokeLine\Inspection\Finding;
use YokeLine\Setout;

/* What is wrong with a leaf that is built, and what would cure it. */

const OLD_LEAF = ['width' => 500, 'height' => 2300, 'thickness' => 38];

const HOLLOW_LEAF = ['width' => 966, 'height' => 2140, 'thickness' => 40, 'kind' => 'hollow', 'stile' => 34];

/**
 * @param  array<string, mixed>  $made  below `brief.leaf.made`
 * @param  array<string, mixed>  $more
 */
function inspectedLeaf(array $made, array $more): Setout
{
    return Doorways::setout('kiln-room', [
        'brief.leaf.thickness' => null, 'brief.leaf.stile' => null, 'brief.leaf.mass_kg' => null,
        'brief.leaf.made' => Doorways::plain($made),
        ...$more,
    ]);
}

/** @return list<Finding> */
function foundAs(string $code, Setout $setout): array
{
    return array_values(array_filter($setout->findings, fn (Finding $one) => $one->code->value === $code));
}

/** @return list<Cure> */
function curesFor(string $code, Setout $setout): array
{
    return array_merge(...array_map(fn (Finding $finding) => $finding->cures, foundAs($code, $setout)));
}

dataset('faults of leaves that are built', [
    'wet wood rests' => ['wood-wet', ['way' => 'planked', 'moisture' => 16], [
        ['wood-rests', 'brief.leaf.made.moisture', '11'],
    ]],
    'a short tongue' => [
        'tongue-short',
        ['way' => 'planked', 'setting' => 'damp', 'species' => 'red-oak', 'board' => ['width' => 180, 'tongue' => 5]],
        [['tongue-long', 'brief.leaf.made.board.tongue', '9']],
    ],
    'a sliver at each edge' => ['sliver', ['way' => 'planked', 'board' => ['width' => 40, 'tongue' => 8]], [
        ['board-cover', 'brief.leaf.made.board.width', '41'],
    ]],
    'boards too thin to groove' => [
        'cheek-thin',
        ['way' => 'planked', 'board' => ['thickness' => 14], 'ledge' => ['thickness' => 25]],
        [['wood-thick', 'brief.leaf.made.board.thickness', '17'], ['guide-shoe', 'brief.rules.guide', 'shoe']],
    ],
    'another thickness than was asked' => [
        'made-thickness', ['way' => 'glazed', 'frame' => ['thickness' => 42]],
        [['thickness-as-made', 'brief.leaf.thickness', null]],
        ['brief.leaf.thickness' => 40],
    ],
    'a narrow ledge' => ['ledge-narrow', ['way' => 'planked', 'ledge' => ['width' => 60]], [
        ['ledge-wide', 'brief.leaf.made.ledge.width', '96'],
    ]],
    'flat braces' => ['brace-flat', ['way' => 'planked', 'brace' => 'z', 'ledges' => 5], [
        ['ledges-fewer', 'brief.leaf.made.ledges', '4'],
    ]],
    'bolts between boards' => ['hole-in-joint', ['way' => 'planked', 'board' => ['width' => 100]], [
        ['hangers-in', 'brief.rules.hanger_inset', '61'], ['hangers-in', 'brief.rules.hanger_inset', '61'],
    ]],
    'a tight channel' => ['channel-tight', ['way' => 'framed', 'filler' => ['thickness' => 6]], [
        ['filler-thick', 'brief.leaf.made.filler.thickness', '7'],
    ]],
    'a loose channel' => ['channel-loose', ['way' => 'framed', 'filler' => ['thickness' => 18]], [
        ['channel-lined', 'brief.leaf.made.lining', '5.5'],
    ]],
    'a shallow channel' => ['channel-shallow', ['way' => 'framed', 'raise' => 4], [
        ['strip-raised', 'brief.leaf.made.raise', '13'],
    ]],
    'thick infill' => ['infill-proud', ['way' => 'framed', 'infill' => ['thickness' => 24]], [
        ['frame-thick', 'brief.leaf.made.frame.thickness', '24'],
        ['infill-thin', 'brief.leaf.made.infill.thickness', '20'],
    ]],
    'a bolt through the glass' => ['drill-glass', ['way' => 'glazed', 'frame' => ['stile' => 60, 'top' => 60]], [
        ['stile-wide', 'brief.leaf.made.frame.stile', '96'], ['hangers-in', 'brief.rules.hanger_inset', '36'],
    ]],
    'hangers beside a stile' => ['hanger-solid', ['way' => 'glazed', 'frame' => ['stile' => 70, 'top' => 120]], [
        ['stile-wide', 'brief.leaf.made.frame.stile', '89'], ['hangers-in', 'brief.rules.hanger_inset', '53'],
        ['stile-wide', 'brief.leaf.made.frame.stile', '89'], ['hangers-in', 'brief.rules.hanger_inset', '53'],
    ]],
    'hangers over a hollow' => ['hanger-solid', ['way' => 'hollow', 'from' => [HOLLOW_LEAF]], [
        ['block-behind', 'brief.leaf.made.from[0].block', '56'],
        ['block-behind', 'brief.leaf.made.from[0].block', '56'],
    ]],
    'a handle over an old hole' => [
        'hole-meets-old',
        [
            'way' => 'joined',
            'from' => [
                [...OLD_LEAF, 'bores' => [['kind' => 'bore', 'u' => 60, 'v' => 1200, 'diameter' => 60]]], OLD_LEAF,
            ],
        ],
        [['handle-at', 'brief.rules.pull_height', '1242'], ['handle-at', 'brief.rules.pull_height', '858']],
        ['brief.pulls.front' => ['kind' => 'bar', 'width' => 24, 'height' => 300, 'projection' => 45]],
    ],
    'a hanger over an old hole' => [
        'hole-meets-old',
        [
            'way' => 'joined',
            'from' => [
                [...OLD_LEAF, 'bores' => [['kind' => 'bore', 'u' => 100, 'v' => 2200, 'diameter' => 60]]], OLD_LEAF,
            ],
        ],
        [['hangers-in', 'brief.rules.hanger_inset', '132'], ['hangers-in', 'brief.rules.hanger_inset', '37']],
    ],
    'a hanger where two leaves meet' => ['hanger-on-joint', ['way' => 'joined', 'from' => [OLD_LEAF, OLD_LEAF]], [
        ['hangers-more', 'brief.rules.hangers', '2'],
    ], ['brief.rules.hangers' => 3]],
    'plain glass' => ['glass-unsafe', ['way' => 'glazed', 'glass' => ['kind' => 'float']], [
        ['glass-toughened', 'brief.leaf.made.glass.kind', 'toughened'],
        ['glass-laminated', 'brief.leaf.made.glass.kind', 'laminated'],
    ]],
    'thin glass' => ['glass-thin', ['way' => 'glazed', 'glass' => ['thickness' => 4]], [
        ['glass-thick', 'brief.leaf.made.glass.thickness', '6'],
    ]],
    'thin for the kit, of boards' => ['leaf-thickness', ['way' => 'planked', 'ledge' => ['thickness' => 5]], [
        ['ledge-thick', 'brief.leaf.made.ledge.thickness', '12'],
    ]],
    'thick for the kit, with a frame' => ['leaf-thickness', ['way' => 'framed', 'frame' => ['thickness' => 40]], [
        ['frame-thick', 'brief.leaf.made.frame.thickness', '28'],
    ]],
]);

test('a fault of a leaf that is built is cured by another part, another place or another number', function (
    string $code,
    array $made,
    array $cures,
    array $more = [],
) {
    $offered = curesFor($code, inspectedLeaf($made, $more));

    expect(array_map(
        fn (Cure $cure) => [$cure->code, array_key_first($cure->changes), array_values($cure->changes)[0]],
        $offered,
    ))->toBe($cures);
})->with('faults of leaves that are built');

test('each of these cures does cure, and stops nothing else', function (
    string $code,
    array $made,
    array $cures,
    array $more = [],
) {
    $setout = inspectedLeaf($made, $more);
    $stops = fn (Setout $of) => array_map(
        fn (Finding $finding) => $finding->code->value,
        array_filter($of->findings, fn (Finding $finding) => $finding->severity->value === 'stop'),
    );
    foreach (curesFor($code, $setout) as $cure) {
        $after = Setout::quick($setout->after($cure), Doorways::kits());

        expect(count(foundAs($code, $after)))->toBeLessThan(count(foundAs($code, $setout)), $cure->code)
            ->and(array_diff($stops($after), $stops($setout)))->toBe([], $cure->code);
    }
    expect(curesFor($code, $setout))->toHaveCount(count($cures));
})->with('faults of leaves that are built');
