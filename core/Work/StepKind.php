<?php

declare(strict_types=1);

namespace YokeLine\Work;

/** What kind of step it is, whichever leaf, rail, guide or coat it is of; in the order they are usually met. */
enum StepKind: string
{
    case Look = 'look';
    case Measure = 'measure';
    case Scan = 'scan';
    case Choose = 'choose';
    case Order = 'order';
    case BoxCheck = 'box-check';
    case PartComes = 'part-comes';
    case Trial = 'trial';
    case LeafIn = 'leaf-in';
    case BringIn = 'bring-in';
    case Cut = 'cut';
    case Rip = 'rip';
    case LayUp = 'lay-up';
    case FixLedges = 'fix-ledges';
    case FixBraces = 'fix-braces';
    case CutInfill = 'cut-infill';
    case FixFillers = 'fix-fillers';
    case FrameUp = 'frame-up';
    case SetFrame = 'set-frame';
    case LayInfill = 'lay-infill';
    case StripOld = 'strip-old';
    case Plane = 'plane';
    case Trim = 'trim';
    case CutFoot = 'cut-foot';
    case FillFoot = 'fill-foot';
    case FillOld = 'fill-old';
    case Join = 'join';
    case Lip = 'lip';
    case Panel = 'panel';
    case JointUp = 'joint-up';
    case Rebate = 'rebate';
    case SquareUp = 'square-up';
    case Glaze = 'glaze';
    case TrimLeaf = 'trim-leaf';
    case LayOut = 'lay-out';
    case MarkLeaf = 'mark-leaf';
    case BoreLeaf = 'bore-leaf';
    case Groove = 'groove';
    case CoatLeaf = 'coat-leaf';
    case FitHangers = 'fit-hangers';
    case FitDiscs = 'fit-discs';
    case FitTriggers = 'fit-triggers';
    case FitPulls = 'fit-pulls';
    case CutBoard = 'cut-board';
    case MarkBoard = 'mark-board';
    case BoreBoard = 'bore-board';
    case CoatBoard = 'coat-board';
    case CutRail = 'cut-rail';
    case BoreRail = 'bore-rail';
    case JoinRail = 'join-rail';
    case StopsOn = 'stops-on';
    case CatchesOn = 'catches-on';
    case SprayHeads = 'spray-heads';
    case CutTemplate = 'cut-template';
    case DoorOff = 'door-off';
    case FillJambs = 'fill-jambs';
    case Isolate = 'isolate';
    case OpenWall = 'open-wall';
    case MoveHazard = 'move-hazard';
    case PatchWall = 'patch-wall';
    case MoveObstacle = 'move-obstacle';
    case Ease = 'ease';
    case MarkWall = 'mark-wall';
    case MarkLine = 'mark-line';
    case ProveLine = 'prove-line';
    case BoreWall = 'bore-wall';
    case BoardUp = 'board-up';
    case BoardFix = 'board-fix';
    case RailHeld = 'rail-held';
    case BoreThrough = 'bore-through';
    case RailUp = 'rail-up';
    case RailTrue = 'rail-true';
    case Hang = 'hang';
    case DiscsIn = 'discs-in';
    case SetStops = 'set-stops';
    case Buffer = 'buffer';
    case SetCatches = 'set-catches';
    case MarkGuide = 'mark-guide';
    case FixGuide = 'fix-guide';
    case ProveRun = 'prove-run';
    case FillHeads = 'fill-heads';
    case StainHeads = 'stain-heads';
    case CapHeads = 'cap-heads';
    case PaintPatch = 'paint-patch';
    case MakeGood = 'make-good';
    case HandOver = 'hand-over';

    /** Of a step's id, which tells after a dot which leaf, rail, guide or coat it is of. */
    public static function of(string $id): self
    {
        return self::from(explode('.', $id)[0]);
    }

    /** Done before one goes to the doorway. */
    public function isAtTheDesk(): bool
    {
        return in_array($this, [self::Look, self::Measure, self::Scan, self::Choose, self::Order], true);
    }

    /** Whether it makes the leaf. */
    public function isMaking(): bool
    {
        return in_array($this, MakingTable::kinds(), true);
    }

    /** The card that it is told on. */
    public function card(): WorkCard
    {
        return match ($this) {
            self::Look, self::Measure, self::Scan, self::Choose, self::Order => WorkCard::Choose,
            self::BoxCheck, self::PartComes, self::Trial => WorkCard::Box,
            self::LeafIn,
            self::BringIn,
            self::Cut,
            self::Rip,
            self::LayUp,
            self::FixLedges,
            self::FixBraces,
            self::CutInfill,
            self::FixFillers,
            self::FrameUp,
            self::SetFrame,
            self::LayInfill,
            self::StripOld,
            self::Plane,
            self::Trim,
            self::CutFoot,
            self::FillFoot,
            self::FillOld,
            self::Join,
            self::Lip,
            self::Panel,
            self::JointUp,
            self::Rebate,
            self::SquareUp,
            self::Glaze,
            self::TrimLeaf,
            self::LayOut,
            self::MarkLeaf,
            self::BoreLeaf,
            self::Groove,
            self::CoatLeaf,
            self::FitHangers,
            self::FitDiscs,
            self::FitTriggers,
            self::FitPulls => WorkCard::Leaf,
            self::CutBoard,
            self::MarkBoard,
            self::BoreBoard,
            self::CoatBoard,
            self::CutRail,
            self::BoreRail,
            self::JoinRail,
            self::StopsOn,
            self::CatchesOn,
            self::SprayHeads => WorkCard::Bench,
            self::DoorOff,
            self::FillJambs,
            self::Isolate,
            self::OpenWall,
            self::MoveHazard,
            self::PatchWall,
            self::MoveObstacle,
            self::Ease => WorkCard::Ready,
            self::CutTemplate, self::MarkWall, self::MarkLine, self::ProveLine => WorkCard::Line,
            self::BoreWall, self::BoardUp, self::BoardFix => WorkCard::Carries,
            self::RailHeld, self::BoreThrough, self::RailUp, self::RailTrue => WorkCard::Rail,
            self::Hang,
            self::DiscsIn,
            self::SetStops,
            self::Buffer,
            self::SetCatches,
            self::MarkGuide,
            self::FixGuide => WorkCard::Hang,
            self::ProveRun,
            self::FillHeads,
            self::StainHeads,
            self::CapHeads,
            self::PaintPatch,
            self::MakeGood,
            self::HandOver => WorkCard::Finish,
        };
    }
}
