<?php

declare(strict_types=1);

namespace App\Rules;

use App\Words\Speaker;
use YokeLine\Inspection\Finding;
use YokeLine\Measure\LengthWriter;
use YokeLine\Measure\Sum;
use YokeLine\Planning\GuidePlace;
use YokeLine\Setout;

/** What one doorway was and would be: leaf, yoke line, passage, guide, findings. */
final readonly class Effect
{
    public function __construct(public string $doorway, private Setout $before, private Setout $after) {}

    /** @return array<string, array{string, string, bool}> what it is => before, after, whether they differ */
    public function rows(): array
    {
        $after = $this->numbers($this->after);
        $rows = [];
        foreach ($this->numbers($this->before) as $what => $was) {
            $rows[$what] = [$was, $after[$what] ?? '', $was !== ($after[$what] ?? '')];
        }

        return $rows;
    }

    public function changesAnything(): bool
    {
        return array_filter($this->rows(), fn (array $row) => $row[2]) !== [];
    }

    /** @return array<string, string> */
    private function numbers(Setout $setout): array
    {
        $plan = $setout->plan;
        $write = new LengthWriter($this->before->write->unit);
        $settle = count(array_filter($setout->findings, fn (Finding $finding) => $finding->severity->needsSettling()));
        $findings = Speaker::in($write)->say($setout->verdict()->says()).($settle > 0 ? " ({$settle})" : '');
        if ($plan === null) {
            return ['door' => '', 'line' => '', 'passage' => '', 'guide' => '', 'verdict' => $findings];
        }

        return [
            'door' => "{$write->show($plan->layout->width->size->total)} × {$write->show(
                $plan->heights->leaf->size->total,
            )}",
            'line' => $write->show($plan->yokeLine()),
            'passage' => implode(
                ' / ',
                array_map(fn (Sum $passage) => $write->show($passage->total), $plan->layout->passages),
            ),
            'guide' => implode(
                ' / ',
                array_map(
                    fn (GuidePlace $guide) => $guide->at === null
                        ? Speaker::words('rules.no-room')
                        : $write->show($guide->at),
                    $plan->guides,
                ),
            ),
            'verdict' => $findings,
        ];
    }
}
