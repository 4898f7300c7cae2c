<?php

declare(strict_types=1);

namespace YokeLine\Format;

use YokeLine\Doorway\EndBy;
use YokeLine\Holding\Anchoring;
use YokeLine\Inspection\Finding;
use YokeLine\Measure\Length;
use YokeLine\Measure\Message;
use YokeLine\Measure\Span;
use YokeLine\Measure\Sum;
use YokeLine\Planning\Buffer;
use YokeLine\Planning\Depth;
use YokeLine\Planning\GuidePlace;
use YokeLine\Planning\LeafRun;
use YokeLine\Planning\Plan;
use YokeLine\Planning\PlannedLeaf;
use YokeLine\Planning\Tolerance;

/** A plan as the open file has it: millimetres with up to six decimals, whatever the document's units. */
final class PlanWriter
{
    /**
     * @param  list<Finding>  $findings
     * @param  ?callable(Message): string  $say  in what words its findings are told; by their keys where none is given
     * @return array<string, mixed>
     */
    public static function write(Plan $plan, array $findings, ?callable $say = null): array
    {
        $say ??= fn (Message $message) => $message->key;
        $layout = $plan->layout;
        $heights = $plan->heights;
        $common = [
            'head_y' => self::mm($heights->head->total),
            'yoke_line' => self::mm($plan->yokeLine()),
            // How high the rail is, first as this house means it.
            'line_heights' => array_map(fn (Sum $height) => self::mm($height->total), $plan->lineHeights()),
            'top_gap' => self::mm($heights->topGap->total),
            'headroom_needed' => self::mm($heights->headroomNeeded->total),
            'gap' => ['min' => self::mm($heights->gap->low), 'max' => self::mm($heights->gap->high)],
            'hanging' => [
                'count' => $plan->hangers()->count,
                'at' => array_map(self::mm(...), $plan->hangers()->at),
                'cases' => $plan->hangers()->cases(),
                'worst_wheel_kg' => $plan->hungKg() / 2,
            ],
            'hanger_holes_from_top' => array_map(self::mm(...), $heights->hangerHoles),
            'pulls_up' => array_map(fn (array $pull) => array_map(self::mm(...), $pull), $plan->pullsUp()),
            'leaf' => [
                'width' => self::mm($layout->width->size->total),
                'height' => self::mm($heights->leaf->size->total),
                'need_width' => self::mm($layout->width->needed->total),
                'need_height' => self::mm($heights->leaf->needed->total),
            ],
            'rail' => [
                'left' => self::mm($plan->rail->span->low),
                'right' => self::mm($plan->rail->span->high),
                'length' => self::mm($plan->rail->length->total),
                'min_length' => self::mm($plan->rail->least->total),
                'pieces' => count($plan->rail->pieces),
            ],
            'rail_holes' => array_map(self::mm(...), $plan->rail->holes),
            'stops' => array_map(fn (Sum $face) => self::mm($face->total), $layout->stops),
            'ends' => array_map(fn (EndBy $by) => $by->value, $layout->ends),
            'buffers' => array_map(self::buffer(...), Buffer::of($plan)),
            'header' => $plan->header === null
                    ? null
                    : [
                        'left' => self::mm($plan->header->span->low),
                        'right' => self::mm($plan->header->span->high),
                        'bottom' => self::mm($plan->header->foot->total),
                        'top' => self::mm($plan->header->top->total),
                    ],
            ...AnchoringWriter::write(Anchoring::of($plan)),
            ...MarksWriter::write($plan),
            'leaf_made' => LeafMadeWriter::write($plan),
            'findings' => array_map(fn (Finding $finding) => FindingWriter::write($finding, $say), $findings),
            ...WorkWriter::write($plan),
        ];

        $only = $plan->onlyLeaf();

        /** @var array<string, mixed> */
        return array_replace_recursive(
            $common,
            match (true) {
                $only !== null => self::single($plan, $only),
                $plan->hang()->leavesMeet() => self::biparting($plan),
                default => self::bypass($plan, $layout->midOverlap),
            },
        );
    }

