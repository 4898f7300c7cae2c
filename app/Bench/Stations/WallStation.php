<?php

declare(strict_types=1);

namespace App\Bench\Stations;

use App\Bench\Field;
use App\Bench\Group;
use App\Bench\Items;
use App\Bench\Offer;
use App\Bench\Row;
use YokeLine\Measure\Length;
use YokeLine\Measure\LengthWriter;
use YokeLine\Setout;

/** The survey, in walking order. */
final class WallStation
{
    private const LININGS = ['gypsum' => 'gypsum board', 'plank' => 'plank', 'plaster' => 'plaster', 'tile' => 'tile', 'masonry' => 'masonry'];

    private const FLOORS = ['' => 'not said', 'board' => 'board', 'tile' => 'tile', 'stone' => 'stone', 'concrete' => 'concrete', 'carpet' => 'carpet', 'laminate' => 'laminate', 'vinyl' => 'vinyl'];

    private const OLD_DOORS = ['none' => 'none', 'hinged-in' => 'hinged, into this room', 'hinged-out' => 'hinged, out of it', 'folding' => 'folding'];

    private const SPANNED = ['doorway' => 'a doorway', 'niche' => 'a niche', 'screen' => 'a span of wall'];

    private const ENDS = ['corner' => 'corner', 'open' => 'free'];

    /** What is found on walls, with the size it usually has and the height it usually stands at, in mm: x, y, width, height, projection. */
    private const THINGS = ['switch' => [1100, 86, 86, 12], 'socket' => [300, 86, 146, 12], 'thermostat' => [1400, 90, 90, 25], 'vent' => [2100, 300, 150, 15], 'radiator' => [120, 600, 600, 110], 'shelf' => [1400, 600, 40, 200], 'furniture' => [0, 900, 800, 450]];

    private const HAZARDS = ['cable' => [0, 30, 2400], 'pipe' => [0, 40, 900], 'gas' => [0, 40, 900]];

    /** @return list<Group> */
    public static function groups(Setout $setout, int $doorway, Items $items): array
    {
        return [
            new Group('Wall', [
                new Row('From, to', [Field::length('survey.wall.from', 'Wall begins at'), Field::length('survey.wall.to', 'Wall ends at')]),
                new Row('It ends', [Field::select('survey.wall.ends.left', 'Left end of the wall', self::ENDS, 'corner'), Field::select('survey.wall.ends.right', 'Right end of the wall', self::ENDS, 'corner')]),
                Row::of(Field::length('survey.wall.ceiling', 'Ceiling, least')),
                new Row('Crown', [Field::length('survey.wall.crown.drop', 'Crown drops', Length::zero(), 'drops'), Field::length('survey.wall.crown.projection', 'Crown stands proud', Length::zero(), 'proud')]),
                new Row('Lining', [Field::select('survey.wall.lining.kind', 'Lining', self::LININGS, 'gypsum'), Field::length('survey.wall.lining.thickness', 'Lining thickness')]),
                Row::of(Field::length('survey.wall.walkway', 'To what faces it')),
            ], 'Along the wall from the left corner or your pencil line.', [], ['Bring in readings from a table' => "/doorways/{$doorway}/readings"]),
            new Group('Opening', [
                new Row('It is', [Field::select('survey.opening.is', 'What is covered', self::SPANNED, 'doorway')]),
                Row::of(Field::length('survey.opening.left', 'Left jamb at')),
                new Row('Width', [Field::length('survey.opening.width[0]', 'Width at the top', null, 'top'), Field::length('survey.opening.width[1]', 'Width in the middle', null, 'middle'), Field::length('survey.opening.width[2]', 'Width at the foot', null, 'foot')]),
                new Row('Height', [Field::length('survey.opening.height[0]', 'Height at the left jamb', null, 'left'), Field::length('survey.opening.height[1]', 'Height at the right jamb', null, 'right')]),
                new Row('Casing', [Field::length('survey.opening.casing.left', 'Casing, left', Length::zero(), 'left'), Field::length('survey.opening.casing.right', 'Casing, right', Length::zero(), 'right'), Field::length('survey.opening.casing.head', 'Casing, head', Length::zero(), 'head'), Field::length('survey.opening.casing.thickness', 'Casing stands proud', Length::zero(), 'proud')]),
                new Row('Door that goes', [Field::select('survey.opening.was', 'Door that goes', self::OLD_DOORS, 'none')]),
            ]),
            new Group('Foot of the wall', [
                new Row('Baseboard', [Field::length('survey.baseboard.height', 'Baseboard height', Length::zero(), 'high'), Field::length('survey.baseboard.thickness', 'Baseboard stands proud', Length::zero(), 'proud')]),
                new Row('Floor', [Field::select('survey.floor.finish', 'Floor', self::FLOORS, '')]),
                ...($setout->document->get('survey.floor.finish') === 'carpet' ? [new Row('Carpet', [Field::length('survey.floor.pile', 'Pile of the carpet', Length::zero(), 'pile'), Field::length('survey.floor.plate', 'Plate under the tape', Length::zero(), 'plate')])] : []),
            ]),
            new Group('Floor levels', self::list($items, 'survey.floor.readings', 'Reading', ['x' => 'at', 'level' => 'level']), 'Both jambs, and as far as the leaf will go. Up is plus, from any level line.'),
            new Group('Studs', self::list($items, 'survey.studs', 'Stud', ['x' => 'middle at', 'width' => 'wide']), 'By their middles, along the same tape.'),
            new Group('On the wall and before it', self::things($items), 'Drag them on the drawing, or move them by arrow keys.', self::offers($setout, $items->next('survey.obstacles'), self::THINGS)),
            new Group('In the wall', self::hazards($setout, $items), 'Heights from the floor. Nothing is drilled near them.', self::offers($setout, $items->next('survey.hazards'), self::HAZARDS)),
        ];
    }

