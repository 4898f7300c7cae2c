<?php

declare(strict_types=1);

namespace YokeLine\Inspection;

use YokeLine\Doorway\GuideChoice;
use YokeLine\Doorway\Made\Framed;
use YokeLine\Doorway\Made\Glazed;
use YokeLine\Doorway\Made\Planked;
use YokeLine\Making\Fault;
use YokeLine\Making\LeafMade;
use YokeLine\Making\Zone;
use YokeLine\Measure\Length;
use YokeLine\Measure\Span;

/** What may cure a fault of a leaf that is built: another size of a part, another place of a hanger. */
final readonly class MadeCures
{
    private const AT = 'brief.leaf.made';

    private function __construct(private Fault $fault, private CheckContext $context, private LeafMade $leaf) {}

    /** @return list<Cure> */
    public static function of(Fault $fault, CheckContext $context, LeafMade $leaf): array
    {
        return (new self($fault, $context, $leaf))->cures();
    }

    /** @return list<Cure> a part as much thicker or thinner as the whole leaf should be */
    public static function toThickness(Length $wanted, CheckContext $context): array
    {
        $build = $context->brief->leaf->made?->build;
        $by = $wanted->minus($context->plan->thickness);
        [$code, $where, $now] = match (true) {
            $build instanceof Planked => ['ledge-thick', 'ledge.thickness', $build->ledgeThickness],
            $build instanceof Framed => ['frame-thick', 'frame.thickness', $build->thickness],
            $build instanceof Glazed => ['frame-thick', 'frame.thickness', $build->thickness],
            default => ['', '', Length::zero()],
        };

        return $where !== '' && $now->plus($by)->isPositive()
            ? [$context->cure($code, [self::AT.".{$where}" => $now->plus($by)])]
            : [];
    }

    /** @return list<Cure> */
    private function cures(): array
    {
        return match ($this->fault->code) {
            'wood-wet' => [
                $this->context->cure(
                    'wood-rests',
                    [self::AT.'.moisture' => (string) $this->number('most')],
                    ['most' => $this->number('most')],
                ),
            ],
            'tongue-short' => [$this->set('tongue-long', $this->fault->where, $this->up('least'))],
            'sliver' => isset($this->fault->numbers['board'])
                ? [$this->set('board-cover', $this->fault->where, $this->up('board'))]
                : [],
            'cheek-thin' => $this->thickWood(),
            'made-thickness' => [$this->context->cure('thickness-as-made', ['brief.leaf.thickness' => null])],
            'ledge-narrow' => [$this->set('ledge-wide', 'ledge.width', $this->up('least'))],
            'brace-flat' => $this->fewerLedges(),
            'hole-in-joint' => $this->clearOfJoint(),
            'channel-tight' => [$this->set('filler-thick', 'filler.thickness', $this->up('least'))],
            'channel-loose' => $this->length('lining')->isPositive()
                ? [$this->set('channel-lined', 'lining', $this->length('lining'))]
                : [],
            'channel-shallow' => [$this->set('strip-raised', 'raise', $this->up('least'))],
            'infill-proud' => [
                $this->set('frame-thick', 'frame.thickness', $this->partOf('infill')),
                $this->set('infill-thin', 'infill.thickness', $this->partOf('stile')),
            ],
            'hanger-solid', 'hole-not-solid' => [...$this->wideStile(), ...$this->hangersIn(), ...$this->block()],
            'drill-glass' => [...$this->wideStile(), ...$this->hangersIn()],
            'hole-meets-old' => $this->clearOfOld(),
            'hanger-on-joint' => array_map(
                fn (string $count) => $this->context->cure(
                    'hangers-more',
                    ['brief.rules.hangers' => $count],
                    ['to' => (int) $count],
                ),
                ['2', '4'],
            ),
            'glass-unsafe' => [
                $this->context->cure('glass-toughened', [self::AT.'.glass.kind' => 'toughened']),
                $this->context->cure('glass-laminated', [self::AT.'.glass.kind' => 'laminated']),
            ],
            'glass-thin' => [$this->set('glass-thick', 'glass.thickness', $this->length('least'))],
            default => [],
        };
    }

    private function number(string $name): float|int
    {
        $number = $this->fault->numbers[$name] ?? 0;

        return is_int($number) || is_float($number) ? $number : 0;
    }

    private function length(string $name): Length
    {
        $length = $this->fault->numbers[$name] ?? null;

        return $length instanceof Length ? $length : Length::zero();
    }

    private function up(string $name): Length
    {
        return $this->context->up($this->length($name));
    }

    private function set(string $code, string $where, Length $to): Cure
    {
        return $this->context->cure($code, [self::AT.".{$where}" => $to]);
    }

    private function partOf(string $kind): Length
    {
        foreach ($this->leaf->parts as $part) {
            if ($part->kind === $kind && $part->thickness !== null) {
                return $part->thickness;
            }
        }

        return Length::zero();
    }

    /** @return list<Cure> thicker wood to groove, or a guide that needs no groove */
    private function thickWood(): array
    {
        $build = $this->leaf->made->build;
        $where = match (true) {
            $build instanceof Planked => 'board.thickness',
            $build instanceof Glazed => 'frame.thickness',
            default => null,
        };

        return [
            ...$where === null ? [] : [$this->set('wood-thick', $where, $this->up('thickness'))],
            $this->context->cure('guide-shoe', ['brief.rules.guide' => GuideChoice::Shoe->value]),
            $this->context->cure('guide-roller', ['brief.rules.guide' => GuideChoice::Roller->value]),
        ];
    }

    /** @return list<Cure> */
    private function fewerLedges(): array
    {
        $ledges = array_filter($this->leaf->parts, fn ($part) => $part->kind === 'ledge');
        $count = array_sum(array_map(fn ($part) => $part->count, $ledges)) - 1;

        return $count < 2
            ? []
            : [$this->context->cure('ledges-fewer', [self::AT.'.ledges' => (string) $count], ['count' => $count])];
    }

    /** @return list<Cure> */
    private function clearOfJoint(): array
    {
        if (! isset($this->fault->numbers['clear'])) {
            return [];
        }
        $clear = $this->length('clear');
        $wide = $this->leaf->wanted->width;
        $inset = Length::least($clear, $wide->minus($clear));

        return [$this->context->cure('hangers-in', ['brief.rules.hanger_inset' => $inset])];
    }

    /** @return list<Cure> stiles wide enough for what wants solid wood */
    private function wideStile(): array
    {
        $stile = $this->leaf->made->stile();
        $u = $this->fault->numbers['u'] ?? null;
        if ($stile === null) {
            return [];
        }
        $wide = $this->leaf->wanted->width;
        $reach = match (true) {
            $u instanceof Span => Length::least($u->high, $wide->minus($u->low)),
            default => $stile->plus($this->leaf->wanted->inset()->minus($this->length('inset'))),
        };

        return $reach->isOver($stile) && $reach->isUnder($wide->half())
            ? [$this->set('stile-wide', 'frame.stile', $this->context->up($reach))]
            : [];
    }

    /** @return list<Cure> hangers over what is solid at the edges */
    private function hangersIn(): array
    {
        if ($this->fault->code === 'hole-not-solid' || $this->leaf->made->build instanceof Planked) {
            return [];
        }
        $inset = $this->fault->code === 'drill-glass' ? $this->length('inset') : $this->overSolid();

        return $inset === null || $inset->isUnder($this->context->kit->hanger->length()->half())
            ? []
            : [$this->context->cure('hangers-in', ['brief.rules.hanger_inset' => $this->context->down($inset)])];
    }

    /** @return list<Cure> solid wood in a hollow leaf, behind the edge where it is wanted */
    private function block(): array
    {
        $u = $this->fault->numbers['u'] ?? null;
        $last = count($this->leaf->old) - 1;
        if (! $u instanceof Span) {
            return [];
        }
        $cures = [];
        foreach (array_unique([0, $last]) as $i) {
            $old = $this->leaf->old[$i] ?? null;
            if ($old === null || ! $old->old->isHollow() || ! $old->u->overlaps($u)) {
                continue;
            }
            $isLeading = $u->middle()->isUnder($old->u->middle());
            $reach = $isLeading
                ? $u->high->minus($old->u->low, $old->leadingStile())
                : $old->u->high->minus($u->low, $old->trailingStile());
            $wide = $this->context->up($reach);
            $cures[] = $this->context->cure('block-behind', ["{$old->old->place}.block" => $wide]);
        }

        return $cures;
    }

    /** @return list<Cure> a handle above or below an old hole, hangers beside it */
    private function clearOfOld(): array
    {
        [$u, $v] = [$this->fault->numbers['u'] ?? null, $this->fault->numbers['v'] ?? null];
        if (! $u instanceof Span || ! $v instanceof Span) {
            return [];
        }
        $hole = new Zone('', $u, $v);
        $what = $this->fault->numbers['what'] ?? '';
        $meets = array_filter(
            $this->leaf->wanted->solid(),
            fn (Zone $zone) => $zone->of === $what && $zone->overlaps($hole),
        );

        return array_merge(
            ...array_map(
                fn (Zone $zone) => match ($what) {
                    'pull' => $this->handleClearOf($hole, $zone),
                    'hanger' => $this->hangersClearOf($hole, $zone),
                    default => [],
                },
                array_values($meets),
            ),
        );
    }

    /** @return list<Cure> */
    private function handleClearOf(Zone $hole, Zone $wanted): array
    {
        $height = $this->context->brief->rules->pullHeight;
        $places = [
            $this->context->up($height->plus($hole->v->high)->minus($wanted->v->low)),
            $this->context->down($height->plus($hole->v->low)->minus($wanted->v->high)),
        ];

        return array_map(
            fn (Length $to) => $this->context->cure('handle-at', ['brief.rules.pull_height' => $to]),
            $places,
        );
    }

    /** @return list<Cure> */
    private function hangersClearOf(Zone $hole, Zone $wanted): array
    {
        $inset = $this->leaf->wanted->inset();
        $isLeading = $wanted->u->middle()->isUnder($this->leaf->wanted->width->half());
        $right = $hole->u->high->minus($wanted->u->low);
        $left = $wanted->u->high->minus($hole->u->low);
        [$in, $out] = $isLeading ? [$right, $left] : [$left, $right];
        $places = [$this->context->up($inset->plus($in)), $this->context->down($inset->minus($out))];

        return array_values(array_map(
            fn (Length $to) => $this->context->cure('hangers-in', ['brief.rules.hanger_inset' => $to]),
            array_filter($places, fn (Length $to) => $to->isPositive()),
        ));
    }

    /** The furthest in that both outer hangers are over wood that is solid from the edge. */
    private function overSolid(): ?Length
    {
        $wide = $this->leaf->wanted->width;
        $edges = [Length::zero(), Length::zero()];
        foreach ($this->leaf->solid as $zone) {
            if (in_array($zone->of, ['stile', 'lip', 'strip-side'], true)) {
                $isLeading = $zone->u->middle()->isUnder($wide->half());
                $reach = $isLeading ? $zone->u->high : $wide->minus($zone->u->low);
                $isOuter = $reach->isUnder($wide->scaled(1, 4));
                $edges[(int) ! $isLeading] = $isOuter
                    ? Length::greatest($edges[(int) ! $isLeading], $reach)
                    : $edges[(int) ! $isLeading];
            }
        }
        $inset = Length::least(...$edges)->minus($this->leaf->wanted->around());

        return $inset->isPositive() ? $inset : null;
    }
}
