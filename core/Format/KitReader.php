<?php

declare(strict_types=1);

namespace YokeLine\Format;

use ArrayObject;
use YokeLine\Doorway\Bracket;
use YokeLine\Doorway\CatchSides;
use YokeLine\Doorway\GuideKit;
use YokeLine\Doorway\GuideStyle;
use YokeLine\Doorway\Hang;
use YokeLine\Doorway\Hanger;
use YokeLine\Doorway\HangerStyle;
use YokeLine\Doorway\HeightDatum;
use YokeLine\Doorway\JumpDisc;
use YokeLine\Doorway\Kit;
use YokeLine\Doorway\Part;
use YokeLine\Doorway\RailEnd;
use YokeLine\Doorway\RailKit;
use YokeLine\Doorway\RailMaterial;
use YokeLine\Doorway\RailPart;
use YokeLine\Doorway\SoftClose;
use YokeLine\Doorway\Stop;
use YokeLine\Doorway\StopStyle;
use YokeLine\Doorway\Wheel;
use YokeLine\Measure\Length;
use YokeLine\Measure\Pounds;
use YokeLine\Measure\Span;
use YokeLine\Measure\Unit;

/** A shelf of kits, version 1: document to values. */
final readonly class KitReader
{
    /** What a leaf is thick where the sheet does not say, mm. */
    private const USUAL_LEAF = [35, 45];

    /** @var ArrayObject<int, string> numbers that its sheet leaves out, by key */
    private ArrayObject $usual;

    private function __construct(private Fields $at, private string $kit)
    {
        /** @var ArrayObject<int, string> $usual */
        $usual = new ArrayObject();
        $this->usual = $usual;
    }

    /**
     * @return array<string, Kit> by id
     *
     * @throws UnreadableFile
     */
    public static function read(Document $document): array
    {
        if ($document->get('format') !== 'yoke-line/kits') {
            throw UnreadableFile::wrongFormat('yoke-line/kits', $document->get('format'));
        }
        if ($document->get('version') !== 1) {
            throw UnreadableFile::unknownVersion($document->get('version'));
        }
        $units = (new Fields($document, Unit::Millimetre))->choice('units', Unit::class);
        $fields = new Fields($document, $units);
        $kits = [];
        foreach ($fields->places('kits') as $place) {
            $kit = (new self($fields, $place))->kit();
            if ($kit->id === '' || isset($kits[$kit->id])) {
                $fields->problem("{$place}.id", 'kit-id');
            }
            $kits[$kit->id] = $kit;
        }
        $fields->settle();

        return $kits;
    }

    /**
     * One kit that stands at a place of a document, such as the kit a doorway was planned with.
     *
     * @throws UnreadableFile
     */
    public static function at(Document $document, string $place): Kit
    {
        $fields = new Fields(
            $document,
            (new Fields($document, Unit::Millimetre))->choice("{$place}.units", Unit::class),
        );
        $kit = (new self($fields, $place))->kit();
        $fields->settle();

        return $kit;
    }

    /**
     * A sheet of one kit by itself.
     *
     * @throws UnreadableFile
     */
    public static function sheet(Document $sheet): Kit
    {
        return self::at(Document::of(['kit' => $sheet->root]), 'kit');
    }

    private function kit(): Kit
    {
        $at = $this->at;
        $bolt = $this->orUsual('bolt.diameter');

        return new Kit(
            id: $at->text("{$this->kit}.id"),
            name: $at->text("{$this->kit}.name"),
            hangs: $at->choices("{$this->kit}.hang", Hang::class),
            capacityKg: $this->capacity(),
            leafThickness: $this->leafThickness(),
            rise: $this->rise(),
            standoff: $this->needed('standoff'),
            standoffBase: $this->orUsual('standoff_base'),
            boltDiameter: $bolt,
            boltLength: $this->orUsual('bolt.length'),
            rail: $this->rail($bolt),
            hanger: $this->hanger(),
            stop: new Stop(
                $at->choice("{$this->kit}.stop.style", StopStyle::class),
                $this->orUsual('stop.reach'),
                $this->orUsual('stop.body'),
                $at->flag("{$this->kit}.stop.passes_standoffs"),
            ),
            guide: $this->guide("{$this->kit}.guide"),
            jumpDisc: $at->has("{$this->kit}.jump_disc")
                ? new JumpDisc(
                    $this->needed('jump_disc.inset'),
                    $this->needed('jump_disc.diameter'),
                    $this->needed('jump_disc.gap'),
                )
                : null,
            softClose: $at->has("{$this->kit}.soft_close")
                ? new SoftClose(
                    $this->needed('soft_close.stroke'),
                    $this->needed('soft_close.catch_length'),
                    $this->needed('soft_close.min_leaf_width'),
                    $at->choice("{$this->kit}.soft_close.sides", CatchSides::class),
                    $at->length("{$this->kit}.soft_close.screws.short"),
                    $at->length("{$this->kit}.soft_close.screws.long"),
                )
                : null,
            topGap: new Span(
                $at->lengthOrUsual("{$this->kit}.top_gap.min"),
                $at->lengthOrUsual("{$this->kit}.top_gap.max"),
            ),
            bracket: $this->bracket(),
            trackPitch: $at->length("{$this->kit}.track_pitch"),
            wheel: $at->has("{$this->kit}.wheel")
                ? new Wheel($at->text("{$this->kit}.wheel.material"), $this->carries("{$this->kit}.wheel"))
                : null,
            contents: $this->contents(),
            catchDepth: $at->length("{$this->kit}.catch_depth"),
            price: $at->amount("{$this->kit}.price"),
            wheels: array_map(
                fn (string $place) => new Wheel(
                    $at->text("{$place}.material"),
                    $this->carries($place),
                    $at->amount("{$place}.price"),
                ),
                $at->places("{$this->kit}.wheels"),
            ),
            guides: array_map($this->guide(...), $at->places("{$this->kit}.guides")),
            hangers: (int) $at->answer("{$this->kit}.hangers"),
            usual: array_values($this->usual->getArrayCopy()),
            units: $at->unit(),
        );
    }

    /** Stated as it stands on the sheet, and to where; or at once to the hole, as the first shelves had it. */
    private function rise(): Length
    {
        if (! $this->at->has("{$this->kit}.height")) {
            return $this->needed('rise');
        }
        $stated = $this->needed('height.value');
        $rise = $this->at
            ->choice("{$this->kit}.height.datum", HeightDatum::class)
            ->toRise($stated, $this->needed('rail.height'), $this->orUsual('hanger.above'));
        if ($rise->isNegative()) {
            $this->at->problem("{$this->kit}.height.value", 'kit-hole-under-top');
        }

        return $rise;
    }

    /** @return list<Part> */
    private function contents(): array
    {
        return array_map(
            fn (string $place) => new Part(
                $this->at->text("{$place}.part"),
                (int) $this->at->amount("{$place}.count"),
                $this->at->text("{$place}.into"),
            ),
            $this->at->places("{$this->kit}.contents"),
        );
    }

    private function bracket(): ?Bracket
    {
        $rows = $this->at->lengths("{$this->kit}.bracket.rows");

        return $rows === [] ? null : new Bracket($rows, $this->needed('bracket.depth'));
    }

    private function rail(Length $bolt): RailKit
    {
        $at = $this->at;
        $lengths = $at->lengths("{$this->kit}.rail.lengths");
        usort($lengths, fn (Length $a, Length $b) => $a->nm <=> $b->nm);
        $listed = $at->lengths("{$this->kit}.rail.holes.at");
        if ($lengths === []) {
            $at->problem("{$this->kit}.rail.lengths", 'kit-no-length');
        }

        return new RailKit(
            height: $this->needed('rail.height'),
            thickness: $this->needed('rail.thickness'),
            lengths: $lengths === [] ? [Length::zero()] : $lengths,
            cuttable: $at->flag("{$this->kit}.rail.cuttable"),
            endMargin: $this->orUsual('rail.end_margin'),
            spliceOver: $at->length("{$this->kit}.rail.splice_over") ?? end($lengths) ?: Length::zero(),
            freeHoles: $at->flag("{$this->kit}.rail.holes.free"),
            firstHole: $listed === [] ? $this->needed('rail.holes.first') : $listed[0],
            maxSpacing: $listed === [] ? $this->needed('rail.holes.max_spacing') : Length::zero(),
            holeDiameter: $at->length("{$this->kit}.rail.holes.diameter") ?? $bolt->plus($at->unit()->step()),
            firstFixingWithin: $this->orUsual('rail.first_fixing_within'),
            maxFixingSpacing: $this->orUsual('rail.max_fixing_spacing'),
            material: $at->choice("{$this->kit}.rail.material", RailMaterial::class),
            holesAt: $listed,
            parts: array_map(
                fn (string $place) => new RailPart(
                    $at->required("{$place}.length"),
                    $at->choice("{$place}.left", RailEnd::class),
                    $at->choice("{$place}.right", RailEnd::class),
                ),
                $at->places("{$this->kit}.rail.pieces"),
            ),
        );
    }

    private function hanger(): Hanger
    {
        $at = $this->at;
        $offsets = $at->lengths("{$this->kit}.hanger.hole_offsets");

        return new Hanger(
            style: $at->choice("{$this->kit}.hanger.style", HangerStyle::class),
            inset: $this->needed('hanger.inset'),
            strapWidth: $this->orUsual('hanger.strap_width'),
            strapPlane: $this->orUsual('hanger.strap_plane'),
            strapThickness: $this->orUsual('hanger.strap_thickness'),
            boltHead: $this->orUsual('hanger.bolt_head'),
            holeToTread: $at->length("{$this->kit}.hanger.hole_to_tread"),
            holeOffsets: $offsets,
            holeDiameter: $this->orUsual('hanger.hole_diameter'),
            plateLength: $at->length("{$this->kit}.hanger.plate_length"),
            above: $this->orUsual('hanger.above'),
            liftOn: $this->orUsual('hanger.lift_on'),
        );
    }

    /** @param  string  $place  in the document */
    private function guide(string $place): GuideKit
    {
        $within = substr($place, strlen($this->kit) + 1);

        return new GuideKit(
            style: $this->at->choice("{$place}.style", GuideStyle::class),
            length: $this->orUsual("{$within}.length"),
            bladeHeight: $this->orUsual("{$within}.blade_height"),
            bladeThickness: $this->orUsual("{$within}.blade_thickness"),
            minEngagement: $this->orUsual("{$within}.min_engagement"),
            cheek: $this->at->lengthOrUsual("{$place}.cheek"),
        );
    }

    private function capacity(): float
    {
        $capacity = $this->carries($this->kit);
        $this->at->has("{$this->kit}.capacity_kg") ||
            $this->at->has("{$this->kit}.capacity_lb") ||
            $this->usual->append('capacity_kg');

        return (float) $capacity;
    }

    /** What may hang on it, kg. */
    private function carries(string $place): ?float
    {
        return $this->at->amountOr("{$place}.capacity_kg", "{$place}.capacity_lb", Pounds::KG);
    }

    private function leafThickness(): Span
    {
        if (! $this->at->has("{$this->kit}.leaf_thickness")) {
            $this->usual->append('leaf_thickness');

            return new Span(Length::mm(self::USUAL_LEAF[0]), Length::mm(self::USUAL_LEAF[1]));
        }

        return $this->at->span("{$this->kit}.leaf_thickness") ?? new Span(Length::zero(), Length::zero());
    }

    /** A number that may be asked for later: what is usual, where its sheet is silent. */
    private function orUsual(string $key): Length
    {
        $this->at->has("{$this->kit}.{$key}") || $this->usual->append($key);

        return $this->at->lengthOrUsual("{$this->kit}.{$key}");
    }

    /** What nothing can be planned without. */
    private function needed(string $key): Length
    {
        return $this->at->required("{$this->kit}.{$key}");
    }
}
