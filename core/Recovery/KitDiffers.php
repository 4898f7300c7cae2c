<?php

declare(strict_types=1);

namespace YokeLine\Recovery;

use YokeLine\Doorway\HangerStyle;
use YokeLine\Measure\Length;
use YokeLine\Work\StepKind;

/** One hanger hung on an off-cut, and its top gap is not what the kit's sheet says. */
final readonly class KitDiffers
{
    /**
     * @param  Length  $read  the top gap
     * @param  Length  $hole  from the off-cut's top to the hole that was tried; counts for nothing with a plate
     */
    public function __construct(private OnSite $site, private Length $read, private Length $hole) {}

    /** @return array<string, Length> the kit's number as it truly is: place in the document => number */
    public function truly(): array
    {
        $kit = $this->site->plan->kit;

        return $kit->hanger->style === HangerStyle::FaceStrap
            ? ['kit.hanger.hole_to_tread' => $this->read->plus($kit->rail->height, $this->hole)]
            : ['kit.rise' => $this->read->plus($kit->rail->height->half())];
    }

    /**
     * As the document keeps it: what the sheet stated to another place no longer counts.
     *
     * @param  array<string, Length>  $numbers
     * @return array<string, bool|string|null>
     */
    private function kept(array $numbers): array
    {
        return $this->site->written([
            ...isset($numbers['kit.rise']) && $this->site->document->get('kit.height') !== null
                ? ['kit.height' => null]
                : [],
            ...$numbers,
        ]);
    }

    /** @return list<WayOut> */
    public function ways(): array
    {
        $plan = $this->site->plan;
        $kit = $plan->kit;
        $off = $this->read->minus($plan->heights->topGap->total);
        $range = $kit->topGap;
        $line = $plan->yokeLine()->plus($off);
        $bySheet = new WayOut(
            'bore-by-sheet',
            ! $this->read->isUnder($range->low) && ! $this->read->isOver($range->high),
            0,
            [],
            0,
            'Bore by the sheet, line moved',
            "The line goes to {$this->site->say($line)}, the top gap is {$this->site->say($this->read)}. Only while the line is not drilled; else the gap under the leaf becomes {$this->site->say($plan->heights->gap->low->minus($off))}.",
            ['line_moves_by' => $off, 'yoke_line' => $line, 'top_gap' => $this->read],
            $this->kept(['kit.rise' => $kit->rise->plus($off)]),
        );
        if ($kit->hanger->style !== HangerStyle::FaceStrap) {
            return WayOut::ranked([
                new WayOut(
                    'plan-again',
                    ! $this->site->isDone(StepKind::ProveLine),
                    0,
                    [],
                    0,
                    'Plan again with the true rise',
                    "The rise is {$this->site->say($this->truly()['kit.rise'])}: the line goes to {$this->site->say($line)}, or the leaf changes.",
                    ['yoke_line' => $line],
                    $this->kept($this->truly()),
                ),
                $bySheet,
            ]);
        }
        $first = $this->truly()['kit.hanger.hole_to_tread']->minus($kit->rise, $kit->rail->height->half());
        $holes = array_map(fn (Length $offset) => $first->plus($offset), $kit->hanger->holeOffsets);
        $works = ! $first->isUnder($kit->hanger->holeDiameter->scaled(5, 2)) && ! $this->site->isDone(StepKind::BoreLeaf);

        return WayOut::ranked([
            new WayOut(
                'bore-by-true',
                $works,
                0,
                [],
                0,
                'Bore the hangers at '.WayOut::list($holes, $this->site->say(...)),
                $works
                    ? 'Gap, line and top gap stay as planned.'
                    : ($this->site->isDone(StepKind::BoreLeaf)
                        ? 'The leaf is bored already.'
                        : 'The hole would come too near the leaf’s top.'),
                ['holes' => $holes, 'yoke_line' => $plan->yokeLine()],
                $this->kept($this->truly()),
            ),
            $bySheet,
        ]);
    }
}
