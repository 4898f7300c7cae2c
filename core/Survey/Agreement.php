<?php

declare(strict_types=1);

namespace YokeLine\Survey;

use YokeLine\Catalog\Catalog;
use YokeLine\Measure\Length;
use YokeLine\Measure\Message;

/**
 * What readings of one wall must come to where each is right: some of them, less others, come to so much at least.
 *
 * Where they do not, one of them was misread, or the wall is a rare one: it is asked, not refused. A browser without a
 * connection is sent the same numbers.
 */
final readonly class Agreement
{
    /**
     * @param  string  $key  of what is asked
     * @param  list<string>  $more  places whose readings are added
     * @param  list<string>  $less  places whose readings are taken off
     * @param  Length  $least  what that comes to at least
     */
    private function __construct(
        public string $key,
        public array $more,
        public array $less,
        public Length $least,
    ) {}

    /**
     * Bounds of what is built: a doorway between 300 mm and 6 m wide and 1.5 m and 4.5 m high, ceilings to 12 m;
     * mouldings that are no wider than 400 mm and stand out no more than 120. Widths, and heights, within 50 mm of each
     * other.
     *
     * @return list<self>
     */
    public static function all(): array
    {
        [$wall, $opening] = ['survey.wall', 'survey.opening'];
        $head = "{$opening}.casing.head";
        $jambs = ["{$opening}.left", "{$opening}.width[0]"];
        $all = [
            self::atLeast(0, 'begins-outside', ["{$opening}.left"], ["{$opening}.casing.left", "{$wall}.from"]),
            self::atLeast(0, 'ends-outside', ["{$wall}.to"], [...$jambs, "{$opening}.casing.right"]),
        ];
        foreach (['[0]', '[1]'] as $i) {
            $all[] = self::atLeast(
                0,
                'over-ceiling',
                ["{$wall}.ceiling"],
                ["{$opening}.height{$i}", $head, "{$wall}.crown.drop"],
            );
            $all[] = self::atLeast(0, 'baseboard-high', ["{$opening}.height{$i}"], ['survey.baseboard.height']);
        }
        foreach ([['width', 0, 1], ['width', 0, 2], ['width', 1, 2], ['height', 0, 1]] as [$what, $a, $b]) {
            [$one, $other] = ["{$opening}.{$what}[{$a}]", "{$opening}.{$what}[{$b}]"];
            $all[] = self::atLeast(-50, "{$what}s-differ", [$one], [$other]);
            $all[] = self::atLeast(-50, "{$what}s-differ", [$other], [$one]);
        }

        return [...$all, ...self::bounds()];
    }

    /** @return list<self> those of which something is asked now */
    public static function askedOf(Readings $readings): array
    {
        return array_values(array_filter(self::all(), fn (self $one) => ! $one->holds($readings)));
    }

    /** What is lacking is not asked: where one of the readings is not told, it holds. */
    public function holds(Readings $readings): bool
    {
        $sum = Length::zero();
        foreach ([1 => $this->more, -1 => $this->less] as $sign => $places) {
            foreach ($places as $place) {
                $reading = $readings->at($place);
                if ($reading === null) {
                    // A moulding that nobody has spoken of may be none.
                    if (self::mayBeAbsent($place)) {
                        continue;
                    }

                    return true;
                }
                $sum = $sum->plus($reading->times($sign));
            }
        }

        return ! $sum->isUnder($this->least);
    }

    /** @return list<string> the places whose readings are in it */
    public function places(): array
    {
        return [...$this->more, ...$this->less];
    }

    /** What is asked where it does not hold. */
    public function says(): Message
    {
        $named = array_map(fn (string $place) => new Message('place', [], $place), $this->places());

        return new Message('survey.asks', ['what' => $named[0], 'other' => $named[1] ?? ''], $this->key);
    }

    public static function mayBeAbsent(string $place): bool
    {
        return Catalog::whole()->at($place)->mayBeNone();
    }

    /** @return list<self> */
    private static function bounds(): array
    {
        $bounds = [];
        foreach (Walk::lengths() as $place) {
            [$least, $most] = match (true) {
                str_contains($place, '.width[') => [300, 6000],
                str_contains($place, '.height[') => [1500, 4500],
                str_ends_with($place, '.ceiling') => [1800, 12000],
                str_ends_with($place, 'thickness'), str_ends_with($place, 'projection') => [null, 120],
                str_ends_with($place, '.walkway') => [300, null],
                self::mayBeAbsent($place) => [null, 400],
                default => [null, null],
            };
            if ($least !== null) {
                $bounds[] = self::atLeast($least, 'small', [$place], []);
            }
            if ($most !== null) {
                $bounds[] = self::atLeast(-$most, 'large', [], [$place]);
            }
        }

        return $bounds;
    }

    /**
     * @param  list<string>  $more
     * @param  list<string>  $less
     */
    private static function atLeast(int $mm, string $key, array $more, array $less): self
    {
        return new self($key, $more, $less, Length::mm($mm));
    }
}
