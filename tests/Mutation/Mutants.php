<?php

declare(strict_types=1);

namespace Tests\Mutation;

use Pest\Mutate\Mutation;
use Pest\Mutate\Mutators\Sets\DefaultSet;
use Random\Engine\Mt19937;
use Random\Randomizer;
use ReflectionClass;

/** Faults that are put in on purpose: a sample of all that can be made in a room, the same for the same seed. */
final readonly class Mutants
{
    private Randomizer $dice;

    public function __construct(int $seed)
    {
        $this->dice = new Randomizer(new Mt19937($seed));
        // Where faults are written to; as it comes the folder is missing, and then none can be loaded.
        $package = dirname((string) (new ReflectionClass(Mutation::class))->getFileName(), 2);
        is_dir("{$package}/.temp/mutations") || mkdir("{$package}/.temp/mutations", recursive: true);
    }

    /**
     * Line by line as the dice fall, and around again where that is not enough: a line has several.
     *
     * @param  array<string, list<int>>  $files  the lines that can be run, by path
     * @return list<Mutation>
     */
    public function of(array $files, int $sample): array
    {
        $lines = [];
        foreach ($files as $path => $numbers) {
            foreach ($numbers as $number) {
                $lines[] = [$path, $number];
            }
        }
        $lines = $this->dice->shuffleArray($lines);
        $made = $in = [];
        do {
            $before = count($made);
            foreach ($lines as [$path, $number]) {
                if (count($made) >= $sample) {
                    break 2;
                }
                $in[$path] ??= new Candidates($path, DefaultSet::mutators());
                $here = $in[$path]->on($number);
                if ($here !== []) {
                    $mutation = $in[$path]->make($here[$this->dice->getInt(0, count($here) - 1)]);
                    $made[$mutation->id] ??= $mutation;
                }
            }
        } while (count($made) > $before);

        return array_values($made);
    }
}
