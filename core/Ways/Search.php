<?php

declare(strict_types=1);

namespace YokeLine\Ways;

use Generator;
use YokeLine\Doorway\Backing;
use YokeLine\Doorway\Cover;
use YokeLine\Doorway\Doorway;
use YokeLine\Doorway\Hang;
use YokeLine\Doorway\Kit;
use YokeLine\Doorway\Opens;
use YokeLine\Inspection\Inspector;
use YokeLine\Inspection\Sight;
use YokeLine\Measure\Length;
use YokeLine\Measure\LengthWriter;
use YokeLine\Planning\NotYetMeasured;
use YokeLine\Planning\Workshop;

/** Every combination that could be chosen for a surveyed doorway, worked through the planner itself. */
final readonly class Search
{
    private const MOST = 6000;

    /**
     * @param  array<string, Kit>  $kits  by id
     * @param  list<Length>  $parks  ascending
     */
    private function __construct(private Doorway $doorway, private array $kits, private LengthWriter $write, private array $parks) {}

    /** @param  array<string, Kit>  $kits */
    public static function of(Doorway $doorway, array $kits, LengthWriter $write): self
    {
        $park = $doorway->brief->rules->park;
        $parks = [$park->nm => $park, 0 => Length::zero(), Length::mm(-60)->nm => Length::mm(-60), Length::mm(30)->nm => Length::mm(30)];

        return new self($doorway, $kits, $write, array_values($parks));
    }

    /** How many there are. */
    public function count(): int
    {
        return iterator_count($this->choices());
    }

    /**
     * One way after another. What ways share, places along the wall or heights up it, is worked once.
     *
     * @return Generator<Way>
     *
     * @throws NotYetMeasured
     */
    public function ways(): Generator
    {
        $workshop = Workshop::at($this->doorway, slides: false);
        $along = [];
        $seen = [];
        foreach ($this->choices() as $choice) {
            $brief = $choice->in($this->doorway->brief);
            $plan = $workshop->plan($brief, $this->kits[$choice->kit], $choice->along(), $choice->up());
            $sight = new Sight($plan, [], $this->write, curing: false);
            $findings = $along[$choice->along()] ??= Inspector::graveAlong($sight);
            $way = Way::of($choice, $plan, [...$findings, ...Inspector::graveOther($sight)]);
            if (! isset($seen[$way->sameAs()])) {
                $seen[$way->sameAs()] = true;
                yield $way;
            }
        }
    }

    /** @return Generator<Choice> those that share most one after another */
    private function choices(): Generator
    {
        $n = 0;
        foreach ($this->kits as $id => $kit) {
            foreach ($kit->hangs as $hang) {
                foreach ($this->sides($hang) as $opens) {
                    foreach (Cover::cases() as $cover) {
                        foreach ($hang->needsTwoRails() ? [Length::zero()] : $this->parks as $park) {
                            foreach ($this->widths() as $width) {
                                foreach ($this->backings($kit) as $backing) {
                                    foreach ($this->heights() as $height) {
                                        if (++$n > self::MOST) {
                                            return;
                                        }
                                        yield new Choice($hang, $opens, $id, $backing, $cover, $width, $height, $park);
                                    }
                                }
                            }
                        }
                    }
                }
            }
        }
    }

    /** @return list<Opens> */
    private function sides(Hang $hang): array
    {
        return $hang->isSingle() ? Opens::cases() : [Opens::Right];
    }

    /** @return list<Backing> */
    private function backings(Kit $kit): array
    {
        return $kit->bracket === null ? [Backing::Header, Backing::Direct] : [Backing::Header];
    }

    /** @return list<?Length> the width worked out, and the stock sizes above and below it that could be had */
    private function widths(): array
    {
        return [null, ...array_slice($this->doorway->brief->leaf->stockWidths, 0, 8)];
    }

    /** @return list<?Length> */
    private function heights(): array
    {
        return [null, ...array_slice($this->doorway->brief->leaf->stockHeights, 0, 6)];
    }
}
