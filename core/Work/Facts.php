<?php

declare(strict_types=1);

namespace YokeLine\Work;

use YokeLine\Doorway\BoardHeld;
use YokeLine\Doorway\EndBy;
use YokeLine\Doorway\HolesFound;
use YokeLine\Doorway\KitPart;
use YokeLine\Doorway\LineFound;
use YokeLine\Doorway\LiningKind;
use YokeLine\Doorway\Looks;
use YokeLine\Doorway\Made\Way;
use YokeLine\Doorway\OldDoor;
use YokeLine\Doorway\PartAway;
use YokeLine\Doorway\WorkRules;
use YokeLine\Holding\Anchoring;
use YokeLine\Holding\BoardPieces;
use YokeLine\Marks\Heights;
use YokeLine\Marks\Tapes;
use YokeLine\Measure\Length;
use YokeLine\Planning\Plan;
use YokeLine\Planning\PlannedLeaf;
use YokeLine\Planning\RailCut;

/** What of a doorway decides its order of work: which steps there are, how often, how long, with how many people. */
final readonly class Facts
{
    private const ONE_LIFTS_KG = 25;

    private const LONG_MM = 1800;

    /**
     * @param  array<string, bool>  $is  what brings a step in
     * @param  array<string, float>  $counts  what makes it longer; `pieces.right` where it differs from leaf to leaf
     * @param  array<int|string, int>  $people
     * @param  list<string>  $leaves
     * @param  list<string>  $softLeaves  those that the soft close is fitted to
     * @param  list<string>  $rails
     * @param  list<string>  $guides
     * @param  list<KitPart>  $parts  that are missing, each once
     * @param  array<string, int>  $coats
     * @param  array<string, int>  $waits  minutes
     */
    private function __construct(
        public array $is,
        private array $counts,
        private array $people,
        public array $leaves,
        private array $softLeaves,
        public array $rails,
        public array $guides,
        public array $coats,
        public array $waits,
        public bool $oldLeafFirst,
        public WorkRules $rules,
        public array $parts = [],
        public ?Way $made = null,
    ) {}

    /** @param  array<string, int>  $lead  minutes until a delivery comes: kit, leaf, board */
    public static function of(Plan $plan, array $lead = [], bool $props = false, bool $doubtful = false): self
    {
        $schedule = $plan->doorway->brief->rules->schedule;
        $runs = array_keys($plan->layout->runs);
        $pair = count($runs) > 1 ? $runs : [''];
        $passing = $plan->hang()->rails() > 1;
        $was = $plan->doorway->survey->opening->was ?? OldDoor::None;

        return new self(
            self::facts($plan, $doubtful),
            self::counts($plan),
            self::people($plan, $props || $schedule->props),
            $pair,
            array_values(
                array_map(
                    fn (PlannedLeaf $leaf) => $leaf->isAlone ? '' : $leaf->name,
                    array_filter($plan->leaves(), fn (PlannedLeaf $leaf) => $leaf->softClose),
                ),
            ),
            $passing ? $pair : [''],
            $passing ? [''] : $pair,
            ['coat-leaf' => $schedule->coatsLeaf, 'coat-board' => $schedule->coatsBoard],
            [
                'dry' => $schedule->dry,
                'cure' => $schedule->cure,
                'kit' => $lead['kit'] ?? 0,
                'leaf' => $lead['leaf'] ?? 0,
                'board' => $lead['board'] ?? 0,
                'rest' => $schedule->rest,
                'clamp' => $schedule->clamp,
            ],
            $schedule->oldLeafFirst ?? $was === OldDoor::HingedIn || $was === OldDoor::Folding,
            $schedule,
            array_values(
                array_column(
                    array_map(fn (PartAway $away) => $away->part, $plan->doorway->survey->partsAway),
                    null,
                    'value',
                ),
            ),
            $plan->making?->leaf->made->way,
        );
    }

    /** @return array<string, bool> what brings a step in */
    private static function facts(Plan $plan, bool $doubtful): array
    {
        $brief = $plan->doorway->brief;
        $survey = $plan->doorway->survey;
        $schedule = $brief->rules->schedule;
        $header = $plan->header;

        return [
            'always' => true,
            'studs' => $survey->lining?->kind !== LiningKind::Masonry,
            'doubt' => $doubtful || $schedule->trial,
            'trim' => $brief->leaf->trimLimit->isPositive() && $brief->inHand !== null,
            'fin' => $plan->cutsGroove(),
            'disc' => $plan->kit->jumpDisc !== null,
            'soft' => $plan->hasSoftClose(),
            'pull' => true,
            'header' => $header !== null,
            'not header' => $header === null,
            'cut' => RailCut::isOnSite($plan),
            'bored' => $plan->backing()->isSiteDrilled() ||
                $plan->kit->rail->freeHoles ||
                (RailCut::of($plan)->bored ?? []) !== [],
            'splice' => count($plan->rail->pieces) > 1,
            'early' => $plan->kit->stop->style->goesOnBeforeRail(),
            'was' => ($survey->opening->was ?? OldDoor::None) !== OldDoor::None,
            'hazard_moved' => $survey->movesHazard(),
            'wall_opened' => $survey->opensWall(),
            'obstacle_moved' => array_filter($survey->obstacles, fn ($obstacle) => $obstacle->moved) !== [],
            'eased' => $plan->doorway->told->flag('survey.eased'),
            'buffer' => in_array(EndBy::WallBuffer, $plan->layout->ends, true),
            'coats_leaf' => $schedule->coatsLeaf > 0,
            'coats_board' => $header !== null && $schedule->coatsBoard > 0,
            'laid_out' => $schedule->lineFound === LineFound::LaidOut,
            'template' => $schedule->lineFound === LineFound::Template,
            'held' => in_array($schedule->holesFound, [HolesFound::HeldUp, HolesFound::FromFirst], true),
            'through' => $schedule->holesFound === HolesFound::FromFirst,
            'filled' => $header !== null && $schedule->looks === Looks::Wall,
            'stained' => $header !== null && $schedule->looks === Looks::Leaf,
            'capped' => $header !== null && $schedule->looks === Looks::Capped,
            'coloured' => $header !== null && $schedule->looks === Looks::Coloured,
        ];
    }

    /** @return array<string, float> what makes a step longer */
    private static function counts(Plan $plan): array
    {
        $survey = $plan->doorway->survey;
        $header = $plan->header;
        $width = $plan->layout->width->size->total->toMm() / 1000;
        $height = $plan->heights->leaf->size->total->toMm();
        $board =
            $header === null
                ? 0.0
                : ($header->span->length()->toMm() * $header->top->total->minus($header->foot->total)->toMm()) / 1e6;
        $fromFirst = $plan->doorway->brief->rules->schedule->holesFound === HolesFound::FromFirst;
        $bored = $fromFirst ? 1 : count($plan->rail->holes);
        $boardMarks = $bored + ($header === null ? 0 : count(Tapes::of($plan)->studs()));

        return [
            'readings' => (float) count($survey->floor),
            'wall_m' => $plan->room->wall->length()->toMm() / 1000,
            // Holes of hangers, discs, pull.
            'leaf_holes' => (float) ($plan->hangers()->count * (count($plan->heights->hangerHoles) ?: 2) +
                    ($plan->kit->jumpDisc === null ? 0 : 2) +
                    2),
            'leaf_w' => $width,
            'leaf_m2' => (2 * $width * $height) / 1000,
            'board_pieces' => $header === null
                    ? 0.0
                    : (float) count(BoardPieces::of($plan, $header)->lengths($header)),
            'board_marks' => (float) $boardMarks,
            'board_m2' => 2 * $board,
            'rail_holes' => (float) count($plan->rail->holes),
            'wall_holes' => (float) $bored,
            'other_holes' => (float) (count($plan->rail->holes) - $bored),
            'wall_marks' => (float) count(Tapes::wall($plan)),
            'places' => (float) count(Heights::of($plan)),
            'screws' => (float) count(Anchoring::of($plan)->header->fixings ?? []),
            'leaves' => (float) count($plan->layout->runs),
            'hard' => $plan->kit->guide->style->standsOnFloor() && $survey->hasHardFloor() ? 20.0 : 10.0,
            ...self::countsOfMaking($plan),
        ];
    }

    /** @return array<string, float> by what and leaf */
    private static function countsOfMaking(Plan $plan): array
    {
        $counts = [];
        foreach ($plan->making === null ? [] : $plan->leaves() as $leaf) {
            foreach (($plan->madeLeaf($leaf->name)->counts ?? []) as $what => $count) {
                $counts["{$what}{$leaf->suffix('.')}"] = (float) $count;
            }
        }

        return $counts;
    }

    /** How many there are, of this leaf where that differs. */
    public function count(string $what, string $of): float
    {
        return $this->counts["{$what}.{$of}"] ?? $this->counts[$what] ?? 0.0;
    }

    public function peopleFor(string $who, string $of): int
    {
        return $this->people["{$who}.{$of}"] ?? $this->people[$who];
    }

    /** @return array<int|string, int> */
    private static function people(Plan $plan, bool $props): array
    {
        $height = $plan->heights->leaf->size->total->toMm();
        $lift = self::lift($plan->mass->kg, $height);
        $lifts = [];
        foreach ($plan->making === null ? [] : $plan->leaves() as $leaf) {
            $own = $plan->hungKgOf($leaf->name) - $plan->doorway->brief->leaf->hardwareKg;
            $lifts["lift{$leaf->suffix('.')}"] = self::lift($own, $height);
        }
        $isLong = fn (?Length $length) => $length?->isUnder(Length::mm(self::LONG_MM)) === false;

        return [
            '1' => 1,
            '2' => 2,
            'lift' => $lift,
            'lift2' => max(2, $lift),
            ...$lifts,
            'board' => $props
                ? 1
                : match ($plan->doorway->brief->rules->schedule->boardHeld) {
                    BoardHeld::Helper => 2,
                    BoardHeld::Props => 1,
                    BoardHeld::Tacked => $isLong($plan->header?->span->length()) ? 2 : 1,
                },
            'longr' => ! $props && $plan->rail->length->total->isOver(Length::mm(self::LONG_MM)) ? 2 : 1,
        ];
    }

    /**
     * Whether a fact brings a step in for this leaf or rail: '' is the only one, or all of them together. What there is
     * one of at the least does.
     */
    public function has(string $fact, string $of): bool
    {
        $is = $this->is[$fact] ?? $this->count($fact, $of) > 0;

        return $is &&
            ($fact !== 'soft' || ! in_array($of, $this->leaves, true) || in_array($of, $this->softLeaves, true));
    }

    /** People to lift and hang a leaf: by its mass and its height, three at the most. */
    public static function lift(float $kg, float $height): int
    {
        return min(
            3,
            max((int) ceil($kg / self::ONE_LIFTS_KG), 1 + ($height > 2400 ? 1 : 0) + ($height > 2700 ? 1 : 0)),
        );
    }
}
