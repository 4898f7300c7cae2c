<?php

declare(strict_types=1);

namespace App\Marking;

use App\Models\LogEntry;
use App\Record\Log;
use App\Words\Speaker;
use YokeLine\Marks\Proof;
use YokeLine\Measure\Length;
use YokeLine\Measure\LengthReader;
use YokeLine\Measure\LengthWriter;
use YokeLine\Measure\Message;
use YokeLine\Measure\UnreadableLength;
use YokeLine\Planning\Plan;

/**
 * The line found another way: what to expect, and what the last reading said.
 *
 * @phpstan-import-type Value from Message
 */
final readonly class Proofs
{
    public const WAYS = ['packing', 'laid-out', 'casing', 'gauge-block'];

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

    public static function name(string $way): string
    {
        return in_array($way, self::WAYS, true) ? Speaker::words("marks.proofs.{$way}") : $way;
    }

    public function how(string $way): string
    {
        return $this->of("proof-how.{$way}", [
            'long' => Proof::blockLength($this->plan),
            'from' => $this->plan->doorway->survey->datum(),
        ]);
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
            return $this->of('proof-sure', ['by' => Length::nm((int) ceil($proof->sure * 1_000_000))]);
        }
        $read = Log::read($entry->data['read']);
        $off = $proof->tooHigh($read);
        $by = new Message(
            'marks.proof-off',
            ['by' => $off->absolute()],
            $off->isZero() ? 'none' : ($off->isNegative() ? 'low' : 'high'),
        );

        return $this->of("proof-says.{$proof->verdict($read)}", ['off' => $by]);
    }

    /** @param  array<string, Value>  $with */
    private function of(string $what, array $with): string
    {
        return Speaker::in($this->write)->say(new Message("marks.{$what}", $with));
    }

    public function readAt(string $way): string
    {
        return isset($this->entries[$way])
            ? Speaker::words($this->entries[$way]->who === '' ? 'marks.read-at' : 'marks.read-at-by', [
                'at' => $this->entries[$way]->at->format('j M, H:i'),
                'who' => $this->entries[$way]->who,
            ])
            : '';
    }
}
