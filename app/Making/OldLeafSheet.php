<?php

declare(strict_types=1);

namespace App\Making;

use App\Words\Speaker;
use YokeLine\Drawing\OldLeafDrawn;
use YokeLine\Drawing\Scene;
use YokeLine\Drawing\Svg;
use YokeLine\Making\Fill;
use YokeLine\Making\LeafMade;
use YokeLine\Making\Part;
use YokeLine\Making\Trimmed;
use YokeLine\Making\Zone;
use YokeLine\Measure\Message;

/**
 * One old leaf of a new one: what is cut off it, what is solid then, what is filled.
 *
 * @phpstan-import-type Value from Message
 */
final readonly class OldLeafSheet
{
    private Trimmed $old;

    /** @param  int  $nth  of the leaf's old ones, from 0 */
    public function __construct(private LeafMade $leaf, private int $nth, private Speaker $speak)
    {
        $this->old = $leaf->old[$nth];
    }

    public function title(): string
    {
        return $this->say('title', ['n' => $this->nth + 1]);
    }

    public function scene(): Scene
    {
        return OldLeafDrawn::of($this->leaf, $this->nth, $this->speak);
    }

    public function drawing(): string
    {
        return Svg::write($this->scene());
    }

    /** @return list<string> what comes off it and what is put on, in the order it is done */
    public function cuts(): array
    {
        $old = $this->old;
        $says = [
            $this->say('off', ['leading' => $old->leading, 'trailing' => $old->trailing, 'foot' => $old->cut]),
            $this->say('left', ['wide' => $old->width(), 'high' => $old->high(), 'from' => $old->u->low]),
        ];
        foreach ($this->added() as $part) {
            $says[] = $this->say('added', [
                'part' => Message::word('made-parts', $part->kind),
                'length' => $part->length,
                'width' => $part->width ?? '',
                'thickness' => $part->thickness ?? '',
            ]);
        }

        return $says;
    }

    /** @return list<string> */
    public function solid(): array
    {
        return array_map(
            fn (Zone $zone) => $this->say('solid', [
                'part' => Message::word('made-solid', $zone->of),
                'u_from' => $zone->u->low,
                'u_to' => $zone->u->high,
                'v_from' => $zone->v->low,
                'v_to' => $zone->v->high,
            ]),
            $this->old->solidOf($this->leaf->solid),
        );
    }

    /** @return list<string> what is filled, and what goes with what is cut off */
    public function fills(): array
    {
        $fills = array_filter($this->leaf->fills, fn (Fill $fill) => $fill->from === $this->nth);
        $gone = count($this->old->old->holes) - count($fills);

        return [
            ...array_map(
                fn (Fill $fill) => $this->say('fill', [
                    'kind' => $fill->zone->of,
                    'u_from' => $fill->zone->u->low,
                    'u_to' => $fill->zone->u->high,
                    'v_from' => $fill->zone->v->low,
                    'v_to' => $fill->zone->v->high,
                    'depth' => $fill->depth,
                ]),
                array_values($fills),
            ),
            ...$gone > 0 ? [$this->say('gone', ['count' => $gone])] : [],
        ];
    }

    /** @return list<Part> strips and blocks that this one is given */
    private function added(): array
    {
        $isOuter = ['lip-leading' => 0, 'lip-trailing' => count($this->leaf->old) - 1];

        return array_values(array_filter(
            $this->leaf->parts,
            fn (Part $part) => match ($part->kind) {
                'lip-leading', 'lip-trailing' => $isOuter[$part->kind] === $this->nth,
                'foot-strip' => $this->old->short->isPositive() && $part->length->equals($this->old->width()),
                'foot-block', 'side-block' => $this->old->old->isHollow(),
                default => false,
            },
        ));
    }

    /** @param  array<string, Value>  $with */
    private function say(string $key, array $with): string
    {
        return $this->speak->say(new Message("bench.made.old.{$key}", $with));
    }
}
