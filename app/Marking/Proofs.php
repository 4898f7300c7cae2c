<?php

declare(strict_types=1);

namespace App\Marking;

use App\Models\LogEntry;
use App\Record\Log;
use YokeLine\Marks\Proof;
use YokeLine\Measure\Length;
use YokeLine\Measure\LengthReader;
use YokeLine\Measure\LengthWriter;
use YokeLine\Measure\UnreadableLength;
use YokeLine\Planning\Plan;

/** The line found another way: what to expect, and what the last reading said. */
final readonly class Proofs
{
    public const WAYS = [
        'packing' => ['Leaf stood on packing', 'From the leaf’s top up to the line.'],
        'laid-out' => [
            'Leaf, hanger and rail laid out on the floor',
            'From the leaf’s foot to the middle of the rail’s holes.',
        ],
        'casing' => ['Template on the casing', 'From the top of the casing up to the line.'],
        'gauge-block' => ['Gauge block under a wheel', ''],
    ];

    private Plan $plan;

    private LengthWriter $write;

    /**
     * @param  array<string, LogEntry>  $entries  the last reading of each way
     * @param  array<string, array{typed: string, says: string}>  $refused
     */
    public function __construct(private MarkingForm $form, private array $entries, public array $refused = [])
    {
        $this->plan = $form->plan();
        $this->write = $form->setout->write;
    }

    /**
     * A reading as the log keeps it.
     *
     * @return array<string, string>
     *
     * @throws UnreadableLength
     */
    public function entry(string $way, string $typed): array
    {
        $read = LengthReader::read($typed, $this->write->unit);

        return [
            'read' => Log::write($read),
            'expected' => Log::write($this->proof($way)->expected),
            'at' => Log::write($this->form->provedAt()),
            'verdict' => $this->proof($way)->verdict($read),
        ];
    }

    public function proof(string $way): Proof
    {
        return match ($way) {
            'packing' => Proof::packing($this->plan, $this->form->provedAt(), $this->form->packing()),
            'casing' => Proof::casing($this->plan, $this->form->provedAt()),
            'gauge-block' => Proof::gaugeBlock($this->plan, $this->form->provedAt()),
            default => Proof::laidOut($this->plan),
        };
    }

    public function how(string $way): string
    {
        return $way === 'gauge-block'
            ? "A block {$this->write->show(Proof::blockLength($this->plan))} long, hung under the wheel: from the floor to its foot."
            : self::WAYS[$way][1];
    }

    public function expected(string $way): string
    {
        return $this->write->show($this->proof($way)->expected);
    }

    public function typed(string $way): string
    {
        $entry = $this->entries[$way] ?? null;

        return $this->refused[$way]['typed'] ??
            ($entry === null ? '' : $this->write->exact(Log::read($entry->data['read'])));
    }

    /** What the last reading says of the line as it is planned now; how sure the way is, where nobody has read. */
    public function says(string $way): string
    {
        $entry = $this->entries[$way] ?? null;
        $proof = $this->proof($way);
        if ($entry === null) {
            return "Sure to {$this->write->showUp(Length::nm((int) ceil($proof->sure * 1_000_000)))} either way.";
        }
        $read = Log::read($entry->data['read']);
        $off = $proof->tooHigh($read);
        $by = $off->isZero()
            ? 'The line is where it should be.'
            : "The line is {$this->write->show($off->absolute())} too ".($off->isNegative() ? 'low' : 'high').'.';

        return match ($proof->verdict($read)) {
            'agrees' => "Agrees. {$by}",
            'look again' => "Look again: measure once more before drilling. {$by}",
            'wrong' => "Wrong: do not drill. {$by}",
        };
    }

    public function readAt(string $way): string
    {
        return isset($this->entries[$way])
            ? "read {$this->entries[$way]->at->format('j M, H:i')}".
                    ($this->entries[$way]->who === '' ? '' : " by {$this->entries[$way]->who}")
            : '';
    }
}
