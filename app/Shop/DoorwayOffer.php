<?php

declare(strict_types=1);

namespace App\Shop;

use App\Firm\Here;
use App\Models\Doorway;
use App\Models\Offer;
use App\Survey\WallPhoto;
use App\Survey\WallPhotos;
use App\Words\FieldWords;
use App\Words\HangWords;
use App\Words\Speaker;
use Illuminate\Support\Facades\URL;
use YokeLine\Inspection\Cautions;
use YokeLine\Measure\Message;
use YokeLine\Measure\Unit;
use YokeLine\Work\Order;

/** What a customer is offered for one doorway: what it is, what it costs, what is not in it. */
final readonly class DoorwayOffer
{
    public JobMaterials $materials;

    public ?Offer $accepted;

    public function __construct(public Doorway $doorway, ?Unit $units)
    {
        $this->materials = new JobMaterials($doorway->job, $units, $doorway->id);
        /** @var ?Offer $accepted */
        $accepted = Offer::query()
            ->with('revision')
            ->where('doorway_id', $doorway->id)
            ->whereNotNull('accepted_at')
            ->latest('id')
            ->first();
        $this->accepted = $accepted;
    }

    /** Work, in minutes over all the people, from the box to the hand-over. */
    public function minutes(): int
    {
        $plan = array_values($this->materials->plans)[0] ?? null;

        return $plan === null ? 0 : Order::of($plan)->personMinutes();
    }

    /** @return array{materials: int, work: int, tax: int, total: int, unpriced: int} cents */
    public function price(): array
    {
        $totals = $this->materials->totals();
        $work = (int) round(($this->minutes() / 60) * $this->materials->prices->number(Setting::Hour) * 100);
        $tax = $this->materials->prices->tax($totals['net'] + $work);

        return [
            'materials' => $totals['net'],
            'work' => $work,
            'tax' => $tax,
            'total' => $totals['net'] + $work + $tax,
            'unpriced' => $totals['unpriced'],
        ];
    }

    /** The customer's own wall; null where no photograph of it is true to scale. */
    public function photo(): ?WallPhoto
    {
        return WallPhotos::behind($this->doorway);
    }

    /** @return array{show: string, accept: string, ask: string} good for three months, for who has them */
    public static function links(Doorway $doorway): array
    {
        $link = fn (string $to) => app(Here::class)->address(
            URL::temporarySignedRoute("customer.{$to}", now()->addMonths(3), [$doorway], absolute: false),
        );

        return ['show' => $link('show'), 'accept' => $link('accept'), 'ask' => $link('ask')];
    }

    /** Accepted for the plan as it stands; what keeps it from being, as a sentence. */
    public function accept(string $name): ?string
    {
        if ($this->price()['unpriced'] > 0) {
            return Speaker::words('refusals.unpriced', ['count' => $this->price()['unpriced']]);
        }
        Offer::create([
            'doorway_id' => $this->doorway->id,
            'revision_id' => $this->doorway->revision_id,
            'cents' => $this->price()['total'],
            'accepted_by' => $name,
            'accepted_at' => now(),
        ]);

        return null;
    }

    /** Whether the plan is another one than that which was accepted. */
    public function hasMovedSince(): bool
    {
        return $this->accepted !== null && $this->accepted->revision_id !== $this->doorway->revision_id;
    }

    /** @return list<array{string, string}> what was chosen */
    public function choices(): array
    {
        $plan = array_values($this->materials->plans)[0];
        $say = $this->materials->write->show(...);

        return [
            [
                Speaker::words('words.The-door'),
                "{$say($plan->layout->width->size->total)} × {$say($plan->heights->leaf->size->total)} × {$say(
                    $plan->thickness,
                )}".
                ($plan->doorway->brief->leaf->construction === null
                    ? ''
                    : ', '.Speaker::in($this->materials->write)->say(
                        Message::word('constructions', $plan->doorway->brief->leaf->construction),
                    )),
            ],
            [Speaker::words('paper.offer.opens'), HangWords::opens($plan)],
            [
                Speaker::words('paper.offer.passage'),
                implode(', ', array_map(fn ($passage) => $say($passage->total), $plan->layout->passages)),
            ],
            [
                Speaker::words('paper.offer.rail'),
                $plan->kit->name.
                ', '.
                ($plan->header === null
                    ? Speaker::words('paper.offer.on-wall')
                    : Speaker::words('paper.offer.on-board')),
            ],
            [
                Speaker::words('paper.offer.soft-close'),
                $plan->hasSoftClose()
                    ? FieldWords::answers('kit.soft_close.sides')[$plan->kit->softClose->sides->value ?? 'both']
                    : Speaker::words('paper.offer.none'),
            ],
        ];
    }

    /** @return list<string> */
    public function notIncluded(): array
    {
        return [
            Speaker::words('paper.offer.not-services'),
            Speaker::words('paper.offer.not-walls'),
            Speaker::words('paper.offer.not-hidden'),
        ];
    }

    /** @return list<string> */
    public function cautions(): array
    {
        return [
            Speaker::words('shop.closes-less-tightly'),
            ...array_map(
                Speaker::in($this->materials->write)->say(...),
                array_slice(Cautions::of(array_values($this->materials->plans)[0]), -3),
            ),
        ];
    }
}
