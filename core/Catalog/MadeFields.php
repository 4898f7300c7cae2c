<?php

declare(strict_types=1);

namespace YokeLine\Catalog;

use YokeLine\Doorway\Hang;
use YokeLine\Doorway\Made\Join;
use YokeLine\Doorway\Made\Pattern;
use YokeLine\Doorway\Made\Sawn;
use YokeLine\Doorway\Made\Setting;
use YokeLine\Doorway\Made\Way;
use YokeLine\Making\Timber;
use YokeLine\Making\UsualSize;

/** A leaf that is built in the shop: which way, of what, from which old leaves. */
final class MadeFields
{
    /** A leaf that nobody builds. */
    public const BOUGHT = 'bought';

    /** A part of the wood that the leaf is of. */
    public const AS_LEAF = 'as-leaf';

    private const AT = 'brief.leaf.made';

    /** @return list<Field> */
    public static function all(): array
    {
        $fields = [
            Field::choice(self::AT.'.way', self::BOUGHT, ...array_map(fn (Way $way) => $way->value, Way::cases())),
            Field::choice(self::AT.'.species', 'softwood', ...array_diff(Timber::species(), ['softwood'])),
            Field::enum(self::AT.'.cut', Sawn::Flat),
            Field::enum(self::AT.'.setting', Setting::Heated),
            Field::amount(self::AT.'.moisture'),
            Field::lengths(self::AT.'.stock', 20),
            Field::choice(self::AT.'.hangers', 'auto', '2', '3', '4'),
            ...self::planked(),
            ...self::framed(),
            ...self::joined(),
            ...self::glazed(),
            ...self::thumbs(),
        ];

        return array_map(fn (Field $field) => $field->at('made'), $fields);
    }

    /** @return list<Field> what a house may change of the rules of thumb */
    private static function thumbs(): array
    {
        return array_map(
            fn (UsualSize $size) => Field::positive($size->path())
                ->usually(...$size->usual())
                ->rule('making', 'making-'.strtr($size->value, '_', '-')),
            UsualSize::thumbs(),
        );
    }

    private static function species(string $part): Field
    {
        return Field::choice(self::AT.".{$part}.species", self::AS_LEAF, ...Timber::species());
    }

    /** @return list<Field> a board as it covers, with its tongue */
    private static function board(string $part, int $wide, string $inWide, int $thick, string $inThick): array
    {
        return [
            Field::positive(self::AT.".{$part}.width")->usually($wide, $inWide),
            Field::positive(self::AT.".{$part}.thickness")->usually($thick, $inThick),
            Field::sizeOrNone(self::AT.".{$part}.tongue"),
            self::species($part),
        ];
    }

    /** @return list<Field> */
    private static function planked(): array
    {
        return [
            ...self::board('board', 115, '4 1/2', 20, '3/4'),
            Field::positive(self::AT.'.ledge.width')->usually(120, '5 1/2'),
            Field::positive(self::AT.'.ledge.thickness')->usually(20, '3/4'),
            Field::choice(self::AT.'.ledge.side', 'back', 'front'),
            self::species('ledge'),
            Field::count(self::AT.'.ledges', 0),
            Field::choice(self::AT.'.brace', 'none', 'z'),
            Field::choice(self::AT.'.fix', 'screw', 'clinch'),
        ];
    }

    /** @return list<Field> */
    private static function framed(): array
    {
        return [
            Field::choice(self::AT.'.back.kind', ...Timber::sheets(), ...['boards']),
            ...self::board('back', 95, '3 1/2', 6, '1/4'),
            Field::lengths(self::AT.'.back.sheet', 2),
            Field::positive(self::AT.'.filler.thickness')->usually(12, '1/2'),
            Field::positive(self::AT.'.filler.width'),
            self::species('filler'),
            Field::enum(self::AT.'.infill.pattern', Pattern::Straight),
            ...self::board('infill', 95, '3 1/2', 12, '1/2'),
            Field::positive(self::AT.'.frame.stile')->usually(100, '4'),
            Field::positive(self::AT.'.frame.top')->usually(100, '4'),
            Field::positive(self::AT.'.frame.bottom')->usually(140, '5 1/2'),
            Field::positive(self::AT.'.frame.thickness')->usually(20, '3/4'),
            Field::count(self::AT.'.frame.middles', 0),
            Field::positive(self::AT.'.frame.middle'),
            self::species('frame'),
            Field::size(self::AT.'.raise'),
            Field::positive(self::AT.'.lining'),
        ];
    }

    /** @return list<string> leaves of which there are two */
    private static function ofPairs(): array
    {
        $pairs = array_filter(Hang::cases(), fn (Hang $hang) => count($hang->leaves()) > 1);

        return array_merge(...array_map(fn (Hang $hang) => $hang->leaves(), array_values($pairs)));
    }

    /** @return list<Field> */
    private static function joined(): array
    {
        $from = self::AT.'.from[]';
        $hole = "{$from}.bores[]";
        $panel = self::AT.'.panels[]';

        return [
            Field::items(self::AT.'.from', 12),
            Field::choice("{$from}.leaf", 'both', ...self::ofPairs()),
            Field::positive("{$from}.width"),
            Field::positive("{$from}.height"),
            Field::positive("{$from}.thickness"),
            Field::choice("{$from}.kind", 'softwood', 'hardwood', 'mdf', 'plywood', 'chipboard', 'hollow'),
            Field::choice("{$from}.species", 'unsaid', ...Timber::species()),
            Field::amount("{$from}.mass_kg"),
            Field::amount("{$from}.mass_lb"),
            Field::size("{$from}.stile"),
            Field::size("{$from}.top"),
            Field::size("{$from}.bottom"),
            Field::positive("{$from}.skin"),
            Field::positive("{$from}.block"),
            Field::items("{$from}.bores", 40),
            Field::text("{$hole}.kind", 'bore'),
            Field::choice("{$hole}.edge", 'face', 'leading', 'trailing'),
            Field::length("{$hole}.u"),
            Field::length("{$hole}.v"),
            Field::positive("{$hole}.height"),
            Field::positive("{$hole}.width"),
            Field::positive("{$hole}.depth"),
            Field::positive("{$hole}.diameter"),
            Field::size(self::AT.'.plane'),
            Field::enum(self::AT.'.join', Join::Plates),
            Field::flag(self::AT.'.let_in'),
            Field::items(self::AT.'.panels', 40),
            Field::positive("{$panel}.width"),
            Field::positive("{$panel}.height"),
            Field::positive("{$panel}.thickness"),
            Field::choice("{$panel}.kind", ...Timber::sheets()),
            Field::choice("{$panel}.species", 'unsaid', ...Timber::species()),
            Field::count("{$panel}.count", 1),
        ];
    }

    /** @return list<Field> */
    private static function glazed(): array
    {
        return [
            Field::positive(self::AT.'.frame.bar')->usually(40, '1 1/2'),
            Field::count(self::AT.'.panes.columns', 1),
            Field::count(self::AT.'.panes.rows', 1),
            Field::choice(self::AT.'.glass.kind', 'toughened', 'laminated', 'float'),
            Field::positive(self::AT.'.glass.thickness')->usually(6, '1/4'),
            Field::positive(self::AT.'.rebate'),
            Field::positive(self::AT.'.bead'),
        ];
    }
}
