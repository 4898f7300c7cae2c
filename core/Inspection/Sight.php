<?php

declare(strict_types=1);

namespace YokeLine\Inspection;

use YokeLine\Doorway\Brief;
use YokeLine\Doorway\HouseRules;
use YokeLine\Doorway\Kit;
use YokeLine\Doorway\Obstacle;
use YokeLine\Holding\Anchoring;
use YokeLine\Measure\Length;
use YokeLine\Measure\LengthWriter;
use YokeLine\Planning\Plan;
use YokeLine\Planning\PlannedLeaf;
use YokeLine\Planning\Tolerance;

/** What a check is given: the plan, the kits on the shelf, and how lengths are said. */
final readonly class Sight
{
    public Brief $brief;

    public HouseRules $rules;

    public Kit $kit;

    /** @var non-empty-array<string, PlannedLeaf> */
    public array $leaves;

    /**
     * @param  array<string, Kit>  $kits by id
     * @param  ?Anchoring  $anchoring  where it is known already
     * @param  bool  $curing  whether anyone will look at cures: thousands of ways are told apart without
     */
    public function __construct(
        public Plan $plan,
        public array $kits,
        public LengthWriter $write,
        private bool $curing = true,
        private ?Anchoring $anchoring = null,
    ) {
        $this->brief = $plan->doorway->brief;
        $this->rules = $this->brief->rules;
        $this->kit = $plan->kit;
        $this->leaves = $plan->leaves();
    }

    /** How this plan is held; worked when it is first asked for. */
    public function anchoring(): Anchoring
    {
        return $this->anchoring ?? Anchoring::of($this->plan);
    }

    /**
     * What is asked of each leaf by itself. What all of them say alike is said once, anything else names its leaf.
     *
     * @param  callable(PlannedLeaf): iterable<Finding>  $look
     * @return iterable<Finding>
     */
    public function ofEachLeaf(callable $look): iterable
    {
        $found = [];
        foreach ($this->leaves as $name => $leaf) {
            foreach ($look($leaf) as $finding) {
                $found["{$finding->code->value} {$finding->says} {$finding->more}"][$name] = $finding;
            }
        }
        foreach ($found as $alike) {
            foreach (count($alike) === count($this->leaves) ? array_slice($alike, 0, 1) : $alike as $name => $finding) {
                yield count($alike) === count($this->leaves) ? $finding : $finding->ofLeaf($name);
            }
        }
    }

    /** Whether $length is under $wanted by more than a tape can be off. */
    public function isShort(Length $length, Length $wanted): bool
    {
        return $length->isUnder($wanted->minus(Tolerance::tape()));
    }

    public function say(Length $length): string
    {
        return $this->write->show($length);
    }

    /** A shortfall, rounded up. */
    public function sayShort(Length $length): string
    {
        return $this->write->showUp($length);
    }

    /** Up to the next step of the document's unit: what a cure sets. */
    public function up(Length $length): Length
    {
        return $length->roundedUpTo($this->plan->doorway->units->step());
    }

    public function down(Length $length): Length
    {
        return $length->roundedDownTo($this->plan->doorway->units->step());
    }

    /** @param  array<string, Length|string|bool|null>  $changes */
    public function cure(string $says, array $changes): Cure
    {
        if (! $this->curing) {
            return new Cure($says, []);
        }
        $exact = new LengthWriter($this->plan->doorway->units);

        return new Cure(
            $says,
            array_map(
                fn (Length|string|bool|null $value) => $value instanceof Length ? $exact->exact($value) : $value,
                $changes,
            ),
        );
    }

    /**
     * Cures that take some seeking, sought where anyone will look at them.
     *
     * @param  callable(): list<Cure>  $seek
     * @return list<Cure>
     */
    public function cures(callable $seek): array
    {
        return $this->curing ? $seek() : [];
    }

    /** Taking an obstacle off the wall or out of the way: a step of its own, with its making good. */
    public function moveAway(Obstacle $obstacle): Cure
    {
        return $this->cure("Move the {$obstacle->name} away", ["{$obstacle->place}.moved" => true]);
    }

    /** @return list<Cure> every other kit on the shelf; what does not cure is left out when cures are proved */
    public function otherKits(): array
    {
        if (! $this->curing) {
            return [];
        }
        $others = array_filter(
            $this->kits,
            fn (Kit $kit) => $kit->id !== $this->kit->id && in_array($this->brief->hang, $kit->hangs, true),
        );

        return array_values(
            array_map(fn (Kit $kit) => $this->cure("Kit: {$kit->name}", ['brief.kit' => $kit->id]), $others),
        );
    }

    /** @return list<Cure> the next stock height and a made-to-order one, neither under $least */
    public function higherLeaf(Length $least): array
    {
        return $this->otherSize(
            'brief.leaf.height',
            'Leaf %s high',
            array_filter($this->brief->leaf->stockHeights, fn (Length $size) => ! $size->isUnder($least)),
            $this->up($least),
        );
    }

    /** @return list<Cure> */
    public function lowerLeaf(Length $greatest): array
    {
        return $this->otherSize(
            'brief.leaf.height',
            'Leaf %s high',
            array_reverse(
                array_filter($this->brief->leaf->stockHeights, fn (Length $size) => ! $size->isOver($greatest)),
            ),
            $this->down($greatest),
        );
    }

    /** @return list<Cure> */
    public function widerLeaf(Length $least): array
    {
        return $this->otherSize(
            'brief.leaf.width',
            'Leaf %s wide',
            array_filter($this->brief->leaf->stockWidths, fn (Length $size) => ! $size->isUnder($least)),
            $this->up($least),
        );
    }

    /**
     * @param  array<Length>  $stock
     * @return list<Cure>
     */
    private function otherSize(string $path, string $says, array $stock, Length $made): array
    {
        if (! $this->curing) {
            return [];
        }
        $sizes = array_unique(
            array_map(fn (Length $size) => $size->nm, [
                ...array_slice($stock, 0, 1),
                ...$made->isPositive() ? [$made] : [],
            ]),
        );

        return array_values(
            array_map(
                fn (int $nm) => $this->cure(sprintf($says, $this->say(Length::nm($nm))), [$path => Length::nm($nm)]),
                $sizes,
            ),
        );
    }
}
