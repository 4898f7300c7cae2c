<?php

declare(strict_types=1);

namespace YokeLine\Work\Tolerance;

use ArrayObject;
use Closure;
use YokeLine\Doorway\PlusMinus;
use YokeLine\Measure\Length;
use YokeLine\Planning\Plan;

/**
 * A plan with its decisions held, and its inputs as they may be off: what was decided stays where it was marked, and what it meets moves.
 * Everything is linear in the inputs.
 */
final readonly class Held
{
    /**
     * @param  array<string, array{Length, Length}>  $inputs  what each is, and how far it may be off
     * @param  array<string, int>  $off  nanometres, by input
     * @param  ?ArrayObject<string, true>  $asked  what was asked for is written down here
     */
    private function __construct(public Plan $plan, public array $inputs, private array $off = [], private ?ArrayObject $asked = null) {}

    public static function of(Plan $plan, PlusMinus $by): self
    {
        return new self($plan, self::inputs($plan, $by));
    }

    public function off(string $input, Length $by): self
    {
        return new self($this->plan, $this->inputs, [$input => $by->nm]);
    }

    /**
     * A difference as all is, and the inputs it hangs on: the others do nothing to it.
     *
     * @param  Closure(self): Length  $difference
     * @return array{Length, array<string, array{Length, Length}>}
     */
    public function told(Closure $difference): array
    {
        /** @var ArrayObject<string, true> $asked */
        $asked = new ArrayObject;
        $is = $difference(new self($this->plan, $this->inputs, [], $asked));

        return [$is, array_intersect_key($this->inputs, $asked->getArrayCopy())];
    }

    /** An input as it is; what is no input of this doorway is not off. */
    public function at(string $input): Length
    {
        return ($this->inputs[$input][0] ?? Length::zero())->plus($this->by($input));
    }

    /** How far an input is off. */
    public function by(string $input): Length
    {
        if ($this->asked !== null) {
            $this->asked[$input] = true;
        }

        return Length::nm($this->off[$input] ?? 0);
    }

    /** f(x): the floor at x, from where the tape stood at the high spot. */
    public function floor(Length $x): Length
    {
        return $this->plan->floor->at($x)->plus($this->level($x))->minus($this->level($this->plan->floor->highSpot()));
    }

    /** How far the level at x is off, by the readings that it lies between. */
    private function level(Length $x): Length
    {
        [$before, $after] = $this->plan->floor->around($x);
        if ($after === null) {
            return Length::zero();
        }
        if ($before === null || $before === $after || $after->x->equals($x)) {
            return $this->by("{$after->place}.level");
        }
        $low = $this->by("{$before->place}.level");

        return $low->plus($this->by("{$after->place}.level")->minus($low)->scaled($x->minus($before->x)->nm, $after->x->minus($before->x)->nm));
    }

    /** @return array<string, array{Length, Length}> in the order in which of two alike the first is named: survey, leaf, hole, kit, mark */
    private static function inputs(Plan $plan, PlusMinus $by): array
    {
        $survey = $plan->doorway->survey;
        $opening = $plan->room->opening;
        $kit = $plan->kit;
        $zero = Length::zero();
        $found = ['survey.wall.from' => [$plan->room->wall->low, $by->tape], 'survey.wall.to' => [$plan->room->wall->high, $by->tape], 'survey.opening.left' => [$opening->left, $by->tape]];
        if ($survey->ceiling !== null) {
            $found['survey.wall.ceiling'] = [$survey->ceiling, $by->tape];
        }
        foreach ($opening->widths as $i => $width) {
            $found["survey.opening.width[{$i}]"] = [$width, $by->tape];
        }
        foreach ($opening->heights as $i => $height) {
            $found["survey.opening.height[{$i}]"] = [$height, $by->tape];
        }
        if ($opening->casing->thickness->isPositive() || $opening->casing->head->isPositive()) {
            $found += ['survey.opening.casing.head' => [$opening->casing->head, $by->tape], 'survey.opening.casing.thickness' => [$opening->casing->thickness, $by->tape]];
        }
        if ($plan->room->baseboard !== null) {
            $found['survey.baseboard.thickness'] = [$plan->room->baseboard->thickness, $by->tape];
        }
        foreach ($survey->floor as $reading) {
            $found["{$reading->place}.level"] = [$reading->level, $by->level];
        }
        foreach ($survey->obstacles as $obstacle) {
            $found["{$obstacle->place}.projection"] = [$obstacle->projection, $by->tape];
        }
        foreach ($survey->studs as $stud) {
            $found += ["{$stud->place}.x" => [$stud->x, $by->tape], "{$stud->place}.width" => [$stud->width, $by->tape]];
        }
        $found += ['leaf.width' => [$plan->layout->width->size->total, $by->leaf], 'leaf.height' => [$plan->heights->leaf->size->total, $by->leaf], 'brief.leaf.thickness' => [$plan->thickness, $by->kit]];
        if ($plan->header !== null) {
            $found += ['brief.header.width' => [$plan->header->top->total->minus($plan->header->foot->total), $by->kit], 'brief.header.thickness' => [$plan->header->thickness, $by->kit]];
        }
        $found['hole.hanger'] = [$zero, $by->hole];
        foreach (['rise' => $kit->rise, 'standoff' => $kit->standoff, 'rail.height' => $kit->rail->height, 'rail.thickness' => $kit->rail->thickness, 'hanger.strap_plane' => $kit->hanger->strapPlane, 'hanger.strap_thickness' => $kit->hanger->strapThickness, 'hanger.above' => $kit->hanger->above, 'hanger.lift_on' => $kit->hanger->liftOn, 'guide.length' => $kit->guide->length, 'guide.blade_height' => $kit->guide->style->needsGroove() ? $kit->guide->bladeHeight : $kit->guide->cheek, 'stop.body' => $kit->stop->body, 'track_pitch' => $kit->trackPitch ?? $zero] as $number => $is) {
            $found["kit.{$number}"] = [$is, $by->kit];
        }
        foreach (['yoke', 'foot', ...array_map(fn (string $leaf) => "{$leaf}shut", self::leaves($plan)), ...array_map(fn (string $leaf) => "{$leaf}open", self::leaves($plan)), 'rail', ...array_map(fn (string $guide) => $guide === 'guide' ? 'guide' : "{$guide}.guide", array_keys($plan->guides))] as $mark) {
            $found["mark.{$mark}"] = [$zero, $by->tape];
        }

        return $found;
    }

    /** @return list<string> what the marks of a leaf begin with: nothing where there is but one */
    private static function leaves(Plan $plan): array
    {
        return count($plan->layout->runs) === 1 ? [''] : array_map(fn (string $leaf) => "{$leaf}.", array_keys($plan->layout->runs));
    }
}
