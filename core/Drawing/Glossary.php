<?php

declare(strict_types=1);

namespace YokeLine\Drawing;

use YokeLine\Measure\Length;
use YokeLine\Measure\Span;
use YokeLine\Measure\Wording;
use YokeLine\Planning\Plan;

/** Each word of the trade shown in a small drawing of a real plan: what it names stands out, the rest stands back. */
final readonly class Glossary
{
    /** Word => the drawing that shows it, and the layers in it that the word names; [] where it is drawn by itself. */
    private const WORDS = [
        'opening' => ['face', ['opening']],
        'jamb' => ['face', []],
        'head' => ['face', []],
        'casing' => ['face', ['casing']],
        'baseboard' => ['face', ['baseboard']],
        'crown' => ['face', ['crown']],
        'stud' => ['face', ['stud']],
        'lining' => ['section', ['lining']],
        'door' => ['face', ['leaf']],
        'stile' => ['face', []],
        'pull' => ['face', ['pull']],
        'rail' => ['face', ['rail']],
        'rail-line' => ['face', ['yoke-line']],
        'header-board' => ['face', ['header']],
        'standoff' => ['section', ['standoff']],
        'hanger' => ['hanger', ['strap', 'wheel', 'hub']],
        'stop' => ['face', ['stop-block']],
        'guide' => ['face', ['guide']],
        'groove' => ['guide', ['groove']],
        'soft-close' => ['stop', ['catch']],
        'trigger' => ['stop', ['trigger']],
        'jump-disc' => ['stop', ['disc']],
        'overlap' => ['face', []],
        'head-overlap' => ['face', []],
        'floor-gap' => ['face', []],
        'travel' => ['face', []],
        'passage' => ['face', []],
        'headroom' => ['face', []],
        'parked' => ['face', ['ghost']],
    ];

    /** What of the elevation is no part of a wall or a door. */
    private const MEASURES = ['tape', 'mark', 'leader', 'reading', 'caption', 'pull-up'];

    /** What the door would hide. */
    private const BEHIND = ['opening', 'jamb', 'head', 'casing', 'passage'];

    /** Looked at from near, one of them where there are several. */
    private const SMALL = [
        'stop',
        'guide',
        'pull',
        'lining',
        'standoff',
        'groove',
        'trigger',
        'jump-disc',
        'soft-close',
    ];

    private function __construct(private Plan $plan, private Wording $wording) {}

    /** @return list<string> */
    public static function words(): array
    {
        return array_keys(self::WORDS);
    }

    /** @param  string  $word  one of `words` */
    public static function of(string $word, Plan $plan, Wording $wording): Scene
    {
        return (new self($plan, $wording))->scene($word);
    }

    private function scene(string $word): Scene
    {
        [$drawing, $layers] = self::WORDS[$word];
        $base = $this->base($drawing);
        $hides = fn (Shape $shape) => $shape->layer === 'leaf-group' && in_array($word, self::BEHIND, true);
        $own = $layers === [] ? $this->own($word) : [];
        $shapes = [...array_map(
            fn (Shape $shape) => $shape->naming($layers),
            array_values(array_filter($base->shapes, fn (Shape $shape) => ! $hides($shape))),
        ), ...$own];
        $whole = [$base->left, $base->top, $base->width, $base->height];
        $least = $drawing === 'face' ? 1500.0 : 420.0;
        [$left, $top, $width, $height] = match (true) {
            $drawing === 'hanger' => $whole,
            in_array($word, self::SMALL, true) => $this->around($shapes, $whole, $least / 2, 1),
            default => $this->around($shapes, $whole, $least),
        };

        return new Scene('glossary', $base->title, $left, $top, $width, $height, $shapes);
    }

    private function base(string $drawing): Scene
    {
        $scene = match ($drawing) {
            'section' => Section::of($this->plan, $this->wording),
            'hanger' => AtHanger::of($this->plan, $this->wording),
            'stop' => AtStop::each($this->plan, $this->wording)[0][1],
            'guide' => AtGuide::cut(
                $this->plan,
                (string) array_key_first($this->plan->guides),
                $this->wording,
            ),
            default => Elevation::of($this->plan, $this->wording),
        };

        return new Scene(
            $scene->name,
            $this->wording->say(Caption::of('glossary')),
            $scene->left,
            $scene->top,
            $scene->width,
            $scene->height,
            array_values(array_filter($scene->shapes, $this->isPart(...))),
        );
    }

    private function isPart(Shape $shape): bool
    {
        return array_filter(self::MEASURES, fn (string $layer) => str_starts_with($shape->layer, $layer)) === [];
    }

    /** @return list<Shape> what is no part by itself: an edge, or a distance */
    private function own(string $word): array
    {
        $plan = $this->plan;
        $run = array_values($plan->layout->runs)[0];
        [$jambs, $shut, $open] = [$plan->room->opening->span(), $run->closed(), $run->open()];
        [$foot, $top] = [$plan->heights->gap->low, $plan->heights->leafTop()];
        $head = Length::least(...$plan->room->opening->heights);
        $zero = Length::zero();
        $edge = Length::mm(14);
        $box = fn (Span $x, Span $y) => Shape::spanned('is-named', $x, $y);
        $thin = fn (Length $x) => (new Span($x, $x))->widened($edge);

        return match ($word) {
            'jamb' => [
                $box($thin($jambs->low), new Span($zero, $head)),
                $box($thin($jambs->high), new Span($zero, $head)),
            ],
            'head' => [$box($jambs, (new Span($head, $head))->widened($edge))],
            'stile' => [
                $box(Span::from($shut->low, $plan->doorway->brief->leaf->stile), new Span($foot, $top)),
                $box(
                    new Span($shut->high->minus($plan->doorway->brief->leaf->stile), $shut->high),
                    new Span($foot, $top),
                ),
            ],
            'overlap' => [
                $box(new Span($shut->low, $jambs->low), new Span($foot, $head)),
                $box(new Span($jambs->high, $shut->high), new Span($foot, $head)),
            ],
            'head-overlap' => [$box($shut, new Span($head, $top))],
            'floor-gap' => [$box($shut, new Span($zero, Length::greatest($foot, Length::mm(20))))],
            'travel' => [
                $box(
                    new Span(Length::least($shut->low, $open->low), Length::greatest($shut->low, $open->low)),
                    Span::from($foot->plus(Length::mm(1000)), Length::mm(28)),
                ),
            ],
            'passage' => [$box($jambs, new Span($zero, $head))],
            default => [$box($plan->rail->span, new Span($plan->heights->leafTop(), $plan->room->headroom))],
        };
    }

    /**
     * What is named, with enough of the wall round it to tell where it is.
     *
     * @param  list<Shape>  $shapes
     * @param  array{float, float, float, float}  $whole
     * @param  float  $least  how wide at least, mm
     * @param  ?int  $most  of how many of them
     * @return array{float, float, float, float}
     */
    private function around(array $shapes, array $whole, float $least, ?int $most = null): array
    {
        $boxes = array_merge([], ...array_map(fn (Shape $shape) => $shape->namedBoxes(), $shapes));
        $boxes = array_slice($boxes, 0, $most);
        if ($boxes === []) {
            return $whole;
        }
        $left = min(array_column($boxes, 0));
        $top = min(array_column($boxes, 1));
        $right = max(array_column($boxes, 2));
        $bottom = max(array_column($boxes, 3));
        $width = min($whole[2], max($right - $left + $least / 3, $least, ($bottom - $top + $least / 4) * 1.3));
        $height = $width / 1.3;

        return [($left + $right - $width) / 2, ($top + $bottom - $height) / 2, $width, $height];
    }
}
