<?php

declare(strict_types=1);

namespace YokeLine\Ways;

use Generator;
use YokeLine\Doorway\Backing;
use YokeLine\Doorway\Cover;
use YokeLine\Doorway\Doorway;
use YokeLine\Doorway\Hang;
use YokeLine\Doorway\Kit;
use YokeLine\Inspection\CheckContext;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\Inspector;
use YokeLine\Inspection\Severity;
use YokeLine\Measure\Length;
use YokeLine\Planner\Workshop;
use YokeLine\Planning\NotYetMeasured;
use YokeLine\Planning\Tolerance;

/**
 * Every combination that could be chosen for a surveyed doorway, worked through the planner itself: every kit, hang,
 * side, cover, backing and
 * parking, with the sizes that reach as far as they must, the nearest first.
 */
final readonly class Search
{
    /** So many are worked in one go; it can go on from there. */
    public const AT_ONCE = 6000;

    private Workshop $workshop;

    /**
     * @var list<array{Choice, list<?Length>, list<?Length>}> what is arranged alike, with its widths and heights, the
     * worked out ones first
     */
    private array $arranged;

    /** How many stock sizes were left out because they do not reach. */
    public int $tooSmall;

    /**
     * @param  array<string, Kit>  $kits  by id
     *
     * @throws NotYetMeasured
     */
    private function __construct(private Doorway $doorway, private array $kits)
    {
        $this->workshop = Workshop::at($doorway);
        [$this->arranged, $this->tooSmall] = $this->arranged();
    }

    /**
     * @param  array<string, Kit>  $kits
     *
     * @throws NotYetMeasured
     */
    public static function of(Doorway $doorway, array $kits): self
    {
        return new self($doorway, Kit::soldIn($doorway->units, $kits, $doorway->brief->kit));
    }

    /** How many there are in all. */
    public function count(): int
    {
        return array_sum(
            array_map(
                fn (array $one) => count($one[1]) * count($one[2]) * count($this->parks($one[0]->hang)),
                $this->arranged,
            ),
        );
    }

    /** Whether anything holds them: asked of those ways that would work otherwise. */
    public function judge(): Judge
    {
        return new Judge($this->doorway, $this->workshop, $this->kits);
    }

    /**
     * One way after another, those with the nearest sizes first. What ways share, places along the wall or heights up
     * it, is worked once.
     *
     * @return Generator<Way>
     */
    public function ways(int $most = self::AT_ONCE): Generator
    {
        $along = [];
        $seen = [];
        foreach ($this->choices($most) as $choice) {
            $brief = $choice->in($this->doorway->brief);
            $plan = $this->workshop->plan(
                $brief,
                $this->kits[$choice->kit],
                $choice->along(),
                $choice->up(),
                slides: false,
            );
            $same = Way::comesTo($choice, $plan);
            if (! isset($seen[$same])) {
                $seen[$same] = true;
                $context = new CheckContext($plan, [], curing: false);
                $findings = $along[$choice->along()] ??= Inspector::graveAlong($context);
                $stopped =
                    array_filter($findings, fn (Finding $finding) => $finding->severity === Severity::Stop) !== [];
                yield Way::of(
                    $choice,
                    $plan,
                    $stopped ? $findings : [...$findings, ...Inspector::graveOther($context)],
                );
            }
        }
    }

    /** @return Generator<Choice> */
    private function choices(int $most): Generator
    {
        $n = 0;
        $widest = max([0, ...array_map(fn (array $one) => count($one[1]), $this->arranged)]);
        for ($nth = 0; $nth < $widest; $nth++) {
            foreach ($this->arranged as [$choice, $widths, $heights]) {
                if (! array_key_exists($nth, $widths)) {
                    continue;
                }
                foreach ($this->parks($choice->hang) as $park) {
                    foreach ($heights as $height) {
                        if (++$n > $most) {
                            return;
                        }
                        yield $choice->sized($widths[$nth], $height, $park);
                    }
                }
            }
        }
    }

    /** @return array{list<array{Choice, list<?Length>, list<?Length>}>, int} */
    private function arranged(): array
    {
        $leaf = $this->doorway->brief->leaf;
        $found = [];
        $short = [];
        foreach ($this->kits as $id => $kit) {
            foreach ($kit->hangs as $hang) {
                foreach ($hang->waysToOpen() as $opens) {
                    foreach (Cover::cases() as $cover) {
                        foreach (
                            $kit->bracket === null ? [Backing::Header, Backing::Direct] : [Backing::Header] as $backing
                        ) {
                            $choice = new Choice(
                                $hang,
                                $opens,
                                $id,
                                $backing,
                                $cover,
                                null,
                                null,
                                $this->doorway->brief->rules->park,
                            );
                            $plan = $this->workshop->plan(
                                $choice->in($this->doorway->brief),
                                $kit,
                                $choice->along(),
                                $choice->up(),
                                slides: false,
                            );
                            // Both leaves of two that pass would eat into their overlap: there a size short by a tape's
                            // error is too small.
                            $slack = $hang->rails() > 1 ? Length::zero() : Tolerance::tape();
                            $widths = self::nearest(
                                $leaf->stockWidths,
                                $plan->layout->width->needed->total->minus($slack),
                            );
                            $heights = self::nearest(
                                $leaf->stockHeights,
                                $plan->heights->leaf->needed->total->minus(Tolerance::tape()),
                            );
                            $short[] =
                                count($leaf->stockWidths) -
                                count($widths) +
                                count($leaf->stockHeights) -
                                count($heights);
                            $found[] = [$choice, [null, ...$widths], [null, ...$heights]];
                        }
                    }
                }
            }
        }

        return [$found, $short === [] ? 0 : min($short)];
    }

    /**
     * @param  list<Length>  $stock
     * @return list<Length> those that reach, the nearest first
     */
    private static function nearest(array $stock, Length $least): array
    {
        $reach = array_values(array_filter($stock, fn (Length $size) => ! $size->isUnder($least)));
        usort($reach, fn (Length $a, Length $b) => $a->nm <=> $b->nm);

        return $reach;
    }

    /** @return list<Length> past the jamb, as the brief has it, flush with it, short of it, and over the casing */
    private function parks(Hang $hang): array
    {
        if ($hang->rails() > 1) {
            return [Length::zero()];
        }
        $parks = [];
        foreach ([$this->doorway->brief->rules->park, Length::zero(), Length::mm(-60), Length::mm(30)] as $park) {
            $parks[$park->nm] = $park;
        }

        return array_values($parks);
    }
}
