<?php

declare(strict_types=1);

namespace App\Paper;

use App\Site\HandOver;
use App\Words\Speaker;
use YokeLine\Drawing\Picture;

/** The sheet that the customer keeps: what was fitted, how it was proved, how to care for it, who signed. */
final class HandOverSheet
{
    private const EDGE = 15.0;

    private float $y = 18.0;

    private function __construct(private readonly HandOver $over, private readonly TruePage $page) {}

    /** @param  'A4'|'Letter'  $paper */
    public static function of(HandOver $over, string $paper): string
    {
        $page = new TruePage($paper);
        $page->setTitle("Hand-over, {$over->doorway->name}");
        $page->AddPage();
        $page->plain();
        (new self($over, $page))->write();

        return $page->file();
    }

    private function write(): void
    {
        $over = $this->over;
        $page = $this->page;
        $wide = $page->getPageWidth() - 2 * self::EDGE;
        $page->say(self::EDGE, $this->y, 18, $over->doorway->name, 'L', true);
        $page->say(
            self::EDGE,
            $this->y + 6,
            9.5,
            Speaker::words('paper.hand-over.of', [
                'job' => $over->doorway->job->name,
                'change' => $over->doorway->revision->number,
                'day' => now()->translatedFormat('j M Y'),
            ]),
        );
        $this->y += 14;
        $this->title(Speaker::words('record.page.what-was-fitted'));
        foreach ($over->fitted() as [$name, $says]) {
            $page->say(self::EDGE, $this->y, 9.5, $name);
            $page->say(self::EDGE + 45, $this->y, 10, $says, 'L', true);
            $this->y += 5;
        }
        foreach ([false, true] as $i => $isOpen) {
            ScenePainter::paint(
                $page,
                Picture::of($over->run->plan, Speaker::in($over->run->write), $isOpen),
                self::EDGE + $i * ($wide / 2 + 2),
                $this->y,
                $wide / 2 - 2,
                68,
            );
        }
        $this->y += 74;
        $this->title(Speaker::words('record.page.how-it-was-proved'));
        $speak = Speaker::in($over->run->write);
        foreach ($over->checks() as $check) {
            $this->line(
                $speak->say($check->says()).
                    ($over->read($check) === '' ? '' : ": {$over->read($check)}").
                    ' - '.
                    Speaker::words(
                        'record.page.'.
                            match ($over->holds($check)) {
                                true => 'it-holds',
                                false => 'it-fails',
                                null => 'not-checked',
                            },
                    ),
            );
        }
        foreach ($over->snags as $snag) {
            $this->line(
                "{$snag->text('says')}: ".
                    Speaker::words("record.snags.{$snag->plain('state')}").
                    ($snag->text('reason') === '' ? '' : " ({$snag->text('reason')})"),
            );
        }
        $this->y += 2;
        $this->title(Speaker::words('record.page.how-to-care-for-it'));
        array_map($this->line(...), $over->care());
        $this->y += 2;
        $this->title(Speaker::words('record.page.take-care'));
        array_map($this->line(...), $over->cautions());
        $this->signature($wide);
    }

    private function signature(float $wide): void
    {
        $page = $this->page;
        $foot = $page->getPageHeight() - 20;
        $page->stroke(self::EDGE, $foot, self::EDGE + 80, $foot);
        if ($this->over->signature === null) {
            $page->say(self::EDGE, $foot + 4, 8.5, Speaker::words('paper.hand-over.sign'));

            return;
        }
        preg_match_all(
            '/([ML])([\d.-]+) ([\d.-]+)/',
            $this->over->signature->plain('strokes'),
            $points,
            PREG_SET_ORDER,
        );
        $page->setLineWidth(0.4);
        $last = null;
        foreach ($points as [, $kind, $x, $y]) {
            // The box on the screen is 400 by 140.
            $at = [self::EDGE + ((float) $x / 400) * 70, $foot - 24 + ((float) $y / 140) * 24];
            if ($kind === 'L' && $last !== null) {
                $page->stroke($last[0], $last[1], $at[0], $at[1]);
            }
            $last = $at;
        }
        $page->say(
            self::EDGE,
            $foot + 4,
            8.5,
            "{$this->over->signature->plain('name')}, {$this->over->signature->at->translatedFormat('j M Y, H:i')}",
        );
    }

    private function title(string $says): void
    {
        $this->page->say(self::EDGE, $this->y, 11, $says, 'L', true);
        $this->page->stroke(self::EDGE, $this->y + 1.5, $this->page->getPageWidth() - self::EDGE, $this->y + 1.5);
        $this->y += 6.5;
    }

    private function line(string $says): void
    {
        foreach ($this->page->lines($says, $this->page->getPageWidth() - 2 * self::EDGE, 9) as $line) {
            $this->page->say(self::EDGE, $this->y, 9, $line);
            $this->y += 4.1;
        }
    }
}
