<?php

declare(strict_types=1);

namespace Tests\Core\Support;

use Eris\Generator;
use Eris\Generators;
use YokeLine\Catalog\Field;
use YokeLine\Catalog\FieldType;
use YokeLine\Doorway\Kit;
use YokeLine\Format\Document;
use YokeLine\Format\DoorwayReader;
use YokeLine\Format\KitReader;
use YokeLine\Planner\Planner;
use YokeLine\Planning\Plan;
use YokeLine\Setout;

/** Doorways to test with: the demo's, changed as a test needs. */
final class Doorways
{
    /** The ways to build a leaf, by a field that each alone has. */
    public const BUILT = [
        'board.width' => 'planked', 'frame.stile' => 'framed', 'glass' => 'glazed', 'from' => 'joined',
    ];

    /** @return array<string, Kit> */
    public static function kits(): array
    {
        static $kits = null;

        return $kits ??= [...KitReader::read(self::shelf()), ...KitReader::read(self::shelf('kits-inch'))];
    }

    public static function shelf(string $name = 'kits'): Document
    {
        return Document::fromJson((string) file_get_contents(__DIR__."/../../../resources/kits/{$name}.json"));
    }

    /** As a document has it: whatever has names is an object. */
    public static function plain(mixed $value): mixed
    {
        return json_decode(json_encode($value, JSON_THROW_ON_ERROR), flags: JSON_THROW_ON_ERROR);
    }

    /**
     * A leaf that is built the way that a field of it is about; nothing where a place is about no such leaf.
     *
     * @return array<string, mixed> place => value
     */
    public static function madeAround(string $place): array
    {
        if (preg_match('/^brief\.leaf\.made\.(?!way$)(.+)/', $place, $found) !== 1) {
            return [];
        }
        $way = match (true) {
            preg_match('/^(board|ledge|brace|fix)/', $found[1]) === 1 => 'planked',
            preg_match('/^(from|plane|join|let_in|panels)/', $found[1]) === 1 => 'joined',
            preg_match('/^(frame\.bar|panes|glass|rebate|bead)/', $found[1]) === 1 => 'glazed',
            default => 'framed',
        };
        $hole = [
            'edge' => 'face', 'u' => 60, 'v' => 900, 'diameter' => 40, 'height' => 50, 'width' => 20, 'depth' => 9,
        ];
        $leaf = ['width' => 480, 'height' => 2240, 'thickness' => 38, 'bores' => [(object) $hole]];
        $panel = ['width' => 300, 'height' => 600, 'thickness' => 6];

        return [
            'brief.leaf.made' => (object) [
                'way' => $way,
                'from' => [(object) $leaf, (object) $leaf],
                'panels' => [(object) $panel],
            ],
        ];
    }

    /** @return list<mixed> what may be told at a field, one as good as another */
    public static function toldAt(Field $field): array
    {
        return match ($field->type) {
            FieldType::Length => [6, 55],
            FieldType::Lengths => [[31, 33], [905]],
            FieldType::Span => [[11, 29]],
            FieldType::Spans => [[[11, 29], [41, 59]]],
            FieldType::Text => $field->path === 'brief.kit' ? ['w', ...array_keys(self::kits())] : ['w'],
            FieldType::Texts => [['w', 'v']],
            FieldType::Flag => [true, false],
            FieldType::Count => [2, 5],
            FieldType::Amount => [0.5, 14.0],
            FieldType::Choice => $field->answers,
            FieldType::Choices => array_map(fn (string $answer) => [$answer], $field->answers),
            FieldType::Items => [[]],
        };
    }

    /**
     * A document in which everything that a field stands beside is there as well.
     *
     * @param  array<string, mixed>  $changes
     */
    public static function around(array $changes): Document
    {
        return self::document('kiln-room', [
            'survey.hazards' => [(object) ['kind' => 'cable', 'x' => [10, 20], 'y' => [0, 100]]],
            'survey.obstacles' => [
                (object) ['kind' => 'switch', 'name' => 'switch', 'x' => [10, 20], 'y' => [0, 100], 'projection' => 10],
            ],
            'survey.solids' => [(object) ['kind' => 'lintel', 'x' => [10, 20], 'y' => [0, 100]]],
            'survey.wall.crown' => (object) ['drop' => 10, 'projection' => 10],
            'brief.pulls' => (object) ['front' => (object) ['kind' => 'bar'], 'wall' => (object) ['kind' => 'flush']],
            'brief.in_hand' => (object) ['width' => 900],
            'brief.leaf.construction' => (object) ['kind' => 'softwood'],
            ...self::madeAround((string) array_key_first($changes)),
            ...$changes,
        ]);
    }

    /** @param  array<string, mixed>  $changes place => value, null to take it out */
    public static function document(string $name = 'kiln-room', array $changes = []): Document
    {
        // Worked examples in inches stand beside the demo: `in throwing-room`.
        $path = str_starts_with($name, 'in ')
            ? __DIR__.'/inches/'.substr($name, 3).'.json'
            : __DIR__."/../../../database/demo/{$name}.json";
        $document = Document::fromJson((string) file_get_contents($path));
        foreach ($changes as $place => $value) {
            $document = $value === null ? $document->without($place) : $document->with($place, $value);
        }

        return $document;
    }

    /** @param  array<string, mixed>  $changes */
    public static function plan(string $name = 'kiln-room', array $changes = [], ?Kit $kit = null): Plan
    {
        $doorway = DoorwayReader::read(self::document($name, $changes));

        return Planner::plan($doorway, $kit ?? self::kits()[$doorway->brief->kit]);
    }

