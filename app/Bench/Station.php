<?php

declare(strict_types=1);

namespace App\Bench;

use App\Frame\Place;
use YokeLine\Catalog\Catalog;
use YokeLine\Catalog\Field as CatalogField;
use YokeLine\Doorway\Kit;
use YokeLine\Setout;

/** Where along the work one stands. */
enum Station: string
{
    case Wall = 'wall';
    case Leaf = 'leaf';
    case Made = 'made';
    case Rail = 'rail';
    case Anchors = 'anchors';

    public function label(): string
    {
        return Place::of($this->page())->says();
    }

    /** The route of the page on which its fields stand. */
    public function page(): string
    {
        return match ($this) {
            self::Wall => 'wall.measure',
            self::Leaf => 'door.size',
            self::Made => 'door.made',
            self::Rail => 'rail.stops',
            self::Anchors => 'anchors.fixings',
        };
    }

    public static function tryFromPage(string $page): ?self
    {
        return array_values(array_filter(self::cases(), fn (self $station) => $station->page() === $page))[0] ?? null;
    }

    /**
     * @param  array<string, Kit>  $kits
     * @return list<Group>
     */
    public function groups(Setout $setout, array $kits, Items $items, int $doorway = 0): array
    {
        $groups = match ($this) {
            self::Wall => Stations\WallStation::groups($setout, $doorway, $items),
            self::Leaf => Stations\LeafStation::groups($setout, $doorway),
            self::Made => Stations\MadeStation::groups($setout, $items),
            self::Rail => Stations\RailStation::groups($setout, $kits, $items),
            self::Anchors => Stations\AnchorsStation::groups($setout, $doorway, $items),
        };
        $added = array_filter(
            Catalog::whole()->fields(),
            fn (CatalogField $field) => $field->station === $this->value && $field->group !== null,
        );

        return array_map(
            fn (Group $group) => $group->with(
                ...array_map(
                    fn (CatalogField $field) => Row::of(Field::of($field->path)),
                    array_values(array_filter($added, fn (CatalogField $field) => $field->group === $group->key)),
                ),
            ),
            $groups,
        );
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
            self::Leaf, self::Made => $setout->plan !== null && ! in_array('stop', $gravest, true),
            self::Rail, self::Anchors => $setout->plan !== null && $open === [],
        };
    }

    /** The station at which a place of the document is set. */
    public static function settingPlace(string $place): self
    {
        return self::tryFrom((string) Catalog::whole()->find($place)?->station) ??
            (str_starts_with($place, 'survey.') ? self::Wall : self::Leaf);
    }
}
