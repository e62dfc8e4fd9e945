<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use RushHold\Words\Catalogue;
use RushHold\Words\Pseudo;
use RushHold\Words\Words;
use Symfony\Component\HttpFoundation\Response;

/** Answers in the first of the languages asked for that there is; keys and numbers are the same in each. */
final class Speak
{
    public function handle(Request $request, Closure $next): Response
    {
        $known = [...Catalogue::languages(), Pseudo::LANGUAGE];
        $asked = [];
        foreach ($request->getLanguages() as $one) {
            // “de-AT” is “de” where there is no other, before whatever is liked less.
            array_push($asked, strtr($one, '_', '-'), (string) strtok($one, '_-'));
        }
        Words::speak(array_values(array_intersect($asked, $known))[0] ?? Catalogue::FIRST);
        $response = $next($request);
        $response->headers->set('Content-Language', Words::language());
        $response->setVary('Accept-Language', false);

        return $response;
    }
}