    /**
     * Doorways of every kind: of the demo, worked in inches, and with a leaf that is built each way.
     *
     * @return array<string, array{string, array<string, mixed>}> the name of a document and changes to it
     */
    public static function ofEveryKind(): array
    {
        $demo = ['kiln-room', 'glaze-store', 'map-archive', 'reclaim-bay', 'slip-store', 'meter-room', 'loading-bay'];
        $more = ['throwing-room', 'packing-loft', 'drying-niche', 'in throwing-room', 'in drying-loft'];
        $all = [
            'kiln-room, free brackets' => ['kiln-room', ['brief.kit' => 'round-22-free']],
            'kiln-room, drilled on site' => ['kiln-room', ['brief.backing' => 'site-drilled']],
            'slip-store, two that pass' => ['slip-store', ['brief.kit' => 'flat-40-bypass', 'brief.hang' => 'bypass']],
        ];
        foreach ([...$demo, ...$more] as $name) {
            $all[$name] = [$name, []];
        }
        foreach (self::BUILT as $of => $way) {
            $all["kiln-room {$way}"] = ['kiln-room', [
                ...self::madeAround("brief.leaf.made.{$of}"),
                'brief.leaf.thickness' => null, 'brief.leaf.stile' => null, 'brief.leaf.mass_kg' => null,
            ]];
        }

        return $all;
    }

    /** @param  array<string, mixed>  $changes */
    public static function setout(string $name = 'kiln-room', array $changes = []): Setout
    {
        return Setout::of(self::document($name, $changes), self::kits());
    }

    /**
     * A kit of the shelf with some of its numbers changed. @param  array<string, mixed>  $changes place in the kit =>
     * value
     */
    public static function kit(string $id, array $changes): Kit
    {
        $shelf = self::shelf();
        $at = array_search($id, array_column((array) $shelf->get('kits'), 'id'), true);
        foreach ($changes as $place => $value) {
            $shelf = $shelf->with("kits[{$at}].{$place}", $value);
        }

        return KitReader::read($shelf)[$id];
    }

    /** Any doorway that an installer could meet, as changes to the kiln room. */
    public static function any(): Generator
    {
        return Generators::map(
            fn (array $n) => [
                'survey.wall.from' => $n['left'] - $n['before'],
                'survey.wall.to' => $n['left'] + $n['width'] + $n['after'],
                'survey.wall.ceiling' => $n['height'] + $n['over'],
                'survey.opening' => [
                    'left' => $n['left'],
                    'width' => [$n['width'], $n['width'] - $n['off']],
                    'height' => [$n['height'], $n['height'] + $n['off']],
                    'casing' => [
                        'left' => $n['casing'],
                        'right' => $n['casing'] + 7,
                        'head' => $n['casing'],
                        'thickness' => 18,
                    ],
                ],
                'survey.floor.readings' => [
                    ['x' => $n['left'] - 200, 'level' => $n['off']],
                    ['x' => $n['left'] + 301, 'level' => -$n['fall']],
                    ['x' => $n['left'] + 1607, 'level' => $n['fall'] - 3],
                ],
                'brief.opens' => $n['opens'],
                'brief.rules.cover' => $n['cover'],
                'brief.rules.surplus' => $n['surplus'],
                'brief.rules.park' => $n['park'],
                'brief.header.align' => $n['align'],
                'brief.backing' => $n['backing'],
                'brief.kit' => $n['kit'],
            ],
            Generators::associative([
                'left' => Generators::choose(600, 2500),
                'before' => Generators::choose(150, 1500),
                'after' => Generators::choose(150, 2500),
                'width' => Generators::choose(600, 1200),
                'height' => Generators::choose(1900, 2300),
                'over' => Generators::choose(150, 700),
                'off' => Generators::choose(0, 11),
                'fall' => Generators::choose(-9, 9),
                'casing' => Generators::choose(0, 110),
                'park' => Generators::choose(-60, 60),
                'opens' => Generators::elements('left', 'right'),
                'cover' => Generators::elements('opening', 'casing', 'just-enough'),
                'surplus' => Generators::elements('trailing', 'leading', 'even'),
                'align' => Generators::elements('centred', 'rail-low', 'on-casing'),
                'backing' => Generators::elements('header', 'direct'),
                'kit' => Generators::elements('flat-40-strap', 'round-25-strap', 'flat-40-top', 'round-22-free'),
            ]),
        );
    }

    /**
     * The kiln room with a fault: what was changed in it, and in copies of a kit.
     *
     * @param  array<string, mixed>  $changes
     * @param  array<string, array<string, mixed>>  $kits  numbers of each by its id
     * @param  bool  $isProved  with those cures alone that were tried, which takes long
     */
    public static function faulty(array $changes, array $kits, bool $isProved = true): Setout
    {
        $shelf = self::kits();
        foreach ($kits as $id => $numbers) {
            $shelf[$id] = self::kit('flat-40-strap', $numbers);
        }

        $setout = Setout::quick(self::document(changes: $changes), $shelf);

        return $isProved ? $setout->withProvedCures($shelf) : $setout;
    }

    /** @return array<string, array{0: string, 1: array<string, mixed>, 2?: array<string, mixed>}> by what they show */
    public static function faults(): array
    {
        return require __DIR__.'/faults.php';
    }
}
