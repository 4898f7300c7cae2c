<?php

declare(strict_types=1);

namespace App\Practice;

use App\Keeping\Kept;
use App\Models\PracticeRound;
use App\Words\FieldWords;
use App\Words\Speaker;
use App\Words\StepWords;
use YokeLine\Doorway\Obstacle;
use YokeLine\Drawing\PracticeSketch;
use YokeLine\Drawing\Svg;
use YokeLine\Drawing\WallSketch;
use YokeLine\Format\Document;
use YokeLine\Measure\Length;
use YokeLine\Measure\LengthReader;
use YokeLine\Measure\LengthWriter;
use YokeLine\Measure\Message;
use YokeLine\Measure\Quantity;
use YokeLine\Practice\Ask;
use YokeLine\Practice\Attempt;
use YokeLine\Practice\FirstStep;
use YokeLine\Practice\InHand;
use YokeLine\Practice\PracticeWall;
use YokeLine\Work\StepKind;

/** A wall as a learner sees it: what they may measure and what they have, what is given, what is asked. */
final readonly class WallPage
{
    public const SWEEP = 'sweep';

    private const MINUTES = ['tape' => 1, 'level' => 2, self::SWEEP => 12];

    public PracticeWall $wall;

    public LengthWriter $write;

    public Speaker $speak;

    public function __construct(public PracticeRound $round)
    {
        $this->wall = self::wallOf($round);
        $this->write = new LengthWriter($round->units);
        $this->speak = Speaker::in($this->write);
    }

    public static function wallOf(PracticeRound $round): PracticeWall
    {
        $hangsOn = [$round->level, $round->seed, $round->truth, $round->measured];

        return Kept::of('practice-wall', $hangsOn, function () use ($round): PracticeWall {
            $wall = PracticeWall::kept(
                $round->level(),
                $round->seed,
                Document::fromJson((string) $round->truth),
                Document::fromJson((string) $round->measured),
                Kits::all(),
            );
            // What takes longest of what the page asks of the plan goes along with it.
            InHand::verdict($wall->plan);

            return $wall;
        });
    }

    public function title(): string
    {
        return Speaker::words('practice.page.wall', [
            'level' => Speaker::words("practice.levels.{$this->round->level}"),
            'seed' => (string) $this->round->seed,
        ]);
    }

    public function isMeasured(): bool
    {
        return $this->round->places !== [] || $this->round->is_swept;
    }

    /** @return list<array{place: string, label: string, minutes: int, read: ?string}> in the order of the walk */
    public function readings(): array
    {
        $rows = [];
        foreach ($this->wall->readings() as $place => $length) {
            $isRead = in_array($place, $this->round->places, true);
            $rows[] = [
                'place' => $place,
                'label' => $this->label($place),
                'minutes' => self::MINUTES[str_starts_with($place, 'survey.floor.') ? 'level' : 'tape'],
                'read' => $isRead ? $this->write->show($length) : null,
            ];
        }

        return $rows;
    }

    public function label(string $place): string
    {
        preg_match('/\[(\d+)\]\.(level|x\[[01]\]|projection)$/', $place, $of);

        return match ($of[2] ?? '') {
            '' => FieldWords::label($place),
            'level' => Speaker::words('practice.page.level-at', [
                'x' => $this->write->show($this->floorPlace((int) $of[1])),
            ]),
            default => Speaker::words('practice.page.thing.'.strtok($of[2], ']'), [
                'thing' => $this->thing((int) $of[1]),
            ]),
        };
    }

    private function thing(int $i): string
    {
        $thing = $this->wall->plan->doorway->survey->obstacles[$i] ?? null;

        return $thing === null ? '' : $this->speak->say($thing->called());
    }

    private function floorPlace(int $i): Length
    {
        return LengthReader::read(
            $this->wall->measured->get("survey.floor.readings[{$i}].x"),
            $this->round->units,
        );
    }

    public function sweepMinutes(): int
    {
        return self::MINUTES[self::SWEEP];
    }

    /** All that it took so far, in words. */
    public function taken(): string
    {
        $minutes = $this->minutes();

        return $minutes === 1
            ? Speaker::words('practice.page.taken-one')
            : Speaker::words('practice.page.taken-more', ['count' => (string) $minutes]);
    }

    /** All that it took so far. */
    private function minutes(): int
    {
        $taken = array_filter($this->readings(), fn (array $row) => $row['read'] !== null);

        return array_sum(array_column($taken, 'minutes')) + ($this->round->is_swept ? $this->sweepMinutes() : 0);
    }

    public function sketch(): string
    {
        return Svg::write(PracticeSketch::of(
            $this->wall->knownBy($this->round->places),
            $this->wall->seenBy($this->round->places),
            $this->round->is_swept ? $this->wall->swept() : [],
            $this->round->units,
            $this->speak,
        ));
    }

    /**
     * What a tape and a scanner read here, for one who goes on with no connection. Sealed, so that nobody who looks at
     * the page reads it; whoever unseals it cheats only themselves. What is so, and the answers, are not in it.
     */
    public function sealed(): string
    {
        $json = json_encode([
            'read' => array_map(
                fn (Length $length) => ['says' => $this->write->show($length), 'mm' => $length->toMm()],
                $this->wall->readings(),
            ),
            'things' => array_map(
                fn (Obstacle $thing) => [$thing->y->low->toMm(), $thing->y->high->toMm()],
                $this->wall->plan->doorway->survey->obstacles,
            ),
            'sweep' => Svg::write(PracticeSketch::sweep($this->wall->swept())),
        ], JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES);

        return base64_encode($json ^ str_pad('', strlen($json), "practice-{$this->round->id}"));
    }

    /** @return array<string, mixed> what the drawing follows readings by, and how a time is told */
    public function numbers(): array
    {
        return [
            'sketch' => (new WallSketch())->numbers(),
            'once' => PracticeSketch::ONCE_READ,
            'mm' => array_map(fn (Length $length) => $length->toMm(), $this->knownLengths()),
            'minutes' => $this->minutes(),
            'taken' => [
                Speaker::words('practice.page.taken-one'),
                Speaker::words('practice.page.taken-more'),
            ],
        ];
    }

    /** @return array<string, Length> */
    private function knownLengths(): array
    {
        return array_intersect_key($this->wall->readings(), array_flip($this->round->places));
    }

    /** @return array<string, string> what is told and not measured: kit, house, yard */
    public function given(): array
    {
        $plan = $this->wall->plan;
        $rules = $plan->doorway->brief->rules;
        $leaf = $plan->doorway->brief->leaf;
        $sizes = fn (Length ...$many) => implode(', ', array_map($this->write->show(...), array_values($many)));
        $there = $plan->doorway->brief->inHand;
        $given = [
            'opens' => FieldWords::answers('brief.opens')[$plan->doorway->brief->opens->value],
            'hang' => FieldWords::answers('brief.hang')[$plan->hang()->value],
            'overlap' => $this->write->show($rules->sideOverlap),
            'head-overlap' => $this->write->show($rules->headOverlap),
            'above-casing' => $this->write->show($rules->aboveCasing),
            'gap' => $this->write->show($rules->gap),
            'widths' => $sizes(...$leaf->stockWidths),
            'heights' => $sizes(...$leaf->stockHeights),
            'in-hand' => $there?->width === null || $there->height === null
                ? ''
                : "{$this->write->show($there->width)} × {$this->write->show($there->height)}",
            'thickness' => $this->write->show($plan->thickness),
            'rise' => $this->write->show($plan->kit->rise),
            'rail' => $this->write->show($plan->kit->rail->height),
            'inset' => $this->write->show($plan->layout->hangerInset()),
            'reach' => $this->write->show($plan->kit->stop->reach),
            'board' => $this->write->show($plan->doorway->brief->header->width),
            'hardware' => $this->speak->say(new Message('practice.page.given.kg', [
                'kg' => Quantity::kilograms($leaf->hardwareKg),
            ])),
        ];

        return array_filter($given, fn (string $one) => $one !== '');
    }

    /** @return list<array{ask: Ask, label: string, how: string, options: array<string, string>}> */
    public function asks(): array
    {
        $rows = [];
        foreach (Ask::toAnswer() as $ask) {
            if ($ask === Ask::InHand && InHand::verdict($this->wall->plan) === null) {
                continue;
            }
            $rows[] = [
                'ask' => $ask,
                'label' => $this->askOf($ask),
                'how' => Speaker::words("practice.how.{$ask->value}", ['x' => $this->here()]),
                'options' => match ($ask) {
                    Ask::Backing => FieldWords::answers('brief.backing', $this->wall->backings()),
                    Ask::First => $this->steps(),
                    Ask::InHand => $this->verdicts(),
                    default => [],
                },
            ];
        }

        return $rows;
    }

    public function askOf(Ask $ask): string
    {
        return Speaker::words("practice.asks.{$ask->value}", [
            'x' => $this->here(),
        ]);
    }

    /** @return array<string, string> */
    private function verdicts(): array
    {
        return array_combine(InHand::VERDICTS, array_map(
            fn (string $verdict) => Speaker::words("practice.in-hand.{$verdict}"),
            InHand::VERDICTS,
        ));
    }

    private function here(): string
    {
        return $this->write->show(Attempt::here($this->wall->plan));
    }

    /** @return array<string, string> */
    private function steps(): array
    {
        $kinds = FirstStep::of($this->wall)[1];

        return array_combine($kinds, array_map(fn (string $kind) => StepWords::kind(StepKind::from($kind)), $kinds));
    }
}
