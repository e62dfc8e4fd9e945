<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Accounts\Letters;
use App\Models\SavedOuting;
use App\Models\User;
use App\Outings\CalendarFeed;
use App\Practice\Practised;
use App\Practice\Settings;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use RushHold\Document\LadderDocument;
use RushHold\Words\Words;

/**
 * The address by which a calendar subscribes to somebody's outings and practice; whoever has it sees them, until it is
 * taken back.
 */
final class CalendarFeedController extends Controller
{
    private const LENGTH = 40;

    /** Coming practice, days. */
    private const DAYS = 28;

    public function index(Request $request): JsonResponse
    {
        return response()->json(['since' => $this->person($request)->calendar_since?->toIso8601ZuluString()]);
    }

    public function store(Request $request): JsonResponse
    {
        $person = $this->personal($request);
        $secret = Str::random(self::LENGTH);
        $person->forceFill(['calendar_hash' => hash('sha256', $secret), 'calendar_since' => now()])->save();

        return response()->json(
            ['since' => now()->toIso8601ZuluString(), 'address' => Letters::link("calendar/$secret.ics")],
            201,
        );
    }

    public function destroy(Request $request): Response
    {
        $this->person($request)
            ->forceFill(['calendar_hash' => null, 'calendar_since' => null])
            ->save();

        return response()->noContent();
    }

    public function show(string $secret): Response
    {
        $person = User::query()->where('calendar_hash', hash('sha256', $secret))->first();
        abort_if($person === null, 404, Words::text('http.calendar-feed.this-calendar-is-not-shown'));
        // A calendar asks in no language; its owner has one.
        $language = $person->habits()->language;

        return response(
            Words::speaking($language === '' ? Words::language() : $language, fn (): string => self::of($person)),
            200,
            [
                'Content-Type' => 'text/calendar; charset=utf-8',
                'Cache-Control' => 'private, max-age=900',
                'X-Robots-Tag' => 'noindex',
            ],
        );
    }

    private static function of(User $person): string
    {
        $habit = Settings::of($person)->habit;

        return CalendarFeed::of(
            $person,
            LadderDocument::write((new Practised($person))->ladder(), $habit, now()->toDateString(), self::DAYS),
            $habit->at,
            static fn (SavedOuting $outing): string => Letters::link("card/$outing->id"),
        );
    }
}
