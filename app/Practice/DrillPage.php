<?php

declare(strict_types=1);

namespace App\Practice;

use App\Models\PracticeRound;
use App\Words\Speaker;
use YokeLine\Drawing\Svg;
use YokeLine\Drawing\TapeRead;
use YokeLine\Measure\LengthReader;
use YokeLine\Measure\LengthWriter;
use YokeLine\Measure\UnreadableLength;
use YokeLine\Practice\DrillKind;
use YokeLine\Practice\DrillQuestion;
use YokeLine\Practice\Skill;

/**
 * A drill of two minutes: its questions without their answers, and what came of it.
 *
 * @phpstan-type Row array{
 *   question: DrillQuestion, asks: string, picture: string,
 *   said: string, right: string, is: bool
 * }
 */
final readonly class DrillPage
{
    private LengthWriter $write;

    private Speaker $speak;

    public function __construct(public PracticeRound $round)
    {
        $this->write = new LengthWriter($round->units);
        $this->speak = Speaker::in($this->write);
    }

    /** @return list<array{asks: string, picture: string}> */
    public function questions(): array
    {
        return array_map(
            fn (DrillQuestion $question) => [
                'asks' => $this->speak->say($question->asks()),
                'picture' => $this->picture($question),
            ],
            $this->all(),
        );
    }

    /**
     * Those that were answered: what cannot be read is wrong, as on a wall.
     *
     * @param  array<array-key, mixed>  $answers  by the number of the question
     * @return list<Row>
     */
    public function judged(array $answers): array
    {
        $rows = [];
        foreach ($this->all() as $n => $question) {
            $said = $answers[$n] ?? '';
            if (is_string($said) && trim($said) !== '') {
                $rows[] = [
                    'question' => $question,
                    'asks' => $this->speak->say($question->asks()),
                    'picture' => $this->picture($question),
                    'said' => $said,
                    'right' => $this->write->show($question->answer),
                    'is' => $this->isRight($question, $said),
                ];
            }
        }

        return $rows;
    }

    /**
     * @param  array<array-key, mixed>  $answers
     * @return list<array{Skill, string, bool, ?string}>
     */
    public function marks(array $answers): array
    {
        return array_map(
            fn (array $row) => [$row['question']->kind->skill(), $row['question']->kind->value, $row['is'], null],
            $this->judged($answers),
        );
    }

    /** What is read with the eyes; '' of a sum. */
    private function picture(DrillQuestion $question): string
    {
        return $question->kind === DrillKind::Read
            ? Svg::write(TapeRead::of($question->answer, $this->round->units, $this->speak))
            : '';
    }

    private function isRight(DrillQuestion $question, string $said): bool
    {
        try {
            return $question->isRight(LengthReader::read($said, $this->round->units));
        } catch (UnreadableLength) {
            return false;
        }
    }

    /** @return list<DrillQuestion> */
    private function all(): array
    {
        return array_map(
            fn (int $n) => DrillQuestion::of($this->round->seed, $n, $this->round->units),
            range(0, DrillQuestion::MOST - 1),
        );
    }
}
