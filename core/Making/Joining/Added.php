<?php

declare(strict_types=1);

namespace YokeLine\Making\Joining;

use YokeLine\Doorway\Made\Made;
use YokeLine\Making\CannotBeMade;
use YokeLine\Making\Part;
use YokeLine\Making\Wanted;
use YokeLine\Measure\Length;

/** Wood that old leaves are brought to their size with, and made solid with where they are hollow. */
final readonly class Added
{
    /** @var list<Part> along the outer edges */
    public array $lips;

    /** @var list<Part> below leaves that are too short */
    public array $feet;

    /** @var list<Part> let into hollow leaves */
    public array $blocks;

    /** @throws CannotBeMade where there is no room for a block */
    public function __construct(private Made $made, private Wanted $wanted, private OldLeaves $leaves)
    {
        $this->blocks = [...$this->footBlocks(), ...$this->sideBlocks()];
        foreach ($this->blocks as $block) {
            $sizes = array_filter([$block->length, $block->width, $block->thickness]);
            Length::least(...$sizes)->isPositive() || throw new CannotBeMade('from');
        }
        [$this->lips, $this->feet] = [$this->lipParts(), $this->footStrips()];
    }

    /** @return list<Part> */
    public function parts(): array
    {
        return [...$this->lips, ...$this->feet, ...$this->blocks];
    }

    /** @return list<Part> */
    private function lipParts(): array
    {
        $lips = [];
        foreach (['leading' => 0, 'trailing' => count($this->leaves->all) - 1] as $edge => $i) {
            if ($this->leaves->lip->isPositive()) {
                $lips[] = new Part(
                    "lip-{$edge}",
                    1,
                    $this->wanted->height,
                    $this->leaves->lip,
                    $this->leaves->all[$i]->old->thickness,
                    $this->made->species,
                );
            }
        }

        return $lips;
    }

    /** @return list<Part> */
    private function footStrips(): array
    {
        $strips = [];
        foreach ($this->leaves->all as $leaf) {
            if ($leaf->short->isPositive()) {
                $strips[] = new Part(
                    'foot-strip',
                    1,
                    $leaf->width(),
                    $leaf->short,
                    $leaf->old->thickness,
                    $this->made->species,
                );
            }
        }

        return $strips;
    }

    /** @return list<Part> */
    private function footBlocks(): array
    {
        $blocks = [];
        foreach ($this->leaves->all as $i => $leaf) {
            if ($this->leaves->wantsFootBlock($leaf)) {
                $blocks[] = new Part(
                    'foot-block',
                    1,
                    $leaf->width()->minus(...$this->leaves->sides($i)),
                    $this->leaves->leastFoot(),
                    $this->leaves->core($leaf->old),
                    $this->made->species,
                );
            }
        }

        return $blocks;
    }

    /** @return list<Part> */
    private function sideBlocks(): array
    {
        $blocks = [];
        foreach ($this->leaves->outerStiles() as [$leaf, $stile]) {
            if ($this->leaves->wantsBlock($leaf, $stile)) {
                $blocks[] = new Part(
                    'side-block',
                    1,
                    $leaf->high(),
                    $this->leaves->blockWide($leaf->old),
                    $this->leaves->core($leaf->old),
                    $this->made->species,
                );
            }
        }

        return $blocks;
    }

    /** Square metres that are glued: joints, strips, and blocks on both sides. */
    public function gluedM2(): float
    {
        $height = $this->wanted->height->toMm();
        $mm2 = 0.0;
        foreach (array_slice($this->leaves->all, 1) as $i => $leaf) {
            $mm2 += $height * Length::least($leaf->old->thickness, $this->leaves->all[$i]->old->thickness)->toMm();
        }
        foreach ([...$this->lips, ...$this->feet] as $strip) {
            $mm2 += $strip->length->toMm() * ($strip->thickness?->toMm() ?? 0.0);
        }

        return $mm2 / 1e6 + 2 * array_sum(array_map(fn (Part $block) => $block->area(), $this->blocks));
    }
}
