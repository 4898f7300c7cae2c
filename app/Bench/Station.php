<?php

declare(strict_types=1);

namespace App\Bench;

use YokeLine\Doorway\Kit;
use YokeLine\Setout;

/** Where along the work one stands. */
enum Station: string
{
    case Wall = 'wall';
    case Leaf = 'leaf';
    case Rail = 'rail';
    case Anchors = 'anchors';

    public function label(): string
    {
        return ucfirst($this->value);
    }

    /**
     * @param  array<string, Kit>  $kits
     * @return list<Group>
     */
    public function groups(Setout $setout, array $kits, Items $items, int $doorway = 0): array
    {
        return match ($this) {
            self::Wall => Stations\WallStation::groups($setout, $doorway, $items),
            self::Leaf => Stations\LeafStation::groups($setout, $doorway),
            self::Rail => Stations\RailStation::groups($setout, $kits),
            self::Anchors => Stations\AnchorsStation::groups($setout, $doorway, $items),
        };
    }

    /**
     * The field that sets a place, at whichever station it stands.
     *
     * @param  array<string, Kit>  $kits
     */
    public static function field(Setout $setout, array $kits, string $place): ?Field
    {
        foreach (self::cases() as $station) {
            $field = Group::field($place, ...$station->groups($setout, $kits, Items::named($place, $setout->document)));
            if ($field !== null) {
                return $field;
            }
        }

        return null;
    }

    /** Whether what is decided here is decided. */
    public function isDone(Setout $setout): bool
    {
        $open = array_filter($setout->findings, fn ($finding) => $finding->severity->needsSettling());
        $gravest = array_map(fn ($finding) => $finding->severity->value, $open);

        return match ($this) {
            self::Wall => $setout->plan !== null,
            self::Leaf => $setout->plan !== null && ! in_array('stop', $gravest, true),
            self::Rail, self::Anchors => $setout->plan !== null && $open === [],
        };
    }

    /** The station at which a place of the document is set. */
    public static function settingPlace(string $place): self
    {
        return match (true) {
            (bool) preg_match('/^(survey\.(solids|wood|wall\.lining\.wood)|brief\.(backing|anchor|header\.wood|rules\.(rail_left|washers|load_factor)))/', $place) => self::Anchors,
            str_starts_with($place, 'survey.') => self::Wall,
            (bool) preg_match('/^brief\.(kit|header|rules\.(hanger_inset|end_clearance|guide_margin|spacer|soft_close))/', $place) => self::Rail,
            default => self::Leaf,
        };
    }
}
