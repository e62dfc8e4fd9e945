<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;
use Illuminate\Http\Request;

/**
 * Requests that rely on cookies have to prove that they come from our own page. Those with a bearer token need no
 * proof: no other site can make a browser send one.
 */
final class CookiesNeedTheirToken extends ValidateCsrfToken
{
    /** @param  Request  $request */
    protected function inExceptArray($request): bool
    {
        return $request->bearerToken() !== null || parent::inExceptArray($request);
    }
}
