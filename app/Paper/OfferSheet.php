<?php

declare(strict_types=1);

namespace App\Paper;

use App\Shop\DoorwayOffer;
use App\Words\Speaker;
use YokeLine\Drawing\Picture;

/** An offer on paper: drawing, choices, price, what is not in it, room to sign. */
final class OfferSheet
{
    private const EDGE = 15.0;

    /** @param  'A4'|'Letter'  $paper */
    public static function of(DoorwayOffer $offer, string $paper): string
    {
        $page = new TruePage($paper);
        $page->setTitle(Speaker::words('paper.offer.title', ['name' => $offer->doorway->name]));
        $page->AddPage();
        $page->plain();
        $wide = $page->getPageWidth() - 2 * self::EDGE;
        $page->say(
            self::EDGE,
            20,
            18,
            Speaker::words('paper.offer.title', ['name' => $offer->doorway->name]),
            'L',
            true,
        );
        $page->say(
            self::EDGE,
            26,
            9.5,
            Speaker::words('paper.offer.of', [
                'job' => $offer->doorway->job->name,
                'change' => $offer->doorway->revision->number,
                'day' => now()->translatedFormat('j M Y'),
            ]),
        );
        $plan = array_values($offer->materials->plans)[0];
        foreach ([false, true] as $i => $isOpen) {
            ScenePainter::paint(
                $page,
                Picture::of($plan, Speaker::in($offer->materials->write), $isOpen),
                self::EDGE + $i * ($wide / 2 + 2),
                30,
                $wide / 2 - 2,
                80,
            );
        }
        $y = 118.0;
        $price = $offer->price();
        $say = $offer->materials->prices->say(...);
        $rows = [
            ...$offer->choices(),
            [Speaker::words('paper.offer.materials'), $say($price['materials'])],
            [Speaker::words('paper.offer.work'), $say($price['work'])],
            [Speaker::words('paper.offer.tax'), $say($price['tax'])],
        ];
        foreach ($rows as [$name, $says]) {
            $page->say(self::EDGE, $y, 10, $name);
            $page->say(self::EDGE + 50, $y, 10, $says, 'L', true);
            $y += 5.6;
        }
        $page->say(self::EDGE, $y + 4, 12, Speaker::words('paper.offer.total'));
        $page->say(self::EDGE + 50, $y + 4, 16, $say($price['total']), 'L', true);
        $y += 14;
        foreach (['not-included' => $offer->notIncluded(), 'to-know' => $offer->cautions()] as $title => $sentences) {
            $page->say(self::EDGE, $y, 10.5, Speaker::words("paper.offer.{$title}"), 'L', true);
            $y += 5;
            foreach ($sentences as $sentence) {
                foreach ($page->lines($sentence, $wide, 9) as $line) {
                    $page->say(self::EDGE, $y, 9, $line);
                    $y += 4.2;
                }
            }
            $y += 3;
        }
        $foot = $page->getPageHeight() - 20;
        $page->stroke(self::EDGE, $foot, self::EDGE + 80, $foot);
        $page->say(
            self::EDGE,
            $foot + 4,
            8.5,
            $offer->accepted === null
                ? Speaker::words('paper.offer.accept')
                : Speaker::words('paper.offer.accepted', [
                    'name' => (string) $offer->accepted->accepted_by,
                    'day' => (string) $offer->accepted->accepted_at?->translatedFormat('j M Y'),
                    'change' => $offer->accepted->revision->number,
                ]),
        );

        return $page->file();
    }
}
