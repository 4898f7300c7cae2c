<?php

declare(strict_types=1);

namespace YokeLine\Drawing;

use YokeLine\Survey\Readings;

/**
 * A wall with its opening that follows its readings as they come: what is not measured yet stands as on a usual wall.
 * Heights count upwards here. A browser is sent the same numbers, and draws it while there is no connection.
 *
 * @phpstan-type Point array{Affine, Affine}
 */
final readonly class WallSketch
{
    private const WALL = 'survey.wall';

    private const OPENING = 'survey.opening';

    private Affine $from;

    private Affine $to;

    private Affine $left;

    private Affine $right;

    private Affine $leftHead;

    private Affine $rightHead;

    private Affine $ceiling;

    public function __construct()
    {
        $this->from = Affine::of(self::WALL.'.from');
        $this->to = Affine::of(self::WALL.'.to');
        $this->left = Affine::of(self::OPENING.'.left');
        $this->right = $this->left->plus(Affine::of(self::OPENING.'.width[0]'));
        $this->leftHead = Affine::of(self::OPENING.'.height[0]');
        $this->rightHead = Affine::of(self::OPENING.'.height[1]');
        $this->ceiling = Affine::of(self::WALL.'.ceiling');
    }

    /** @return array<string, Affine> what each reading is on a usual wall, mm; of others where they are told */
    public static function usual(): array
    {
        return [
            self::WALL.'.from' => Affine::mm(0),
            self::WALL.'.to' => Affine::of(self::OPENING.'.left')->plus(
                Affine::of(self::OPENING.'.width[0]'),
                1800.0,
            ),
            self::WALL.'.ceiling' => Affine::of(self::OPENING.'.height[0]')->plus(430.0),
            self::WALL.'.crown.drop' => Affine::mm(0),
            self::OPENING.'.left' => Affine::of(self::WALL.'.from')->plus(1300.0),
            self::OPENING.'.width[0]' => Affine::mm(900),
            self::OPENING.'.width[1]' => Affine::of(self::OPENING.'.width[0]'),
            self::OPENING.'.width[2]' => Affine::of(self::OPENING.'.width[0]'),
            self::OPENING.'.height[0]' => Affine::mm(2050),
            self::OPENING.'.height[1]' => Affine::of(self::OPENING.'.height[0]'),
            self::OPENING.'.casing.left' => Affine::mm(70),
            self::OPENING.'.casing.right' => Affine::mm(70),
            self::OPENING.'.casing.head' => Affine::mm(70),
            'survey.baseboard.height' => Affine::mm(100),
        ];
    }

    /** @return list<array{string, non-empty-list<Point>}> layer and corners of each part, the wall first */
    public function outline(): array
    {
        $none = Affine::mm(0);
        $casingLeft = $this->left->minus(Affine::of(self::OPENING.'.casing.left'));
        $casingRight = $this->right->plus(Affine::of(self::OPENING.'.casing.right'));
        $head = Affine::of(self::OPENING.'.casing.head');
        $base = Affine::of('survey.baseboard.height');

        return [
            ['wall', self::box($this->from, $none, $this->to, $this->ceiling)],
            [
                'crown',
                self::box($this->from, $this->ceiling->minus(self::crown()), $this->to, $this->ceiling),
            ],
            ['baseboard', self::box($this->from, $none, $casingLeft, $base)],
            ['baseboard', self::box($casingRight, $none, $this->to, $base)],
            [
                'casing',
                [
                    [$casingLeft, $none],
                    [$casingLeft, $this->leftHead->plus($head)],
                    [$casingRight, $this->rightHead->plus($head)],
                    [$casingRight, $none],
                ],
            ],
            [
                'opening',
                [
                    [$this->left, $none],
                    [$this->left, $this->leftHead],
                    [$this->right, $this->rightHead],
                    [$this->right, $none],
                ],
            ],
        ];
    }

    /** @return array<string, mixed> as a browser is sent it */
    public function numbers(): array
    {
        return [
            'usual' => array_map(fn (Affine $at) => $at->numbers(), self::usual()),
            'outline' => array_map(fn (array $part) => [
                $part[0],
                array_map(
                    fn (array $corner) => array_map(fn (Affine $at) => $at->numbers(), $corner),
                    $part[1],
                ),
            ], $this->outline()),
        ];
    }

    /** @return array<string, array{Point, Point}> at what the tape is hooked for each, and where it is read */
    public function dimensions(): array
    {
        $none = Affine::mm(0);
        $casing = fn (string $side) => Affine::of(self::OPENING.".casing.{$side}");
        $middle = $this->left->towards($this->right, 0.5);
        $level = fn (float $far) => $this->leftHead->times($far);
        $along = fn (Affine $hook, Affine $read, float $far) => [[$hook, $level($far)], [$read, $level($far)]];
        $up = fn (Affine $x, Affine $from, Affine $to) => [[$x, $from], [$x, $to]];
        $right = $this->right->towards($this->to, 0.82);

        return [
            self::WALL.'.from' => $along($none, $this->from, 0.30),
            self::OPENING.'.casing.left' => $along($this->left->minus($casing('left')), $this->left, 0.66),
            self::OPENING.'.left' => $along($none, $this->left, 0.30),
            self::OPENING.'.width[0]' => $along($this->left, $this->right, 0.94),
            self::OPENING.'.width[1]' => $along($this->left, $this->right, 0.52),
            self::OPENING.'.width[2]' => $along($this->left, $this->right, 0.08),
            self::OPENING.'.casing.right' => $along($this->right, $this->right->plus($casing('right')), 0.66),
            self::WALL.'.to' => $along($none, $this->to, 0.16),
            self::OPENING.'.height[0]' => $up($this->left->towards($this->right, 0.1), $none, $this->leftHead),
            self::OPENING.'.height[1]' => $up($this->left->towards($this->right, 0.9), $none, $this->rightHead),
            self::OPENING.'.casing.head' => $up($middle, $this->leftHead, $this->leftHead->plus($casing('head'))),
            self::WALL.'.ceiling' => $up($right, $none, $this->ceiling),
            self::WALL.'.crown.drop' => $up(
                $this->right->towards($this->to, 0.55),
                $this->ceiling->minus(self::crown()),
                $this->ceiling,
            ),
            'survey.baseboard.height' => $up(
                $this->from->towards($this->left, 0.35),
                $none,
                Affine::of('survey.baseboard.height'),
            ),
        ];
    }

    /** @return array<string, Point> where on the wall one looks for what is no distance along or up it */
    private function spots(): array
    {
        $none = Affine::mm(0);
        $half = $this->ceiling->times(0.5);
        $right = $this->right->towards($this->to, 0.5);
        $casing = $this->right->plus(Affine::of(self::OPENING.'.casing.right')->times(0.5));

        return [
            self::WALL.'.ends.left' => [$this->from, $half],
            self::WALL.'.ends.right' => [$this->to, $half],
            self::WALL.'.lining' => [$right, $half],
            self::WALL.'.crown' => [$right, $this->ceiling->minus(self::crown()->times(0.5))],
            self::WALL.'.walkway' => [$this->left->towards($this->right, 0.5), Affine::mm(-60)],
            self::OPENING.'.casing' => [$casing, $this->leftHead->times(0.4)],
            self::OPENING.'.was' => [$this->left->towards($this->right, 0.5), $this->leftHead->times(0.7)],
            'survey.baseboard' => [
                $this->from->towards($this->left, 0.75),
                Affine::of('survey.baseboard.height')->times(0.5),
            ],
            'survey.floor' => [$this->left->towards($this->right, 0.5), $none],
            'survey' => [$right, $this->ceiling->times(0.4)],
        ];
    }

    /** @return Point the one of `spots` that is nearest to the place in the document */
    public function spot(string $place): array
    {
        $spots = $this->spots();
        while (! isset($spots[$place])) {
            $place = substr($place, 0, (int) strrpos($place, '.'));
        }

        return $spots[$place];
    }

    /** What a reading is drawn as: as it was told, else as on a usual wall. */
    public static function drawn(Readings $readings, string $place): float
    {
        return $readings->at($place)?->toMm() ??
            ((self::usual()[$place] ?? null)?->at(fn (string $other) => self::drawn($readings, $other)) ?? 0.0);
    }

    private static function crown(): Affine
    {
        return Affine::of(self::WALL.'.crown.drop');
    }

    /** @return non-empty-list<Point> */
    private static function box(Affine $left, Affine $bottom, Affine $right, Affine $top): array
    {
        return [[$left, $bottom], [$left, $top], [$right, $top], [$right, $bottom]];
    }
}
