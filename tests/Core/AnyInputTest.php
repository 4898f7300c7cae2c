<?php

declare(strict_types=1);

use Eris\Generators;
use Tests\Core\Support\Doorways;
use Tests\Core\Support\Plain;
use YokeLine\Drawing\Above;
use YokeLine\Drawing\Elevation;
use YokeLine\Drawing\MeasuredWall;
use YokeLine\Drawing\Section;
use YokeLine\Drawing\Svg;
use YokeLine\Format\UnreadableFile;
use YokeLine\Inspection\Cautions;
use YokeLine\Planning\Slide;
use YokeLine\Setout;
use YokeLine\Survey\Readings;

uses(Eris\TestTrait::class);

const PLACES = [
    'survey.wall.from',
    'survey.wall.to',
    'survey.wall.ceiling',
    'survey.opening.left',
    'survey.opening.width[0]',
    'survey.opening.height[1]',
    'survey.opening.casing.head',
    'survey.opening.casing.thickness',
    'survey.baseboard.thickness',
    'survey.floor.readings[0].x',
    'survey.floor.readings[2].level',
    'survey.studs[0].x',
    'survey.floor.readings',
    'survey.opening',
    'survey',
    'brief',
    'brief.leaf',
    'brief.leaf.width',
    'brief.leaf.height',
    'brief.leaf.thickness',
    'brief.leaf.stile',
    'brief.leaf.stock_widths',
    'brief.leaf.mass_kg',
    'brief.header.width',
    'brief.header.align',
    'brief.header.overrun',
    'brief.backing',
    'brief.opens',
    'brief.hang',
    'brief.kit',
    'brief.rules.cover',
    'brief.rules.side_overlap',
    'brief.rules.park',
    'brief.rules.gap',
    'brief.rules.surplus',
    'brief.rules.hanger_inset',
    'brief.rules.pull_height',
    'brief.rules.guide_margin',
    'brief.rules.end_clearance',
    'brief.rules.spacer',
];

test('whatever stands in a document, it is set out and drawn, or refused at its places', function () {
    $values = Generators::elements(
        0,
        1,
        -1,
        7,
        40,
        500,
        2400,
        49_999,
        -49_999,
        0.000001,
        '',
        'auto',
        'high',
        '1/0',
        '79 3/16"',
        'casing',
        'left',
        'direct',
        'on-casing',
        'bypass',
        'biparting',
        'flat-40-bypass',
        'flat-40-top',
        'round-22-free',
        true,
        null,
        [],
        [1],
        [100, 200, 300],
        ['x' => 1],
    );
    $this->limitTo(1500)
        ->forAll(Generators::vector(3, Generators::tuple(Generators::elements(PLACES), $values)))
        ->then(function (array $changes) {
            $document = Doorways::document();
            foreach ($changes as [$place, $value]) {
                $document = $document->with($place, $value);
            }
            try {
                $setout = Setout::of($document, Doorways::kits());
            } catch (UnreadableFile $problem) {
                expect($problem->problems)->not->toBeEmpty();

                return;
            }
            $readings = Readings::in($setout->document, $setout->doorway->units);
            $drawn = Svg::write(MeasuredWall::of($setout->doorway, $setout->plan, $readings, new Plain()));
            if ($setout->plan !== null) {
                $drawn .=
                    Svg::write(Elevation::of($setout->plan, new Plain())).
                    Svg::write(Above::of($setout->plan, new Plain())).
                    Svg::write(Section::of($setout->plan, new Plain()));
                expect(Slide::frames($setout->plan, array_values($setout->plan->leaves())[0]))
                    ->not->toBeEmpty()
                    ->and(Cautions::of($setout->plan))
                    ->not->toBeEmpty();
            }
            expect($drawn)->not->toContain('NAN')->not->toContain('INF')->and($setout->summary())->not->toBe('');
        });
});
