<?php

declare(strict_types=1);

namespace App\Practice;

use App\Keeping\Kept;
use App\Models\PracticeRound;
use App\Plain;
use App\Words\FieldWords;
use App\Words\Speaker;
use App\Words\StepWords;
use YokeLine\Drawing\AnsweredMarks;
use YokeLine\Drawing\Elevation;
use YokeLine\Drawing\Svg;
use YokeLine\Inspection\Finding;
use YokeLine\Measure\Length;
use YokeLine\Measure\Message;
use YokeLine\Measure\Quantity;
use YokeLine\Measure\Sum;
use YokeLine\Practice\Answers;
use YokeLine\Practice\Ask;
use YokeLine\Practice\Attempt;
use YokeLine\Practice\Consequence;
use YokeLine\Practice\Hung;
use YokeLine\Practice\Judged;
use YokeLine\Practice\Skill;
use YokeLine\Practice\Slip;
use YokeLine\Work\StepKind;

/** What came of a round: the door as it hangs, what happens, and why each number is what it is. */
final readonly class Outcome
{
    public WallPage $page;

    public Attempt $attempt;

    public Hung $hung;

    private function __construct(public PracticeRound $round, Answers $answers)
    {
        $this->page = new WallPage($round);
        // A dozen plans are worked for it.
        [$this->attempt, $this->hung] = Kept::of(
            'attempt',
            [$round->level, $round->seed, $round->truth, $round->measured, serialize([$round->places, $answers])],
            function () use ($answers): array {
                $attempt = new Attempt($this->page->wall, $this->round->places, $answers, Kits::all());

                return [$attempt, Hung::of($attempt)];
            },
        );
    }

    public static function of(PracticeRound $round, Answers $answers): self
    {
        return new self($round, $answers);
    }

    /** @return list<array{Skill, string, bool, ?string}> */
    public function marks(): array
    {
        return array_map(
            fn (Judged $judged) => [
                $judged->ask->skill(),
                $judged->ask->value,
                $judged->isRight,
                $judged->slip?->kind->value,
            ],
            $this->attempt->judged,
        );
    }

    public function right(): int
    {
        return count(array_filter($this->attempt->judged, fn (Judged $judged) => $judged->isRight));
    }

    public function drawing(): string
    {
        $plan = $this->hung->setout->plan;

        return $plan === null
            ? ''
            : Svg::write(AnsweredMarks::on(
                Elevation::of($plan, $this->page->speak),
                $this->wrong(fn (Ask $ask) => $ask->isAlong()),
                $this->wrong(fn (Ask $ask) => $ask->isHeight() && $ask !== Ask::YokeLine),
                $this->page->speak,
            ));
    }

    /**
     * Wrong numbers as they were answered; the rail line is drawn where it was answered anyhow.
     *
     * @param  callable(Ask): bool  $which
     * @return list<Length>
     */
    private function wrong(callable $which): array
    {
        $said = array_map(
            fn (Judged $judged) => $judged->isRight || ! $which($judged->ask)
                ? null
                : $this->attempt->answers->length($judged->ask),
            $this->attempt->judged,
        );

        return array_values(array_filter($said));
    }

    /** @return list<string> what happens by single numbers */
    public function happens(): array
    {
        return array_map(
            fn (Consequence $one) => $this->page->speak->say($one->says()),
            $this->hung->happens,
        );
    }

    /** @return list<string> what the plan of it says that must be settled */
    public function findings(): array
    {
        return $this->said($this->hung->setout->findings);
    }

    /** @return list<string> what was not measured and counts */
    public function unmeasured(Judged $judged): array
    {
        return array_map($this->page->label(...), $judged->places);
    }

    /** @return list<string> what speaks against a decision */
    public function against(Judged $judged): array
    {
        return $this->said($judged->against);
    }

    /** As it was answered. */
    public function answered(Judged $judged): string
    {
        $said = $this->round->answers[$judged->ask->value] ?? '';
        $said = is_array($said) ? implode('; ', array_filter($said, is_string(...))) : Plain::text($said);

        return match (true) {
            $judged->ask === Ask::Measured => '',
            trim($said, '; ') === '' => Speaker::words('practice.page.nothing'),
            $judged->ask === Ask::First => self::step($said),
            $judged->ask === Ask::InHand => Speaker::words("practice.in-hand.{$said}"),
            $judged->ask === Ask::Backing => FieldWords::answers('brief.backing')[$said] ?? $said,
            default => $said,
        };
    }

    public function shouldBe(Judged $judged): string
    {
        $right = $judged->right;

        return match (true) {
            $right instanceof Length => $this->page->write->showFine($right),
            $right instanceof Quantity => $this->page->speak->amount($right),
            is_array($right) => implode('; ', array_map($this->page->write->show(...), $right)),
            $right instanceof Message && $judged->ask === Ask::First => self::step($right->how),
            $right instanceof Message && $judged->ask === Ask::InHand => Speaker::words(
                "practice.in-hand.{$right->how}",
            ),
            $right instanceof Message => FieldWords::answers('brief.backing')[$right->how] ?? '',
            default => '',
        };
    }

    /** The mistake in words, where it has a name. */
    public function slip(Judged $judged): string
    {
        $slip = $judged->slip;

        return match (true) {
            $judged->isRight => '',
            $slip === null => Speaker::words('practice.slips.other'),
            default => $this->page->speak->say(new Message('practice.slips', $this->with($slip), $slip->kind->value)),
        };
    }

    /** @return array<string, Length|Message> */
    private function with(Slip $slip): array
    {
        return array_filter([
            'term' => $slip->term === '' ? null : Sum::called($slip->term),
            'by' => $slip->by?->absolute(),
            'at' => $slip->value,
        ]);
    }

    /**
     * @param  list<Finding>  $findings
     * @return list<string>
     */
    private function said(array $findings): array
    {
        $open = array_filter($findings, fn (Finding $finding) => $finding->severity->needsSettling());

        return array_values(array_map(
            fn (Finding $finding) => $this->page->speak->say($finding->says()),
            $open,
        ));
    }

    private static function step(string $kind): string
    {
        $known = StepKind::tryFrom($kind);

        return $known === null ? $kind : StepWords::kind($known);
    }
}
