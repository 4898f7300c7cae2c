<?php

declare(strict_types=1);

namespace App\Paper;

use App\Words\Speaker;
use YokeLine\Marks\StoryStrip;
use YokeLine\Measure\LengthWriter;
use YokeLine\Planning\GuidePlace;
use YokeLine\Planning\LeafRun;
use YokeLine\Planning\Plan;
use YokeLine\Planning\PlannedLeaf;

/**
 * Paper to drill from, true to size: the corners of the leaf, its foot with guide and groove, the strip of the wall.
 */
final class Templates
{
    private const EDGE = 20.0;

    private TruePage $page;

    /** @param  'A4'|'Letter'  $paper */
    private function __construct(
        private readonly Plan $plan,
        private readonly LengthWriter $write,
        private readonly string $name,
        private readonly string $paper,
    ) {
        $this->page = new TruePage($paper);
        $this->page->setTitle(Speaker::words('paper.templates.file', ['name' => $name]));
        $this->page->setLineWidth(0.2);
    }

    /** @param  'A4'|'Letter'  $paper */
    public static function of(Plan $plan, LengthWriter $write, string $name, string $paper): string
    {
        $templates = new self($plan, $write, $name, $paper);
        foreach ($plan->layout->runs as $leaf => $run) {
            $templates->corner($leaf, $run, 'leading');
            $templates->corner($leaf, $run, 'trailing');
        }
        foreach ($plan->leavesThatDiffer(fn (PlannedLeaf $leaf) => $leaf->guide->grooveDepth) as $name => $leaf) {
            $templates->foot($name, $leaf->guide);
        }
        foreach ($plan->guides as $guide => $place) {
            $templates->floor($guide, $place);
        }
        $templates->strip();

        return $templates->page->file();
    }

    /**
     * One top corner of a leaf's face, to be laid with its two edges on the leaf's.
     *
     * @param  'leading'|'trailing'  $edge
     */
    private function corner(string $leaf, LeafRun $run, string $edge): void
    {
        // The page is seen from the room: the leading edge is on the right of a leaf that opens left.
        $onLeft = ($run->direction === 1) === ($edge === 'leading');
        $page = $this->begin(
            Speaker::words('paper.templates.corner', [
                'door' => self::door($leaf),
                'edge' => Speaker::words("words.edges.{$edge}"),
            ]),
            'P',
        );
        $side = $onLeft ? self::EDGE : $page->getPageWidth() - self::EDGE;
        $way = $onLeft ? 1 : -1;
        $top = 70.0;
        $page->setLineWidth(0.5);
        $page->stroke($side, $top, $side + $way * 150, $top);
        $page->stroke($side, $top, $side, $top + 170);
        $page->setLineWidth(0.2);
        $page->say($side + $way * 75, $top - 2, 9, Speaker::words('paper.templates.top'), 'C');
        $page->say(
            $side + $way * 3,
            $top + 165,
            9,
            Speaker::words('paper.templates.edge', ['edge' => Speaker::words("words.edges.{$edge}")]),
            $onLeft ? 'L' : 'R',
        );
        $inset = $run->hangerInset;
        $x = $side + $way * $inset->toMm();
        $radius = $this->plan->leafHole()->half()->toMm();
        $page->stroke($x, $top, $x, $top + 150);
        $page->say(
            $x + $way * 3,
            $top + 148,
            9,
            Speaker::words('paper.templates.hanger', [
                'inset' => $this->write->show($inset),
                'edge' => Speaker::words("words.edges.{$edge}"),
            ]),
            $onLeft ? 'L' : 'R',
        );
        foreach ($this->plan->heights->hangerHoles as $i => $down) {
            $page->cross($x, $top + $down->toMm());
            $page->ring($x, $top + $down->toMm(), $radius);
            $page->say(
                $x + $way * 14,
                $top + $down->toMm() - 1,
                10,
                Speaker::words('paper.templates.hole', [
                    'number' => $i + 1,
                    'down' => $this->write->show($down),
                    'bit' => $this->write->exact($this->plan->leafHole()),
                ]),
                $onLeft ? 'L' : 'R',
                true,
            );
        }
        if ($this->plan->heights->hangerHoles === []) {
            $page->say(
                $x + $way * 14,
                $top + 20,
                10,
                Speaker::words('paper.templates.plate'),
                $onLeft ? 'L' : 'R',
                true,
            );
        }
    }

