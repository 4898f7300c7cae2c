<?php

declare(strict_types=1);

namespace YokeLine\Practice;

use ArrayObject;
use RuntimeException;
use YokeLine\Doorway\Hazard;
use YokeLine\Doorway\Kit;
use YokeLine\Doorway\Obstacle;
use YokeLine\Doorway\Stud;
use YokeLine\Format\Document;
use YokeLine\Format\UnreadableFile;
use YokeLine\Holding\Scan\SimulatedWall;
use YokeLine\Inspection\Finding;
use YokeLine\Measure\Length;
use YokeLine\Measure\LengthReader;
use YokeLine\Measure\LengthWriter;
use YokeLine\Measure\SeededRandom;
use YokeLine\Measure\Sum;
use YokeLine\Measure\Unit;
use YokeLine\Planning\GuidePlace;
use YokeLine\Planning\Plan;
use YokeLine\Setout;
use YokeLine\Survey\Readings;
use YokeLine\Survey\Walk;

/**
 * A made-up wall to learn on, the same for the same seed, and one on which a door can be hung: the planner was asked.
 * What is true of it stays with whoever made it; a learner is told what they measure.
 */
final readonly class PracticeWall
{
    /** Walls that are thrown away before one is given up: of those with two leaves about every sixth one serves. */
    private const TRIES = 200;

    /** What may carry a rail, as it is asked. */
    private const BACKINGS = ['header', 'direct', 'toggle'];

    /** What of a doorway tells whose it is, or how it went on. */
    private const ITS_OWN = [
        'house', 'marking', 'survey.site', 'survey.zero', 'survey.parts', 'brief.ends',
        'brief.rules.rail_left', 'brief.leaf.made',
    ];

    /** Those that hang one leaf, and whose guide has room in a usual overlap. */
    private const KITS = ['flat-40-strap', 'round-25-strap', 'round-22-free'];

    /** How often a tape is read one step off, to each side. */
    private const MISREAD = 0.2;

    /** How far a reading is put off to see whether it counts. */
    private const PUT_OFF_MM = [40, -40, 400, -400];

    /** @var ArrayObject<int, list<string>> worked when it is first asked for */
    private ArrayObject $needed;

    /**
     * @param  Document  $truth  what is so
     * @param  Document  $measured  what is read there: a tape is off by its plus-minus
     * @param  Plan  $plan  of what is measured, as the planner would have it
     */
    private function __construct(
        public Level $level,
        public int $seed,
        public Unit $unit,
        public Document $truth,
        public Document $measured,
        public Plan $plan,
    ) {
        /** @var ArrayObject<int, list<string>> $needed */
        $needed = new ArrayObject();
        $this->needed = $needed;
    }

    /** @param  array<string, Kit>  $kits  by id */
    public static function of(Level $level, int $seed, Unit $wanted, array $kits): self
    {
        $unit = $level->unit($wanted);
        for ($try = 0; $try < self::TRIES; $try++) {
            $dice = new WallDice($unit, new SeededRandom($seed * self::TRIES + $try));
            $truth = self::made($level, $dice);
            $measured = self::read($truth, $dice);
            $plan = self::solved($truth, $kits) === null ? null : self::solved($measured, $kits);
            if ($plan !== null && self::isTellingMistakes($plan)) {
                return new self($level, $seed, $unit, $truth, $measured, $plan);
            }
        }

        throw new RuntimeException("no-wall:{$level->value}:{$seed}");
    }

    /** Half a rail and the gap are mistaken oftenest: where they are alike nobody could say which it was. */
    private static function isTellingMistakes(Plan $plan): bool
    {
        $apart = $plan->doorway->brief->rules->gap->minus($plan->kit->rail->height->half())->absolute();

        return $apart->isOver($plan->doorway->step()->times(2));
    }

    /**
     * A wall of a real job, with nothing in it of whose it is. Null where no door can be hung there by sizes that are
     * worked out.
     *
     * @param  array<string, Kit>  $kits  by id
     */
    public static function from(Document $doorway, int $seed, array $kits): ?self
    {
        $truth = $doorway;
        foreach (self::ITS_OWN as $place) {
            $truth = $truth->get($place) === null ? $truth : $truth->without($place);
        }
        foreach ((array) ($truth->get('survey.obstacles') ?? []) as $i => $obstacle) {
            $truth = $truth->without("survey.obstacles[{$i}].name");
        }
        $truth = $truth->with('name', '')->with('brief.leaf.width', 'auto')->with('brief.leaf.height', 'auto');
        $unit = $truth->get('units') === 'in' ? Unit::Inch : Unit::Millimetre;
        try {
            $measured = self::read($truth, new WallDice($unit, new SeededRandom($seed)));
            $plans = array_map(fn (Document $one) => Setout::quick($one, $kits)->plan, [$truth, $measured]);
        } catch (UnreadableFile) {
            return null;
        }

        return $plans[0] === null || $plans[1] === null
            ? null
            : new self(Level::Real, $seed, $unit, $truth, $measured, $plans[1]);
    }

    /**
     * One that was made before.
     *
     * @param  array<string, Kit>  $kits  by id
     */
    public static function kept(Level $level, int $seed, Document $truth, Document $measured, array $kits): self
    {
        $plan = Setout::quick($measured, $kits)->plan ?? throw new RuntimeException("not-planned:{$seed}");

        return new self($level, $seed, $plan->doorway->units, $truth, $measured, $plan);
    }

    /** @return list<string> what is asked about what carries the rail: what does is among it */
    public function backings(): array
    {
        return array_values(array_unique([...self::BACKINGS, $this->plan->backing()->value]));
    }

    /** @return array<string, Length> what a tape reads, by place, in the order in which one walks along the wall */
    public function readings(): array
    {
        $places = [...self::told($this->measured)];

        return array_map(fn (string $place) => self::length($this->measured, $place), array_combine($places, $places));
    }

    /**
     * As a scanner feels it, swept both ways.
     *
     * @return list<list<array{float, float, float}>> place, density, live wires
     */
    public function swept(): array
    {
        $survey = $this->plan->doorway->survey;
        [$wall, $opening] = [$this->plan->room->wall, $survey->opening?->span() ?? $this->plan->room->wall];
        $simulated = SimulatedWall::holding(
            $this->seed,
            [$wall->low->toMm(), $wall->high->toMm()],
            [$opening->low->toMm(), $opening->high->toMm()],
            array_map(
                fn (Stud $stud) => ['x' => $stud->x->toMm(), 'width' => $stud->width->toMm()],
                $survey->studs,
            ),
            array_map(fn (Hazard $hazard) => $hazard->x->middle()->toMm(), $survey->hazards),
        );

        return array_map(
            fn (bool $forward) => array_map(
                fn (array $row) => [$row['x'], $row['density'], $row['ac']],
                array_merge(...$simulated->sweep(SimulatedWall::HEIGHTS[2], $forward)->parts),
            ),
            [true, false],
        );
    }

    /**
     * What one sees on the wall once both its sides are read.
     *
     * @param  list<string>  $places
     * @return list<Obstacle>
     */
    public function seenBy(array $places): array
    {
        return array_values(array_filter(
            $this->plan->doorway->survey->obstacles,
            fn (int $i) => in_array("survey.obstacles[{$i}].x[0]", $places, true) &&
                in_array("survey.obstacles[{$i}].x[1]", $places, true),
            ARRAY_FILTER_USE_KEY,
        ));
    }

    /**
     * What is known of it once only these places are read.
     *
     * @param  list<string>  $places
     */
    public function knownBy(array $places): Readings
    {
        return new Readings(array_intersect_key($this->readings(), array_flip($places)));
    }

    /**
     * @param  array<string, Kit>  $kits  by id
     * @return list<string> the readings that the set-out hangs on: were they other, a number of it would be
     */
    public function needed(array $kits): array
    {
        return $this->needed[0] ??= $this->thatCount($kits);
    }

    /**
     * @param  array<string, Kit>  $kits
     * @return list<string>
     */
    private function thatCount(array $kits): array
    {
        $write = new LengthWriter($this->unit);
        $stands = self::stands($this->measured, $kits);
        $needed = [];
        foreach ($this->readings() as $place => $length) {
            foreach (self::PUT_OFF_MM as $off) {
                $other = $length->plus(Length::mm($off));
                if (str_starts_with($place, 'survey.floor.') || $other->isPositive()) {
                    $changed = $this->measured->with($place, $write->exact($other));
                    if (self::stands($changed, $kits) !== $stands) {
                        $needed[] = $place;
                        break;
                    }
                }
            }
        }

        return $needed;
    }

    /**
     * @param  array<string, Kit>  $kits
     * @return list<int|string> the numbers that a learner is asked for, and what speaks against them
     */
    private static function stands(Document $document, array $kits): array
    {
        $setout = Setout::quick($document, $kits);
        $plan = $setout->plan;
        if ($plan === null) {
            return [];
        }

        return [
            $plan->layout->width->size->total->nm,
            $plan->heights->leaf->size->total->nm,
            $plan->yokeLine()->nm,
            $plan->tapeUp(Attempt::here($plan))->nm,
            $plan->header?->foot->total->nm ?? 0,
            $plan->rail->span->low->nm,
            ...array_map(fn (Sum $stop) => $stop->total->nm, array_values($plan->layout->stops)),
            ...array_map(fn (GuidePlace $guide) => $guide->at->nm ?? 0, array_values($plan->guides)),
            ...self::against($setout),
        ];
    }

    /** @return list<string> codes of what must be settled or stops it */
    public static function against(Setout $setout): array
    {
        $open = array_filter($setout->findings, fn (Finding $finding) => $finding->severity->needsSettling());

        return array_values(array_unique(array_map(fn (Finding $finding) => $finding->code->value, $open)));
    }

    /** @return iterable<string> the lengths that stand in a survey, in the order of the walk; studs are swept for */
    private static function told(Document $document): iterable
    {
        foreach (Walk::lengths() as $place) {
            if ($document->get($place) !== null && $place !== 'survey.wall.from') {
                yield $place;
            }
        }
        $things = $document->get('survey.obstacles');
        foreach (is_array($things) ? array_keys($things) : [] as $i) {
            foreach (['x[0]', 'x[1]', 'projection'] as $part) {
                if ($document->get("survey.obstacles[{$i}].{$part}") !== null) {
                    yield "survey.obstacles[{$i}].{$part}";
                }
            }
        }
        $floor = $document->get('survey.floor.readings');
        foreach (is_array($floor) ? array_keys($floor) : [] as $i) {
            yield "survey.floor.readings[{$i}].level";
        }
    }

    private static function length(Document $document, string $place): Length
    {
        return LengthReader::read(
            $document->get($place),
            $document->get('units') === 'in' ? Unit::Inch : Unit::Millimetre,
        );
    }

    /** What a tape reads of it: now and then one step off. */
    private static function read(Document $truth, WallDice $dice): Document
    {
        $measured = $truth;
        foreach (self::told($truth) as $place) {
            $chance = $dice->chance->next();
            $off = match (true) {
                $chance < self::MISREAD => -1,
                $chance < 2 * self::MISREAD => 1,
                default => 0,
            };
            $length = self::length($truth, $place)->plus($dice->step()->times($off));
            $isLevel = str_starts_with($place, 'survey.floor.');
            $measured = $off !== 0 && ($isLevel || $length->isPositive())
                ? $measured->with($place, $dice->say($length))
                : $measured;
        }

        return $measured;
    }

    /** @param  array<string, Kit>  $kits */
    private static function solved(Document $document, array $kits): ?Plan
    {
        $setout = Setout::quick($document, $kits);

        return self::against($setout) === [] ? $setout->plan : null;
    }

    private static function made(Level $level, WallDice $dice): Document
    {
        $isPair = $level === Level::Bypass;
        $opensRight = $dice->chance->is(0.5);
        $opening = $isPair ? $dice->between(1450, 1800) : $dice->between(720, 980);
        // A leaf parks beside the opening: there the wall is long enough for it, and on half a wall only just.
        $parks = $level === Level::Half ? $dice->between(1330, 1480) : $dice->between(1300, 1900);
        $other = $isPair ? $dice->between(500, 900) : $dice->between(450, 900);
        $left = $opensRight ? $other : $parks;
        $right = $left->plus($opening);
        $to = $right->plus($opensRight ? $parks : $other);
        $head = $dice->between(1985, 2080);
        $overlap = $dice->between(48, 75);

        return Document::fromJson(json_encode([
            'format' => 'yoke-line/doorway',
            'version' => 1,
            'units' => $dice->unit->value,
            'name' => '',
            'survey' => [
                'wall' => [
                    'from' => '0',
                    'to' => $dice->say($to),
                    'ceiling' => $dice->say($head->plus($dice->between(420, 680))),
                    'lining' => ['kind' => 'gypsum', 'thickness' => $dice->unit === Unit::Inch ? '1/2' : '12.5'],
                ],
                'opening' => self::opening($dice, $left, $opening, $head),
                'baseboard' => [
                    'height' => $dice->say($dice->between(70, 130)),
                    'thickness' => $dice->say($dice->between(9, 14)),
                ],
                'floor' => [
                    'finish' => $dice->chance->one(['tile', 'wood', 'concrete']),
                    'readings' => self::floor($level, $dice, $to),
                ],
                'studs' => self::studs($level, $dice, $left, $right, $to),
                ...$level === Level::Half ? ['obstacles' => [self::cupboard($dice, $opensRight, $to)]] : [],
                ...$level === Level::Cable ? ['hazards' => [self::cable($dice, $opensRight, $left, $right)]] : [],
            ],
            'brief' => [
                'hang' => $isPair ? 'bypass' : 'single',
                'opens' => $opensRight ? 'right' : 'left',
                ...self::bought($isPair, $dice),
                ...$isPair ? [] : ['in_hand' => self::inHand($dice, $opening->plus($overlap->times(2)))],
                'backing' => 'header',
                'pulls' => ['front' => ['kind' => 'none'], 'wall' => ['kind' => 'none']],
                'rules' => [
                    'looks' => 'wall',
                    'side_overlap' => $dice->say($overlap),
                    'gap' => $dice->say($dice->between(9, 14)),
                ],
            ],
        ], JSON_THROW_ON_ERROR));
    }

    /** @return array<string, mixed> */
    private static function opening(WallDice $dice, Length $left, Length $wide, Length $head): array
    {
        $casing = $dice->say($dice->between(55, 80));

        return [
            'left' => $dice->say($left),
            'width' => array_map(
                fn (int $off) => $dice->say($wide->plus($dice->off($off))),
                [0, 3, 3],
            ),
            'height' => [$dice->say($head), $dice->say($head->plus($dice->off(4)))],
            'casing' => [
                'left' => $casing,
                'right' => $casing,
                'head' => $casing,
                'thickness' => $dice->say($dice->between(12, 20)),
            ],
        ];
    }

    /** @return list<array{x: string, level: string}> */
    private static function floor(Level $level, WallDice $dice, Length $to): array
    {
        $falls = $level->hasFall() ? $dice->chance->between(-4.5, 4.5) : 0.0;
        $readings = [];
        foreach ([0.1, 0.3, 0.5, 0.7, 0.9] as $far) {
            $bump = $level->hasFall() ? $dice->chance->between(-1.5, 1.5) : 0.0;
            $readings[] = [
                'x' => $dice->say($dice->mm($to->toMm() * $far)),
                'level' => $dice->say($dice->mm($falls * ($far - 0.5) * 2 + $bump)),
            ];
        }

        return $readings;
    }

    /** @return list<array{x: string, width: string}> none where the opening is, one at each jamb */
    private static function studs(Level $level, WallDice $dice, Length $left, Length $right, Length $to): array
    {
        $isInch = $dice->unit === Unit::Inch;
        $apart = $dice->chance->one($level === Level::Studs ? [600.0] : [400.0, 450.0]);
        $apart = $isInch ? ($apart > 500 ? 609.6 : 406.4) : $apart;
        $half = 19.0;
        $at = [$left->toMm() - $half, $right->toMm() + $half];
        for ($x = $dice->chance->between(60, $apart); $x < $to->toMm() - 60; $x += $apart) {
            // One in a few was moved when the wall was built.
            $off = $level === Level::Studs && $dice->chance->is(0.3) ? $dice->chance->between(-70, 70) : 0.0;
            if ($x + $off < $left->toMm() - 90 || $x + $off > $right->toMm() + 90) {
                $at[] = $x + $off;
            }
        }
        sort($at);

        return array_map(
            fn (float $x) => ['x' => $dice->say($dice->mm($x)), 'width' => $isInch ? '1 1/2' : '38'],
            $at,
        );
    }

    /** @return array<string, mixed> one that goes up the wall where the leaf parks, beside a stud */
    private static function cable(WallDice $dice, bool $opensRight, Length $left, Length $right): array
    {
        $x = $opensRight
            ? $right->plus($dice->between(150, 900))
            : $left->minus($dice->between(150, 900));

        return [
            'kind' => 'cable',
            'x' => [$dice->say($x->minus($dice->mm(6))), $dice->say($x->plus($dice->mm(6)))],
            'y' => ['0', $dice->say($dice->mm(2800))],
        ];
    }

    /** @return array<string, mixed> a cupboard at the end of the wall: there the leaf does not get past */
    private static function cupboard(WallDice $dice, bool $opensRight, Length $to): array
    {
        $wide = $dice->between(220, 300);

        return [
            'kind' => 'furniture',
            'x' => array_map(
                $dice->say(...),
                $opensRight ? [$to->minus($wide), $to] : [Length::zero(), $wide],
            ),
            'y' => ['0', $dice->say($dice->between(850, 1900))],
            'projection' => $dice->say($dice->between(250, 450)),
        ];
    }

    /** @return array<string, mixed> a door that is there already: about as wide as is wanted, less, or more */
    private static function inHand(WallDice $dice, Length $wanted): array
    {
        $isInch = $dice->unit === Unit::Inch;

        return [
            'width' => $dice->say($wanted->plus($dice->mm($dice->chance->one([-30.0, 4.0, 4.0, 60.0])))),
            'height' => $dice->chance->one($isInch ? ['84', '86', '88'] : ['2138', '2200', '2230']),
            'thickness' => $isInch ? ['1 3/8', '1 3/8'] : [40, 40],
        ];
    }

    /** @return array<string, mixed> kit, leaf and board as they are had where the unit is used */
    private static function bought(bool $isPair, WallDice $dice): array
    {
        return $dice->unit === Unit::Inch
            ? [
                'kit' => $isPair ? 'bar-1-1-2-bypass' : 'bar-1-1-2-strap',
                'leaf' => [
                    'width' => 'auto',
                    'height' => 'auto',
                    'thickness' => '1 3/8',
                    'construction' => ['kind' => 'softwood'],
                    'stile' => $dice->say($dice->mm(150)),
                    'stock_widths' => ['30', '32', '34', '36', '38', '40', '42', '44'],
                    'stock_heights' => ['80', '82', '84', '86', '88', '90'],
                ],
                'header' => ['width' => $isPair ? '9 1/4' : '5 1/2', 'thickness' => '1 1/2'],
            ]
            : [
                'kit' => $isPair ? 'flat-40-bypass' : $dice->chance->one(self::KITS),
                'leaf' => [
                    'width' => 'auto',
                    'height' => 'auto',
                    'thickness' => 40,
                    'construction' => ['kind' => 'softwood'],
                    'stile' => $dice->say($dice->mm(150)),
                    'stock_widths' => [762, 813, 864, 914, 965, 1016, 1067, 1118],
                    'stock_heights' => [2012, 2074, 2138, 2200, 2262],
                ],
                'header' => ['width' => $isPair ? 235 : 140, 'thickness' => 38],
            ];
    }
}
