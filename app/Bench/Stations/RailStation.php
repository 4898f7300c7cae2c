<?php

declare(strict_types=1);

namespace App\Bench\Stations;

use App\Bench\Field;
use App\Bench\Group;
use App\Bench\Row;
use YokeLine\Doorway\HeaderAlign;
use YokeLine\Doorway\HeaderReach;
use YokeLine\Doorway\Kit;
use YokeLine\Setout;

/** Kit, what carries it, and where stops and guide have room. */
final class RailStation
{
    /**
     * @param  array<string, Kit>  $kits
     * @return list<Group>
     */
    public static function groups(Setout $setout, array $kits): array
    {
        $brief = $setout->doorway->brief;
        $header = $brief->header;
        $rules = $brief->rules;
        $kit = $kits[$brief->kit] ?? null;

        return [
            new Group('Kit', [
                Row::of(Field::select('brief.kit', 'Kit', array_map(fn (Kit $kit) => $kit->name, $kits), $brief->kit)),
                Row::of(Field::length('brief.rules.hanger_inset', 'Hangers in from the edge', $rules->hangerInset ?? $kit?->hanger->inset)),
                Row::of(Field::choice('brief.rules.soft_close', 'Soft close', ['auto' => 'where it fits', 'off' => 'without'], 'auto')),
                Row::of(Field::length('brief.rules.spacer', 'Spacer behind standoffs', $rules->spacer)),
                Row::of(Field::flag('brief.rules.trial', 'Its sheet', 'tried first', 'trusted')),
                Row::of(Field::flag('brief.rules.props', 'Put up with', 'props', 'a helper')),
            ]),
            new Group('What carries it', [
                Row::of(Field::choice('brief.backing', 'Rail on', ['header' => 'a header', 'direct' => 'the wall'], 'header')),
                ...($brief->backing->isHeader() ? [
                    new Row('Board', [Field::length('brief.header.width', 'Board width', $header->width, 'wide'), Field::length('brief.header.thickness', 'Board thickness', $header->thickness, 'thick')]),
                    new Row('Rail line', [Field::select('brief.header.align', 'Rail line on the board', ['centred' => 'in the middle', 'rail-low' => 'low on the board', 'on-casing' => 'board on the casing'], 'centred')]),
                    ...($header->align === HeaderAlign::RailLow ? [Row::of(Field::length('brief.header.reveal', 'Board below the rail', $header->reveal))] : []),
                    new Row('Board runs', [Field::select('brief.header.reach', 'How long the board is', ['overrun' => 'past the rail', 'rail' => 'as the rail', 'wall' => 'wall to wall'], 'overrun')]),
                    ...($header->reach === HeaderReach::Overrun ? [Row::of(Field::length('brief.header.overrun', 'Board past the rail', $header->overrun))] : []),
                    Row::of(Field::length('brief.header.build_out', 'Built out by', $header->buildOut)),
                ] : []),
            ]),
            new Group('Rail and stops', [
                new Row('Rail runs', [Field::select('brief.rules.rail_reach', 'How long the rail is', ['needed' => 'as far as needed', 'wall' => 'the whole wall'], 'needed')]),
                new Row('Ends open at', [Field::select('brief.rules.open_end', 'What ends the travel', ['stop' => 'a stop on the rail', 'buffer' => 'a buffer on the wall'], 'stop')]),
                Row::of(Field::choice('brief.rules.jump_discs', 'Jump discs', ['two' => 'two', 'one' => 'one'], 'two')),
            ]),
            new Group('Room to keep', [
                Row::of(Field::length('brief.rules.end_clearance', 'At the wall end', $rules->endClearance)),
                Row::of(Field::length('brief.rules.guide_margin', 'Round the guide', $rules->guideMargin)),
            ]),
        ];
    }
}
