<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Editor;
use App\Models\Doorway;
use App\Models\Job;
use App\Rules\Effect;
use App\Rules\Level;
use App\Rules\RuleBook;
use App\Words\RuleWords;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use YokeLine\Catalog\Catalog;
use YokeLine\Catalog\Field;
use YokeLine\Format\UnreadableFile;
use YokeLine\Measure\Unit;

final class RulesController
{
    /** Doorways shown with before and after; the rest is counted. */
    private const SHOWN = 60;

    public function index(Request $request): View
    {
        $level = $this->level($request);

        return view('rules.index', [
            'level' => $level,
            'ledger' => (new RuleBook($level))->ledger(Editor::of($request)),
            'questions' => Catalog::whole()->rules(),
            'rules' => $level->rules(),
            'units' => Editor::of($request)->units ?? Unit::Millimetre,
            'jobs' => Job::query()->whereNull('archived_at')->orderBy('name')->limit(50)->get(),
        ]);
    }

    /** Before and after, of every doorway that follows, before anything is taken. */
    public function preview(Request $request): View
    {
        [$rule, $level] = [$this->rule($request), $this->level($request)];
        $book = new RuleBook($level);
        $units = Editor::of($request)->units ?? Unit::Millimetre;
        try {
            $value = $book->read($rule, (string) $request->input('value'), $units);
            $followers = $book->followers($rule);
            $effects = array_map(
                fn (Doorway $doorway) => new Effect(
                    $doorway->name,
                    $doorway->setout($units),
                    $doorway->plan($book->on($doorway->revision->document, $rule, $value, '')),
                ),
                array_slice($followers, 0, self::SHOWN),
            );
            $refused = null;
        } catch (UnreadableFile $problem) {
            [$value, $followers, $effects, $refused] = ['', [], [], implode(' ', $problem->problems)];
        }

        return view('rules.preview', [
            'rule' => $rule,
            'level' => $level,
            'said' => (string) $request->input('value'),
            'why' => (string) $request->input('why'),
            'seen' => $request->integer('seen'),
            'effects' => array_values(array_filter($effects, fn (Effect $effect) => $effect->changesAnything())),
            'count' => count($followers),
            'refused' => $refused,
        ]);
    }

    public function take(Request $request): RedirectResponse
    {
        [$rule, $level] = [$this->rule($request), $this->level($request)];
        $book = new RuleBook($level);
        try {
            $changed = $book->take(
                $rule,
                $book->read($rule, (string) $request->input('value'), Editor::of($request)->units ?? Unit::Millimetre),
                mb_substr((string) $request->input('why'), 0, 240),
                Editor::of($request),
                $request->integer('seen'),
            );
        } catch (UnreadableFile $problem) {
            return to_route('rules', $level->query())->withErrors([
                'rule' => RuleWords::ask($rule).' '.implode(' ', $problem->problems),
            ]);
        }

        return to_route('rules', $level->query())->with(
            'taken',
            RuleWords::ask($rule).
                ' Taken; '.
                ($changed === 1 ? 'one doorway was' : "{$changed} doorways were").
                ' planned anew. Each can be undone at its bench.',
        );
    }

    private function level(Request $request): Level
    {
        $doorway =
            $request->integer('doorway') > 0
                ? Doorway::query()->with('job')->findOrFail($request->integer('doorway'))
                : null;

        return match (true) {
            $doorway !== null => Level::doorway($doorway),
            $request->integer('job') > 0 => Level::job(Job::query()->findOrFail($request->integer('job'))),
            default => Level::company(),
        };
    }

    private function rule(Request $request): Field
    {
        return Catalog::whole()->rules()[(string) $request->input('method_key')] ?? abort(404);
    }
}
