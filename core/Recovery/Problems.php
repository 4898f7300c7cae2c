<?php

declare(strict_types=1);

namespace YokeLine\Recovery;

use YokeLine\Measure\Length;
use YokeLine\Measure\Span;
use YokeLine\Planning\PlannedLeaf;
use YokeLine\Work\Asks;

/** What can be found on site, what is asked of each, and the ways out that are then worked through. */
final readonly class Problems
{
    /** @var array<string, string> */
    public const ROWS = [
        'line' => 'The rail line is out of level, bowed, too high or too low',
        'hole-missed' => 'A hole has no stud behind it',
        'hazard' => 'A cable or pipe is where a screw should go',
        'wall-ends' => 'The wall ends too soon',
        'rubs' => 'The leaf rubs on something behind it',
        'off-guide' => 'The leaf runs off its guide',
        'leaf-differs' => 'The leaf is wider or thicker than drawn',
        'bounces' => 'The leaf jumps or bounces',
        'kit-differs' => 'A part of the kit differs from its sheet',
        'wrong-edge' => 'Holes were bored from the wrong mark',
        'stud' => 'There is one more stud',
        'solid' => 'Wood is in the wall between studs',
        'obstacle' => 'Something is in the way on the wall',
        'floor' => 'The floor is higher or lower somewhere',
        'size' => 'A size is not as measured',
    ];

    /** Those that change the survey alone: what follows from them is found as ever. */
    public const SURVEYED = ['stud', 'solid', 'obstacle', 'floor', 'size'];

    /** What a stud is taken to be wide, where it is not said. */
    private const STUD_MM = 38;

    public function __construct(private OnSite $site) {}

    /**
     * What is measured of it.
     *
     * @return array<string, array{label: string, grey: ?Length, options: array<string, string>}> by field; options
     *   where one of a few is chosen
     */
    public function asks(string $row): array
    {
        $plan = $this->site->plan;
        $length = fn (string $label, ?Length $grey = null) => ['label' => $label, 'grey' => $grey, 'options' => []];

        return match ($row) {
            'line' => $this->linePlaces($length),
            'hole-missed' => $this->studs(),
            'hazard' => [
                'kind' => self::choice('What it is', ['cable' => 'cable', 'pipe' => 'pipe']),
                'from' => $length('From, along the wall'),
                'to' => $length('To, along the wall'),
                'low' => $length('Lowest, from the floor, if that was seen'),
                'high' => $length('Highest, from the floor, if that was seen'),
            ],
            'wall-ends' => [
                'end' => self::choice('Which end', ['to' => 'right', 'from' => 'left']),
                'at' => $length('It ends at', $plan->room->wall->high),
            ],
            'rubs' => [
                'thing' => self::choice('On what', $this->things()),
                'proud' => $length('It stands out from the wall'),
            ],
            'off-guide' => $this->ofEachLeaf(
                fn (PlannedLeaf $leaf, string $of) => [
                    "leaf-width{$leaf->suffix()}" => $length("The{$of} leaf is wide", $leaf->run->width),
                ],
            ),
            'leaf-differs' => $this->ofEachLeaf(
                fn (PlannedLeaf $leaf, string $of) => [
                    "leaf-width{$leaf->suffix()}" => $length(ucfirst(ltrim("{$of} width")), $leaf->run->width),
                    "leaf-thick-lead{$leaf->suffix()}" => $length(
                        ucfirst(ltrim("{$of} thickness at the leading hanger")),
                        $plan->thickness,
                    ),
                    "leaf-thick-trail{$leaf->suffix()}" => $length(
                        ucfirst(ltrim("{$of} thickness at the trailing hanger")),
                        $plan->thickness,
                    ),
                ],
            ),
            'bounces' => ['disc-gap' => $length('Disc under the rail', $plan->kit->jumpDisc?->gap)],
            'kit-differs' => [
                'trial-gap' => $length('Top gap of one hanger on an off-cut', $plan->heights->topGap->total),
                'trial-hole' => $length('Its hole was bored down from the top', $plan->heights->hangerHoles[0] ?? null),
            ],
            'wrong-edge' => [
                'hole-1' => $length('Hole 1 was bored at, along the wall', $plan->rail->holes[0]),
                'hole-2' => $length('Hole 2', $plan->rail->holes[1] ?? null),
            ],
            'stud' => [
                'at' => $length('Its middle, along the wall'),
                'width' => $length('It is wide', Length::mm(self::STUD_MM)),
            ],
            'solid' => [
                'kind' => self::choice('What it is', ['blocking' => 'blocking', 'lintel' => 'lintel']),
                'from' => $length('From, along the wall'),
                'to' => $length('To, along the wall'),
                'low' => $length('Its foot, from the floor'),
                'high' => $length('Its top, from the floor'),
            ],
            'obstacle' => [
                'kind' => self::choice('What it is', [
                    'switch' => 'switch',
                    'socket' => 'socket',
                    'thermostat' => 'thermostat',
                    'vent' => 'vent',
                    'radiator' => 'radiator',
                    'shelf' => 'shelf',
                    'furniture' => 'furniture',
                    'other' => 'something else',
                ]),
                'from' => $length('From, along the wall'),
                'to' => $length('To, along the wall'),
                'low' => $length('Lowest, from the floor'),
                'high' => $length('Highest, from the floor'),
                'projection' => $length('It stands out from the wall'),
            ],
            'floor' => [
                'at' => $length('Where, along the wall'),
                'than' => self::choice('There it is', [
                    'lower' => 'lower than was measured',
                    'higher' => 'higher than was measured',
                ]),
                'by' => $length('By so much'),
            ],
            'size' => [
                'size' => self::choice('Which size', array_map(fn (array $one) => $one[0], $this->sizes())),
                'is' => $length('It is'),
            ],
            default => [],
        };
    }

    /**
     * @param  array<string, string>  $options
     * @return array{label: string, grey: ?Length, options: array<string, string>}
     */
    private static function choice(string $label, array $options): array
    {
        return ['label' => $label, 'grey' => null, 'options' => $options];
    }

    /**
     * @return array<string, array{string, ?Length}> by the place in the survey: what it is called, and what was
     * measured
     */
    private function sizes(): array
    {
        $survey = $this->site->plan->doorway->survey;
        $opening = $this->site->plan->room->opening;
        $sizes = [
            'survey.wall.ceiling' => ['ceiling above the floor', $survey->ceiling],
            'survey.opening.left' => ['left jamb, along the wall', $opening->left],
        ];
        foreach ($opening->widths as $i => $width) {
            $sizes["survey.opening.width[{$i}]"] = ['opening’s width, measured '.($i + 1), $width];
        }
        foreach ($opening->heights as $i => $height) {
            $sizes["survey.opening.height[{$i}]"] = ['opening’s height, measured '.($i + 1), $height];
        }

        return $sizes;
    }

    /**
     * What it means, and the ways out, the best first; [] where it is not bad enough, or not all is told.
     *
     * @param  array<string, Length|string>  $told
     * @return array{list<string>, list<WayOut>}
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
                    ["The sheet says {$this->site->say($plan->heights->topGap->total)}."],
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

    /**
     * @return array<string, array{label: string, grey: ?Length, options: array<string, string>}> every stud that the
     * rail passes
     */
    private function studs(): array
    {
        $asks = [];
        foreach ($this->site->doorway()->survey->studs as $stud) {
            if ($this->site->plan->rail->span->contains($stud->x)) {
                $asks["stud-{$stud->key()}"] = [
                    'label' => "Stud at {$this->site->say($stud->x)}, its centre really at",
                    'grey' => $stud->x,
                    'options' => [],
                ];
            }
        }

        return $asks;
    }

    /**
     * @param  array<string, Length|string>  $told
     * @return array{list<string>, list<WayOut>}
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
            $changes === [] ? [] : ['Worked with the studs where they really are.'],
            array_map(
                fn (WayOut $way) => $way->works && $changes !== []
                    ? $way->changing($this->site->written($changes))
                    : $way,
                $ways,
            ),
        ];
    }

    /** @return array<string, string> what stands behind the leaf, by its place in the document */
    private function things(): array
    {
        $plan = $this->site->plan;
        $things = [
            'survey.opening.casing.thickness' => 'the casing',
            ...$plan->room->baseboard === null ? [] : ['survey.baseboard.thickness' => 'the baseboard'],
            ...$plan->header === null ? [] : ['brief.header.thickness' => 'the header'],
        ];
        foreach ($plan->room->obstacles as $obstacle) {
            $things["{$obstacle->place}.projection"] = $obstacle->name;
        }

        return $things;
    }

    /**
     * @param  callable(PlannedLeaf, string): array<string, array{label: string, grey: ?Length, options: array<string, string>}>  $asks
     * @return array<string, array{label: string, grey: ?Length, options: array<string, string>}>
     */
    private function ofEachLeaf(callable $asks): array
    {
        return array_merge(
            ...array_map(
                fn (PlannedLeaf $leaf) => $asks($leaf, $leaf->suffix(' ')),
                array_values($this->site->plan->leaves()),
            ),
        );
    }

    /**
     * What is found of each leaf by itself; of a pair each says which it is of.
     *
     * @param  callable(PlannedLeaf): array{list<string>, list<WayOut>}  $find
     * @return array{list<string>, list<WayOut>}
     */
    private function together(callable $find): array
    {
        $says = $ways = [];
        foreach ($this->site->plan->leaves() as $name => $leaf) {
            [$its, $out] = $find($leaf);
            array_push(
                $says,
                ...array_map(
                    fn (string $one) => $leaf->isAlone ? $one : ucfirst($name).' leaf: '.lcfirst($one),
                    $its,
                ),
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
            $rails[Asks::ofRail($leaf)][] = $leaf;
        }

        return $rails;
    }

    /**
     * @param  callable(string, Length): array{label: string, grey: ?Length, options: array<string, string>}  $length
     * @return array<string, array{label: string, grey: ?Length, options: array<string, string>}>
     */
    private function linePlaces(callable $length): array
    {
        $asks = [];
        $rails = $this->rails();
        foreach ($rails as $rail => $leaves) {
            $of = count($rails) === 1 ? '' : " of the {$leaves[0]->name} rail";
            foreach (Asks::linePlaces($this->site->plan) as [$field, $x]) {
                $asks["{$field}{$rail}"] = $length(
                    "Hole centre{$of} at {$this->site->say($x)}, up from the floor there",
                    $this->site->plan->tapeUp($x),
                );
            }
        }

        return $asks;
    }

    /**
     * @param  array<string, Length|string>  $told
     * @return array{list<string>, list<WayOut>}
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
                ...array_map(
                    fn (string $one) => count($rails) === 1 ? $one : ucfirst($name).' rail: '.lcfirst($one),
                    $its,
                ),
            );
            array_push($ways, ...array_map(fn (WayOut $way) => count($rails) === 1 ? $way : $way->of($name), $out));
        }

        return [$says, WayOut::ranked($ways)];
    }

    /**
     * @param  array<string, Length|string>  $told
     * @param  non-empty-list<PlannedLeaf>  $leaves
     * @return array{list<string>, list<WayOut>}
     */
    private function lineOf(array $told, string $rail, array $leaves): array
    {
        $plan = $this->site->plan;
        $read = [];
        foreach (Asks::linePlaces($plan) as [$field, $x]) {
            if (($told["{$field}{$rail}"] ?? null) instanceof Length) {
                $read[] = [$x, $told["{$field}{$rail}"]->minus($plan->tapeUp($x))];
            }
        }
        $line = Line::through($read);
        if ($line === null) {
            return [$read === [] ? [] : ['Read it at two places at least.'], []];
        }
        $level = new LineOutOfLevel($this->site, $line, $leaves);
        $say = $this->site->say(...);
        $says = [];
        $offs = array_map(fn (array $one) => $one[1], $read);
        $spread = Length::greatest(...$offs)->minus(Length::least(...$offs));
        $slack = $plan->doorway->marking->plusMinus->level;
        $ways = [];
        if ($spread->isOver($slack)) {
            $says[] = $level->creeps()
                ? 'The leaf runs by itself: '.
                    round($level->greatestCreep(), 1).
                    ' mm per m, a pull of '.
                    round($level->pull(), 1).
                    ' N.'
                : 'The leaf stays where it is left: '.round($level->greatestCreep(), 1).' mm per m at most.';
            foreach ($leaves as $leaf) {
                array_push($says, ...$this->hanging($level, $leaf, count($leaves) > 1));
            }
            $ways = $level->ways();
        }
        $mean = $line->mean();
        if (! $spread->isOver($slack) && $mean->absolute()->isOver($slack)) {
            $says[] = "The line is level and {$say($mean->absolute())} too ".($mean->isPositive() ? 'high.' : 'low.');
            $ways = (new LineHigh($this->site, $mean))->ways();
        }

        return [$says === [] ? ['The line is where it should be, as near as a level can tell.'] : $says, $ways];
    }

    /** @return list<string> how a leaf hangs on such a line, shut and open */
    private function hanging(LineOutOfLevel $level, PlannedLeaf $leaf, bool $isNamed): array
    {
        $say = $this->site->say(...);
        $says = [];
        foreach (['shut' => $leaf->run->closed(), 'open' => $leaf->run->open()] as $when => $where) {
            $hangs = $level->hanging($leaf->run, $where);
            $says[] =
                ucfirst($isNamed ? "{$leaf->name} leaf {$when}" : $when).
                ": gap {$say($hangs['left_edge_gap'])} left, {$say($hangs['right_edge_gap'])} right, least {$say($hangs['least_gap'])}; its top leans ".
                ($hangs['lean_over_height']->isZero()
                    ? 'nowhere'
                    : $say($hangs['lean_over_height']->absolute()).
                        ($hangs['lean_over_height']->isPositive() ? ' left' : ' right')).
                '.';
        }

        return $says;
    }

    /** @return array{list<string>, list<WayOut>} */
    private function hazard(?Length $from, ?Length $to, string $kind): array
    {
        if ($from === null) {
            return [[], []];
        }
        $found = new HazardFound($this->site, Span::between($from, $to ?? $from), $kind);
        $hit = $found->hit();
        $what = [
            ...array_map(fn (Length $x) => "the rail’s hole at {$this->site->say($x)}", $hit['rail_holes']),
            ...array_map(fn (Length $x) => "the stud at {$this->site->say($x)}", $hit['studs']),
        ];

        return $what === []
            ? [['Nothing is planned within 50 of it. Still: isolate before you drill anywhere near.'], []]
            : [
                ['Within 50 of it: '.implode(', ', $what).'. Nothing is drilled there.'],
                $hit['rail_holes'] === [] ? [] : $found->ways(),
            ];
    }

    /** @return array{list<string>, list<WayOut>} */
    private function rubs(string $thing, ?Length $proud): array
    {
        if ($proud === null || ! isset($this->things()[$thing])) {
            return [[], []];
        }
        $found = new LeafRubs($this->site, [$thing => $proud]);

        return [
            [
                "{$this->site->say($found->clearance())} is left behind the leaf".
                ($found->short()->isZero()
                    ? ': enough.'
                    : ", {$this->site->say($found->short())} less than is wanted."),
            ],
            $found->ways(),
        ];
    }

    /** @return array{list<string>, list<WayOut>} */
    private function offGuide(PlannedLeaf $leaf, Length $width): array
    {
        $found = new OffGuide($this->site, $leaf->name, $width);

        return [
            [
                $found->shortfall()->isZero()
                    ? 'The guide has room for its whole length.'
                    : "The guide lacks {$this->site->say($found->shortfall())}.",
            ],
            $found->ways(),
        ];
    }

    /** @return array{list<string>, list<WayOut>} */
    private function leafDiffers(PlannedLeaf $leaf, Length $width, Length $lead, Length $trail): array
    {
        $plan = $this->site->plan;
        $alike =
            $width->equals($plan->layout->width->size->total) &&
            $lead->equals($plan->thickness) &&
            $trail->equals($plan->thickness);

        return $alike
            ? [['It is as drawn.'], []]
            : [[], (new LeafDiffers($this->site, $leaf->name, $width, [$lead, $trail]))->ways()];
    }

    /** @return array{list<string>, list<WayOut>} */
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
