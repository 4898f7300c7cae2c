<?php

declare(strict_types=1);

namespace YokeLine\Drawing;

/** A scene as SVG; layers become classes, which the style sheet colours. */
final class Svg
{
    public static function write(Scene $scene): string
    {
        $box = implode(
            ' ',
            array_map(fn (float $n) => (string) round($n, 2), [
                $scene->left,
                $scene->top,
                $scene->width,
                $scene->height,
            ]),
        );
        $title = htmlspecialchars($scene->title);

        // What can be moved in it must be reached by a screen reader.
        $role =
            array_filter($scene->shapes, fn (Shape $shape) => isset($shape->attributes['tabindex'])) === []
                ? 'img'
                : 'group';

        return "<svg class=\"scene scene-{$scene->name}\" data-scene=\"{$scene->name}\" viewBox=\"{$box}\"".
            " role=\"{$role}\" aria-label=\"{$title}\" xmlns=\"http://www.w3.org/2000/svg\">".
            self::shapes($scene->shapes).
            '</svg>';
    }

    /** A file of its own, true to size: it brings its units and its lines with it. */
    public static function trueToSize(Scene $scene): string
    {
        $own = " width=\"{$scene->width}mm\" height=\"{$scene->height}mm\" fill=\"none\" stroke=\"#1a272c\">".
            '<style>text { fill: #1a272c; stroke: none; font-family: sans-serif }</style>';

        return "<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n".
            preg_replace('/>/', $own, self::write($scene), 1).
            "\n";
    }

    /** @param  list<Shape>  $shapes */
    private static function shapes(array $shapes): string
    {
        $svg = '';
        foreach ($shapes as $shape) {
            $attributes = '';
            foreach ($shape->attributes as $name => $value) {
                $attributes .=
                    ' '.$name.'="'.(is_float($value) ? round($value, 2) : htmlspecialchars($value)).'"';
            }
            $svg .= "<{$shape->kind} class=\"{$shape->layer}\"{$attributes}";
            $svg .= match (true) {
                $shape->kind === 'g' => '>'.self::shapes($shape->inside).'</g>',
                $shape->kind === 'text' => '>'.htmlspecialchars($shape->text).'</text>',
                default => '/>',
            };
        }

        return $svg;
    }
}
