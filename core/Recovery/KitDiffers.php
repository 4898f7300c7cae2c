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
            'kit-differs',
            'bore-by-sheet',
            ! $this->read->isUnder($range->low) && ! $this->read->isOver($range->high),
            0,
            [],
            0,
            '',
            ['line_moves_by' => $off, 'yoke_line' => $line, 'top_gap' => $this->read],
            $this->kept(['kit.rise' => $kit->rise->plus($off)]),
            with: ['gap' => $plan->heights->gap->low->minus($off)],
        );
        if ($kit->hanger->style !== HangerStyle::FaceStrap) {
            return WayOut::ranked([
                new WayOut(
                    'kit-differs',
                    'plan-again',
                    ! $this->site->isDone(StepKind::ProveLine),
                    0,
                    [],
                    0,
                    '',
                    ['yoke_line' => $line],
                    $this->kept($this->truly()),
                    with: ['rise' => $this->truly()['kit.rise']],
                ),
                $bySheet,
            ]);
        }
        $first = $this->truly()['kit.hanger.hole_to_tread']->minus($kit->rise, $kit->rail->height->half());
        $holes = array_map(fn (Length $offset) => $first->plus($offset), $kit->hanger->holeOffsets);
        $works =
            ! $first->isUnder($kit->hanger->holeDiameter->scaled(5, 2)) && ! $this->site->isDone(StepKind::BoreLeaf);

        return WayOut::ranked([
            new WayOut(
                'kit-differs',
                'bore-by-true',
                $works,
                0,
                [],
                0,
                $works ? 'as-planned' : ($this->site->isDone(StepKind::BoreLeaf) ? 'bored' : 'too-high'),
                ['holes' => $holes, 'yoke_line' => $plan->yokeLine()],
                $this->kept($this->truly()),
                with: ['holes' => $holes],
            ),
            $bySheet,
        ]);
    }
}
