<?php

declare(strict_types=1);

namespace App\Frame;

use App\Firm\Ability;
use App\Firm\Here;
use App\Models\Doorway;
use App\Words\Speaker;

/** Where along a doorway's work one is: the stations of its rail, each with its pages, in the order of the work. */
enum Place: string
{
    case Wall = 'wall';
    case Door = 'door';
    case Rail = 'rail';
    case Anchors = 'anchors';
    case Marks = 'marks';
    case Site = 'site';
    case Record = 'record';
    case Papers = 'papers';

    /** @return list<string> the routes of what is over all doorways, as far as one may go there */
    public static function over(): array
    {
        return [
            'jobs',
            'board',
            'schedule',
            'shelf',
            'rules',
            'practice',
            'words',
            ...(app(Here::class)->may(Ability::Own) ? ['firm'] : []),
        ];
    }

    /** The station that a page hangs from, by the name of its route. */
    public static function of(string $page): self
    {
        return self::from((string) strtok($page, '.'));
    }

    /** @return non-empty-list<string> the routes of its pages, the first one where the station itself leads */
    public function pages(): array
    {
        $pages = match ($this) {
            self::Wall => ['measure', 'studs', 'photos', 'readings'],
            self::Door => ['size', 'options', 'made', 'in-hand'],
            self::Rail => ['stops', 'kit'],
            self::Anchors => ['fixings', 'loads'],
            self::Marks => ['runs', 'door', 'templates', 'line'],
            self::Site => ['steps', 'order'],
            self::Record => ['log', 'changes', 'compare', 'tolerance', 'checks', 'handover'],
            self::Papers => ['sheet', 'quote', 'files'],
        };

        return array_map(fn (string $page) => "{$this->value}.{$page}", $pages);
    }

    /** The address of a page: its doorway, its station, itself. */
    public static function address(string $page, Doorway $doorway): string
    {
        return "/doorways/{$doorway->id}/".strtr($page, '.', '/');
    }

    public function says(): string
    {
        return Speaker::words("frame.stations.{$this->value}");
    }
}
