<?php

declare(strict_types=1);

namespace Tests;

use DOMDocument;
use DOMElement;
use DOMNode;
use DOMText;

/** A page as lines, as it can be held against what it was. */
final class PageSays
{
    /**
     * What a page says, line by line: its words, where its links lead, what stands in its fields. Drawings are told by
     * themselves; a day, an hour and a made-up name are another one in each run.
     *
     * @return list<string>
     */
    public static function of(string $html): array
    {
        $document = new DOMDocument();
        $document->loadHTML('<?xml encoding="utf-8">'.$html, LIBXML_NOERROR | LIBXML_NOWARNING);
        $lines = [];
        self::gather($document->documentElement ?? $document, $lines);

        return self::timeless($lines);
    }

    /** @param  list<string>  $lines */
    private static function gather(DOMNode $node, array &$lines): void
    {
        if ($node instanceof DOMText) {
            $text = trim((string) preg_replace('/\s+/u', ' ', $node->textContent));
            $text === '' || ($lines[] = $text);

            return;
        }
        if ($node instanceof DOMElement) {
            // What a page is sent to work with is known by its mark.
            if ($node->getAttribute('type') === 'application/json' && $node->getAttribute('id') !== 'words') {
                $lines[] = "<script {$node->getAttribute('id')} ".substr(sha1($node->textContent), 0, 12).'>';
            }
            if (in_array($node->tagName, ['script', 'style', 'svg', 'head'], true)) {
                return;
            }
            $told = self::told($node);
            $told === '' || ($lines[] = $told);
        }
        foreach ($node->childNodes as $child) {
            self::gather($child, $lines);
        }
    }

    private static function told(DOMElement $node): string
    {
        $of = [
            'href', 'action', 'formaction', 'name', 'value', 'placeholder', 'checked', 'selected', 'disabled', 'hidden',
            'title', 'aria-label', 'aria-pressed', 'hx-post', 'hx-get', 'hx-vals',
        ];
        preg_match_all('/\bis-[\w-]+/', $node->getAttribute('class'), $states);
        $told = $states[0];
        foreach ($node->attributes as $name => $attribute) {
            if (in_array($name, $of, true) || str_starts_with((string) $name, 'data-')) {
                $told[] = "{$name}=".trim((string) preg_replace('/\s+/u', ' ', (string) $attribute->nodeValue));
            }
        }

        return $told === [] ? '' : "<{$node->tagName} ".implode(' ', $told).'>';
    }

    /**
     * Without what is another one in each run: a day, an hour, a made-up name.
     *
     * @param  list<string>  $lines
     * @return list<string>
     */
    public static function timeless(array $lines): array
    {
        return preg_replace(
            [
                '/\b\d{4}-\d\d-\d\dT[\d:]+[+-][\d:]+/', '/\b\d{4}-\d\d-\d\d\b/', '/\b\d{1,2}:\d\d\b/',
                '/\b(?:[JFMASOND][a-z]+) \d{1,2}, \d{4}\b/',
                '/\b(Mon|Tues|Wednes|Thurs|Fri|Satur|Sun)day\b/',
                '/\b\d{1,2} (Jan|Feb|Mar|Apr|May|Jun|Jul|Aug|Sep|Oct|Nov|Dec)[a-z]*( \d{4})?\b/',
                '/\b[0-9a-hjkmnp-tv-z]{26}\b/i', '/\be[0-9a-f]{4,}n(?=\d)/', '/_token value=\w+/',
                '/\b[0-9a-f]{32,64}\b/', '/expires=\d+/', '#/\S*yoke-line-tests-\d+#',
            ],
            [
                '(moment)', '(date)', '(hour)', '(date)', '(day)', '(date)', '(id)', '(new)', '_token', '(mark)',
                'expires', '(folder)',
            ],
            $lines,
        ) ?? [];
    }
}
