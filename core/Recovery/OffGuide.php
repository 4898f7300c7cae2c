<?php

declare(strict_types=1);

namespace YokeLine\Recovery;

use YokeLine\Measure\Length;
use YokeLine\Measure\Span;
use YokeLine\Planning\GuidePlace;
use YokeLine\Planning\Plan;
use YokeLine\Work\StepKind;

/** The leaf that is there is too narrow for its guide: it runs off it shut or open. */
final readonly class OffGuide
{
    private Plan $plan;

    private GuidePlace $guide;

    private Length $short;

    /**
     * @param  string  $leaf  which it is
     * @param  Length  $width  as it is
     */
    public function __construct(private OnSite $site, private string $leaf, Length $width)
    {
        $this->plan =
            $site->again([
                'brief.leaf.width' => $width,
                'brief.leaf.height' => $site->plan->heights->leaf->size->total,
            ]) ?? $site->plan;
        $this->guide = $this->plan->leaves()[$leaf]->guide;
        $this->short = $this->guide->shortfall;
    }

    public function window(): Span
    {
        return $this->guide->window;
    }

    public function shortfall(): Length
    {
        return $this->short;
    }

    /** @return list<WayOut> */
    public function ways(): array
    {
        return $this->short->isZero()
            ? []
            : WayOut::ranked([$this->parkLess(), $this->shutLater(), $this->wider(), $this->roller()]);
    }

    private function parkLess(): WayOut
    {
        $park = $this->plan->doorway->brief->rules->park->minus($this->short);
        $again = $this->with(['brief.rules.park' => $park]);
        $leaf = $again->leaves()[$this->leaf];
        $guide = $leaf->guide;
        $passage = $again->leastPassage();
        $lost = $this->plan->leastPassage()->minus($passage);

        return new WayOut(
            'off-guide',
            'park-less',
            $guide->at !== null,
            0,
            [],
            0,
            ($guide->at === null ? 'no-room' : 'stands').($park->isNegative() ? '-short' : ''),
            [
                'park' => $park,
                'window' => [$guide->window->low, $guide->window->high],
                'at' => $guide->at,
                'passage' => $passage,
                'passage_lost' => $lost,
                'stop_open' => $again->layout->stops[$leaf->run->openStop]->total,
            ],
            $this->site->written($this->changes(['brief.rules.park' => $park])),
            with: ['by' => $park->absolute()],
        );
    }

    private function shutLater(): WayOut
    {
        $run = $this->plan->layout->runs[$this->leaf];
        $shut = $run->closed()->shifted($this->short->times($run->direction));
        $jambs = $this->plan->room->opening->span();
        $wanted = $this->plan->layout->covering->span();
        [$covers, $rule] =
            $run->direction === 1
                ? [$jambs->low->minus($shut->low), $jambs->low->minus($wanted->low)]
                : [$shut->high->minus($jambs->high), $wanted->high->minus($jambs->high)];
        $window =
            $run->direction === 1
                ? new Span($this->guide->window->low, $this->guide->window->high->plus($this->short))
                : new Span($this->guide->window->low->minus($this->short), $this->guide->window->high);

        return new WayOut(
            'off-guide',
            'shut-later',
            $covers->isPositive(),
            0,
            [],
            0,
            '',
            [
                'shift' => $this->short,
                'shut' => [$shut->low, $shut->high],
                'covers_left' => $covers,
                'wanted' => $rule,
                'window' => [$window->low, $window->high],
                'at' => $window->middle(),
                'finding' => 'leaf-narrow',
            ],
            [],
            $covers->isUnder($rule) ? 'leaf-narrow' : '',
        );
    }

    private function wider(): WayOut
    {
        $least = $this->plan->layout->width->size->total->plus($this->short);
        $stock = array_filter(
            $this->plan->doorway->brief->leaf->stockWidths,
            fn (Length $width) => ! $width->isUnder($least),
        );
        $next = $stock === [] ? null : Length::least(...$stock);

        return new WayOut(
            'off-guide',
            'wider-leaf',
            true,
            0,
            [StepKind::Order],
            $this->site->minutes([StepKind::Order]),
            $next === null ? 'made' : 'stock',
            ['least_width' => $least, 'stock' => $next],
            $this->site->written(['brief.leaf.width' => $next ?? $least]),
            with: ['width' => $next ?? $least],
        );
    }

    private function roller(): WayOut
    {
        $casing = $this->plan->room->opening->casing;
        $run = $this->plan->layout->runs[$this->leaf];
        $window =
            $run->direction === 1
                ? new Span(
                    Length::greatest(
                        $this->guide->window->low,
                        $this->plan->room->opening->span()->high->plus($casing->right),
                    ),
                    $this->guide->window->high,
                )
                : new Span(
                    $this->guide->window->low,
                    Length::least(
                        $this->guide->window->high,
                        $this->plan->room->opening->span()->low->minus($casing->left),
                    ),
                );
        $works = ! $window->length()->isUnder($this->plan->kit->guide->length);

        return new WayOut('off-guide', 'wall-roller', $works, 1, [], 0, $works ? 'stands' : 'past-leaf', [
            'window' => [$window->low, $window->high],
        ]);
    }

    /** @param  array<string, Length>  $changes */
    private function with(array $changes): Plan
    {
        return $this->site->again($this->changes($changes)) ?? $this->plan;
    }

    /**
     * @param  array<string, Length>  $changes
     * @return array<string, Length>
     */
    private function changes(array $changes): array
    {
        return [
            'brief.leaf.width' => $this->plan->layout->width->size->total,
            'brief.leaf.height' => $this->plan->heights->leaf->size->total,
            ...$changes,
        ];
    }
}
