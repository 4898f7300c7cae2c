<?php

declare(strict_types=1);

namespace YokeLine\Recovery;

use YokeLine\Catalog\Catalog;
use YokeLine\Doorway\KitPart;
use YokeLine\Holding\Holding;
use YokeLine\Measure\Length;
use YokeLine\Measure\Message;
use YokeLine\Measure\Quantity;
use YokeLine\Measure\Span;
use YokeLine\Planning\PlannedLeaf;
use YokeLine\Work\SiteMeasurements;

/**
 * What can be found on site, what is asked of each, and the ways out that are then worked through.
 *
 * @phpstan-import-type Value from Message
 */
final readonly class Problems
{
    /** What can be found on site. */
    public const ROWS = [
        'line',
        'hole-missed',
        'hazard',
        'wall-ends',
        'rubs',
        'off-guide',
        'leaf-differs',
        'bounces',
        'kit-differs',
        'wrong-edge',
        'stud',
        'solid',
        'obstacle',
        'floor',
        'size',
        'part',
    ];

    /** Those that change the survey alone: what follows from them is found as ever. */
    public const SURVEYED = ['stud', 'solid', 'obstacle', 'floor', 'size', 'part'];

    private const COUNTS = ['1', '2', '3', '4', '5', '6', '8', '10', '12'];

    private const OBSTACLES = ['switch', 'socket', 'thermostat', 'vent', 'radiator', 'shelf', 'furniture', 'other'];

    public function __construct(private OnSite $site) {}

    public static function title(string $row): Message
    {
        return new Message('recovery.rows', [], $row);
    }

    /**
     * What is measured of it.
     *
     * @return array<string, Question> by field
     */
    public function asks(string $row): array
    {
        $plan = $this->site->plan;
        $length = fn (string $code, ?Length $grey = null) => Question::length($code, $grey);

        return match ($row) {
            'line' => $this->linePlaces(),
            'hole-missed' => $this->studs(),
            'hazard' => [
                'kind' => self::choice('kind', 'things', ['cable', 'pipe']),
                'from' => $length('from'),
                'to' => $length('to'),
                'low' => $length('lowest-if-seen'),
                'high' => $length('highest-if-seen'),
            ],
            'wall-ends' => [
                'end' => Question::choice('end', [
                    'to' => Message::word('sides', 'right'),
                    'from' => Message::word('sides', 'left'),
                ]),
                'at' => $length('ends-at', $plan->room->wall->high),
            ],
            'rubs' => [
                'thing' => Question::choice('on-what', $this->things()),
                'proud' => $length('stands-out'),
            ],
            'off-guide' => $this->ofEachLeaf(
                fn (PlannedLeaf $leaf) => ['leaf-width' => $length('leaf-width', $leaf->run->width)],
            ),
            'leaf-differs' => $this->ofEachLeaf(
                fn (PlannedLeaf $leaf) => [
                    'leaf-width' => $length('leaf-width', $leaf->run->width),
                    'leaf-thick-lead' => $length('leaf-thick-lead', $plan->thickness),
                    'leaf-thick-trail' => $length('leaf-thick-trail', $plan->thickness),
                ],
            ),
            'bounces' => ['disc-gap' => $length('disc-gap', $plan->kit->jumpDisc?->gap)],
            'kit-differs' => [
                'trial-gap' => $length('trial-gap', $plan->heights->topGap->total),
                'trial-hole' => $length('trial-hole', $plan->heights->hangerHoles[0] ?? null),
            ],
            'wrong-edge' => [
                'hole-1' => Question::length('hole-drilled-at', $plan->rail->holes[0], ['n' => 1]),
                'hole-2' => Question::length('hole-drilled-at', $plan->rail->holes[1] ?? null, ['n' => 2]),
            ],
            'stud' => [
                'at' => $length('middle-at'),
                'width' => $length(
                    'wide',
                    Catalog::whole()->at('survey.studs[].width')->usualIn($plan->doorway->units),
                ),
            ],
            'solid' => [
                'kind' => self::choice('kind', 'things', ['blocking', 'lintel']),
                'from' => $length('from'),
                'to' => $length('to'),
                'low' => $length('bottom'),
                'high' => $length('top'),
            ],
            'obstacle' => [
                'kind' => self::choice('kind', 'things', self::OBSTACLES),
                'from' => $length('from'),
                'to' => $length('to'),
                'low' => $length('bottom'),
                'high' => $length('top'),
                'projection' => $length('stands-out'),
            ],
            'floor' => [
                'at' => $length('where'),
                'than' => self::choice('there', 'than-measured', ['lower', 'higher']),
                'by' => $length('by'),
            ],
            'part' => [
                'part' => self::choice('which-part', 'kit-parts', array_column(KitPart::cases(), 'value')),
                'count' => self::choice('how-many', 'counts', self::COUNTS),
                'how' => self::choice('how-so', 'parts-away', ['missing', 'wrong']),
            ],
            'size' => ['size' => Question::choice('which-size', $this->sizes()), 'is' => $length('is')],
            default => [],
        };
    }

    /** @param  list<string>  $words  of a list */
    private static function choice(string $code, string $list, array $words): Question
    {
        return Question::choice(
            $code,
            array_combine($words, array_map(fn (string $word) => Message::word($list, $word), $words)),
        );
    }

    /** @return array<string, Message> what it is called, by the place in the survey */
    private function sizes(): array
    {
        $opening = $this->site->plan->room->opening;
        $places = [
            'survey.wall.ceiling',
            'survey.opening.left',
            ...array_map(fn (int $i) => "survey.opening.width[{$i}]", array_keys($opening->widths)),
            ...array_map(fn (int $i) => "survey.opening.height[{$i}]", array_keys($opening->heights)),
        ];

        return array_combine(
            $places,
            array_map(
                fn (string $place) => new Message(
                    'recovery.sizes',
                    ['n' => preg_match('/\[(\d+)\]/', $place, $found) === 1 ? (int) $found[1] + 1 : 1],
                    (string) preg_replace('/\[\d+\]/', '', $place),
                ),
                $places,
            ),
        );
    }

    /**
     * What it means, and the ways out, the best first; [] where it is not bad enough, or not all is told.
     *
     * @param  array<string, Length|string>  $told
     * @return array{list<Message>, list<WayOut>}
     */
    public function ways(string $row, array $told): array
    {
        $plan = $this->site->plan;
        $at = fn (string $field, ?Length $else = null) => ($told[$field] ?? null) instanceof Length
            ? $told[$field]
            : $else;
        $word = fn (string $field, string $else) => is_string($told[$field] ?? null) ? $told[$field] : $else;

        return match ($row) {
            'line' => $this->line($told),
            'hole-missed' => $this->holeMissed($told),
            'hazard' => $this->hazard($at('from'), $at('to'), $word('kind', 'cable')),
            'wall-ends' => $at('at') === null
                ? [[], []]
                : [[], (new WallEnds($this->site, $word('end', 'to') === 'from' ? 'from' : 'to', $at('at')))->ways()],
            'rubs' => $this->rubs($word('thing', (string) array_key_first($this->things())), $at('proud')),
            'off-guide' => $this->together(
                fn (PlannedLeaf $leaf) => $this->offGuide(
                    $leaf,
                    $at("leaf-width{$leaf->suffix()}", $leaf->run->width) ?? $leaf->run->width,
                ),
            ),
            'leaf-differs' => $this->together(
                fn (PlannedLeaf $leaf) => $this->leafDiffers(
                    $leaf,
                    $at("leaf-width{$leaf->suffix()}", $leaf->run->width) ?? $leaf->run->width,
                    $at("leaf-thick-lead{$leaf->suffix()}", $plan->thickness) ?? $plan->thickness,
                    $at("leaf-thick-trail{$leaf->suffix()}", $plan->thickness) ?? $plan->thickness,
                ),
            ),
            'bounces' => $at('disc-gap') === null
                ? [[], []]
                : [[], (new Bounces($this->site, $at('disc-gap')))->ways()],
            'kit-differs' => $at('trial-gap') === null
                ? [[], []]
                : [
                    [self::means('sheet-says', ['gap' => $plan->heights->topGap->total])],
                    (new KitDiffers(
                        $this->site,
                        $at('trial-gap'),
                        $at('trial-hole', $plan->heights->hangerHoles[0] ?? null) ?? Length::zero(),
                    ))->ways(),
                ],
            'wrong-edge' => $this->wrongEdge($at('hole-1'), $at('hole-2')),
            default => [[], []],
        };
    }

    /** @return array<string, Question> every stud that the rail passes */
    private function studs(): array
    {
        $asks = [];
        foreach ($this->site->doorway()->survey->studs as $stud) {
            if ($this->site->plan->rail->span->contains($stud->x)) {
                $asks["stud-{$stud->key()}"] = Question::length('stud', $stud->x, ['at' => $stud->x]);
            }
        }

        return $asks;
    }

    /**
     * @param  array<string, Length|string>  $told
     * @return array{list<Message>, list<WayOut>}
     */
    private function holeMissed(array $told): array
    {
        $changes = [];
        foreach ($this->site->doorway()->survey->studs as $stud) {
            $x = $told["stud-{$stud->key()}"] ?? null;
            if ($x instanceof Length) {
                $changes["{$stud->place}.x"] = $x;
            }
        }
        $site = $changes === [] ? $this->site : $this->site->with($changes);
        $ways = (new HoleMissed($site))->ways();

        return [
            $changes === [] ? [] : [self::means('true-studs')],
            array_map(
                fn (WayOut $way) => $way->works && $changes !== []
                    ? $way->changing($this->site->written($changes))
                    : $way,
                $ways,
            ),
        ];
    }

    /** @return array<string, Message> what stands behind the leaf, by its place in the document */
    private function things(): array
    {
        $plan = $this->site->plan;
        $things = [
            'survey.opening.casing.thickness' => Message::word('things', 'casing'),
            ...$plan->room->baseboard === null
                ? []
                : ['survey.baseboard.thickness' => Message::word('things', 'baseboard')],
            ...$plan->header === null ? [] : ['brief.header.thickness' => Message::word('things', 'header')],
        ];
        foreach ($plan->room->obstacles as $obstacle) {
            $things["{$obstacle->place}.projection"] = $obstacle->called();
        }

        return $things;
    }

    /** @param  array<string, Value>  $with */
    private static function means(string $what, array $with = []): Message
    {
        return new Message("recovery.means.{$what}", $with);
    }

    /**
     * @param  callable(PlannedLeaf): array<string, Question>  $asks
     * @return array<string, Question>
     */
    private function ofEachLeaf(callable $asks): array
    {
        $all = [];
        foreach ($this->site->plan->leaves() as $name => $leaf) {
            foreach ($asks($leaf) as $field => $question) {
                $all[$field.$leaf->suffix()] = $leaf->isAlone ? $question : $question->of('leaves', $name);
            }
        }

        return $all;
    }

    /**
     * What is found of each leaf by itself; of a pair each says which it is of.
     *
     * @param  callable(PlannedLeaf): array{list<Message>, list<WayOut>}  $find
     * @return array{list<Message>, list<WayOut>}
     */
    private function together(callable $find): array
    {
        $says = $ways = [];
        foreach ($this->site->plan->leaves() as $name => $leaf) {
            [$its, $out] = $find($leaf);
            array_push(
                $says,
                ...array_map(fn (Message $one) => $leaf->isAlone ? $one : self::of('leaves', $name, $one), $its),
            );
            array_push($ways, ...array_map(fn (WayOut $way) => $leaf->isAlone ? $way : $way->of($name), $out));
        }

        return [$says, WayOut::ranked($ways)];
    }

    /**
     * @return array<string, non-empty-list<PlannedLeaf>> the leaves on each rail, by what its readings end with: front
     * rails of two have their own
     */
    private function rails(): array
    {
        $rails = [];
        foreach ($this->site->plan->leaves() as $leaf) {
            $rails[SiteMeasurements::ofRail($leaf)][] = $leaf;
        }

        return $rails;
    }

    /** @param  'leaves'|'rails'  $list  what it is one of two of */
    private static function of(string $list, string $which, Message $what): Message
    {
        return new Message('recovery.of', ['which' => Message::word($list, $which), 'what' => $what]);
    }

    /** @return array<string, Question> */
    private function linePlaces(): array
    {
        $asks = [];
        $rails = $this->rails();
        foreach ($rails as $rail => $leaves) {
            foreach (SiteMeasurements::linePlaces($this->site->plan) as [$field, $x]) {
                $question = Question::length('line-at', $this->site->plan->tapeUp($x), ['at' => $x]);
                $asks["{$field}{$rail}"] = count($rails) === 1 ? $question : $question->of('rails', $leaves[0]->name);
            }
        }

        return $asks;
    }

    /**
     * @param  array<string, Length|string>  $told
     * @return array{list<Message>, list<WayOut>}
     */
    private function line(array $told): array
    {
        $says = $ways = [];
        $rails = $this->rails();
        foreach ($rails as $rail => $leaves) {
            [$its, $out] = $this->lineOf($told, $rail, $leaves);
            $name = $leaves[0]->name;
            array_push(
                $says,
                ...array_map(fn (Message $one) => count($rails) === 1 ? $one : self::of('rails', $name, $one), $its),
            );
            array_push($ways, ...array_map(fn (WayOut $way) => count($rails) === 1 ? $way : $way->of($name), $out));
        }

        return [$says, WayOut::ranked($ways)];
    }

    /**
     * @param  array<string, Length|string>  $told
     * @param  non-empty-list<PlannedLeaf>  $leaves
     * @return array{list<Message>, list<WayOut>}
     */
    private function lineOf(array $told, string $rail, array $leaves): array
    {
        $plan = $this->site->plan;
        $read = [];
        foreach (SiteMeasurements::linePlaces($plan) as [$field, $x]) {
            if (($told["{$field}{$rail}"] ?? null) instanceof Length) {
                $read[] = [$x, $told["{$field}{$rail}"]->minus($plan->tapeUp($x))];
            }
        }
        $line = Line::through($read);
        if ($line === null) {
            return [$read === [] ? [] : [self::means('read-twice')], []];
        }
        $level = new LineOutOfLevel($this->site, $line, $leaves);
        $says = [];
        $offs = array_map(fn (array $one) => $one[1], $read);
        $spread = Length::greatest(...$offs)->minus(Length::least(...$offs));
        $slack = $plan->doorway->marking->plusMinus->level;
        $ways = [];
        if ($spread->isOver($slack)) {
            $says[] = self::means($level->creeps() ? 'creeps' : 'stays', [
                'creep' => Quantity::slope($level->greatestCreep()),
                'pull' => Quantity::newtons($level->pull()),
            ]);
            foreach ($leaves as $leaf) {
                array_push($says, ...$this->hanging($level, $leaf, count($leaves) > 1));
            }
            $ways = $level->ways();
        }
        $mean = $line->mean();
        if (! $spread->isOver($slack) && $mean->absolute()->isOver($slack)) {
            $says[] = self::means($mean->isPositive() ? 'too-high' : 'too-low', ['by' => $mean->absolute()]);
            $ways = (new LineHigh($this->site, $mean))->ways();
        }

        return [$says === [] ? [self::means('line-right')] : $says, $ways];
    }

    /** @return list<Message> how a leaf hangs on such a line, shut and open */
    private function hanging(LineOutOfLevel $level, PlannedLeaf $leaf, bool $isNamed): array
    {
        $says = [];
        foreach (['shut' => $leaf->run->closed(), 'open' => $leaf->run->open()] as $when => $where) {
            $hangs = $level->hanging($leaf->run, $where);
            $lean = $hangs['lean_over_height'];
            $one = new Message(
                'recovery.hangs',
                [
                    'when' => Message::word('when', $when),
                    'left' => $hangs['left_edge_gap'],
                    'right' => $hangs['right_edge_gap'],
                    'least' => $hangs['least_gap'],
                    'lean' => $lean->absolute(),
                ],
                $lean->isZero() ? 'plumb' : ($lean->isPositive() ? 'left' : 'right'),
            );
            $says[] = $isNamed ? self::of('leaves', $leaf->name, $one) : $one;
        }

        return $says;
    }

    /** @return array{list<Message>, list<WayOut>} */
    private function hazard(?Length $from, ?Length $to, string $kind): array
    {
        if ($from === null) {
            return [[], []];
        }
        $found = new HazardFound($this->site, Span::between($from, $to ?? $from), $kind);
        $hit = $found->hit();
        $near = fn (string $what, Length $x) => new Message('recovery.near', ['at' => $x], $what);
        $what = [
            ...array_map(fn (Length $x) => $near('hole', $x), $hit['rail_holes']),
            ...array_map(fn (Length $x) => $near('stud', $x), $hit['studs']),
        ];
        $zone = Length::mm(Holding::ZONE_MM);

        return $what === []
            ? [[self::means('hazard-clear', ['zone' => $zone])], []]
            : [
                [self::means('hazard-near', ['zone' => $zone, 'what' => $what])],
                $hit['rail_holes'] === [] ? [] : $found->ways(),
            ];
    }

    /** @return array{list<Message>, list<WayOut>} */
    private function rubs(string $thing, ?Length $proud): array
    {
        if ($proud === null || ! isset($this->things()[$thing])) {
            return [[], []];
        }
        $found = new LeafRubs($this->site, [$thing => $proud]);

        return [
            [
                self::means($found->short()->isZero() ? 'clear' : 'rubs', [
                    'clearance' => $found->clearance(),
                    'short' => $found->short(),
                ]),
            ],
            $found->ways(),
        ];
    }

    /** @return array{list<Message>, list<WayOut>} */
    private function offGuide(PlannedLeaf $leaf, Length $width): array
    {
        $found = new OffGuide($this->site, $leaf->name, $width);

        return [
            [self::means($found->shortfall()->isZero() ? 'guide-room' : 'guide-short', ['by' => $found->shortfall()])],
            $found->ways(),
        ];
    }

    /** @return array{list<Message>, list<WayOut>} */
    private function leafDiffers(PlannedLeaf $leaf, Length $width, Length $lead, Length $trail): array
    {
        $plan = $this->site->plan;
        $alike =
            $width->equals($plan->layout->width->size->total) &&
            $lead->equals($plan->thickness) &&
            $trail->equals($plan->thickness);

        return $alike
            ? [[self::means('as-drawn')], []]
            : [[], (new LeafDiffers($this->site, $leaf->name, $width, [$lead, $trail]))->ways()];
    }

    /** @return array{list<Message>, list<WayOut>} */
    private function wrongEdge(?Length $first, ?Length $second): array
    {
        $holes = $this->site->plan->rail->holes;
        $bored = array_values(
            array_filter([
                $first === null ? null : [$first, $holes[0]],
                $second === null || ! isset($holes[1]) ? null : [$second, $holes[1]],
            ]),
        );

        return $bored === [] ? [[], []] : [[], (new WrongEdge($this->site, $bored))->ways()];
    }
}
