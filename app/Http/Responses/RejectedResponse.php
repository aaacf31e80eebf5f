<?php

declare(strict_types=1);

namespace App\Http\Responses;

use App\Models\NoRunOpen;
use App\Models\TooManyBatches;
use DustyJet\Rejected;
use Illuminate\Http\Request;
use Illuminate\Support\MessageBag;
use Illuminate\Support\ViewErrorBag;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpFoundation\Response;

/** Wrong data, said in the place where the person is looking; what they typed stays in its form. */
final readonly class RejectedResponse
{
    public static function of(string $message, Request $request, int $status = 422): Response
    {
        return self::answer(['rejected' => [$message]], $request, $status);
    }

    public static function forValidation(ValidationException $exception, Request $request): Response
    {
        return self::answer(self::said($exception), $request, $exception->status);
    }

    /** In one word and in a sentence; with nothing to send to, 409; too fast, 429. */
    public static function forInstrument(Rejected $rejected): Response
    {
        [$status, $headers] = match (true) {
            $rejected instanceof NoRunOpen => [409, []],
            $rejected instanceof TooManyBatches => [429, ['Retry-After' => (string) $rejected->afterSeconds]],
            default => [422, []],
        };

        return response()->json(
            ['error' => $rejected->reason(), 'message' => $rejected->getMessage()],
            $status,
            $headers,
        );
    }

    /** @param  array<string, array<string>>  $errors */
    private static function answer(array $errors, Request $request, int $status): Response
    {
        if ($request->expectsJson()) {
            return response()->json(['errors' => $errors], $status);
        }
        if ($request->hasHeader('HX-Request')) {
            $html = view('forms.errors', [
                'messages' => array_merge(...array_values($errors)),
            ])->render();

            return response($html, $status, ['HX-Retarget' => '#errors', 'HX-Reswap' => 'innerHTML']);
        }
        if ($request->isMethod('GET')) {
            return response()->view(
                'errors.rejected',
                ['errors' => (new ViewErrorBag)->put('default', new MessageBag($errors))],
                $status,
            );
        }

        return redirect()
            ->to(PageBefore::of($request))
            ->withInput($request->except(['password', 'file']))
            ->withErrors(new MessageBag($errors));
    }

    /** @return array<string, array<string>> messages by field */
    private static function said(ValidationException $exception): array
    {
        /** @var array<string, array<string>> $errors as Laravel's validator gives them */
        $errors = $exception->errors();

        return $errors;
    }
}
