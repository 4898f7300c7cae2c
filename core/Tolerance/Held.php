<?php

declare(strict_types=1);

namespace YokeLine\Tolerance;

use ArrayObject;
use Closure;
use YokeLine\Catalog\Catalog;
use YokeLine\Doorway\PlusMinus;
use YokeLine\Measure\Length;
use YokeLine\Planning\Plan;

/**
 * A plan with its decisions held, and its inputs as they may be off: what was decided stays where it was marked, and
 * what it meets moves.
 * Everything is linear in the inputs.
 */
final readonly class Held
{
    /**
     * @param  array<string, array{Length, Length}>  $inputs  what each is, and how far it may be off
     * @param  array<string, int>  $off  nanometres, by input
     * @param  ?ArrayObject<string, true>  $asked  what was asked for is written down here
     */
    private function __construct(
        public Plan $plan,
        public array $inputs,
        private array $off = [],
        private ?ArrayObject $asked = null,
    ) {}

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
        $asked = new ArrayObject();
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

        return $low->plus(
            $this->by("{$after->place}.level")
                ->minus($low)
                ->scaled($x->minus($before->x)->nm, $after->x->minus($before->x)->nm),
        );
    }

    /**
     * @return array<string, array{Length, Length}> in the order in which of two alike the first is named: survey, leaf,
     * hole, kit, mark
     */
    private static function inputs(Plan $plan, PlusMinus $by): array
    {
        $survey = $plan->doorway->survey;
        $opening = $plan->room->opening;
        $kit = $plan->kit;
        $zero = Length::zero();
        $told = [
            'survey.wall.from' => $plan->room->wall->low,
            'survey.wall.to' => $plan->room->wall->high,
            'survey.opening.left' => $opening->left,
        ];
        if ($survey->ceiling !== null) {
            $told['survey.wall.ceiling'] = $survey->ceiling;
        }
        foreach ($opening->widths as $i => $width) {
            $told["survey.opening.width[{$i}]"] = $width;
        }
        foreach ($opening->heights as $i => $height) {
            $told["survey.opening.height[{$i}]"] = $height;
        }
        if ($opening->casing->thickness->isPositive() || $opening->casing->head->isPositive()) {
            $told += [
                'survey.opening.casing.head' => $opening->casing->head,
                'survey.opening.casing.thickness' => $opening->casing->thickness,
            ];
        }
        if ($plan->room->baseboard !== null) {
            $told['survey.baseboard.thickness'] = $plan->room->baseboard->thickness;
        }
        foreach ($survey->floor as $reading) {
            $told["{$reading->place}.level"] = $reading->level;
        }
        foreach ($survey->obstacles as $obstacle) {
            $told["{$obstacle->place}.projection"] = $obstacle->projection;
        }
        foreach ($survey->studs as $stud) {
            $told += ["{$stud->place}.x" => $stud->x, "{$stud->place}.width" => $stud->width];
        }
        $found = [
            ...self::unsure($told, $by),
            'leaf.width' => [$plan->layout->width->size->total, $by->leaf],
            'leaf.height' => [$plan->heights->leaf->size->total, $by->leaf],
        ];
        $found += self::unsure(['brief.leaf.thickness' => $plan->thickness], $by);
        if ($plan->header !== null) {
            $found += self::unsure(
                [
                    'brief.header.width' => $plan->header->top->total->minus($plan->header->foot->total),
                    'brief.header.thickness' => $plan->header->thickness,
                ],
                $by,
            );
        }
        $found['hole.hanger'] = [$zero, $by->hole];
        $found += self::unsure(
            [
                'kit.rise' => $kit->rise,
                'kit.standoff' => $kit->standoff,
                'kit.rail.height' => $kit->rail->height,
                'kit.rail.thickness' => $kit->rail->thickness,
                'kit.hanger.strap_plane' => $kit->hanger->strapPlane,
                'kit.hanger.strap_thickness' => $kit->hanger->strapThickness,
                'kit.hanger.above' => $kit->hanger->above,
                'kit.hanger.lift_on' => $kit->hanger->liftOn,
                'kit.guide.length' => $kit->guide->length,
                'kit.guide.blade_height' => $kit->guide->style->needsGroove()
                    ? $kit->guide->bladeHeight
                    : $kit->guide->cheek,
                'kit.stop.body' => $kit->stop->body,
                'kit.track_pitch' => $kit->trackPitch ?? $zero,
            ],
            $by,
        );
        foreach (
            [
                'yoke',
                'foot',
                ...array_map(fn (string $leaf) => "{$leaf}shut", self::leaves($plan)),
                ...array_map(fn (string $leaf) => "{$leaf}open", self::leaves($plan)),
                'rail',
                ...array_map(
                    fn (string $guide) => $guide === 'guide' ? 'guide' : "{$guide}.guide",
                    array_keys($plan->guides),
                ),
            ] as $mark
        ) {
            $found["mark.{$mark}"] = [$zero, $by->tape];
        }

        return $found;
    }

    /**
     * @param  array<string, Length>  $told
     * @return array<string, array{Length, Length}> with how far each may be off, as the catalogue says
     */
    private static function unsure(array $told, PlusMinus $by): array
    {
        $inputs = [];
        foreach ($told as $place => $is) {
            $inputs[$place] = [$is, $by->of(Catalog::whole()->at($place)->unsure)];
        }

        return $inputs;
    }

    /** @return list<string> what the marks of a leaf begin with: nothing where there is but one */
    private static function leaves(Plan $plan): array
    {
        return count($plan->layout->runs) === 1
            ? ['']
            : array_map(fn (string $leaf) => "{$leaf}.", array_keys($plan->layout->runs));
    }
}
