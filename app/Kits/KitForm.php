<?php

declare(strict_types=1);

namespace App\Kits;

use App\Bench\EitherUnit;
use App\Bench\Field;
use App\Bench\Form;
use App\Bench\Group;
use App\Bench\Row;
use App\Bench\Typed;
use App\Models\ShelfKit;
use App\Words\BenchWords;
use App\Words\Refusals;
use App\Words\Speaker;
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
use YokeLine\Measure\Message;
use YokeLine\Measure\Unit;

/**
 * One kit of the shelf with every number of its sheet; its height is kept as the sheet states it, with what it is
 * stated to.
 */
final readonly class KitForm implements Form
{
    public ?Kit $kit;

    /** @var array<string, Message> what keeps the sheet from being read, by place */
    public array $unreadable;

    public Unit $kept;

    private Typed $typed;

    public LengthWriter $write;

    /** @param  array<string, array{typed: string, says: string}>  $refused */
    public function __construct(public ShelfKit $row, ?Unit $shown, public array $refused = [])
    {
        $this->kept =
            Unit::tryFrom((string) (is_string($units = $row->document->get('units')) ? $units : '')) ??
            Unit::Millimetre;
        $this->write = new LengthWriter($shown ?? $this->kept);
        $this->typed = new Typed($this->write->unit, $this->kept);
        [$this->kit, $this->unreadable] = self::read(self::stated($row->document));
    }

    /** @return list<Group> */
    public function groups(): array
    {
        $rows = fn (string ...$places) => array_map(
            fn (string $place) => Row::of(Field::ofKit($place)),
            array_values($places),
        );
        $row = fn (string $key, string ...$places) => Row::named(
            $key,
            ...array_map(fn (string $place) => Field::ofKit($place, isShort: true), array_values($places)),
        );

        return [
            Group::named('kit-sheet', [
                ...$rows('name', 'hang', $this->mass('capacity')),
                $row('leaf-thickness', 'leaf_thickness[0]', 'leaf_thickness[1]'),
                ...$rows('price'),
            ]),
            Group::named(
                'kit-height',
                [
                    Row::named('kit-height', Field::ofKit('height.value'), Field::ofKit('height.datum')->asList()),
                    $row('top-gap', 'top_gap.min', 'top_gap.max'),
                ],
                note: $this->kit === null
                    ? null
                    : BenchWords::say('notes.kit-rise', ['rise' => $this->write->showWithUnit($this->kit->rise)]),
            ),
            Group::named('kit-rail', [
                $row('section', 'rail.height', 'rail.thickness'),
                Row::of(Field::ofKit('rail.material')->asList()),
                ...$rows(
                    'rail.lengths',
                    'rail.cuttable',
                    'rail.splice_over',
                    'rail.end_margin',
                    'rail.holes.first',
                    'rail.holes.max_spacing',
                    'rail.holes.at',
                    'rail.holes.free',
                    'rail.holes.diameter',
                    'rail.first_fixing_within',
                    'rail.max_fixing_spacing',
                ),
            ]),
            Group::named('kit-pieces', $this->items('rail.pieces', 'piece-n', 'length', 'left', 'right')),
            Group::named('kit-standoff', [
                ...$rows('standoff', 'standoff_base'),
                $row('bolt', 'bolt.diameter', 'bolt.length'),
            ]),
            Group::named('kit-hanger', [
                Row::of(Field::ofKit('hanger.style')->asList()),
                ...$rows(
                    'hanger.inset',
                    'hanger.strap_width',
                    'hanger.plate_length',
                    'hanger.strap_plane',
                    'hanger.strap_thickness',
                    'hanger.bolt_head',
                    'hanger.hole_to_tread',
                    'hanger.hole_offsets',
                    'hanger.hole_diameter',
                    'hanger.above',
                    'hanger.lift_on',
                ),
                Row::of(Field::ofKit('hangers')),
                Row::named(
                    'wheel',
                    Field::ofKit('wheel.material'),
                    Field::ofKit($this->mass('wheel.capacity')),
                ),
            ]),
            Group::named(
                'kit-wheels',
                $this->items(
                    'wheels',
                    'wheel-n',
                    'material',
                    $this->mass('capacity'),
                    'price',
                ),
            ),
            Group::named('kit-stop', [
                Row::of(Field::ofKit('stop.style')->asList()),
                ...$rows('stop.reach', 'stop.body', 'stop.passes_standoffs'),
            ]),
            Group::named('kit-guide', [
                Row::of(Field::ofKit('guide.style')->asList()),
                ...$rows(
                    'guide.length',
                    'guide.blade_height',
                    'guide.blade_thickness',
                    'guide.cheek',
                    'guide.min_engagement',
                ),
            ]),
            Group::named('kit-guides', $this->guides()),
            Group::named('kit-disc', [
                $row('disc', 'jump_disc.inset', 'jump_disc.diameter', 'jump_disc.gap'),
                $row('soft-close', 'soft_close.stroke', 'soft_close.catch_length', 'soft_close.min_leaf_width'),
                Row::of(Field::ofKit('soft_close.sides')),
                ...$rows('soft_close.screws.short', 'soft_close.screws.long'),
                ...$rows('catch_depth'),
            ]),
            Group::named('kit-two', $rows('track_pitch', 'bracket.rows', 'bracket.depth')),
            Group::named('kit-box', $this->items('contents', 'part', 'part', 'count', 'into')),
        ];
    }

    public function changesUrl(): string
    {
        return "/shelf/{$this->row->key}/changes";
    }

    public function value(Field $field): string
    {
        return $this->refused[$field->place]['typed'] ??
            $this->typed->toScreen($field, EitherUnit::kept(self::stated($this->row->document), $field->place));
    }

    public function beside(Field $field): string
    {
        return $this->typed->beside($field, EitherUnit::kept(self::stated($this->row->document), $field->place));
    }

    public function grey(Field $field): string
    {
        $grey = $field->greyIn($this->kept);

        return $grey instanceof Length ? $this->write->show($grey) : (string) $grey;
    }

    public function isOverruled(Field $field): bool
    {
        return false;
    }

    public function refusal(Field $field): ?string
    {
        $unreadable = $this->unreadable[$field->place] ?? null;

        return $this->refused[$field->place]['says'] ?? ($unreadable === null ? null : Refusals::say($unreadable));
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
        $field =
            $this->field($place) ?? throw UnreadableFile::at($place, 'no-kit-number');
        $document = self::stated($this->row->document);
        $changes = EitherUnit::changes($document, $place, $this->typed->toDocument($field, $said));
        foreach ($changes as $at => $value) {
            $document = $value === null ? $document->without($at) : $document->with($at, $value);
        }
        $set = array_filter($changes, fn ($value) => $value !== null);
        $problems = array_intersect_key(self::read($document)[1], $set);
        if ($problems !== []) {
            throw new UnreadableFile([$field->place => array_values($problems)[0]]);
        }

        return $document;
    }

    public function drawing(): string
    {
        return $this->kit === null ? '' : Svg::write(KitSheet::of($this->kit, Speaker::in($this->write)));
    }

    /** @return list<Finding> */
    public function findings(): array
    {
        return $this->kit === null ? [] : KitCheck::of($this->kit);
    }

    /** A sheet that keeps its height as it was stated: the first shelves knew but the rise. */
    private static function stated(Document $sheet): Document
    {
        $height = $sheet->get('height') ?? (object) array_filter(['value' => $sheet->get('rise'), 'datum' => 'hole']);

        return $sheet->without('rise')->with('height', $height);
    }

    /** The place of a mass in the unit of whoever looks. */
    private function mass(string $place): string
    {
        return EitherUnit::place($this->write->unit, $place, 'kg');
    }

    /** @return list<Row> each guide with its numbers below its style; the next one is begun by its style */
    private function guides(): array
    {
        $rows = [];
        foreach ($this->items('guides', 'guide-n', 'style') as $i => $row) {
            $numbers = $row->remove === null
                ? []
                : ['length', 'blade_height', 'blade_thickness', 'cheek', 'min_engagement'];
            array_push(
                $rows,
                $row,
                ...array_map(fn (string $key) => Row::of(Field::ofKit("guides[{$i}].{$key}", $i + 1)), $numbers),
            );
        }

        return $rows;
    }

    /** @return list<Row> of what is in a list, and an empty one for what comes next */
    private function items(string $list, string $row, string ...$keys): array
    {
        $count = count((array) ($this->row->document->get($list) ?? []));

        return array_map(
            fn (int $i) => new Row(
                BenchWords::say("rows.{$row}", ['n' => $i + 1]),
                array_map(
                    fn (string $key) => Field::ofKit("{$list}[{$i}].{$key}", $i + 1, isShort: count($keys) > 1),
                    array_values($keys),
                ),
                $i < $count ? "{$list}[{$i}]" : null,
            ),
            range(0, $count),
        );
    }

    /** @return array{?Kit, array<string, Message>} */
    private static function read(Document $document): array
    {
        try {
            return [KitReader::sheet($document), []];
        } catch (UnreadableFile $refused) {
            $problems = [];
            foreach ($refused->problems as $place => $why) {
                $problems[substr($place, strlen('kit.'))] = $why;
            }

            return [null, $problems];
        }
    }
}
