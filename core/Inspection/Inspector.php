<?php

declare(strict_types=1);

namespace YokeLine\Inspection;

/** Every check there is, in the order an installer would ask. */
final class Inspector
{
    private const CHECKS = [
        Checks\MeasureDisagrees::class,
        Checks\SurveyOdd::class,
        Checks\KitHangs::class,
        Checks\LeafSuitsKit::class,
        Checks\MadeLeaf::class,
        Checks\LeafCovers::class,
        Checks\Headroom::class,
        Checks\HeaderPlace::class,
        Checks\PictureRail::class,
        Checks\BehindRail::class,
        Checks\RailHasRoom::class,
        Checks\ShutRoom::class,
        Checks\Travel::class,
        Checks\TravelEnds::class,
        Checks\PairOfLeaves::class,
        Checks\GuideStands::class,
        Checks\GuideHolds::class,
        Checks\FloorDrilled::class,
        Checks\GrooveStops::class,
        Checks\TemplateLevel::class,
        Checks\LeafClears::class,
        Checks\InTheWay::class,
        Checks\Covered::class,
        Checks\Aisle::class,
        Checks\BuiltOut::class,
        Checks\TopGap::class,
        Checks\HangerPlace::class,
        Checks\HolesInSolid::class,
        Checks\SoftCloseRoom::class,
        Checks\CatchFits::class,
        Checks\JumpDiscPlace::class,
        Checks\PullReach::class,
        Checks\FloorFalls::class,
        Checks\OldDoorGoes::class,
        Checks\KitTold::class,
        Checks\MeasuresMissing::class,
    ];

    /**
     * Whether a finding's own check still says it.
     *
     * @param  int  $times  how often it said the like: of three switches behind a leaf one less is one cured
     */
    public static function stillSays(Finding $finding, CheckContext $context, int $times = 1): bool
    {
        $check = $finding->foundBy;

        return is_subclass_of($check, Check::class) &&
            $finding->isAmong(array_values([...(new $check())->look($context)]), $times);
    }

    /** @return list<Finding> what stops it or must be settled of what stands along the wall */
    public static function graveAlong(CheckContext $context): array
    {
        return self::grave($context, true);
    }

    /** @return list<Finding> the rest of what stops it or must be settled */
    public static function graveOther(CheckContext $context): array
    {
        return self::grave($context, false);
    }

    /** @return list<Finding> */
    private static function grave(CheckContext $context, bool $along): array
    {
        $grave = [];
        foreach (self::CHECKS as $check) {
            if (is_subclass_of($check, AlongCheck::class) === $along) {
                foreach ((new $check())->look($context) as $finding) {
                    if ($finding->severity->needsSettling()) {
                        $grave[] = $finding;
                    }
                }
            }
        }

        return $grave;
    }

    /** How the rail is held, in the order of the load: wall, board, rail, fixing. */
    private const ANCHORS = [
        Checks\StudsKnown::class,
        Checks\StudsSure::class,
        Checks\RailHeld::class,
        Checks\BoardHolds::class,
        Checks\HazardBehind::class,
        Checks\FixingsStrong::class,
        Checks\StandoffPress::class,
        Checks\RailBends::class,
        Checks\StopsFree::class,
        Checks\BoltLong::class,
        Checks\MasonryKeeps::class,
    ];

    /** @return list<Finding> the gravest first; their cures are candidates until they are proved */
    public static function inspect(CheckContext $context): array
    {
        return self::gravestFirst([...self::asked(self::CHECKS, $context), ...self::anchors($context)]);
    }

    /** @return list<Finding> as `inspect`, of everything but how the rail is held */
    public static function inspectGeometry(CheckContext $context): array
    {
        return self::gravestFirst(self::asked(self::CHECKS, $context));
    }

    /** @return list<Finding> how the rail is held */
    public static function anchors(CheckContext $context): array
    {
        return self::asked(self::ANCHORS, $context);
    }

    /** @return list<Finding> how the rail is held, as far as the first that stops it */
    public static function anchorsUntilStop(CheckContext $context): array
    {
        $findings = [];
        foreach (self::ANCHORS as $check) {
            foreach ((new $check())->look($context) as $finding) {
                $findings[] = $finding;
                if ($finding->severity === Severity::Stop) {
                    return $findings;
                }
            }
        }

        return $findings;
    }

    /**
     * @param  list<class-string<Check>>  $checks
     * @return list<Finding>
     */
    private static function asked(array $checks, CheckContext $context): array
    {
        $findings = [];
        foreach ($checks as $check) {
            foreach ((new $check())->look($context) as $finding) {
                $findings[] = $finding->cures === [] ? $finding : $finding->foundBy($check);
            }
        }

        return $findings;
    }

    /**
     * @param  list<Finding>  $findings
     * @return list<Finding>
     */
    private static function gravestFirst(array $findings): array
    {
        usort($findings, fn (Finding $a, Finding $b) => $a->severity->rank() <=> $b->severity->rank());

        return $findings;
    }
}
