<?php

namespace App\Bench\Stations;

use App\Bench\Field;
use App\Bench\Group;
use App\Bench\Row;
use YokeLine\Measure\Length;
use YokeLine\Setout;

/** The survey, in walking order. */
final class WallStation
{
    private const LININGS = ['gypsum' => 'gypsum board', 'plank' => 'plank', 'plaster' => 'plaster', 'tile' => 'tile', 'masonry' => 'masonry'];

    private const FLOORS = ['' => 'not said', 'board' => 'board', 'tile' => 'tile', 'stone' => 'stone', 'concrete' => 'concrete', 'carpet' => 'carpet', 'laminate' => 'laminate', 'vinyl' => 'vinyl'];

    private const OLD_DOORS = ['none' => 'none', 'hinged-in' => 'hinged, into this room', 'hinged-out' => 'hinged, out of it', 'folding' => 'folding'];

    /** @return list<Group> */
    public static function groups(Setout $setout): array
    {
        return [
            new Group('Wall', [
                new Row('From, to', [Field::length('survey.wall.from', 'Wall begins at'), Field::length('survey.wall.to', 'Wall ends at')]),
                Row::of(Field::length('survey.wall.ceiling', 'Ceiling, least')),
                new Row('Lining', [Field::select('survey.wall.lining.kind', 'Lining', self::LININGS, 'gypsum'), Field::length('survey.wall.lining.thickness', 'Lining thickness')]),
            ], 'Along the wall from the left corner or your pencil line.'),
            new Group('Opening', [
                Row::of(Field::length('survey.opening.left', 'Left jamb at')),
                new Row('Width', [Field::length('survey.opening.width[0]', 'Width at the top', null, 'top'), Field::length('survey.opening.width[1]', 'Width in the middle', null, 'middle'), Field::length('survey.opening.width[2]', 'Width at the foot', null, 'foot')]),
                new Row('Height', [Field::length('survey.opening.height[0]', 'Height at the left jamb', null, 'left'), Field::length('survey.opening.height[1]', 'Height at the right jamb', null, 'right')]),
                new Row('Casing', [Field::length('survey.opening.casing.left', 'Casing, left', Length::zero(), 'left'), Field::length('survey.opening.casing.right', 'Casing, right', Length::zero(), 'right'), Field::length('survey.opening.casing.head', 'Casing, head', Length::zero(), 'head'), Field::length('survey.opening.casing.thickness', 'Casing stands proud', Length::zero(), 'proud')]),
                new Row('Door that goes', [Field::select('survey.opening.was', 'Door that goes', self::OLD_DOORS, 'none')]),
            ]),
            new Group('Foot of the wall', [
                new Row('Baseboard', [Field::length('survey.baseboard.height', 'Baseboard height', Length::zero(), 'high'), Field::length('survey.baseboard.thickness', 'Baseboard stands proud', Length::zero(), 'proud')]),
                new Row('Floor', [Field::select('survey.floor.finish', 'Floor', self::FLOORS, '')]),
            ]),
            new Group('Floor levels', self::list($setout, 'survey.floor.readings', 'Reading', ['x' => 'at', 'level' => 'level']), 'Both jambs, and as far as the leaf will go. Up is plus, from any level line.'),
            new Group('Studs', self::list($setout, 'survey.studs', 'Stud', ['x' => 'middle at', 'width' => 'wide']), 'By their middles, along the same tape.'),
        ];
    }

    /**
     * Every item of a list and one empty row to go on with.
     *
     * @param  array<string, string>  $keys  key of an item => caption
     * @return list<Row>
     */
    private static function list(Setout $setout, string $place, string $name, array $keys): array
    {
        $count = count((array) ($setout->document->get($place) ?? []));

        return array_map(fn (int $i) => new Row(
            "{$name} ".($i + 1),
            array_map(fn (string $key, string $caption) => Field::length("{$place}[{$i}].{$key}", "{$name} ".($i + 1)." {$caption}", null, $i === 0 ? $caption : ''), array_keys($keys), $keys),
            $i < $count ? "{$place}[{$i}]" : null,
        ), range(0, $count));
    }
}
