<?php

declare(strict_types=1);

namespace YokeLine\Format;

use YokeLine\Doorway\Bracket;
use YokeLine\Doorway\GuideKit;
use YokeLine\Doorway\GuideStyle;
use YokeLine\Doorway\Hang;
use YokeLine\Doorway\Hanger;
use YokeLine\Doorway\HangerStyle;
use YokeLine\Doorway\HeightDatum;
use YokeLine\Doorway\JumpDisc;
use YokeLine\Doorway\Kit;
use YokeLine\Doorway\Part;
use YokeLine\Doorway\RailKit;
use YokeLine\Doorway\RailMaterial;
use YokeLine\Doorway\SoftClose;
use YokeLine\Doorway\Stop;
use YokeLine\Doorway\StopStyle;
use YokeLine\Doorway\Wheel;
use YokeLine\Measure\Length;
use YokeLine\Measure\Span;
use YokeLine\Measure\Unit;

/** A shelf of kits, version 1: document to values. */
final readonly class KitReader
{
    private function __construct(private Fields $at, private string $kit) {}

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
        $units = (new Fields($document, Unit::Millimetre))->choice('units', Unit::Millimetre);
        $fields = new Fields($document, $units);
        $kits = [];
        foreach ($fields->places('kits') as $place) {
            $kit = (new self($fields, $place))->kit();
            if ($kit->id === '' || isset($kits[$kit->id])) {
                $fields->problem("{$place}.id", 'Every kit needs an id of its own.');
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
        $fields = new Fields($document, (new Fields($document, Unit::Millimetre))->choice("{$place}.units", Unit::Millimetre));
        $kit = (new self($fields, $place))->kit();
        $fields->settle();

        return $kit;
    }

    private function kit(): Kit
    {
        $at = $this->at;
        $hangs = array_map(fn (string $place) => $at->choice($place, Hang::Single), $at->places("{$this->kit}.hang"));
        $bolt = $this->over('bolt.diameter');

        return new Kit(
            id: $at->text("{$this->kit}.id"),
            name: $at->text("{$this->kit}.name"),
            hangs: $hangs,
            capacityKg: $at->amount("{$this->kit}.capacity_kg") ?? 0.0,
            leafThickness: $at->span("{$this->kit}.leaf_thickness") ?? new Span(Length::zero(), Length::zero()),
            rise: $this->rise(),
            standoff: $this->length('standoff'),
            standoffBase: $this->over('standoff_base'),
            boltDiameter: $bolt,
            boltLength: $this->over('bolt.length'),
            rail: $this->rail($bolt),
            hanger: $this->hanger(),
            stop: new Stop($at->choice("{$this->kit}.stop.style", StopStyle::ClampOn), $this->length('stop.reach'), $this->length('stop.body'), $at->flag("{$this->kit}.stop.passes_standoffs", false)),
            guide: $this->guide(),
            jumpDisc: $at->has("{$this->kit}.jump_disc") ? new JumpDisc($this->length('jump_disc.inset'), $this->length('jump_disc.diameter'), $this->length('jump_disc.gap')) : null,
            softClose: $at->has("{$this->kit}.soft_close") ? new SoftClose($this->length('soft_close.stroke'), $this->length('soft_close.catch_length'), $this->length('soft_close.min_leaf_width')) : null,
            topGap: new Span($at->size("{$this->kit}.top_gap.min") ?? Length::mm(5), $at->size("{$this->kit}.top_gap.max") ?? Length::mm(30)),
            bracket: $this->bracket(),
            trackPitch: $at->positive("{$this->kit}.track_pitch"),
            wheel: $at->has("{$this->kit}.wheel") ? new Wheel($at->text("{$this->kit}.wheel.material"), $at->amount("{$this->kit}.wheel.capacity_kg")) : null,
            contents: $this->contents(),
            catchDepth: $at->positive("{$this->kit}.catch_depth"),
            price: $at->amount("{$this->kit}.price"),
        );
    }

    /** Stated as it stands on the sheet, and to where; or at once to the hole, as the first shelves had it. */
    private function rise(): Length
    {
        if (! $this->at->has("{$this->kit}.height")) {
            return $this->length('rise');
        }
        $stated = $this->length('height.value');
        $rise = $this->at->choice("{$this->kit}.height.datum", HeightDatum::Hole)->toRise($stated, $this->length('rail.height'), $this->length('hanger.above'));
        if ($rise->isNegative()) {
            $this->at->problem("{$this->kit}.height.value", 'Then the hole would be under the leaf’s top; is it stated to another place of the rail?');
        }

        return $rise;
    }

    /** @return list<Part> */
    private function contents(): array
    {
        return array_map(fn (string $place) => new Part($this->at->text("{$place}.part"), (int) ($this->at->amount("{$place}.count") ?? 1), $this->at->text("{$place}.into")), $this->at->places("{$this->kit}.contents"));
    }

    private function bracket(): ?Bracket
    {
        $rows = array_map(fn (string $place) => $this->at->required($place, $this->at->size($place)), $this->at->places("{$this->kit}.bracket.rows"));

        return $rows === [] ? null : new Bracket($rows, $this->length('bracket.depth'));
    }

    private function rail(Length $bolt): RailKit
    {
        $at = $this->at;
        $lengths = $at->sizes("{$this->kit}.rail.lengths");
        usort($lengths, fn (Length $a, Length $b) => $a->nm <=> $b->nm);
        $listed = $at->sizes("{$this->kit}.rail.holes.at");
        if ($lengths === []) {
            $at->problem("{$this->kit}.rail.lengths", 'At least one stock length of the rail is wanted here.');
        }

        return new RailKit(
            height: $this->over('rail.height'),
            thickness: $this->over('rail.thickness'),
            lengths: $lengths === [] ? [Length::zero()] : $lengths,
            cuttable: $at->flag("{$this->kit}.rail.cuttable", false),
            endMargin: $this->length('rail.end_margin'),
            spliceOver: $at->positive("{$this->kit}.rail.splice_over") ?? end($lengths) ?: Length::zero(),
            freeHoles: $at->flag("{$this->kit}.rail.holes.free", false),
            firstHole: $listed === [] ? $this->length('rail.holes.first') : $listed[0],
            maxSpacing: $listed === [] ? $this->over('rail.holes.max_spacing') : Length::zero(),
            holeDiameter: $at->positive("{$this->kit}.rail.holes.diameter") ?? $bolt->plus(Length::mm(1)),
            firstFixingWithin: $this->over('rail.first_fixing_within'),
            maxFixingSpacing: $this->over('rail.max_fixing_spacing'),
            material: $at->choice("{$this->kit}.rail.material", RailMaterial::Steel),
            holesAt: $listed,
        );
    }

    private function hanger(): Hanger
    {
        $at = $this->at;
        $offsets = array_map(fn (string $place) => $at->required($place, $at->size($place)), $at->places("{$this->kit}.hanger.hole_offsets"));

        return new Hanger(
            style: $at->choice("{$this->kit}.hanger.style", HangerStyle::FaceStrap),
            inset: $this->length('hanger.inset'),
            strapWidth: $this->length('hanger.strap_width'),
            strapPlane: $this->length('hanger.strap_plane'),
            strapThickness: $this->length('hanger.strap_thickness'),
            boltHead: $this->length('hanger.bolt_head'),
            holeToTread: $at->positive("{$this->kit}.hanger.hole_to_tread"),
            holeOffsets: $offsets,
            holeDiameter: $this->length('hanger.hole_diameter'),
            plateLength: $at->positive("{$this->kit}.hanger.plate_length"),
            above: $this->length('hanger.above'),
            liftOn: $this->length('hanger.lift_on'),
        );
    }

    private function guide(): GuideKit
    {
        return new GuideKit(
            style: $this->at->choice("{$this->kit}.guide.style", GuideStyle::TFin),
            length: $this->length('guide.length'),
            bladeHeight: $this->length('guide.blade_height'),
            bladeThickness: $this->length('guide.blade_thickness'),
            minEngagement: $this->length('guide.min_engagement'),
            cheek: $this->at->positive("{$this->kit}.guide.cheek") ?? Length::mm(30),
        );
    }

    private function length(string $key): Length
    {
        return $this->at->required("{$this->kit}.{$key}", $this->at->size("{$this->kit}.{$key}"));
    }

    /** What is divided by, or would hold nothing were it nothing. */
    private function over(string $key): Length
    {
        return $this->at->required("{$this->kit}.{$key}", $this->at->positive("{$this->kit}.{$key}"));
    }
}
