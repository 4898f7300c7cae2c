<?php

declare(strict_types=1);

namespace Tests\Mutation;

use Pest\Mutate\Contracts\Mutator;
use Pest\Mutate\Factories\NodeTraverserFactory;
use Pest\Mutate\Mutation;
use Pest\Mutate\Support\MutatorMap;
use Pest\Mutate\Support\NodeVisitor;
use Pest\Mutate\Support\PhpParserFactory;
use PhpParser\Node;
use PhpParser\NodeVisitorAbstract;
use RuntimeException;
use Symfony\Component\Finder\SplFileInfo;

/** Every fault that can be put into a file: found in one walk over its nodes, and made one by one, each once. */
final class Candidates extends NodeVisitorAbstract
{
    /** @var list<Candidate> */
    private array $all = [];

    private int $left = 0;

    /** @param  list<class-string<Mutator>>  $mutators */
    public function __construct(private readonly string $path, private readonly array $mutators)
    {
        $this->walk($this);
    }

    /** @return list<Candidate> those that are left whose node stands on a line */
    public function on(int $line): array
    {
        return array_values(
            array_filter($this->all, fn (Candidate $one) => $one->from <= $line && $line <= $one->to),
        );
    }

    public function make(Candidate $candidate): Mutation
    {
        $this->all = array_values(array_filter($this->all, fn (Candidate $one) => $one !== $candidate));
        $made = null;
        $changed = $this->walk(new NodeVisitor(
            $candidate->mutator,
            $candidate->order,
            linesToMutate: [],
            mutatorsToIgnoreByLine: [],
            hasAlreadyMutated: function () use (&$made): bool {
                return $made !== null;
            },
            trackMutation: function (int $order, Node $was, ?Node $is) use (&$made): void {
                $made = [$was, $is];
            },
        ));
        [$was, $is] = $made ?? throw new RuntimeException("{$candidate->mutator} changes nothing in {$this->path}.");

        return Mutation::create(new SplFileInfo($this->path, '', ''), $candidate->mutator, $was, $is, $changed);
    }

    public function leaveNode(Node $node): null
    {
        foreach (array_intersect(MutatorMap::get()[$node::class] ?? [], $this->mutators) as $mutator) {
            if ($mutator::can($node)) {
                $this->all[] = new Candidate($mutator, $this->left, $node->getStartLine(), $node->getEndLine());
            }
        }
        $this->left++;

        return null;
    }

    /** @return array<Node> */
    private function walk(NodeVisitorAbstract $visitor): array
    {
        $traverser = NodeTraverserFactory::create();
        $traverser->addVisitor($visitor);

        return $traverser->traverse(PhpParserFactory::make()->parse((string) file_get_contents($this->path)) ?? []);
    }
}
