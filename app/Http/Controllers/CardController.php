<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\DocumentGate;
use App\Http\Resources\RushResource;
use App\Kit\Pointers;
use App\Models\CardLink;
use App\Models\SavedOuting;
use App\Models\SavedRush;
use App\Outings\CardFile;
use App\Outings\LikelyThere;
use App\Outings\PassedBy;
use App\Outings\Rushes;
use App\Playing\CardQuestion;
use App\Playing\LearnedQuestion;
use App\Playing\PocketQuestion;
use App\Playing\Question;
use App\Playing\Questions;
use App\Practice\Practised;
use App\Review\KeptLearning;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use RushHold\Outing\Foreground;
use RushHold\Outing\Heading;
use RushHold\Outing\Outing;
use RushHold\Units;
use RushHold\Words\Words;
use Symfony\Component\HttpFoundation\Response;

/** An outing as it is carried. */
final class CardController extends Controller
{
    public function __construct(private readonly DocumentGate $gate, private readonly Questions $questions)
    {
    }

    public function show(Request $request, SavedOuting $outing): Response
    {
        $this->authorize('view', $outing);

        return $this->ask($request, $outing, new CardQuestion($this->outing($outing), $this->units($request)));
    }

    public function file(Request $request, SavedOuting $outing, CardFile $file): Response
    {
        $this->authorize('view', $outing);

        return $this->ask($request, $outing, new CardQuestion($this->outing($outing), $this->units($request), $file));
    }

    public function pocket(Request $request, SavedOuting $outing): Response
    {
        $this->authorize('view', $outing);
        $read = $this->outing($outing);
        abort_if($read->entries === [], 404, Words::text('http.card.there-is-no-rush-in'));

        return $this->ask(
            $request,
            $outing,
            new PocketQuestion($read, LikelyThere::beside($read), $this->units($request)),
        );
    }

    public function passedBy(Request $request, SavedOuting $outing): JsonResponse
    {
        $this->authorize('view', $outing);
        /**
         * @var array{id: string, who: string, metres: float|int|numeric-string, way: string, through: string,
         *   ev100: float|int|numeric-string} $given
         */
        $given = $this->asked($request);
        $person = $this->person($request);
        $rush = $this->keeper($request)->alone(function () use ($given, $outing, $person, $request): SavedRush {
            $there = SavedRush::withTrashed()->find($given['id']);
            if ($there !== null) {
                return $there->user_id === $person->id
                    ? $there
                    : throw ValidationException::withMessages([
                        'id' => Words::text('http.card.there-is-something-else-of'),
                    ]);
            }
            $whole = (new Rushes($person, $this->gate))->inside(
                (new Rushes($person, $this->gate))->present($outing->document)[0],
            );
            $document = PassedBy::rush(
                $whole,
                $given['who'],
                (float) $given['metres'],
                Heading::from($given['way']),
                Foreground::from($given['through']),
                (float) $given['ev100'],
            );

            return $this->keeper($request)->keep(
                $person
                    ->rushes()
                    ->make(['document' => Pointers::found($this->gate->rush($document)->fields, $person)])
                    ->forceFill(['id' => strtolower($given['id'])]),
            );
        });

        return (new RushResource($rush))->response()->setStatusCode(201);
    }

    public function shared(Request $request, string $secret): Response
    {
        $outing = CardLink::outingBehind($secret);
        abort_if($outing === null, 404, Words::text('http.card.this-card-is-not-shown'));

        return $this->ask($request, $outing, new CardQuestion($this->outing($outing), $this->units($request)));
    }

    private function outing(SavedOuting $outing): Outing
    {
        $owner = $outing->user;
        assert($owner !== null);
        $rushes = new Rushes($owner, $this->gate);

        $read = $this->gate
            ->outing($rushes->inside($rushes->present($outing->document)[0]))
            ->outing->with(times: Practised::times($owner));

        return KeptLearning::forPlans($owner)?->outing($read) ?? $read;
    }

    /** Whoever looks at it, what is played is corrected by the log of the one whose outing it is. */
    private function ask(Request $request, SavedOuting $outing, Question $question): Response
    {
        return $this->questions->ask($request, LearnedQuestion::of($question, KeptLearning::forPlans($outing->user)));
    }

    private function units(Request $request): Units
    {
        return $request->enum('units', Units::class) ?? Units::Metric;
    }
}
