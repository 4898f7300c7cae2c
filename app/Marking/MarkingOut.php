<?php

namespace App\Marking;

use Illuminate\Http\Request;
use YokeLine\Marks\Heights;
use YokeLine\Marks\Hook;
use YokeLine\Marks\Proof;
use YokeLine\Marks\Pulls;
use YokeLine\Marks\Tapes;
use YokeLine\Measure\Length;
use YokeLine\Measure\LengthReader;
use YokeLine\Measure\LengthWriter;
use YokeLine\Measure\UnreadableLength;
use YokeLine\Planning\Plan;

/** How one wants to mark out: where the tape hooks, how long it is, where a laser stands, what a proof read. */
final class MarkingOut
{
    /** @var array<string, string> by field: why what was typed could not be read */
    public array $refused = [];

    /** @var array<string, Length> */
    private array $lengths = [];

    public function __construct(public readonly Plan $plan, public readonly LengthWriter $write, private readonly Request $request)
    {
        foreach (['tape', 'line', 'laser', 'packing', 'at', ...array_map(fn (string $way) => "read_{$way}", array_keys($this->ways()))] as $field) {
            $typed = $this->typed($field);
            if ($typed === '') {
                continue;
            }
            try {
                $this->lengths[$field] = LengthReader::read($typed, $write->unit);
            } catch (UnreadableLength $problem) {
                $this->refused[$field] = $problem->getMessage();
            }
        }
        if (isset($this->lengths['tape']) && ! $this->lengths['tape']->isPositive()) {
            unset($this->lengths['tape']);
            $this->refused['tape'] = 'A tape is longer than nothing.';
        }
    }

    public function typed(string $field): string
    {
        $typed = $this->request->query($field);

        return is_string($typed) ? trim($typed) : '';
    }

    public function chosen(): string
    {
        return in_array($this->typed('hook'), array_map(fn (Hook $hook) => $hook->id, $this->hooks()), true) ? $this->typed('hook') : '';
    }

    public function tape(): Length
    {
        return $this->lengths['tape'] ?? Length::mm(Pulls::TAPE_MM);
    }

    /** @return non-empty-list<Hook> */
    public function hooks(): array
    {
        return Pulls::hooks($this->plan, $this->lengths['line'] ?? null, $this->request->boolean('rail'));
    }

    public function pulls(): Pulls
    {
        $way = ['right' => 1, 'left' => -1][$this->typed('way')] ?? null;
        $hooks = array_map(fn (Hook $hook) => $way !== null && in_array($way, $hook->ways, true) ? new Hook($hook->id, $hook->at, $hook->carried, [$way]) : $hook, $this->hooks());

        return Pulls::of(Tapes::wall($this->plan), $hooks, $this->tape(), $this->write->unit, $this->chosen() === '' ? null : $this->chosen());
    }

    /** Where the laser's line is, of which the tape read so much at the high spot. */
    public function laser(): ?Length
    {
        return isset($this->lengths['laser']) ? Heights::laser($this->plan, Heights::highSpot($this->plan), $this->lengths['laser']) : null;
    }

    /** Where along the wall the line is proved: at the high spot if nothing else is said. */
    public function provedAt(): Length
    {
        return $this->lengths['at'] ?? Heights::highSpot($this->plan);
    }

    public function packing(): Length
    {
        return $this->lengths['packing'] ?? $this->plan->doorway->brief->rules->gap;
    }

    /** @return array<string, array{name: string, how: string}> */
    public function ways(): array
    {
        return [
            'packing' => ['name' => 'Leaf stood on packing', 'how' => 'From the leaf’s top up to the line.'],
            'laid-out' => ['name' => 'Leaf, hanger and rail laid out on the floor', 'how' => 'From the leaf’s foot to the middle of the rail’s holes.'],
            'casing' => ['name' => 'Template on the casing', 'how' => 'From the top of the casing up to the line.'],
            'gauge-block' => ['name' => 'Gauge block under a wheel', 'how' => "A block {$this->write->show(Proof::blockLength($this->plan))} long, hung under the wheel: from the floor to its foot."],
        ];
    }

    public function proof(string $way): Proof
    {
        return match ($way) {
            'packing' => Proof::packing($this->plan, $this->provedAt(), $this->packing()),
            'casing' => Proof::casing($this->plan, $this->provedAt()),
            'gauge-block' => Proof::gaugeBlock($this->plan, $this->provedAt()),
            default => Proof::laidOut($this->plan),
        };
    }

    public function sure(string $way): string
    {
        return "Sure to {$this->write->showUp(Length::nm((int) ceil($this->proof($way)->sure * 1_000_000)))} either way.";
    }

    /** What a reading says of the line; null where none was typed. */
    public function verdict(string $way): ?string
    {
        $read = $this->lengths["read_{$way}"] ?? null;
        if ($read === null) {
            return null;
        }
        $proof = $this->proof($way);
        $off = $proof->tooHigh($read);
        $by = $off->isZero() ? 'The line is where it should be.' : "The line is {$this->write->show($off->absolute())} too ".($off->isNegative() ? 'low' : 'high').'.';

        return match ($proof->verdict($read)) {
            'agrees' => "Agrees. {$by}",
            'look again' => "Look again: measure once more before drilling. {$by}",
            'wrong' => "Wrong: do not drill. {$by}",
        };
    }
}
