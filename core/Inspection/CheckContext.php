<?php

declare(strict_types=1);

namespace YokeLine\Inspection;

use YokeLine\Doorway\Brief;
use YokeLine\Doorway\EndBy;
use YokeLine\Doorway\HouseRules;
use YokeLine\Doorway\Kit;
use YokeLine\Doorway\Obstacle;
use YokeLine\Doorway\Opens;
use YokeLine\Doorway\Yard;
use YokeLine\Holding\Anchoring;
use YokeLine\Holding\Fasteners;
use YokeLine\Measure\Length;
use YokeLine\Measure\LengthWriter;
use YokeLine\Measure\Message;
use YokeLine\Planning\Plan;
use YokeLine\Planning\PlannedLeaf;
use YokeLine\Planning\Tolerance;

/**
 * What a check is given: the plan, and the kits on the shelf.
 *
 * @phpstan-import-type Value from Message
 */
final readonly class CheckContext
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
                $found[] = [$name, $finding];
            }
        }
        foreach ($found as $i => [$name, $finding]) {
            $alike = array_keys(array_filter($found, fn (array $other) => $other[1]->isLike($finding)));
            if (count($alike) !== count($this->leaves)) {
                yield $finding->ofLeaf($name);
            } elseif ($alike[0] === $i) {
                yield $finding;
            }
        }
    }

    /** Whether $length is under $wanted by more than a tape can be off. */
    public function isShort(Length $length, Length $wanted): bool
    {
        return $length->isUnder($wanted->minus(Tolerance::tape()));
    }

    /** Up to the next step of the document's unit: what a cure sets. */
    public function up(Length $length): Length
    {
        return $length->roundedUpTo($this->plan->doorway->step());
    }

    public function down(Length $length): Length
    {
        return $length->roundedDownTo($this->plan->doorway->step());
    }

    /**
     * @param  array<string, Length|string|bool|null>  $changes
     * @param  array<string, Value>  $with  what it is said with, beside the first length it sets
     */
    public function cure(string $code, array $changes, array $with = []): Cure
    {
        if (! $this->curing) {
            return new Cure($code, []);
        }
        $exact = new LengthWriter($this->plan->doorway->units);
        $set = array_values(array_filter($changes, fn ($value) => $value instanceof Length));

        return new Cure(
            $code,
            array_map(
                fn (Length|string|bool|null $value) => $value instanceof Length ? $exact->exact($value) : $value,
                $changes,
            ),
            [...$set === [] ? [] : ['to' => $set[0]], ...$with],
        );
    }

    /**
     * @param  'shut'|'open'  ...$ways
     * @return list<Cure> a buffer on what stands beside the leaf, instead of a stop
     */
    public function buffers(string ...$ways): array
    {
        $cures = [];
        foreach ($this->plan->layout->runs as $leaf => $run) {
            foreach ($ways as $way) {
                $place = $this->brief->ends->place($leaf, $way);
                if ($this->brief->ends->by($leaf, $way) === EndBy::Stop) {
                    $cures[$place] = $this->cure('buffer', [$place => EndBy::WallBuffer->value]);
                }
            }
        }

        return array_values($cures);
    }

    /** @return list<Cure> a board that is at least so thick, as the yard has it */
    public function boardThick(Length $least): array
    {
        $thick = Yard::thickness($least, $this->plan->doorway->units);

        return $thick === null ? [] : [$this->cure('board-thick', ['brief.header.thickness' => $thick])];
    }

    /**
     * A board that is at least so wide, as the yard has it.
     *
     * @param  array<string, string>  $and  what else is set
     * @return list<Cure>
     */
    public function boardWide(Length $least, string $code = 'board-wide', array $and = []): array
    {
        $wide = Yard::width($least, $this->plan->doorway->units);

        return $wide === null ? [] : [$this->cure($code, [...$and, 'brief.header.width' => $wide])];
    }

    /** Parking further past the jamb, or short of it. */
    public function park(Length $past): Cure
    {
        return $this->cure(
            $past->isNegative() ? 'park-short' : 'park-past',
            ['brief.rules.park' => $past],
            ['by' => $past->absolute()],
        );
    }

    public function washers(): Cure
    {
        $fasteners = Fasteners::of($this->plan->doorway->units);

        return $this->cure(
            'washers',
            ['brief.rules.washers' => true],
            ['wide' => $fasteners->washerWidth(), 'thick' => $fasteners->washerThickness()],
        );
    }

    public function openTo(Opens $side): Cure
    {
        return $this->cure('open-to', ['brief.opens' => $side->value], ['side' => $side]);
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
        return $this->cure('move-away', ["{$obstacle->place}.moved" => true], ['what' => $obstacle->called()]);
    }

    /** @return list<Cure> every other kit on the shelf; what does not cure is left out when cures are proved */
    public function otherKits(): array
    {
        if (! $this->curing) {
            return [];
        }
        $others = array_filter(
            Kit::soldIn($this->plan->doorway->units, $this->kits, $this->kit->id),
            fn (Kit $kit) => $kit->id !== $this->kit->id && in_array($this->brief->hang, $kit->hangs, true),
        );

        return array_values(
            array_map(fn (Kit $kit) => $this->cure('kit', ['brief.kit' => $kit->id], ['kit' => $kit->name]), $others),
        );
    }

    /** @return list<Cure> the next stock height and a made-to-order one, neither under $least */
    public function higherLeaf(Length $least): array
    {
        return $this->otherSize(
            'brief.leaf.height',
            'leaf-high',
            array_filter($this->brief->leaf->stockHeights, fn (Length $size) => ! $size->isUnder($least)),
            $this->up($least),
        );
    }

    /** @return list<Cure> */
    public function lowerLeaf(Length $greatest): array
    {
        return $this->otherSize(
            'brief.leaf.height',
            'leaf-high',
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
            'leaf-wide',
            array_filter($this->brief->leaf->stockWidths, fn (Length $size) => ! $size->isUnder($least)),
            $this->up($least),
        );
    }

    /**
     * @param  array<Length>  $stock
     * @return list<Cure>
     */
    private function otherSize(string $path, string $code, array $stock, Length $made): array
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

        return array_values(array_map(fn (int $nm) => $this->cure($code, [$path => Length::nm($nm)]), $sizes));
    }
}
