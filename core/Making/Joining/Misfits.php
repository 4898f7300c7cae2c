<?php

declare(strict_types=1);

namespace YokeLine\Making\Joining;

use YokeLine\Making\Fault;
use YokeLine\Making\Trimmed;
use YokeLine\Making\UsualSize;
use YokeLine\Making\Wanted;
use YokeLine\Measure\Length;

/** What old leaves lack for the leaf that is wanted. */
final readonly class Misfits
{
    public function __construct(private Wanted $wanted, private OldLeaves $leaves) {}

    /** @return list<Fault> */
    public function faults(): array
    {
        return [...$this->width(), ...$this->height(), ...$this->foot(), ...$this->stiles()];
    }

    /** @return list<Fault> */
    private function width(): array
    {
        $most = $this->wanted->size(UsualSize::LipMost);

        return $this->leaves->lip->minus(Length::nm(1))->isOver($most)
            ? [
                Fault::settle('lipping-wide', 'from', [
                    'strip' => $this->leaves->lip,
                    'most' => $most,
                    'between' => $this->leaves->lack(),
                ]),
            ]
            : [];
    }

    /** @return list<Fault> of the shortest */
    private function height(): array
    {
        $most = $this->wanted->size(UsualSize::LipMost);
        $short = Length::greatest(...array_map(fn (Trimmed $leaf) => $leaf->short, $this->leaves->all));
        $numbers = ['short' => $short, 'most' => $most];

        return match (true) {
            ! $short->isPositive() => [],
            $short->isOver($most) => [Fault::stop('old-leaf-short', 'from', $numbers)],
            default => [Fault::settle('old-leaf-short', 'from', $numbers)],
        };
    }

    /** @return list<Fault> of the one that keeps least */
    private function foot(): array
    {
        $least = $this->leaves->leastFoot();
        $deep = array_values(
            array_filter(
                $this->leaves->all,
                fn (Trimmed $leaf) => ! $leaf->old->isSolidThroughout() &&
                    ! $leaf->old->isHollow() &&
                    $leaf->cut->isPositive() &&
                    $leaf->foot()->isUnder($least),
            ),
        );
        usort($deep, fn (Trimmed $a, Trimmed $b) => $a->foot()->nm <=> $b->foot()->nm);
        if ($deep === []) {
            return [];
        }
        $numbers = ['cut' => $deep[0]->cut, 'rest' => $deep[0]->foot(), 'least' => $least];

        return [
            $deep[0]->foot()->isPositive()
                ? Fault::settle('foot-cut-deep', 'from', $numbers)
                : Fault::stop('foot-cut-deep', 'from', $numbers),
        ];
    }

    /** @return list<Fault> */
    private function stiles(): array
    {
        $faults = [];
        foreach ($this->leaves->outerStiles() as [$leaf, $stile]) {
            $least = $this->leaves->leastStile($leaf->old);
            if (! $leaf->old->isSolidThroughout() && $stile->isUnder($least)) {
                $faults[] = Fault::settle('stile-thin', 'from', ['rest' => $stile, 'least' => $least]);
            }
        }

        return $faults;
    }
}