    /**
     * Every item of a list and one empty row to go on with.
     *
     * @param  array<string, string>  $keys  key of an item => caption
     * @return list<Row>
     */
    private static function list(Items $items, string $list, string $name, array $keys): array
    {
        $places = $items->of($list);

        return array_map(fn (string $place, int $i) => new Row(
            "{$name} ".($i + 1),
            array_map(fn (string $key, string $caption) => Field::length("{$place}.{$key}", "{$name} ".($i + 1)." {$caption}", null, $i === 0 ? $caption : ''), array_keys($keys), $keys),
            $i < count($places) ? $place : null,
        ), [...$places, $items->next($list)], range(0, count($places)));
    }

    /** @return list<Row> */
    private static function things(Items $items): array
    {
        $rows = [];
        foreach ($items->of('survey.obstacles') as $i => $at) {
            $n = $i + 1;
            $rows[] = new Row('Thing '.$n, [Field::text("{$at}.name", "Name of thing {$n}"), Field::flag("{$at}.moved", "Whether thing {$n} stays", 'goes', 'stays')], $at);
            $rows[] = new Row('', [
                Field::length("{$at}.x[0]", "Thing {$n} from", null, 'from'), Field::length("{$at}.x[1]", "Thing {$n} to", null, 'to'),
                Field::length("{$at}.y[0]", "Thing {$n} foot", null, 'foot'), Field::length("{$at}.y[1]", "Thing {$n} top", null, 'top'),
            ]);
            $rows[] = new Row('', [Field::length("{$at}.projection", "Thing {$n} deep", null, 'deep'), Field::length("{$at}.stands_off", "Thing {$n} off the wall", Length::zero(), 'off the wall')]);
        }

        return $rows;
    }

    /** @return list<Row> */
    private static function hazards(Setout $setout, Items $items): array
    {
        $rows = [];
        foreach ($items->of('survey.hazards') as $i => $at) {
            $n = $i + 1;
            $rows[] = new Row(ucfirst((string) (is_string($kind = $setout->document->get("{$at}.kind")) ? $kind : 'hazard')), [
                Field::length("{$at}.x[0]", "Hazard {$n} from", null, 'from'), Field::length("{$at}.x[1]", "Hazard {$n} to", null, 'to'),
                Field::length("{$at}.y[0]", "Hazard {$n} foot", null, 'foot'), Field::length("{$at}.y[1]", "Hazard {$n} top", null, 'top'),
            ], $at);
        }

        return $rows;
    }

    /**
     * A new thing of each kind, where there is room for it to be moved from: right of the opening.
     *
     * @param  array<string, list<int>>  $kinds
     * @return list<Offer>
     */
    private static function offers(Setout $setout, string $place, array $kinds): array
    {
        $survey = $setout->doorway->survey;
        $exact = new LengthWriter($setout->doorway->units);
        $from = $survey->opening?->span()->high->plus(Length::mm(150)) ?? $survey->wallFrom ?? Length::zero();
        $offers = [];
        foreach ($kinds as $kind => $size) {
            [$y, $width, $height] = $size;
            $thing = [
                'kind' => $kind,
                'x' => [$exact->exact($from), $exact->exact($from->plus(Length::mm($width)))],
                'y' => [$exact->exact(Length::mm($y)), $exact->exact(Length::mm($y + $height))],
            ];
            if (isset($size[3])) {
                $thing += ['name' => $kind, 'projection' => $exact->exact(Length::mm($size[3]))] + ($kind === 'furniture' ? ['stands_off' => $exact->exact(Length::mm(900))] : []);
            }
            $offers[] = new Offer("+ {$kind}", [$place => $thing]);
        }

        return $offers;
    }
}
