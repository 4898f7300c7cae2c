<?php

declare(strict_types=1);

namespace Tests;

use DOMDocument;
use DOMElement;
use DOMNode;
use DOMText;

/** Every page, in one of its states or several. */
final class Pages
{
    public const ALL = [
        'jobs' => '/',
        'put away' => '/?archived=1',
        'wall' => '/doorways/1/wall/measure',
        'leaf' => '/doorways/1/door/size',
        'rail' => '/doorways/1/rail/stops',
        'inches' => '/doorways/2/wall/measure',
        'stopped' => '/doorways/4/rail/stops',
        'half measured' => '/doorways/5/wall/measure',
        'two leaves' => '/doorways/6/door/size',
        'history' => '/doorways/1/record/changes',
        'anchors' => '/doorways/1/anchors/fixings',
        'anchors that catch' => '/doorways/11/anchors/fixings',
        'sweep' => '/doorways/1/wall/studs',
        'things on the wall' => '/doorways/8/wall/measure',
        'ways' => '/doorways/8/door/options',
        'size card' => '/doorways/1/door/in-hand',
        'readings' => '/doorways/1/wall/readings',
        'shelf' => '/shelf',
        'kit' => '/shelf/flat-40-strap',
        'parts without a kit' => '/shelf/parts',
        'part' => '/shelf/parts/floor-fin-40',
        'house rules' => '/rules',
        'marks' => '/doorways/1/marks/runs',
        'marks of two leaves' => '/doorways/6/marks/runs',
        'order of work' => '/doorways/1/site/order',
        'sheet' => '/doorways/1/papers/sheet',
        'leaf and parts' => '/doorways/1/marks/door',
        'parts of two leaves' => '/doorways/6/marks/door',
        'parts of two that pass' => '/doorways/10/marks/door',
        'measuring, one at a time' => '/doorways/5/wall/walk',
        'measuring in inches' => '/doorways/14/wall/walk',
        'a doorway begun by phone' => '/jobs/1/measure',
        'photographs of the wall' => '/doorways/8/wall/photos',
        'no photographs yet' => '/doorways/1/wall/photos',
        'to give out' => '/jobs/1/documents',
        'site' => '/doorways/12/site/steps',
        'found' => '/doorways/12/found/line',
        'log' => '/doorways/12/record/log',
        'materials' => '/jobs/1/materials',
        'supply' => '/jobs/1/orders',
        'day plan' => '/jobs/1/schedule',
        'board' => '/progress',
        'offer' => '/doorways/1/papers/quote',
        'compare' => '/doorways/1/record/compare',
        'how sure' => '/doorways/1/record/tolerance',
        'prove' => '/doorways/12/record/checks',
        'hand over' => '/doorways/12/record/handover',
        'the kit of a doorway' => '/doorways/1/rail/kit',
        'loads' => '/doorways/1/anchors/loads',
        'loads in inches' => '/doorways/13/anchors/loads',
        'templates' => '/doorways/1/marks/templates',
        'the line checked' => '/doorways/1/marks/line',
        'files' => '/doorways/1/papers/files',
        'nothing to mark yet' => '/doorways/5/marks/runs',
        'the firm' => '/firm',
        'one job' => '/jobs/1',
        'cutting' => '/jobs/2/cutting',
        'two leaves in inches' => '/doorways/14/door/size',
        'a leaf that is built' => '/doorways/16/door/made',
        'two leaves of old doors' => '/doorways/17/door/made',
        'old doors one by one' => '/doorways/17/door/in-hand',
        'practice' => '/practice',
        'a wall to practise on' => '/practice/walls/1',
        'what came of a wall' => '/practice/walls/2',
        'a drill' => '/practice/walls/3',
        'who has practised' => '/practice/people',
        'a record of practice' => '/practice/walls/2/record',
    ];

    /**
     * What a page says, line by line: its words, where its links lead, what stands in its fields. Drawings are told by
     * themselves; a day, an hour and a made-up name are another one in each run.
     *
     * @return list<string>
     */
    public static function says(string $html): array
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
                '(moment)', '(date)', '(hour)', '(date)', '(day)', '(date)', '(id)', '(new)', '_token', '(mark)', 'expires',
                '(folder)',
            ],
            $lines,
        ) ?? [];
    }
}
