<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Day\JobDays;
use App\Models\Job;
use App\Plain;
use App\Words\Speaker;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use Sabre\VObject\Component\VCalendar;

/** Who does which step of a job when. */
final class DayPlanController
{
    public function show(Job $job): View
    {
        return view('shop.day-plan', ['days' => new JobDays($job, planNow: false)]);
    }

    /** Crew, hours, doorways; or a step that was moved by hand, or let go. */
    public function set(Request $request, Job $job): RedirectResponse|View
    {
        $set = $job->day_plan ?? [];
        $task = $request->string('task')->value();
        if ($request->has('crew')) {
            $hours = trim($request->string('hours')->value());
            if (JobDays::stretches($hours) === null) {
                return to_route('day-plan', $job)->with('no_hours', $hours);
            }
            $set = [
                ...$set,
                'crew' => $request->integer('crew'),
                'hours' => $hours,
                'from' => $request->date('from')?->toDateString(),
                'travel' => $request->integer('travel'),
                'comes' => array_filter((array) $request->input('comes'), is_string(...)),
                'doorways' => array_map(Plain::number(...), (array) $request->input('doorways')),
            ];
        } elseif ($request->has('let_go')) {
            unset($set['stands']);
        } elseif (isset((new JobDays($job))->plan?->placed[$task])) {
            $placed = (new JobDays($job))->plan->placed[$task];
            $set['stands'] = [...(array) ($set['stands'] ?? []), $task => [
                'at' => max(0, (int) (round($request->integer('start') / 5) * 5)),
                'with' => $placed->people,
            ]];
        }
        $job->forceFill(['day_plan' => $set])->save();

        return $request->hasHeader('HX-Request')
            ? view('shop.days', ['days' => new JobDays($job)])
            : to_route('day-plan', $job);
    }

    public function calendar(Job $job): Response
    {
        $days = new JobDays($job);
        $calendar = new VCalendar(['PRODID' => '-//Yoke Line//Day plan//EN']);
        foreach ($days->plan->placed ?? [] as $id => $placed) {
            [, $name, $doorway] = $days->steps[$id];
            $calendar->add('VEVENT', [
                'UID' => "yoke-line-{$job->id}-".sha1((string) $id),
                'SUMMARY' => $name,
                'LOCATION' => $doorway->name,
                'DTSTART' => $days->moment($placed->start)->toDateTimeImmutable(),
                'DTEND' => $days->moment($placed->end())->toDateTimeImmutable(),
                'DESCRIPTION' => Speaker::words('shop.people', ['count' => count($placed->people)]),
            ]);
        }

        return response(
            $calendar->serialize(),
            headers: [
                'Content-Type' => 'text/calendar; charset=UTF-8',
                'Content-Disposition' => 'attachment; filename="'.(Str::slug($job->name) ?: 'job').'.ics"',
            ],
        );
    }
}
