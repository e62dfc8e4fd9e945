<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use RushHold\Words\Catalogue;
use RushHold\Words\Pseudo;
use RushHold\Words\Words;
use Symfony\Component\HttpFoundation\Response;

/**
 * Answers in the language that was chosen on this device, or in the first of those asked for that there is; keys and
 * numbers are the same in each.
 */
final class Speak
{
    /** Set by the page when somebody chooses. */
    public const COOKIE = 'language';

    public function handle(Request $request, Closure $next): Response
    {
        $asked = [(string) $request->cookies->get(self::COOKIE)];
        foreach ($request->getLanguages() as $one) {
            // “de-AT” is “de” where there is no other, before whatever is liked less.
            array_push($asked, strtr($one, '_', '-'), (string) strtok($one, '_-'));
        }
        $known = [...Catalogue::languages(), Pseudo::LANGUAGE];
        Words::speak(array_values(array_intersect($asked, $known))[0] ?? Catalogue::FIRST);
        app()->setLocale(Words::language());
        $response = $next($request);
        $response->headers->set('Content-Language', Words::language());
        $response->setVary(['Accept-Language', 'Cookie'], false);

        return $response;
    }
}
