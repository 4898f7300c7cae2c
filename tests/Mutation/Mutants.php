<?php

declare(strict_types=1);

namespace Tests\Mutation;

use Pest\Mutate\Mutation;
use Pest\Mutate\Mutators\Sets\DefaultSet;
use ReflectionClass;
use YokeLine\Measure\SeededRandom;

/** Faults that are put in on purpose: a sample of all that can be made in a room, the same for the same seed. */
final readonly class Mutants
{
    public function __construct(private SeededRandom $dice)
    {
        // Where faults are written to; as it comes the folder is missing, and then none can be loaded.
        $package = dirname((string) (new ReflectionClass(Mutation::class))->getFileName(), 2);
        is_dir("{$package}/.temp/mutations") || mkdir("{$package}/.temp/mutations", recursive: true);
    }

    /**
     * File by file as the dice fall, by their size.
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
        $made = $in = [];
        foreach ($this->shuffled($lines) as [$path, $number]) {
            if (count($made) >= $sample) {
                break;
            }
            $in[$path] ??= new Candidates($path, DefaultSet::mutators());
            $here = $in[$path]->on($number);
            if ($here !== []) {
                $mutation = $in[$path]->make($here[(int) floor($this->dice->next() * count($here))]);
                $made[$mutation->id] ??= $mutation;
            }
        }

        return array_values($made);
    }

    /**
     * @template T
     *
     * @param  list<T>  $all
     * @return list<T>
     */
    private function shuffled(array $all): array
    {
        for ($i = count($all) - 1; $i > 0; $i--) {
            $j = (int) floor($this->dice->next() * ($i + 1));
            [$all[$i], $all[$j]] = [$all[$j], $all[$i]];
        }

        return array_values($all);
    }
}