    /** The leaf's foot seen on its end, with the groove and the guide in it. */
    private function foot(string $leaf, GuidePlace $guide): void
    {
        $page = $this->begin(Speaker::words('paper.templates.bottom', ['door' => self::door($leaf)]), 'P');
        $middle = $page->getPageWidth() / 2;
        $thick = $this->plan->thickness->toMm();
        $foot = 150.0;
        $page->setLineWidth(0.5);
        $page->stroke($middle - $thick / 2, $foot - 70, $middle - $thick / 2, $foot);
        $page->stroke($middle + $thick / 2, $foot - 70, $middle + $thick / 2, $foot);
        if ($guide->grooveDepth === null || $guide->grooveWidth === null) {
            $page->stroke($middle - $thick / 2, $foot, $middle + $thick / 2, $foot);
            $page->setLineWidth(0.2);
            $page->say($middle, $foot + 12, 10, Speaker::words('paper.templates.no-groove'), 'C');

            return;
        }
        [$wide, $deep] = [$guide->grooveWidth->toMm(), $guide->grooveDepth->toMm()];
        $page->stroke($middle - $thick / 2, $foot, $middle - $wide / 2, $foot);
        $page->stroke($middle - $wide / 2, $foot, $middle - $wide / 2, $foot - $deep);
        $page->stroke($middle - $wide / 2, $foot - $deep, $middle + $wide / 2, $foot - $deep);
        $page->stroke($middle + $wide / 2, $foot - $deep, $middle + $wide / 2, $foot);
        $page->stroke($middle + $wide / 2, $foot, $middle + $thick / 2, $foot);
        $page->setLineWidth(0.2);
        $page->stroke($middle, $foot - 80, $middle, $foot + 15);
        $page->say(
            $middle,
            $foot + 22,
            10,
            Speaker::words('paper.templates.groove', [
                'deep' => $this->write->showUp($guide->grooveDepth),
                'wide' => $this->write->showUp($guide->grooveWidth),
                'thickness' => $this->write->show($this->plan->thickness),
            ]),
            'C',
            true,
        );
        $page->say($middle, $foot + 29, 9, Speaker::words('paper.templates.cut-first'), 'C');
        if ($guide->grooveFrom !== null) {
            $page->say(
                $middle,
                $foot + 36,
                10,
                Speaker::words('paper.templates.groove-stopped', ['from' => $this->write->show($guide->grooveFrom)]),
                'C',
                true,
            );
        }
    }

    /**
     * The floor under a guide, to be laid against the wall: its middle, the leaf over it, and the jamb where it is
     * near.
     */
    private function floor(string $guide, GuidePlace $place): void
    {
        $page = $this->begin(
            $guide === 'guide'
                ? Speaker::words('paper.templates.floor')
                : Speaker::words('paper.templates.floor-of', ['side' => Speaker::words("words.sides.{$guide}")]),
            'P',
        );
        if ($place->at === null || ! $this->plan->kit->guide->style->standsOnFloor()) {
            $page->say(
                self::EDGE,
                80,
                11,
                $place->at === null
                    ? Speaker::words('paper.templates.no-room')
                    : Speaker::words('paper.templates.on-wall', ['at' => $this->write->show($place->at)]),
            );

            return;
        }
        $wall = 75.0;
        $middle = $page->getPageWidth() / 2;
        $baseboard = $this->plan->room->baseboard?->thickness->toMm() ?? 0.0;
        $page->setLineWidth(0.5);
        $page->stroke(self::EDGE, $wall, $page->getPageWidth() - self::EDGE, $wall);
        $page->say(self::EDGE, $wall - 2, 9, Speaker::words('words.things.wall'));
        if ($baseboard > 0) {
            $page->stroke(self::EDGE, $wall + $baseboard, $page->getPageWidth() - self::EDGE, $wall + $baseboard);
            $page->say(
                $page->getPageWidth() - self::EDGE,
                $wall + $baseboard + 4,
                9,
                Speaker::words('paper.templates.baseboard'),
                'R',
            );
        }
        $page->setLineWidth(0.2);
        $depth = $this->plan->innerDepth();
        foreach (
            [
                'back' => $depth->leafBack->total,
                'front' => $this->plan->outerDepth()->leafFront->total,
            ] as $what => $out
        ) {
            $page->dash([3, 2]);
            $page->stroke(self::EDGE, $wall + $out->toMm(), $page->getPageWidth() - self::EDGE, $wall + $out->toMm());
            $page->dash([]);
            $page->say(
                $page->getPageWidth() - self::EDGE,
                $wall + $out->toMm() - 1,
                8,
                Speaker::words("paper.templates.{$what}", ['out' => $this->write->show($out)]),
                'R',
            );
        }
        $out = $wall + $depth->leafBack->total->plus($this->plan->finFromBack())->toMm();
        $kit = $this->plan->kit->guide;
        $thick = $kit->style->needsGroove() ? $kit->bladeThickness->toMm() : $this->plan->thickness->toMm();
        $page->box($middle - $kit->length->toMm() / 2, $out - $thick / 2, $kit->length->toMm(), $thick);
        $page->cross($middle, $out, 14);
        $page->say(
            $middle,
            $wall + $this->plan->outerDepth()->leafFront->total->toMm() + 24,
            10,
            Speaker::words('paper.templates.guide', ['at' => $this->write->show($place->at)]),
            'C',
            true,
        );
        $jambs = $this->plan->room->opening->span();
        foreach ([$jambs->low, $jambs->high] as $jamb) {
            $off = $jamb->minus($place->at)->toMm();
            if (abs($off) < $middle - self::EDGE) {
                $page->stroke(
                    $middle + $off,
                    $wall - 12,
                    $middle + $off,
                    $wall + $this->plan->outerDepth()->leafFront->total->toMm() + 8,
                );
                $page->say(
                    $middle + $off,
                    $wall + $this->plan->outerDepth()->leafFront->total->toMm() + 13,
                    9,
                    Speaker::words('paper.templates.jamb', [
                        'off' => $this->write->show($jamb->minus($place->at)->absolute()),
                    ]),
                    'C',
                );
            }
        }
    }

