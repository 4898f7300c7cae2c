<?php

declare(strict_types=1);

namespace App\Kits;

use App\Bench\Field;
use App\Bench\Form;
use App\Bench\Group;
use App\Bench\Row;
use App\Bench\Typed;
use App\Models\ShelfKit;
use YokeLine\Doorway\Kit;
use YokeLine\Drawing\KitSheet;
use YokeLine\Drawing\Svg;
use YokeLine\Format\Document;
use YokeLine\Format\KitReader;
use YokeLine\Format\UnreadableFile;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\KitCheck;
use YokeLine\Measure\Length;
use YokeLine\Measure\LengthWriter;
use YokeLine\Measure\Unit;

/** One kit of the shelf with every number of its sheet; its height is kept as the sheet states it, with what it is stated to. */
final readonly class KitForm implements Form
{
    private const STATED_TO = ['hole' => 'the hole centre', 'rail-top' => 'the rail’s top', 'rail-foot' => 'the rail’s foot', 'wheel-top' => 'the wheel’s top'];

    private const HANGS = ['single' => 'one leaf', 'single, biparting' => 'one leaf, or two that meet', 'biparting' => 'two that meet', 'bypass' => 'two that pass'];

    public ?Kit $kit;

    /** @var array<string, string> what keeps the sheet from being read, by place */
    public array $unreadable;

    private Unit $kept;

    private Typed $typed;

    public LengthWriter $write;

    /** @param  array<string, array{typed: string, says: string}>  $refused */
    public function __construct(public ShelfKit $row, ?Unit $shown, public array $refused = [])
    {
        $this->kept = Unit::tryFrom((string) (is_string($units = $row->document->get('units')) ? $units : '')) ?? Unit::Millimetre;
        $this->write = new LengthWriter($shown ?? $this->kept);
        $this->typed = new Typed($this->write->unit, $this->kept);
        [$this->kit, $this->unreadable] = self::read(self::stated($row->document));
    }

    /** @return list<Group> */
    public function groups(): array
    {
        $yes = fn (string $place, string $label) => Row::of(Field::flag($place, $label));
        $length = fn (string $place, string $label) => Row::of(Field::length($place, $label));

        return [
            new Group('Kit', [
                Row::of(Field::text('name', 'Name')),
                new Row('Hangs', [Field::words('hang', 'Hangs', self::HANGS)]),
                Row::of(Field::amount('capacity_kg', 'Carries, kg')),
                new Row('Leaf thickness', [Field::length('leaf_thickness[0]', 'Thinnest leaf', null, 'from'), Field::length('leaf_thickness[1]', 'Thickest leaf', null, 'to')]),
                Row::of(Field::amount('price', 'Price, where known')),
            ]),
            new Group('Leaf top up to the rail', [
                new Row('Height to', [Field::length('height.value', 'Height over the leaf', null), Field::select('height.datum', 'Stated to', self::STATED_TO, 'hole')]),
                new Row('Top gap', [Field::length('top_gap.min', 'Top gap, least', Length::mm(5), 'least'), Field::length('top_gap.max', 'Top gap, greatest', Length::mm(30), 'greatest')]),
            ], $this->kit === null ? 'As the sheet states it, and to where.' : "That is {$this->write->showWithUnit($this->kit->rise)} to the hole centre, from which the yoke line is worked."),
            new Group('Rail', [
                new Row('Section', [Field::length('rail.height', 'Rail height', null, 'high'), Field::length('rail.thickness', 'Rail thickness', null, 'thick')]),
                new Row('Material', [Field::select('rail.material', 'Rail material', ['steel' => 'steel', 'stainless' => 'stainless steel', 'aluminium' => 'aluminium'], 'steel')]),
                Row::of(Field::lengths('rail.lengths', 'Lengths')),
                $yes('rail.cuttable', 'May be cut'),
                $length('rail.splice_over', 'In pieces over'),
                $length('rail.end_margin', 'End margin'),
                $length('rail.holes.first', 'First hole from the end'),
                $length('rail.holes.max_spacing', 'Holes apart, at most'),
                Row::of(Field::lengths('rail.holes.at', 'Or holes at')),
                $yes('rail.holes.free', 'Brackets set freely'),
                $length('rail.holes.diameter', 'Hole diameter'),
                $length('rail.first_fixing_within', 'First fixing within'),
                $length('rail.max_fixing_spacing', 'Fixings apart, at most'),
            ]),
            new Group('Standoff and bolt', [
                $length('standoff', 'Standoff'), $length('standoff_base', 'Foot of the standoff'),
                new Row('Bolt', [Field::length('bolt.diameter', 'Bolt diameter', null, 'diameter'), Field::length('bolt.length', 'Bolt length', null, 'long')]),
            ]),
            new Group('Hanger', [
                new Row('Style', [Field::select('hanger.style', 'Hanger style', ['face-strap' => 'strap on the face', 'top-plate' => 'plate on the top edge'], 'face-strap')]),
                $length('hanger.inset', 'In from the leaf’s edge'),
                $length('hanger.strap_width', 'Strap width'), $length('hanger.plate_length', 'Plate length'),
                $length('hanger.strap_plane', 'Rail middle to leaf front'), $length('hanger.strap_thickness', 'Strap thickness'), $length('hanger.bolt_head', 'Bolt head'),
                $length('hanger.hole_to_tread', 'First hole to tread'), Row::of(Field::lengths('hanger.hole_offsets', 'Holes below the first')), $length('hanger.hole_diameter', 'Hole diameter'),
                $length('hanger.above', 'Above the rail'), $length('hanger.lift_on', 'To lift it on'),
                new Row('Wheel', [Field::text('wheel.material', 'Wheel material'), Field::amount('wheel.capacity_kg', 'Wheel carries, kg')]),
            ]),
            new Group('Stop', [
                new Row('Style', [Field::select('stop.style', 'Stop style', ['clamp-on' => 'clamps on', 'collar' => 'collar', 'slide-on' => 'slides on', 'drilled' => 'drilled', 'buffer' => 'buffer on the wall'], 'clamp-on')]),
                $length('stop.reach', 'Wheel to its face'), $length('stop.body', 'Body'), $yes('stop.passes_standoffs', 'Passes standoffs'),
            ]),
            new Group('Floor guide', [
                new Row('Style', [Field::select('guide.style', 'Guide style', ['t-fin' => 'fin in a groove', 'double-fin' => 'two fins', 'u-shoe' => 'shoe', 'wall-roller' => 'roller on the wall'], 't-fin')]),
                $length('guide.length', 'Length'), $length('guide.blade_height', 'Blade height'), $length('guide.blade_thickness', 'Blade thickness'),
                Row::of(Field::length('guide.cheek', 'Cheek or wheel height', Length::mm(30))), $length('guide.min_engagement', 'Must hold'),
            ]),
            new Group('Disc and soft close', [
                new Row('Jump disc', [Field::length('jump_disc.inset', 'Disc inset', null, 'inset'), Field::length('jump_disc.diameter', 'Disc diameter', null, 'diameter'), Field::length('jump_disc.gap', 'Disc gap', null, 'gap')]),
                new Row('Soft close', [Field::length('soft_close.stroke', 'Stroke', null, 'stroke'), Field::length('soft_close.catch_length', 'Catch length', null, 'catch'), Field::length('soft_close.min_leaf_width', 'Least leaf', null, 'least leaf')]),
                $length('catch_depth', 'Catch depth'),
            ]),
            new Group('Two rails', [
                $length('track_pitch', 'From rail to rail'), Row::of(Field::lengths('bracket.rows', 'Bracket rows, up')), $length('bracket.depth', 'Bracket depth'),
            ]),
            new Group('In the box', $this->contents(), 'What is not in the box is bought.'),
        ];
    }

    public function changesUrl(): string
    {
        return "/shelf/{$this->row->key}/changes";
    }

    public function value(Field $field): string
    {
        return $this->refused[$field->place]['typed'] ?? $this->typed->toScreen($field, self::stated($this->row->document)->get($field->place));
    }

    public function grey(Field $field): string
    {
        return $field->grey instanceof Length ? $this->write->show($field->grey) : (string) $field->grey;
    }

    public function isOverruled(Field $field): bool
    {
        return false;
    }

    public function refusal(Field $field): ?string
    {
        return $this->refused[$field->place]['says'] ?? $this->unreadable[$field->place] ?? null;
    }

    public function unit(): Unit
    {
        return $this->write->unit;
    }

    public function field(string $place): ?Field
    {
        return Group::field($place, ...$this->groups());
    }

    /**
     * The sheet with one number changed. A half-told kit may be kept; a number that does not read may not.
     *
     * @throws UnreadableFile
     */
    public function with(string $place, string $said): Document
    {
        $field = $this->field($place) ?? throw new UnreadableFile([$place => 'There is no such number on a kit’s sheet.']);
        $value = $this->typed->toDocument($field, $said);
        $sheet = self::stated($this->row->document);
        $document = $value === null ? $sheet->without($place) : $sheet->with($place, $value);
        $problems = self::read($document)[1];
        if (isset($problems[$place]) && $value !== null) {
            throw new UnreadableFile([$field->place => $problems[$place]]);
        }

        return $document;
    }

    public function drawing(): string
    {
        return $this->kit === null ? '' : Svg::write(KitSheet::of($this->kit, $this->write));
    }

    /** @return list<Finding> */
    public function findings(): array
    {
        return $this->kit === null ? [] : KitCheck::of($this->kit, $this->write);
    }

    /** A sheet that keeps its height as it was stated: the first shelves knew but the rise. */
    private static function stated(Document $sheet): Document
    {
        $height = $sheet->get('height') ?? (object) array_filter(['value' => $sheet->get('rise'), 'datum' => 'hole']);

        return $sheet->without('rise')->with('height', $height);
    }

    /** @return list<Row> */
    private function contents(): array
    {
        $count = count((array) ($this->row->document->get('contents') ?? []));

        return array_map(fn (int $i) => new Row('Part '.($i + 1), [Field::text("contents[{$i}].part", 'Part '.($i + 1)), Field::amount("contents[{$i}].count", 'How many of part '.($i + 1)), Field::text("contents[{$i}].into", 'What part '.($i + 1).' goes into')], $i < $count ? "contents[{$i}]" : null), range(0, $count));
    }

    /** @return array{?Kit, array<string, string>} */
    private static function read(Document $document): array
    {
        try {
            return [KitReader::at($document, ''), []];
        } catch (UnreadableFile $problem) {
            return [null, array_combine(array_map(fn (string $place) => ltrim($place, '.'), array_keys($problem->problems)), array_values($problem->problems))];
        }
    }
}