    /** @return array<string, mixed> */
    private static function buffer(Buffer $buffer): array
    {
        return [
            'leaf' => $buffer->leaf,
            'end' => $buffer->way,
            'edge' => self::mm($buffer->edge),
            'thickness' => self::mm($buffer->thickness),
            'heights' => array_map(self::mm(...), $buffer->heights),
            'carrier' => $buffer->carrier?->toMm(),
            'packing' => self::mm($buffer->packing()),
        ];
    }

    /** @return array<string, mixed> */
    private static function single(Plan $plan, PlannedLeaf $leaf): array
    {
        $run = $leaf->run;

        return [
            'leaf' => ['closed' => self::pair($run->closed()), 'open' => self::pair($run->open())],
            'travel' => self::mm($run->travel->total),
            'travel_wanted' => self::mm($run->wanted->total),
            'clear_width' => self::mm($plan->layout->passages['clear']->total),
            'hangers' => [
                'closed' => self::pair($run->hangers($run->closed())),
                'open' => self::pair($run->hangers($run->open())),
            ],
            'guide' => self::guide($plan, $leaf->guide),
            'depth' => self::depth($leaf->depth),
        ];
    }

    /** @return array<string, mixed> */
    private static function biparting(Plan $plan): array
    {
        $space = $plan->layout->centreStopSpace() ?? Length::zero();

        return [
            'meeting' => $plan->layout->meeting?->toMm(),
            'leaves' => array_map(
                fn (LeafRun $run) => [
                    'closed' => self::pair($run->closed()),
                    'open' => self::pair($run->open()),
                    'travel' => self::mm($run->travel->total),
                ],
                $plan->layout->runs,
            ),
            'clear_width' => self::mm($plan->layout->passages['clear']->total),
            'centre_stop_space' => self::mm($space),
            'centre_stops_fit' => ! $space->isUnder($plan->kit->stop->body->times(2)->minus(Tolerance::tape())),
            'guides' => array_map(fn (GuidePlace $guide) => self::guide($plan, $guide), $plan->guides),
            'depth' => self::depth($plan->innerDepth()),
        ];
    }

    /** @return array<string, mixed> */
    private static function bypass(Plan $plan, ?Sum $midOverlap): array
    {
        return [
            'mid_overlap' => self::mm($midOverlap->total ?? Length::zero()),
            'leaves' => array_map(
                fn (LeafRun $run) => [
                    'closed' => self::pair($run->closed()),
                    'travel' => self::mm($run->travel->total),
                ],
                $plan->layout->runs,
            ),
            'clear_width' => array_map(fn (Sum $passage) => self::mm($passage->total), $plan->layout->passages),
            'guide' => self::guide($plan, $plan->guides['guide']),
            'depth' => [
                ...array_map(self::depth(...), $plan->depths),
                'between_leaves' => self::mm($plan->betweenLeaves()->total ?? Length::zero()),
            ],
        ];
    }

    /** @return array<string, mixed> */
    private static function guide(Plan $plan, GuidePlace $guide): array
    {
        return [
            'window' => self::pair($guide->window),
            'at' => $guide->at === null ? null : self::mm($guide->at),
            'shortfall' => self::mm($guide->shortfall),
            'groove' => $guide->grooveDepth === null || $guide->grooveWidth === null
                    ? null
                    : [
                        'depth' => self::mm($guide->grooveDepth),
                        'width' => self::mm($guide->grooveWidth),
                        ...$guide->grooveFrom === null
                            ? []
                            : [
                                'from' => self::mm($guide->grooveFrom),
                                'to' => self::mm($plan->layout->width->size->total),
                            ],
                    ],
        ];
    }

    /** @return array<string, float> */
    private static function depth(Depth $depth): array
    {
        return [
            'rail_centre' => self::mm($depth->rail->total),
            'leaf_back' => self::mm($depth->leafBack->total),
            'leaf_front' => self::mm($depth->leafFront->total),
            'proud' => self::mm($depth->proud->total),
            'clearance' => self::mm($depth->clearance->total),
        ];
    }

    public static function mm(Length $length): float
    {
        return $length->toMm();
    }

    /** @return array{float, float} */
    private static function pair(Span $span): array
    {
        return [self::mm($span->low), self::mm($span->high)];
    }
}
