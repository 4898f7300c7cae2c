<?php

declare(strict_types=1);

namespace YokeLine\Drawing;

use YokeLine\Measure\Length;
use YokeLine\Measure\Span;
use YokeLine\Planning\LeafRun;
use YokeLine\Planning\Plan;

/** What hangs, face on: header board, rail, and each leaf with its hangers and its pull. */
final readonly class HungDoor
{
    public function __construct(private Plan $plan) {}

    /** @return list<Shape> */
    public function board(): array
    {
        $header = $this->plan->header;

        return $header === null
            ? []
            : [Shape::spanned('header', $header->span, new Span($header->foot->total, $header->top->total))];
    }

    public function rail(): Shape
    {
        return Shape::spanned('rail', $this->plan->rail->span, $this->railUp());
    }

    /** How high the rail is, from its foot to its top. */
    public function railUp(): Span
    {
        $yoke = $this->plan->yokeLine();

        return (new Span($yoke, $yoke))->widened($this->plan->kit->rail->height->half());
    }

    /** @return list<Shape> the leaf nearest the wall first, behind the others */
    public function leaves(): array
    {
        $shapes = [];
        foreach ($this->plan->layout->runs as $name => $run) {
            array_push($shapes, $this->ghost($run), $this->leaf($name, $run));
        }

        return $shapes;
    }

    private function ghost(LeafRun $run): Shape
    {
        $heights = $this->plan->heights;

        return Shape::spanned('ghost', $run->open(), new Span($heights->gap->low, $heights->leafTop()));
    }

    public function leaf(string $name, LeafRun $run): Shape
    {
        $leaf = $run->closed();
        $foot = $this->plan->heights->gap->low;
        $top = $this->plan->heights->leafTop();
        $stile = Length::least($this->plan->doorway->brief->leaf->stile, $leaf->length()->half());
        $inner = $leaf->widened($stile->negated());
        $shapes = [
            Shape::spanned('leaf', $leaf, new Span($foot, $top)),
            Shape::spanned(
                'leaf-panel',
                $inner,
                new Span($foot->plus($stile->times(2)), $this->plan->doorway->brief->rules->pullHeight->minus($stile)),
            ),
            Shape::spanned(
                'leaf-panel',
                $inner,
                new Span($this->plan->doorway->brief->rules->pullHeight->plus($stile), $top->minus($stile)),
            ),
        ];
        $tread = $this->plan->yokeLine()->plus($this->plan->kit->rail->height->half());
        $holes = $this->plan->heights->hangerHoles;
        $strapFoot = $top->minus($holes === [] ? Length::zero() : Length::greatest(...$holes)->plus(Length::mm(25)));
        foreach ($this->plan->hangers()->at as $inset) {
            $x = $run->fromLeading($leaf, $inset);
            $width = $this->plan->kit->hanger->strapWidth;
            $shapes[] = Shape::spanned(
                'strap',
                Span::from($x->minus($width->half()), $width),
                new Span($strapFoot, $tread->plus($this->plan->kit->hanger->above->half())),
            );
            $shapes[] = Shape::circle(
                'wheel',
                $x->toMm(),
                -$tread->plus($this->plan->kit->hanger->above->half())->toMm(),
                $this->plan->kit->hanger->above->half()->toMm(),
            );
            $shapes[] = Shape::circle(
                'hub',
                $x->toMm(),
                -$tread->plus($this->plan->kit->hanger->above->half())->toMm(),
                8.0,
            );
        }
        $pull = $run->fromLeading($leaf, $stile->half());
        $shapes[] = Shape::spanned(
            'pull',
            Span::from($pull->minus(Length::mm(9)), Length::mm(18)),
            Span::from($this->plan->doorway->brief->rules->pullHeight->minus(Length::mm(130)), Length::mm(260)),
        );

        return Shape::group('leaf-group', $shapes, ['data-slides' => (string) $run->direction, 'data-leaf' => $name]);
    }
}
