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
     * @param  list<string>  $settle  headlines of what must be settled
     * @param  ?string  $stop  the reason it does not work, null where it does
     * @param  ?float  $price  of the kit, where it is known
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
        public ?string $stop,
        public ?float $price,
    ) {}

    /** @param  list<Finding>  $findings */
    public static function of(Choice $choice, Plan $plan, array $findings): self
    {
        $settle = [];
        $stop = null;
        foreach ($findings as $finding) {
            if ($finding->severity === Severity::Stop) {
                $stop ??= $finding->says;
            } elseif ($finding->severity === Severity::Settle) {
                $settle[] = $finding->says;
            }
        }
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
            $layout->width->origin !== 'made to order' && $plan->heights->leaf->origin !== 'made to order' && $plan->rail->origin === 'stock',
            $settle,
            $stop,
            $plan->kit->price,
        );
    }

    public function works(): bool
    {
        return $this->stop === null;
    }

    /** Ways that differ in size and parking only are one arrangement. */
    public function arrangement(): string
    {
        $choice = $this->choice;

        return "{$choice->hang->value} {$choice->opens->value} {$choice->kit} {$choice->backing->value} {$choice->cover->value}";
    }

    /** Two ways that come to the same numbers; of those the first asked for is shown. */
    public function sameAs(): string
    {
        $choice = $this->choice;

        return implode(' ', [$choice->hang->value, $choice->opens->value, $choice->kit, $choice->backing->value, $choice->cover->value, $choice->park->nm, $this->leafWidth->nm, $this->leafHeight->nm]);
    }

    /** Whether no number that people weigh is worse than the other's, and one is better. */
    public function beats(self $other): bool
    {
        $no = [$this->passage->nm >= $other->passage->nm, count($this->settle) <= count($other->settle), ($this->price ?? 0) <= ($other->price ?? 0) || $this->price === null || $other->price === null];
        $better = $this->passage->nm > $other->passage->nm || count($this->settle) < count($other->settle) || ($this->price !== null && $other->price !== null && $this->price < $other->price);

        return ! in_array(false, $no, true) && $better;
    }
}
