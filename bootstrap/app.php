<?php

declare(strict_types=1);

use App\Http\Middleware\UseHousehold;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Http\Request;
use Illuminate\Routing\Middleware\SubstituteBindings;
use Orbek\Core\Measure\OutOfRange;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(web: __DIR__.'/../routes/web.php')
    ->withCommands([__DIR__.'/../app/Console'])
    ->withMiddleware(function (Middleware $middleware): void {
        // Orbek answers its own origin only.
        $middleware->remove(HandleCors::class);
        $middleware->web(append: [UseHousehold::class]);
        // Models are looked up within the household, so it must be known first.
        $middleware->prependToPriorityList(before: SubstituteBindings::class, prepend: UseHousehold::class);
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        $exceptions->dontReport(OutOfRange::class);
        $exceptions->render(fn (OutOfRange $wrong, Request $request) => $request->expectsJson()
            ? response()->json(['field' => $wrong->field, 'message' => $wrong->getMessage()], 422)
            : response()->view('errors.refused', ['message' => $wrong->getMessage()], 422));
    })->create();
