<?php

declare(strict_types=1);

namespace Tests\Mutation;

use Pest\Mutate\Cache\NullStore;
use Pest\Mutate\Mutation;
use Pest\Mutate\Mutators\Sets\DefaultSet;
use Pest\Mutate\Support\MutationGenerator;
use Pest\Support\Container;
use Psr\SimpleCache\CacheInterface;
use ReflectionClass;
use Symfony\Component\Finder\SplFileInfo;
use YokeLine\Measure\SeededRandom;

/** Faults that are put in on purpose: a sample of all that can be made in a room, the same for the same seed. */
final readonly class Mutants
{
    public function __construct(private SeededRandom $dice)
    {
        // Where the generator writes to; as it comes the folder is missing, and then no fault can be loaded.
        $package = dirname((string) (new ReflectionClass(Mutation::class))->getFileName(), 2);
        Container::getInstance()->add(CacheInterface::class, new NullStore());
        is_dir("{$package}/.temp/mutations") || mkdir("{$package}/.temp/mutations", recursive: true);
    }

    /**
     * File by file as the dice fall, by their size: to make every fault of a room takes longer than to try a sample.
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
        $made = [];
        foreach ($this->shuffled($lines) as [$path, $number]) {
            if (count($made) >= $sample) {
                break;
            }
            $here = array_values(array_filter(
                (new MutationGenerator())->generate(new SplFileInfo($path, '', ''), DefaultSet::mutators(), [$number]),
                fn (Mutation $mutation) => ! isset($made[$mutation->id]),
            ));
            if ($here !== []) {
                $mutation = $here[(int) floor($this->dice->next() * count($here))];
                $made[$mutation->id] = $mutation;
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