    private function strip(): void
    {
        $strip = StoryStrip::of($this->plan);
        $tiles = $strip->tiles($this->paper);
        [$usable, $lap] = [$strip->usable($this->paper)->toMm(), $strip->lap()->toMm()];
        for ($tile = 0; $tile < $tiles; $tile++) {
            $from = $tile * ($usable - $lap);
            $page = $this->begin(
                Speaker::words('paper.templates.strip', ['tile' => $tile + 1, 'tiles' => $tiles]),
                'L',
                false,
            );
            $left = ($page->getPageWidth() - $usable) / 2;
            $line = 110.0;
            $page->stroke($left, $line, $left + $usable, $line);
            // The lap: the right cross of a sheet goes on the left cross of the next.
            foreach (
                [
                    ...$tile > 0 ? [$left + $lap / 2] : [],
                    ...$tile < $tiles - 1 ? [$left + $usable - $lap / 2] : [],
                ] as $x
            ) {
                $page->cross($x, $line + 40, 5);
                $page->ring($x, $line + 40, 2.5);
            }
            $row = 0;
            foreach ($strip->marks as $mark) {
                $x = $mark->place->toMm() - $from;
                if ($x < 0 || $x > $usable) {
                    continue;
                }
                $low = $line - 12 - 6 * ($row % 6);
                $page->stroke($left + $x, $low, $left + $x, $line + 8);
                $right = $x > $usable - 60;
                $page->say(
                    $left + $x + ($right ? -1 : 1),
                    $low + 2.5,
                    8,
                    Speaker::in($this->write)->say($mark->id->says())."  {$this->write->showOnTape(
                        $mark->marked,
                    )}",
                    $right ? 'R' : 'L',
                );
                $row++;
            }
            $page->say(
                $left,
                $line + 55,
                9,
                Speaker::words('paper.templates.lay', ['zero' => $this->write->show($strip->zero)]),
            );
            $page->checkScale($left, $line + 68, $this->plan->doorway->units);
        }
    }

    /** A door as its template calls it: by its side where there are two. */
    private static function door(string $leaf): string
    {
        return Speaker::words(in_array($leaf, ['', 'leaf'], true) ? 'words.a-door' : "words.leaves.{$leaf}");
    }

    private function begin(string $title, string $turned, bool $scale = true): TruePage
    {
        $this->page->AddPage($turned, strtoupper($this->paper));
        $this->page->say(self::EDGE, 22, 15, $title, 'L', true);
        $this->page->say(
            self::EDGE,
            28,
            9,
            Speaker::words('paper.templates.seen', ['name' => $this->name, 'paper' => $this->paper]),
        );
        if ($scale) {
            $this->page->checkScale(self::EDGE, 42, $this->plan->doorway->units);
        }

        return $this->page;
    }
}
