<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Kit\Shelf;
use App\Models\KeptDrill;
use App\Models\KitType;
use App\Models\User;
use App\Practice\PracticeCalendar;
use App\Practice\Practised;
use App\Practice\Settings;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use RushHold\Controls\Way;
use RushHold\Document\BodyDocument;
use RushHold\Document\LadderDocument;
use RushHold\Drill\Exercise;
use RushHold\Drill\FirstTimes;
use RushHold\Drill\MixedUp;
use RushHold\Kit\AreaMove;
use RushHold\Kit\Body;
use RushHold\Kit\ControlPlace;

/** Where somebody stands with practice, what is due, and what of it moves their plans. */
final class PracticeController extends Controller
{
    private const DAYS = 28;

    public function show(Request $request): JsonResponse
    {
        return response()->json($this->toArray($this->person($request), $this->day($request)));
    }

    public function update(Request $request): JsonResponse
    {
        $person = $this->person($request);
        $day = $this->day($request);
        $person->forceFill(['practice' => Settings::read($request->json()->all())->written()])->save();

        return response()->json($this->toArray($person, $day));
    }

    public function calendar(Request $request): Response
    {
        $person = $this->person($request);
        $habit = Settings::of($person)->habit;
        $ladder = LadderDocument::write((new Practised($person))->ladder(), $habit, $this->day($request), self::DAYS);

        return response(PracticeCalendar::of($ladder, $habit->at), 200, [
            'Content-Type' => 'text/calendar; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="practice.ics"',
        ]);
    }

    /** @return array<string, mixed> */
    private function toArray(User $person, string $day): array
    {
        $practised = new Practised($person);
        $settings = Settings::of($person);
        $ladder = LadderDocument::write($practised->ladder(), $settings->habit, $day, self::DAYS);
        $counts = KeptDrill::query();
        $counts
            ->where('user_id', $person->id)
            ->selectRaw('exercise, count(*) as turns, max(done_at) as last_at')
            ->groupBy('exercise');
        $drills = [];
        foreach ($counts->toBase()->get() as $row) {
            $drills[] = [
                'drill' => (string) $row->exercise,
                'turns' => (int) $row->turns,
                'last_at' => $row->last_at === null ? null : now()->parse((string) $row->last_at)->toIso8601ZuluString(),
            ];
        }
        $today = KeptDrill::query();
        $done = [];
        foreach (
            $today
                ->where('user_id', $person->id)
                ->where('day', $day)
                ->get(['exercise']) as $drill
        ) {
            $done[$drill->exercise->value] = ($done[$drill->exercise->value] ?? 0) + 1;
        }

        return [
            'settings' => $settings->written(),
            'ladder' => $ladder,
            'due' => self::left($ladder, $day, $done),
            'done_today' => array_sum($done),
            'drills' => $drills,
            'feeds' => $this->feeds($person, $practised),
        ];
    }

    /**
     * @param  array<string, mixed>  $ladder
     * @param  array<string, int>  $done  turns of today
     * @return list<array{drill: string, turns: int, refresher: bool}>
     */
    private static function left(array $ladder, string $day, array $done): array
    {
        $left = [];
        foreach ($ladder['calendar'] as $session) {
            foreach ($session['day'] === $day ? $session['turns'] : [] as $turn) {
                $turn['turns'] -= $done[$turn['drill']] ?? 0;
                if ($turn['turns'] > 0) {
                    $left[] = $turn;
                }
            }
        }

        return $left;
    }

    /** @return array<string, mixed> */
    private function feeds(User $person, Practised $practised): array
    {
        $controls = [];
        foreach ($practised->controls()->byPlace as $place => $time) {
            $controls[] = [
                'place' => $place,
                'seconds' => $time['seconds'],
                'usual_s' => $place === ControlPlace::HalfPress->value ? 0.0 : Way::Hold->usualS(),
                'trials' => $time['trials'],
            ];
        }
        $mixed = MixedUp::among($practised->buttons(), $this->body($person));
        $hand = $practised->hand();
        $first = $practised->firstTimes();
        $way = static fn (bool $byHand): array => [
            'trials' => $first->count($byHand),
            'missed' => $first->missed($byHand),
            'median_s' => $first->medianS($byHand),
            'mean_s' => $first->meanS($byHand),
        ];

        return [
            'controls' => $controls,
            'moves' => array_map(
                static fn (string $move, array $one): array => [
                    'move' => $move,
                    'seconds' => $one['seconds'],
                    'usual_s' => AreaMove::from($move)->usualS(),
                    'trials' => $one['trials'],
                ],
                array_keys($moves = $practised->moves()->byMove),
                $moves,
            ),
            'mixed' => $mixed === null
                    ? null
                    : [
                        'one' => $mixed->one->value,
                        'other' => $mixed->other->value,
                        'times' => $mixed->times,
                        'asked' => $mixed->asked,
                        'better' => $mixed->better?->value,
                        'free' => $mixed->free,
                    ],
            'hand' => [
                'said' => $person->habits()->photographer->handFocus,
                'at' => $hand === [] ? null : end($hand),
                'days' => array_map(
                    static fn (string $day, float $at): array => ['day' => $day, 'at' => $at],
                    array_keys($hand),
                    array_values($hand),
                ),
            ],
            'first_sharp' => ['auto' => $way(false), 'by_hand' => $way(true), 'fewest' => FirstTimes::FEWEST],
        ];
    }

    /** The body of the latest buttons drill, as far as it is still there. */
    private function body(User $person): Body
    {
        $last = KeptDrill::query();
        $drill = $last
            ->where('user_id', $person->id)
            ->where('exercise', Exercise::Buttons->value)
            ->orderByDesc('done_at')
            ->first(KeptDrill::LISTED);
        $entry = is_string($drill?->score['body'] ?? null)
            ? (new Shelf($person, KitType::Bodies))->find($drill->score['body'])
            : null;

        return $entry === null ? new Body() : BodyDocument::read($entry->document())->body;
    }

    private function day(Request $request): string
    {
        $this->asked($request);

        return $request->string('day')->toString() ?: now()->toDateString();
    }
}
