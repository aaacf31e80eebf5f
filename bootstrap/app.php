<?php

declare(strict_types=1);

use App\Http\Middleware\AnswersInstruments;
use App\Http\Middleware\ChecksFormToken;
use App\Http\Middleware\KeepsToHttps;
use App\Http\Middleware\KnowsInstrument;
use App\Http\Middleware\RefuseBrokenText;
use App\Http\Middleware\SaysItsLength;
use App\Http\Middleware\SecurityHeaders;
use App\Http\Middleware\SignsAsWritten;
use App\Http\Responses\RejectedResponse;
use App\Models\DatabaseFailed;
use App\Models\SecurityEvent;
use App\Models\Shop;
use DustyJet\Rejected;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Database\QueryException;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;
use Illuminate\Http\Exceptions\PostTooLargeException;
use Illuminate\Http\Exceptions\ThrottleRequestsException;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Http\Request;
use Illuminate\Routing\Exceptions\BackedEnumCaseNotFoundException;
use Illuminate\Support\Facades\Route;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpKernel\Exception\AccessDeniedHttpException;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        web: __DIR__.'/../routes/web.php',
        health: '/up',
        then: static fn () => Route::middleware([AnswersInstruments::class, KnowsInstrument::class])
            ->group(__DIR__.'/../routes/instruments.php'),
    )
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->remove(HandleCors::class);
        $middleware->append([SaysItsLength::class, SecurityHeaders::class, KeepsToHttps::class]);
        // Names this shop answers to, with commas; any where none is given.
        $middleware->trustHosts(at: static fn (): array => Shop::hosts(), subdomains: false);
        $middleware->web(append: [RefuseBrokenText::class, SignsAsWritten::class], replace: [ValidateCsrfToken::class => ChecksFormToken::class]);
        $middleware->encryptCookies(except: ['dj_theme']);
        $middleware->redirectGuestsTo('/sign-in');
        $middleware->redirectUsersTo('/');
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        $exceptions->dontFlash(['password']);
        $exceptions->dontReport([Rejected::class]);
        $exceptions->map(QueryException::class, DatabaseFailed::of(...));
        // What is not there is not there: no class, no key.
        $exceptions->map(ModelNotFoundException::class, static fn (): NotFoundHttpException => new NotFoundHttpException('Not found.'));
        $exceptions->map(
            BackedEnumCaseNotFoundException::class,
            static fn (): NotFoundHttpException => new NotFoundHttpException('Not found.'),
        );
        $exceptions->render(fn (AccessDeniedHttpException|ThrottleRequestsException $e, Request $r) => SecurityEvent::noteRefusal($e, $r));
        // What a device fetches ahead by itself is no page that somebody wanted to see after signing in.
        $exceptions->render(
            fn (AuthenticationException $e, Request $r) => $r->hasHeader('X-Keep') ? response('', 401) : null,
        );
        // On a sheet a no is said where one looks, as wrong data is.
        $exceptions->render(
            fn (AccessDeniedHttpException $e, Request $r) => $r->hasHeader('HX-Request') || $r->expectsJson()
                ? RejectedResponse::of($e->getMessage(), $r, 403)
                : null,
        );
        // The one place where wrong data becomes a message on the screen.
        $exceptions->render(
            fn (ValidationException $e, Request $request) => RejectedResponse::forValidation($e, $request),
        );
        $exceptions->render(
            fn (PostTooLargeException $e, Request $request) => RejectedResponse::of(
                'The file is too large to be taken. A photo is at most 9.5 MB, a hold test 8, a job file 19.',
                $request,
                413,
            ),
        );
        $exceptions->render(
            fn (Throwable $e, Request $request) => match (true) {
                ! $e instanceof Rejected => null,
                $request->routeIs('samples.store') => RejectedResponse::forInstrument($e),
                default => RejectedResponse::of($e->getMessage(), $request),
            },
        );
    })
    ->create();
