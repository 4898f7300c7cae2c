<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Editor;
use App\Models\Job;
use App\Rules\Level;
use App\Rules\Preview;
use App\Rules\RuleBook;
use App\Words\Refusals;
use App\Words\RuleWords;
use App\Words\Speaker;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use YokeLine\Catalog\Catalog;
use YokeLine\Catalog\Field;
use YokeLine\Format\UnreadableFile;

final class RulesController
{
    public function index(Request $request): View
    {
        $level = Level::asked($request->integer('job'), $request->integer('doorway'));

        return view('rules.index', [
            'level' => $level,
            'ledger' => (new RuleBook($level))->ledger(Editor::of($request)),
            'questions' => Catalog::whole()->rules(),
            'rules' => $level->rules(),
            'units' => Editor::of($request)->units ?? $level->units(),
            'jobs' => Job::query()->whereNull('archived_at')->orderBy('name')->limit(50)->get(),
        ]);
    }

    /** Before and after, of every doorway that follows, before anything is taken. */
    public function preview(Request $request): View
    {
        [$rule, $level] = [$this->rule($request), Level::asked($request->integer('job'), $request->integer('doorway'))];
        $said = $request->string('value')->value();

        return view('rules.preview', [
            'rule' => $rule,
            'level' => $level,
            'said' => $said,
            'why' => $request->string('why')->value(),
            'seen' => $request->integer('seen'),
            'preview' => Preview::of(
                new RuleBook($level),
                $rule,
                $said,
                Editor::of($request)->units ?? $level->units(),
            ),
        ]);
    }

    public function take(Request $request): RedirectResponse
    {
        [$rule, $level] = [$this->rule($request), Level::asked($request->integer('job'), $request->integer('doorway'))];
        $book = new RuleBook($level);
        try {
            $changed = $book->take(
                $rule,
                $book->read($rule, $request->string('value')->value(), Editor::of($request)->units ?? $level->units()),
                mb_substr($request->string('why')->value(), 0, 240),
                Editor::of($request),
                $request->integer('seen'),
            );
        } catch (UnreadableFile $problem) {
            return to_route('rules', $level->query())->withErrors([
                'rule' => RuleWords::ask($rule).' '.Refusals::whole($problem),
            ]);
        }

        return to_route('rules', $level->query())->with(
            'taken',
            Speaker::words('rules.applied', ['rule' => RuleWords::ask($rule), 'count' => $changed]),
        );
    }

    private function rule(Request $request): Field
    {
        return Catalog::whole()->rules()[$request->string('method_key')->value()] ?? abort(404);
    }
}
