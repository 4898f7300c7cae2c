<?php

declare(strict_types=1);

namespace Tests\Mutation;

use Pest\Mutate\Mutation;

/** What came of the faults that were put into a room. */
final class RoomTold
{
    /** @var list<array{Mutation, Verdict}> */
    private array $verdicts = [];

    /**
     * @param  int  $all  how many faults are put in
     * @param  ?int  $wanted  per cent; null where assertions were taken out, and nothing may be caught by one
     */
    public function __construct(
        private readonly string $room,
        private readonly int $all,
        private readonly ?int $wanted,
    ) {}

    public function add(Mutation $mutation, Verdict $verdict): void
    {
        $this->verdicts[] = [$mutation, $verdict];
    }

    public function isWhole(): bool
    {
        return count($this->verdicts) === $this->all;
    }

    public function holds(): bool
    {
        return $this->tried() > 0 && ($this->wanted === null ? $this->caught() === 0 : $this->share() >= $this->wanted);
    }

    /** A line of the table, and below it each fault that was not noticed. */
    public function says(): string
    {
        $of = [];
        foreach (array_count_values(array_map(fn (array $one) => $one[1]->value, $this->verdicts)) as $what => $many) {
            $of[] = "{$many} {$what}";
        }
        $says = sprintf(
            "%-22s %3d of %3d caught  %5.1f %%  (%s)  %s\n",
            $this->room,
            $this->caught(),
            $this->tried(),
            $this->share(),
            $of === [] ? 'nothing to try' : implode(', ', $of),
            $this->holds() ? 'holds' : 'DOES NOT HOLD',
        );
        foreach ($this->wanted === null ? [] : $this->verdicts as [$mutation, $verdict]) {
            if (! $verdict->isCaught()) {
                $says .= self::unnoticed($mutation, $verdict);
            }
        }

        return $says;
    }

    private static function unnoticed(Mutation $mutation, Verdict $verdict): string
    {
        $at = str_replace(getcwd().'/', '', (string) $mutation->file->getRealPath()).":{$mutation->startLine}";
        $diff = array_filter(
            explode("\n", (string) preg_replace('/<[^>]*fg=[^>]*>|<\/>/', '', $mutation->diff)),
            fn (string $line) => preg_match('/^\s*[+-]/', $line) === 1,
        );

        return "  {$verdict->value} {$at}\n    ".
            implode("\n    ", array_map(trim(...), array_slice($diff, 0, 4)))."\n";
    }

    private function tried(): int
    {
        return count($this->verdicts) - $this->many(Verdict::NotRun);
    }

    /** Without assertions nothing may be caught by one; a line that throws is caught with them or without. */
    private function caught(): int
    {
        return $this->wanted === null
            ? $this->many(Verdict::Asserted)
            : count(array_filter($this->verdicts, fn (array $one) => $one[1]->isCaught()));
    }

    private function many(Verdict $verdict): int
    {
        return count(array_filter($this->verdicts, fn (array $one) => $one[1] === $verdict));
    }

    private function share(): float
    {
        return $this->tried() === 0 ? 0.0 : (100 * $this->caught()) / $this->tried();
    }
}
