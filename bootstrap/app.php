<?php

declare(strict_types=1);

use App\Http\Middleware\AnswersItsHosts;
use App\Http\Middleware\AsksWho;
use App\Http\Middleware\KeepsSession;
use App\Http\Middleware\KeepsStrangersOut;
use App\Http\Middleware\ReadsText;
use App\Http\Middleware\TellsWhereTo;
use App\Http\Middleware\UseHousehold;
use App\Http\Storing;
use App\Models\Overtaken;
use App\Wording\Wording;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Http\Request;
use Illuminate\Routing\Middleware\SubstituteBindings;
use Illuminate\Session\Middleware\StartSession;
use Orbek\Core\Measure\Refused;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(web: __DIR__.'/../routes/web.php')
    ->withCommands([__DIR__.'/../app/Console'])
    ->withMiddleware(function (Middleware $middleware): void {
        // Orbek answers its own origin only.
        $middleware->remove(HandleCors::class);
        $middleware->prepend([KeepsStrangersOut::class, AnswersItsHosts::class]);
        // A thing that measures has its token and no session.
        $middleware->validateCsrfTokens(except: ['devices/*/readings']);
        $middleware->web(append: [AsksWho::class, UseHousehold::class, ReadsText::class, TellsWhereTo::class], replace: [StartSession::class => KeepsSession::class]);
        // Models are looked up within the household, so it must be known first.
        $middleware->prependToPriorityList(before: SubstituteBindings::class, prepend: UseHousehold::class);
        $middleware->prependToPriorityList(before: UseHousehold::class, prepend: AsksWho::class);
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        $exceptions->dontReport([Refused::class, Overtaken::class]);
        // A disk that is full cannot be written to a log either; the page says what is wrong.
        $exceptions->dontReportWhen(static fn (Throwable $failed): bool => Storing::says($failed) !== null);
        $exceptions->render(Storing::failed(...));
        $exceptions->render(fn (Overtaken $overtaken, Request $request) => $request->expectsJson()
            ? response()->json(['message' => $overtaken->getMessage(), 'version' => $overtaken->version], 409)
            : response()->view('errors.overtaken', [
                'url' => $request->fullUrl(),
                'back' => url()->previous(),
                // The change as it was sent, made to what is there now.
                'fields' => ['version' => $overtaken->version] + array_filter(
                    $request->except(['_token', 'version']),
                    is_scalar(...),
                ),
            ], 409));
        $exceptions->render(fn (Refused $wrong, Request $request) => $request->expectsJson()
            ? response()->json(['field' => $wrong->field, 'message' => app(Wording::class)->refusal($wrong)], 422)
            : response()->view('errors.refused', ['message' => app(Wording::class)->refusal($wrong)], 422));
    })->create();
