<?php

declare(strict_types=1);

namespace YokeLine\Format;

use YokeLine\Catalog\MadeFields;
use YokeLine\Doorway\Made\Board;
use YokeLine\Doorway\Made\Framed;
use YokeLine\Doorway\Made\Glazed;
use YokeLine\Doorway\Made\Join;
use YokeLine\Doorway\Made\Joined;
use YokeLine\Doorway\Made\Made;
use YokeLine\Doorway\Made\OldHole;
use YokeLine\Doorway\Made\OldLeaf;
use YokeLine\Doorway\Made\Panel;
use YokeLine\Doorway\Made\Pattern;
use YokeLine\Doorway\Made\Planked;
use YokeLine\Doorway\Made\Sawn;
use YokeLine\Doorway\Made\Setting;
use YokeLine\Doorway\Made\Way;
use YokeLine\Making\UsualSize;
use YokeLine\Measure\Length;
use YokeLine\Measure\Pounds;

/** How the leaf is made, as a document has it. What is half told counts for nothing until it is told. */
final readonly class MadeReader
{
    private const AT = 'brief.leaf.made';

    /** Narrower boards than that nobody saws. */
    private const NARROWEST_MM = 20;

    /** So many ledges, middle rails, panes in a row. */
    private const MOST = 12;

    /** A rule of thumb is no more than so many times what is usual, and no less than such a part of it. */
    private const THUMB_TIMES = 10;

    private function __construct(private Fields $at) {}

    /** Null where the leaf is bought. */
    public static function read(Fields $at): ?Made
    {
        $way = $at->has(self::AT) ? Way::tryFrom($at->answer(self::AT.'.way')) : null;

        return $way === null ? null : (new self($at))->made($way);
    }

    /** @return array<string, Length> what is told of the rules of thumb, by the key of `UsualSize` */
    public static function rules(Fields $at): array
    {
        $told = [];
        foreach (UsualSize::thumbs() as $size) {
            $length = $at->length($size->path());
            $usual = $size->in($at->unit());
            if ($length === null) {
                continue;
            }
            $least = $usual->scaled(1, self::THUMB_TIMES);
            $most = $usual->times(self::THUMB_TIMES);
            $length->isUnder($least) || $length->isOver($most)
                ? $at->problem($size->path(), 'thumb-far', ['least' => $least, 'most' => $most])
                : ($told[$size->value] = $length);
        }

        return $told;
    }

    private function made(Way $way): Made
    {
        return new Made(
            $way,
            $this->at->answer(self::AT.'.species'),
            $this->at->choice(self::AT.'.cut', Sawn::class),
            $this->at->choice(self::AT.'.setting', Setting::class),
            $this->at->amount(self::AT.'.moisture'),
            $this->at->lengths(self::AT.'.stock'),
            match ($way) {
                Way::Planked => $this->planked(),
                Way::Framed => $this->framed(),
                Way::Joined, Way::Hollow => $this->joined(),
                Way::Glazed => $this->glazed(),
            },
        );
    }

    private function species(string $part): string
    {
        $told = $this->at->answer(self::AT.".{$part}.species");

        return $told === MadeFields::AS_LEAF ? $this->at->answer(self::AT.'.species') : $told;
    }

    private function length(string $part): Length
    {
        return $this->at->lengthOrUsual(self::AT.".{$part}");
    }

    private function count(string $of, int $least): int
    {
        $place = self::AT.".{$of}";
        $count = $this->at->count($place);
        if ($count > self::MOST) {
            $this->at->problem($place, 'count-too-much', ['most' => self::MOST]);
        }

        return max($least, min(self::MOST, $count));
    }

    private function board(string $part): Board
    {
        $width = $this->length("{$part}.width");
        $narrowest = Length::mm(self::NARROWEST_MM);
        if ($width->isUnder($narrowest)) {
            $this->at->problem(self::AT.".{$part}.width", 'board-narrow', ['least' => $narrowest]);
            $width = $this->at->usual(self::AT.".{$part}.width");
        }

        return new Board(
            $width,
            $this->length("{$part}.thickness"),
            $this->length("{$part}.tongue"),
            $this->species($part),
        );
    }

    private function planked(): Planked
    {
        $ledges = $this->count('ledges', 0);

        return new Planked(
            $this->board('board'),
            $this->length('ledge.width'),
            $this->length('ledge.thickness'),
            $this->species('ledge'),
            $this->at->answer(self::AT.'.ledge.side') === 'front',
            $ledges === 0 ? null : max(2, $ledges),
            $this->at->answer(self::AT.'.brace') === 'z',
            $this->at->answer(self::AT.'.fix') === 'clinch',
        );
    }

    private function framed(): Framed
    {
        $sheet = $this->at->lengths(self::AT.'.back.sheet');

        return new Framed(
            $this->at->answer(self::AT.'.back.kind'),
            $this->board('back'),
            count($sheet) === 2 ? [$sheet[0], $sheet[1]] : null,
            $this->length('filler.thickness'),
            $this->at->length(self::AT.'.filler.width'),
            $this->species('filler'),
            $this->at->choice(self::AT.'.infill.pattern', Pattern::class),
            $this->board('infill'),
            $this->length('frame.stile'),
            $this->length('frame.top'),
            $this->length('frame.bottom'),
            $this->length('frame.thickness'),
            $this->count('frame.middles', 0),
            $this->at->length(self::AT.'.frame.middle'),
            $this->species('frame'),
            $this->at->length(self::AT.'.raise'),
            $this->at->length(self::AT.'.lining'),
        );
    }

    private function joined(): Joined
    {
        return new Joined(
            array_values(array_filter(array_map($this->oldLeaf(...), $this->at->places(self::AT.'.from')))),
            $this->at->length(self::AT.'.plane'),
            $this->at->choice(self::AT.'.join', Join::class),
            $this->at->flag(self::AT.'.let_in'),
            array_values(array_filter(array_map($this->panel(...), $this->at->places(self::AT.'.panels')))),
        );
    }

    private function oldLeaf(string $place): ?OldLeaf
    {
        [$width, $height, $thickness] = $this->lengths($place, 'width', 'height', 'thickness');
        if ($width === null || $height === null || $thickness === null) {
            return null;
        }
        $leaf = $this->at->answer("{$place}.leaf");
        $species = $this->at->answer("{$place}.species");

        return new OldLeaf(
            $leaf === 'both' ? '' : $leaf,
            $width,
            $height,
            $thickness,
            $this->at->answer("{$place}.kind"),
            $species === 'unsaid' ? '' : $species,
            $this->at->amountOr("{$place}.mass_kg", "{$place}.mass_lb", Pounds::KG),
            $this->at->length("{$place}.stile"),
            $this->at->length("{$place}.top"),
            $this->at->length("{$place}.bottom"),
            $this->at->length("{$place}.skin"),
            array_values(array_filter(array_map($this->hole(...), $this->at->places("{$place}.bores")))),
            $this->at->length("{$place}.block"),
            $place,
        );
    }

    private function hole(string $place): ?OldHole
    {
        $kind = $this->at->text("{$place}.kind");
        $edge = $this->at->answer("{$place}.edge");
        [$u, $v, $diameter] = $this->lengths($place, 'u', 'v', 'diameter');
        [$height, $width, $depth] = $this->lengths($place, 'height', 'width', 'depth');
        if ($edge === 'leading' || $edge === 'trailing') {
            return $v === null || $height === null || $width === null || $depth === null
                ? null
                : OldHole::inEdge($kind, $edge, $v, $height, $width, $depth);
        }

        return $u === null || $v === null || $diameter === null ? null : OldHole::inFace($kind, $u, $v, $diameter);
    }

    private function panel(string $place): ?Panel
    {
        [$width, $height, $thickness] = $this->lengths($place, 'width', 'height', 'thickness');
        $species = $this->at->answer("{$place}.species");

        return $width === null || $height === null || $thickness === null
            ? null
            : new Panel(
                $width,
                $height,
                $thickness,
                $species === 'unsaid' ? $this->at->answer("{$place}.kind") : $species,
                max(1, $this->at->count("{$place}.count")),
            );
    }

    private function glazed(): Glazed
    {
        return new Glazed(
            $this->length('frame.stile'),
            $this->length('frame.top'),
            $this->length('frame.bottom'),
            $this->length('frame.bar'),
            $this->length('frame.thickness'),
            $this->species('frame'),
            $this->count('panes.columns', 1),
            $this->count('panes.rows', 1),
            $this->at->answer(self::AT.'.glass.kind'),
            $this->length('glass.thickness'),
            $this->at->length(self::AT.'.rebate'),
            $this->at->length(self::AT.'.bead'),
        );
    }

    /** @return list<?Length> */
    private function lengths(string $place, string ...$keys): array
    {
        return array_map(fn (string $key) => $this->at->length("{$place}.{$key}"), array_values($keys));
    }
}
