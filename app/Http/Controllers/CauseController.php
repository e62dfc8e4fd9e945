<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\DocumentGate;
use App\Http\Resources\OutingResource;
use App\Models\Burst;
use App\Models\SavedOuting;
use App\Models\SavedRush;
use App\Models\User;
use App\Outings\Rushes;
use App\Pictures\BurstDocuments;
use App\Playing\CauseQuestion;
use App\Playing\Questions;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use RushHold\Causes\Question;
use RushHold\Document\BurstDocument;
use RushHold\Document\HoldDocument;
use RushHold\Record\LoggedBurst;
use RushHold\Refused;
use RushHold\Units;
use RushHold\Words\Words;
use Symfony\Component\HttpFoundation\Response;

/** What went wrong in a burst, or in pictures nothing was logged of; and the test that confirms it. */
final class CauseController extends Controller
{
    /** A test is an hour of a morning. */
    private const TEST_MINUTES = 30;

    public function __construct(private readonly DocumentGate $gate)
    {
    }

    public function find(Request $request, Questions $questions): Response
    {
        $given = $this->asked($request);
        $person = $this->person($request);
        /** @var array<string, string> $answers */
        $answers = array_intersect_key(
            (array) ($given['answers'] ?? []),
            array_flip(array_map(static fn (Question $q): string => $q->value, Question::cases())),
        );
        if (isset($given['burst'])) {
            $burst = $this->burst($person, $given['burst']);
            // What was answered before stays unless it is answered anew; no answers at all begin again.
            $burst->fill(['answers' => $request->exists('answers') ? $answers : $burst->answers])->save();
            $read = $this->read($burst);
        } else {
            $read = new LoggedBurst(
                1,
                0,
                rush: isset($given['rush_id'])
                    ? $this->gate->rush($this->rush($person, $given['rush_id'])->document)->rush
                    : null,
                answers: $answers,
            );
        }

        return $questions->ask(
            $request,
            new CauseQuestion($read, $request->enum('units', Units::class) ?? Units::Metric),
        );
    }

    public function test(Request $request): JsonResponse
    {
        $given = $this->asked($request);
        $person = $this->person($request);
        $rush = $this->rush($person, $given['rush_id']);
        $kit = $this->gate->rush($rush->document)->rush->kit;
        $entries = [];
        foreach (
            [
                Words::text('http.cause.as-it-was') => $given['as_it_was'],
                Words::text('http.cause.with-the-fix') => $given['with_fix'],
            ] as $how => $hold
        ) {
            $pins = ['format' => HoldDocument::FORMAT, ...HoldDocument::settings($this->gate->pins($hold, $kit))];
            $entries[] = [
                'rush' => [...$rush->document, 'name' => mb_substr($rush->name, 0, 105).", $how"],
                'pins' => $pins,
                'times' => (int) $given['bursts'],
                'minutes' => self::TEST_MINUTES,
            ];
        }
        // Where it was last gone out to, on the next morning.
        $last = SavedOuting::query();
        $last->where('user_id', $person->id)->orderByDesc('starts_at');
        $place = $last->first()->document['place'] ?? [
            'name' => '',
            'latitude_deg' => 51.5,
            'longitude_deg' => 0.0,
            'zone' => 'UTC',
        ];
        $outing = [
            'format' => 'rush-hold/outing@1',
            'name' => mb_substr(Words::text('http.cause.test', ['name' => $rush->name]), 0, 120),
            'date' => now()->addDay()->toDateString(),
            'place' => $place,
            'from' => '07:00',
            'to' => '10:00',
            'rushes' => $entries,
        ];
        $rushes = new Rushes($person, $this->gate);
        $this->gate->outing($rushes->inside($outing));
        $kept = $this->keeper($request)->keep($person->outings()->make(['document' => $rushes->gathered($outing)]));

        return (new OutingResource($kept, $rushes->present($kept->document)[0], 0))->response()->setStatusCode(201);
    }

    /** @throws Refused if its settings cannot be meant */
    private function read(Burst $burst): LoggedBurst
    {
        $answers = $burst->answers ?? [];
        try {
            $document = BurstDocuments::document($burst);
        } catch (Refused) {
            // Nobody said how many were kept: that does not matter here.
            $rush =
                $burst->rush_id === null
                    ? null
                    : SavedRush::query()->where('user_id', $burst->user_id)->find($burst->rush_id);
            $document = [
                'frames' => 1,
                'keepers' => 0,
                ...$rush === null ? [] : ['rush' => $rush->document],
                ...$burst->hold === null || $burst->hold === []
                    ? []
                    : ['hold' => ['format' => HoldDocument::FORMAT, ...$burst->hold]],
            ];
        }
        /** @var array<string, mixed> $document */
        $document = json_decode(json_encode([...$document, 'answers' => (object) $answers], JSON_THROW_ON_ERROR), true);
        // What lost most of it, as it was said on the card, stands for the frames that were lost.
        if ($burst->lost_to !== null && ($document['losses'] ?? []) === []) {
            $lost = max(0, (int) $document['frames'] - (int) $document['keepers']);
            $document['losses'] = $lost > 0 ? [$burst->lost_to => $lost] : [];
        }

        return BurstDocument::read($document);
    }

    private function burst(User $person, string $id): Burst
    {
        $mine = Burst::query();

        return $mine->where('user_id', $person->id)->where('uuid', $id)->firstOrFail();
    }

    private function rush(User $person, string $id): SavedRush
    {
        $mine = SavedRush::query();

        return $mine->where('user_id', $person->id)->where('id', $id)->firstOrFail();
    }
}
