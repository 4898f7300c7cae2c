<?php

declare(strict_types=1);

namespace YokeLine\Practice;

use DateTimeImmutable;

/**
 * When each skill is to be practised again: what went wrong at once, what went right after longer and longer. A right
 * answer counts for more only once it was due.
 */
final readonly class Spacing
{
    /** Days until it is due again, by how often it was right when it was due. */
    private const DAYS = [0, 1, 3, 7, 14, 30];

    /**
     * @param  int  $box  how often it was right in turn
     * @param  ?DateTimeImmutable  $due  null of what was never asked
     */
    private function __construct(public Skill $skill, public int $box, public ?DateTimeImmutable $due) {}

    /**
     * @param  list<array{Skill, bool, DateTimeImmutable}>  $answers  the oldest first
     * @return list<self> every skill, what is due longest first; what was never asked after that
     */
    public static function of(array $answers, DateTimeImmutable $now): array
    {
        $all = array_map(
            fn (Skill $skill) => self::one($skill, array_filter($answers, fn (array $one) => $one[0] === $skill)),
            Skill::cases(),
        );
        usort($all, fn (self $a, self $b) => $a->comes($now) <=> $b->comes($now));

        return $all;
    }

    public function isDue(DateTimeImmutable $now): bool
    {
        return $this->due === null || $this->due <= $now;
    }

    /** @param  array<array{Skill, bool, DateTimeImmutable}>  $answers */
    private static function one(Skill $skill, array $answers): self
    {
        [$box, $due] = [0, null];
        foreach ($answers as [, $isRight, $at]) {
            if ($isRight && ($due === null || $at >= $due)) {
                $box = min(count(self::DAYS) - 1, $box + 1);
                $due = $at->modify('+'.self::DAYS[$box].' days');
            } elseif (! $isRight) {
                [$box, $due] = [0, $at];
            }
        }

        return new self($skill, $box, $due);
    }

    /** @return array{int, int} due, unknown and later ones, in that order */
    private function comes(DateTimeImmutable $now): array
    {
        return match (true) {
            $this->due === null => [1, 0],
            $this->due <= $now => [0, $this->due->getTimestamp()],
            default => [2, $this->due->getTimestamp()],
        };
    }
}
