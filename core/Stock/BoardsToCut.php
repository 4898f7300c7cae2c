<?php

declare(strict_types=1);

namespace YokeLine\Stock;

use YokeLine\Holding\Holding;
use YokeLine\Measure\Length;
use YokeLine\Measure\Message;
use YokeLine\Measure\Unit;
use YokeLine\Planning\Plan;

/**
 * The boards, and the rails that are cut on site, of a whole job, section by section, cut from stock together; a board
 * that no bar takes whole is jointed where that costs least.
 */
final readonly class BoardsToCut
{
    /** Where nobody says what the yard has, in mm and in feet. */
    public const STOCK_MM = [2400, 3000, 3600, 4200, 4800];

    public const STOCK_FT = [6, 8, 10, 12, 14, 16];

    /**
     * @param  array<int, Plan>  $plans  by doorway
     * @param  array<int, string>  $names  what each doorway is called on a bar
     * @param  array<string, non-empty-list<Length>>  $stock  by the unit it is sold in; else as yards have it
     * @return list<Section>
     */
    public static function of(array $plans, array $names, array $stock = []): array
    {
        $sections = [];
        foreach ($plans as $doorway => $plan) {
            if ($plan->header !== null) {
                $width = $plan->header->top->total->minus($plan->header->foot->total);
                $units = $plan->doorway->units;
                $section = "{$width->nm} {$plan->header->thickness->nm} {$units->value}";
                $sections[$section]['size'] = [$width, $plan->header->thickness];
                $sections[$section]['units'] = $units;
                $sections[$section]['boards'][] = [
                    $names[$doorway],
                    self::splits($plan, $stock[$units->value] ?? self::stock($units)),
                ];
            }
        }

        return [
            ...array_values(
                array_map(
                    fn (array $section) => Section::ofBoards(
                        $section['size'][0],
                        $section['size'][1],
                        self::cut(
                            $section['boards'],
                            $stock[$section['units']->value] ?? self::stock($section['units']),
                            $section['units'],
                        ),
                        $section['units'],
                    ),
                    $sections,
                ),
            ),
            ...self::rails($plans, $names),
            ...self::leaves($plans, $names, $stock),
        ];
    }

    /**
     * Of leaves that the shop builds, those of one section and wood together; an infill at 45 degrees by its own rule.
     *
     * @param  array<int, Plan>  $plans
     * @param  array<int, string>  $names
     * @param  array<string, non-empty-list<Length>>  $stock
     * @return list<Section>
     */
    private static function leaves(array $plans, array $names, array $stock): array
    {
        $together = [];
        foreach ($plans as $doorway => $plan) {
            $alike = $plan->making?->other === null ? count($plan->layout->runs) : 1;
            foreach ($plan->making?->leaves() ?? [] as $nth => $leaf) {
                foreach (MadeCut::of($leaf, $alike, $names[$doorway]) as $cut) {
                    $by = $cut->isSlanted() ? "{$doorway} {$nth}" : '';
                    $units = $plan->doorway->units;
                    $section = "{$cut->thickness->nm} {$cut->width->nm} {$cut->wood} {$units->value} {$by}";
                    $together[$section][] = [$cut, $units, $leaf];
                }
            }
        }
        $found = [];
        foreach ($together as $cuts) {
            [[$cut, $units, $leaf]] = $cuts;
            $lengths = $stock[$units->value] ?? MadeCut::stock($leaf);
            $pieces = array_merge(...array_map(fn (array $one) => $one[0]->pieces, $cuts));
            try {
                $plan = $cut->isSlanted()
                    ? $cut->plan($lengths)
                    : Cutting::of($pieces, $lengths, self::kerf($units), self::endTrim($units));
            } catch (DoesNotFit $long) {
                $plan = $long->says();
            }
            $found[] = Section::ofWood($cut->width, $cut->thickness, $cut->wood, $plan, $units);
        }

        return $found;
    }

    /**
     * Rails that are cut on site share their bars only where their holes are free, or drilled on site too.
     *
     * @param  array<int, Plan>  $plans
     * @param  array<int, string>  $names
     * @return list<Section>
     */
    private static function rails(array $plans, array $names): array
    {
        $pieces = $kits = $units = [];
        foreach ($plans as $doorway => $plan) {
            if (
                $plan->rail->isCut() &&
                $plan->kit->rail->cuttable &&
                ($plan->kit->rail->freeHoles || $plan->backing()->isSiteDrilled())
            ) {
                $kits[$plan->kit->id] = $plan->kit;
                $units[$plan->kit->id] ??= $plan->doorway->units;
                $pieces[$plan->kit->id][] = new Piece($plan->rail->length->total, $names[$doorway]);
            }
        }
        $found = [];
        foreach ($kits as $id => $kit) {
            try {
                $cut = Cutting::of($pieces[$id], $kit->rail->lengths, self::kerf($kit->units), Length::zero());
            } catch (DoesNotFit $long) {
                $cut = $long->says();
            }
            $found[] = Section::ofRails($kit->id, $kit->name, $cut, $units[$id]);
        }

        return $found;
    }

    /**
     * @param  non-empty-list<Length>  $stock
     * @return list<non-empty-list<Length>>
     */
    private static function splits(Plan $plan, array $stock): array
    {
        $header = $plan->header;
        $longest = Length::greatest(...$stock)->minus(self::endTrim($plan->doorway->units)->times(2));
        $studs = array_map(fn (array $stud) => $stud[0], Holding::studs($plan->doorway->survey));

        return $header === null ? [] : Joints::splits($header->span, $studs, $plan->rail->holes, $longest);
    }

    /**
     * @param  list<array{string, list<non-empty-list<Length>>}>  $boards  whose it is, and every way of parting it
     * @param  non-empty-list<Length>  $stock
     */
    private static function cut(array $boards, array $stock, Unit $units): CuttingPlan|Message
    {
        $parted = [];
        foreach ($boards as [$name, $splits]) {
            if ($splits === []) {
                return new Message('materials.no-joint', ['what' => $name]);
            }
            $parted[] = array_map(
                fn (array $split) => array_map(
                    fn (Length $length, int $i) => new Piece($length, $name, count($split) > 1 ? $i + 1 : 0),
                    $split,
                    array_keys($split),
                ),
                $splits,
            );
        }

        $plan = Cutting::parting($parted, $stock, self::kerf($units), self::endTrim($units));

        return max(array_map(count(...), [[], ...$parted])) < Joints::MOST ? $plan : $plan->unproved();
    }

    /** What a saw takes. */
    public static function kerf(Unit $units): Length
    {
        return $units->usual(Length::mm(3), Length::sixteenths(2));
    }

    /** What is cut off each end of a bar first. */
    public static function endTrim(Unit $units): Length
    {
        return $units->usual(Length::mm(10), Length::sixteenths(6));
    }

    /** @return non-empty-list<Length> as yards sell boards */
    public static function stock(Unit $units): array
    {
        return $units === Unit::Inch
            ? array_map(fn (int $feet) => Length::sixteenths(16 * 12 * $feet), self::STOCK_FT)
            : array_map(Length::mm(...), self::STOCK_MM);
    }
}
