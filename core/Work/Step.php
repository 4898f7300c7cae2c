<?php

declare(strict_types=1);

namespace YokeLine\Work;

/** One step of the work at one doorway: how long, how many people, where, and what must be done before it. */
final readonly class Step
{
    /**
     * @param  list<After>  $after
     * @param  'wall'|'bench'  $at
     */
    public function __construct(
        public string $id,
        public int $people,
        public int $minutes,
        public string $at,
        public array $after,
    ) {}

    /** Which leaf, rail or guide it is of; '' where there is but one. */
    public function of(): string
    {
        $of = explode('.', $this->id)[1] ?? '';

        return ctype_digit($of) ? '' : $of;
    }

    /** The card that it is told on: what is usually done at the bench and is done at the wall here stands there. */
    public function card(): WorkCard
    {
        return match (true) {
            $this->at === 'wall' && $this->kind() === StepKind::CoatLeaf => WorkCard::Finish,
            $this->at === 'wall' && $this->kind() === StepKind::BoreBoard => WorkCard::Rail,
            default => $this->kind()->card(),
        };
    }

    /** What kind of step it is, whichever leaf, rail or coat it is of. */
    public function kind(): StepKind
    {
        return StepKind::of($this->id);
    }
}
