<?php

declare(strict_types=1);

use App\Editing\Notice;
use App\Editing\Notices;
use App\Http\Editor;
use App\Http\Middleware\AnswersItsHosts;
use App\Http\Middleware\AsksWhoItIs;
use App\Http\Middleware\ChecksToken;
use App\Http\Middleware\ReadsPlainFields;
use App\Http\Middleware\SendsGuarded;
use App\Http\Middleware\SendsSmall;
use App\Http\Middleware\SpeaksTheirLanguage;
use App\Keeping\Trouble;
use App\Words\StoredMessage;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Http\Request;
use Illuminate\Routing\Middleware\SubstituteBindings;
use YokeLine\Format\UnreadableFile;
use YokeLine\Measure\Message;
use YokeLine\Measure\Unit;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(web: __DIR__.'/../routes/web.php')
    ->withCommands([__DIR__.'/../app/Console/Commands'])
    ->withMiddleware(function (Middleware $middleware) {
        // The application is same-origin, and the package this middleware needs is left out (composer.json, `replace`).
        $middleware->remove(HandleCors::class);
        $middleware->append([AnswersItsHosts::class, SendsGuarded::class]);
        // Before anything of a firm is looked up by what is in the address.
        $middleware->prependToPriorityList(before: SubstituteBindings::class, prepend: AsksWhoItIs::class);
        // Pages carry the token themselves: no cookie needs to be open to scripts.
        $middleware->web(
            append: [AsksWhoItIs::class, SpeaksTheirLanguage::class, SendsSmall::class, ReadsPlainFields::class],
            replace: [ValidateCsrfToken::class => ChecksToken::class],
        );
    })
    ->withExceptions(function (Exceptions $exceptions) {
        // What the machine lacks is told as that: nothing is taken until it is mended, and what was typed still stands.
        $exceptions->render(function (Throwable $fault) {
            $trouble = Trouble::of($fault);

            return $trouble === null
                ? null
                : response()->view('errors.said', ['code' => $trouble->value, 'exception' => $fault], 503);
        });
        // Where a page does not say it at the field itself, it is said on the page one came from.
        $exceptions->render(function (UnreadableFile $problem, Request $request) {
            Notices::carry(Editor::of($request), null, [
                new Notice(
                    StoredMessage::of(
                        new Message('refusals', ['why' => array_values($problem->problems)], 'not-kept'),
                        Unit::Millimetre,
                    ),
                ),
            ]);

            return redirect()->back();
        });
    })
    ->create();
