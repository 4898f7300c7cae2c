<?php

declare(strict_types=1);

namespace YokeLine\Stock;

use YokeLine\Catalog\MaterialKind;
use YokeLine\Making\Bought;
use YokeLine\Making\Fastener;
use YokeLine\Making\LeafMade;
use YokeLine\Making\Part;
use YokeLine\Measure\Message;
use YokeLine\Measure\Unit;
use YokeLine\Planning\Plan;

/** What a leaf that the shop builds wants beside what is cut from bars: sheets, glass, screws, plates, glue. */
final readonly class MadeMaterials
{
    /** A sheet of sandpaper does so much: a rule of thumb. */
    private const M2_A_SANDPAPER = 2.0;

    private const KG_A_GRAM = 0.001;

    /** What each kind of fastener is on the list. */
    private const FASTENERS = [
        'screw' => MaterialKind::LeafScrew,
        'strip-screw' => MaterialKind::LeafScrew,
        'frame-screw' => MaterialKind::LeafScrew,
        'plate-screw' => MaterialKind::LeafScrew,
        'pocket-screw' => MaterialKind::PocketScrew,
        'pin' => MaterialKind::LeafPin,
        'clinch' => MaterialKind::LeafNail,
        'plate' => MaterialKind::JoinPlate,
        'dowel' => MaterialKind::LeafDowel,
    ];

    /**
     * @param  callable(int): int  $withSpares
     * @return list<Material>
     */
    public static function of(Plan $plan, callable $withSpares): array
    {
        $found = [];
        $alike = $plan->making?->other === null ? count($plan->layout->runs) : 1;
        foreach ($plan->making?->leaves() ?? [] as $leaf) {
            array_push($found, ...self::ofLeaf($leaf, $alike, $plan->doorway->units, $withSpares));
        }

        return self::together($found);
    }

    /**
     * @param  callable(int): int  $withSpares
     * @return list<Material>
     */
    private static function ofLeaf(LeafMade $leaf, int $alike, Unit $units, callable $withSpares): array
    {
        $found = [];
        foreach ($leaf->parts as $part) {
            $piece = self::piece($part, $leaf, $alike);
            $piece === null || ($found[] = $piece);
        }
        foreach ($leaf->fasteners as $fastener) {
            $found[] = self::fastener($fastener, $withSpares($fastener->count * $alike));
        }
        if ($leaf->glueG() > 0) {
            $found[] = new Material(
                'finish',
                MaterialId::of(MaterialKind::Glue),
                $leaf->glueG() * $alike * self::KG_A_GRAM,
                SoldBy::Kilogram->in($units),
                self::for(),
            );
        }
        $found[] = new Material(
            'finish',
            MaterialId::of(MaterialKind::Sandpaper),
            ceil(($leaf->area() * $alike) / self::M2_A_SANDPAPER),
            SoldBy::Piece,
            new Message('materials.for', [], 'sandpaper-leaf'),
        );

        return $found;
    }

    /** What comes as a sheet, a pane or a strip of its own; null of what is cut from bars, and of old leaves. */
    private static function piece(Part $part, LeafMade $leaf, int $alike): ?Material
    {
        $kind = match ($part->kind) {
            'back' => MaterialKind::LeafSheet,
            'panel' => MaterialKind::Panel,
            'glass' => MaterialKind::Pane,
            'spline' => MaterialKind::Spline,
            'lining' => MaterialKind::ChannelLining,
            default => null,
        };
        if ($kind === null) {
            return null;
        }
        // A sheet is as large as it is sold: what it is cut from.
        [$width, $height] = $kind === MaterialKind::LeafSheet
            ? (new Bought($leaf->wanted->sizes))->sheet()
            : [$part->width, $part->length];
        $sizes = array_filter(['width' => $width, 'height' => $height, 'thickness' => $part->thickness]);

        return new Material(
            'leaf',
            MaterialId::named($kind, $part->wood, ...$sizes),
            $part->count * $alike,
            SoldBy::Piece,
            self::for(),
            [...$sizes, 'made' => Message::word('made-of', $part->wood)],
        );
    }

    private static function fastener(Fastener $fastener, int $count): Material
    {
        $kind = self::FASTENERS[$fastener->kind];
        $sizes = $fastener->length === null ? [] : ['length' => $fastener->length];

        return new Material('fixings', MaterialId::of($kind, ...$sizes), $count, SoldBy::Piece, self::for(), $sizes);
    }

    /**
     * Screws of one length are one line, whatever they hold.
     *
     * @param  list<Material>  $materials
     * @return list<Material>
     */
    private static function together(array $materials): array
    {
        $lines = [];
        foreach ($materials as $material) {
            $lines[$material->key] = isset($lines[$material->key])
                ? $lines[$material->key]->andMore($material->count)
                : $material;
        }

        return array_values($lines);
    }

    private static function for(): Message
    {
        return new Message('materials.for', [], 'made-leaf');
    }
}
