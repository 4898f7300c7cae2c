<?php

declare(strict_types=1);

namespace YokeLine\Recovery;

use YokeLine\Doorway\Doorway;
use YokeLine\Format\Document;
use YokeLine\Format\DoorwayReader;
use YokeLine\Format\UnreadableFile;
use YokeLine\Holding\Anchoring;
use YokeLine\Measure\Length;
use YokeLine\Measure\LengthWriter;
use YokeLine\Measure\Span;
use YokeLine\Planner\Planner;
use YokeLine\Planning\NotYetMeasured;
use YokeLine\Planning\Plan;
use YokeLine\Work\Facts;
use YokeLine\Work\Order;
use YokeLine\Work\StepKind;

/** A doorway in the middle of its installation: its plan, and what is done and so fixed. */
final readonly class OnSite
{
    private const ON_BOARD_MM = 30;

    /** @param  list<StepKind>  $done  kinds of steps that are done */
    public function __construct(public Document $document, public Plan $plan, private array $done = []) {}

    public function isDone(StepKind $kind): bool
    {
        return in_array($kind, $this->done, true);
    }

    public function doorway(): Doorway
    {
        return $this->plan->doorway;
    }

    /**
     * The plan with something of the document otherwise, the kit as it is; null where none comes out.
     *
     * @param  array<string, Length|bool|string|null>  $changes
     */
    public function again(array $changes): ?Plan
    {
        $document = $this->document;
        foreach ($this->written($changes) as $place => $value) {
            $document = $value === null ? $document->without($place) : $document->with($place, $value);
        }
        try {
            return Planner::plan(DoorwayReader::read($document), $this->plan->kit);
        } catch (NotYetMeasured|UnreadableFile) {
            return null;
        }
    }

    /**
     * With something of the document otherwise; as it is where no plan comes out of that.
     *
     * @param  array<string, Length|bool|string|null>  $changes
     */
    public function with(array $changes): self
    {
        $plan = $this->again($changes);
        $document = array_reduce(
            array_keys($changes),
            fn (Document $on, string $place) => $on->with($place, $this->written($changes)[$place]),
            $this->document,
        );

        return $plan === null ? $this : new self($document, $plan, $this->done);
    }

    /**
     * Changes as the document keeps them.
     *
     * @param  array<string, Length|bool|string|null>  $changes
     * @return array<string, bool|string|null>
     */
    public function written(array $changes): array
    {
        $exact = new LengthWriter($this->doorway()->units);

        return array_map(
            fn (Length|bool|string|null $value) => $value instanceof Length ? $exact->exact($value) : $value,
            $changes,
        );
    }

    /** @param  list<StepKind>  $redo */
    public function minutes(array $redo, ?Plan $plan = null): int
    {
        $facts = Facts::of($plan ?? $this->plan);

        return array_sum(array_map(fn (StepKind $kind) => Order::minutesFor($kind, $facts), $redo));
    }

    /** The wall or board that the rail is bolted to is bored in this step. */
    public function boring(): StepKind
    {
        return $this->plan->header === null ? StepKind::BoreWall : StepKind::BoreBoard;
    }

    /** Where the rail's left end may lie: it covers its least, and its holes stay 30 inside the board. */
    public function slack(): Span
    {
        $range = Anchoring::of($this->plan)->place()->range;
        $board = $this->plan->header?->span->widened(Length::mm(-self::ON_BOARD_MM));
        $holes = $this->plan->rail->holes;
        if ($board === null || $holes === []) {
            return $range;
        }
        $left = $this->plan->rail->span->low;

        return new Span(
            Length::greatest($range->low, $board->low->plus($left)->minus($holes[0])),
            Length::least($range->high, $board->high->plus($left)->minus($holes[count($holes) - 1])),
        );
    }

    public function hungKg(): float
    {
        return $this->plan->hungKg();
    }
}
