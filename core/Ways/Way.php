<?php

declare(strict_types=1);

namespace YokeLine\Ways;

use YokeLine\Inspection\Finding;
use YokeLine\Inspection\Severity;
use YokeLine\Measure\Length;
use YokeLine\Measure\Sum;
use YokeLine\Planning\Plan;

/** One way of hanging a door here: the choice, what it comes to, and what is wrong with it. */
final readonly class Way
{
    /**
     * @param  list<Finding>  $settle  what must be settled
     * @param  ?Finding  $stop  what stops it, null where nothing does
     * @param  ?float  $price  of the kit, where it is known
     * @param  bool  $isHeld  whether it was asked what holds it: before that nothing is called working
     */
    private function __construct(
        public Choice $choice,
        public Length $passage,
        public Length $leafWidth,
        public Length $leafHeight,
        public Length $yokeLine,
        public Length $overlap,
        public Length $rail,
        public float $massKg,
        public int $leaves,
        public bool $isStock,
        public array $settle,
        public ?Finding $stop,
        public ?float $price,
        public bool $isHeld = false,
    ) {}

    /** @param  list<Finding>  $findings */
    public static function of(Choice $choice, Plan $plan, array $findings): self
    {
        [$settle, $stop] = self::grave($findings);
        $layout = $plan->layout;
        $jambs = $plan->room->opening->span();
        $covered = $layout->shut();

        return new self(
            $choice,
            Length::least(...array_map(fn (Sum $passage) => $passage->total, array_values($layout->passages))),
            $layout->width->size->total,
            $plan->heights->leaf->size->total,
            $plan->yokeLine(),
            Length::least($jambs->low->minus($covered->low), $covered->high->minus($jambs->high)),
            $plan->rail->length->total,
            $plan->mass->kg,
            count($layout->runs),
            $layout->width->origin !== 'made-to-order' &&
                $plan->heights->leaf->origin !== 'made-to-order' &&
                ! $plan->rail->isCut(),
            $settle,
            $stop,
            $plan->kit->price,
        );
    }

    /**
     * The same with what its anchoring says.
     *
     * @param  list<Finding>  $findings
     */
    public function heldBy(array $findings): self
    {
        [$settle, $stop] = self::grave($findings);

        return new self(
            $this->choice,
            $this->passage,
            $this->leafWidth,
            $this->leafHeight,
            $this->yokeLine,
            $this->overlap,
            $this->rail,
            $this->massKg,
            $this->leaves,
            $this->isStock,
            [...$this->settle, ...$settle],
            $this->stop ?? $stop,
            $this->price,
            true,
        );
    }

    /**
     * @param  list<Finding>  $findings
     * @return array{list<Finding>, ?Finding} what must be settled, and the first that stops it
     */
    private static function grave(array $findings): array
    {
        $settle = [];
        $stop = null;
        foreach ($findings as $finding) {
            if ($finding->severity === Severity::Stop) {
                $stop ??= $finding;
            } elseif ($finding->severity === Severity::Settle) {
                $settle[] = $finding;
            }
        }

        return [$settle, $stop];
    }

    /** Whether nothing stops it, as far as it was asked. */
    public function works(): bool
    {
        return $this->stop === null;
    }

    /** Two ways that come to the same numbers; of those the first asked for is shown. */
    public function sameAs(): string
    {
        return self::key($this->choice, $this->leafWidth, $this->leafHeight);
    }

    /** What `sameAs` will be of a choice. */
    public static function comesTo(Choice $choice, Plan $plan): string
    {
        return self::key($choice, $plan->layout->width->size->total, $plan->heights->leaf->size->total);
    }

    private static function key(Choice $choice, Length $width, Length $height): string
    {
        return "{$choice->arrangement()} {$choice->park->nm} {$width->nm} {$height->nm}";
    }

    /** Whether no number that people weigh is worse than the other's, and one is better. */
    public function beats(self $other): bool
    {
        $no = [
            $this->passage->nm >= $other->passage->nm,
            count($this->settle) <= count($other->settle),
            ($this->price ?? 0) <= ($other->price ?? 0) || $this->price === null || $other->price === null,
        ];
        $better =
            $this->passage->nm > $other->passage->nm ||
            count($this->settle) < count($other->settle) ||
            ($this->price !== null && $other->price !== null && $this->price < $other->price);

        return ! in_array(false, $no, true) && $better;
    }
}
