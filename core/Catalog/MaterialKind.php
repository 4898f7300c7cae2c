<?php

declare(strict_types=1);

namespace YokeLine\Catalog;

/** What a material is, whatever it is called on a list. */
enum MaterialKind: string
{
    case Leaf = 'leaf';
    case LeafSheet = 'leaf-sheet';
    case Panel = 'panel';
    case Pane = 'pane';
    case Spline = 'spline';
    case ChannelLining = 'channel-lining';
    case LeafScrew = 'leaf-screw';
    case PocketScrew = 'pocket-screw';
    case LeafPin = 'leaf-pin';
    case LeafNail = 'leaf-nail';
    case JoinPlate = 'join-plate';
    case LeafDowel = 'leaf-dowel';
    case Glue = 'glue';
    case Kit = 'kit';
    case EndCaps = 'end-caps';
    case Hanger = 'hanger';
    case KitPart = 'kit-part';
    case Buffer = 'buffer';
    case BufferScrew = 'buffer-screw';
    case BufferPlug = 'buffer-plug';
    case BufferPacking = 'buffer-packing';
    case EdgeRubber = 'edge-rubber';
    case Pull = 'pull';
    case LagBolt = 'lag-bolt';
    case BracketBolt = 'bracket-bolt';
    case WoodScrew = 'wood-screw';
    case Anchor = 'anchor';
    case AddedHole = 'added-hole';
    case Washer = 'washer';
    case Spacer = 'spacer';
    case FloorScrew = 'floor-screw';
    case FloorPlug = 'floor-plug';
    case Paint = 'paint';
    case MaskingTape = 'masking-tape';
    case Filler = 'filler';
    case TouchUp = 'touch-up';
    case Patch = 'patch';
    case WallPaint = 'wall-paint';
    case MouldingPaint = 'moulding-paint';
    case Guide = 'guide';
    case Packing = 'packing';
    case Template = 'template';
    case Prop = 'prop';
    case Wedge = 'wedge';
    case Brad = 'brad';
    case Sandpaper = 'sandpaper';
    case Stain = 'stain';
    case ScrewCap = 'screw-cap';
    case SprayPaint = 'spray-paint';
    case Felt = 'felt';
    case MaskingFilm = 'masking-film';
    case Board = 'board';
    case Rail = 'rail';
    case Bit = 'bit';
    case GroovingBit = 'grooving-bit';
    case MetalBlade = 'metal-blade';

    /** @return list<string> what it serves */
    public function serves(): array
    {
        return match ($this) {
            self::Leaf,
            self::LeafSheet,
            self::Panel,
            self::Pane,
            self::Spline,
            self::ChannelLining,
            self::LeafScrew,
            self::PocketScrew,
            self::LeafPin,
            self::LeafNail,
            self::JoinPlate,
            self::LeafDowel,
            self::Glue,
            self::Pull,
            self::Packing,
            self::MaskingFilm => ['leaf'],
            self::Kit => ['rail', 'leaf'],
            self::EndCaps,
            self::Hanger,
            self::KitPart,
            self::Buffer,
            self::BufferScrew,
            self::BufferPlug,
            self::BufferPacking,
            self::EdgeRubber,
            self::LagBolt,
            self::BracketBolt,
            self::Washer,
            self::Spacer,
            self::AddedHole,
            self::Rail,
            self::MetalBlade => ['rail'],
            self::WoodScrew,
            self::Board,
            self::Prop,
            self::Wedge,
            self::Brad,
            self::Stain,
            self::ScrewCap,
            self::SprayPaint => ['header'],
            self::Anchor => ['rail', 'header'],
            self::FloorScrew, self::FloorPlug, self::Felt, self::Guide => ['guide'],
            self::Paint, self::Sandpaper => ['leaf', 'header'],
            self::MaskingTape, self::Template => ['marks'],
            self::Filler, self::TouchUp => ['old-door'],
            self::Patch, self::WallPaint => ['hazard'],
            self::MouldingPaint => ['leaf'],
            self::Bit => ['holes'],
            self::GroovingBit => ['groove'],
        };
    }
}
