<?php

declare(strict_types=1);

use App\Playing\RankQuestion;
use RushHold\Document\RushDocument;
use RushHold\Focus\OneProcess;
use RushHold\Hold\PartialHold;
use RushHold\Units;
use Tests\Running\Visitor;

it('answers as one process does, to the last bit', function (string $example): void {
    $rush = $this->example($example, 0.25);
    $alone = (new RankQuestion(
        RushDocument::read($rush)->rush,
        PartialHold::nothing(),
        Units::Metric,
        0,
        null,
    ))->answer(new OneProcess(), static fn (string $early): null => null);
    expect($this->visitor()->post('/api/rank', ['rush' => $rush])->body)->toBe($alone);
})->with(['puffin-coming-in', 'pipit-in-the-gorse', 'barriers']);

it('tells the way to the answer, line by line', function (): void {
    $lines = $this->visitor()
        ->post('/api/rank', ['rush' => $this->example('sprint-finish', 0.75)], 'application/x-ndjson')
        ->lines();
    $last = array_pop($lines);
    $done = array_column($lines, 'done');
    [$early] = array_values(array_filter(array_column($lines, 'early')));
    // The ranking stands before it is explained, and stays what it is.
    expect($early['ranking'])
        ->toBe($last['answer']['ranking'])
        ->and($early['best']['hold'])
        ->toBe($last['answer']['best']['hold'])
        ->and($early)
        ->not->toHaveKey('why')
        ->and($last['answer']['why'])
        ->not->toBeEmpty();
    $sorted = $done;
    sort($sorted);
    expect($last['status'])
        ->toBe(200)
        ->and($last['answer']['tried'])
        ->toBeGreaterThan(50)
        ->and(count($done))
        ->toBeGreaterThan(2)
        ->and($done)
        ->toBe($sorted)
        ->and(end($done))
        ->toBeLessThanOrEqual(1);
});

it('gives a kept answer at once, to the same question only', function (): void {
    $visitor = $this->visitor();
    $ask = fn (array $more = []): array => $visitor
        ->post('/api/rank', ['rush' => $this->example('muddy-hairpin', 0.5), ...$more], 'application/x-ndjson')
        ->lines();
    $ask();
    [$answer] = $ask();
    expect($answer['status'])
        ->toBe(200)
        ->and($ask(['run' => 1])[0])
        ->toHaveKey('done')
        ->and($ask(['standing' => ['drive' => 'short']])[0])
        ->toHaveKey('done')
        ->and($ask(['units' => 'imperial'])[0])
        ->toHaveKey('done');
});

it('lets a newer question of the same window overtake, and those of others alone', function (): void {
    $visitor = $this->visitor();
    $ask = fn (int $turn, string $window, float $start): array => [
        'POST',
        '/api/rank',
        ['rush' => $this->long($start, seconds: 20), 'window' => $window, 'turn' => $turn],
    ];
    $answers = $visitor->all([$ask(1, 'desk', 800), $ask(1, 'other', 800.5)]);
    expect(array_column($answers, 'status'))->toBe([200, 200]);
    // The second is asked while the first is played.
    $statuses = array_column(
        $visitor->all([$ask(2, 'desk', 801), $ask(3, 'desk', 802), $ask(2, 'other', 803)]),
        'status',
    );
    sort($statuses);
    expect($statuses)->toBe([200, 200, 409]);
});

it('stops when whoever asked has left', function (): void {
    $visitor = $this->visitor();
    $said = $visitor->askAndLeave('/api/rank', ['rush' => $this->long(810, seconds: 20)]);
    expect($said)->toContain('done');
    $this->until(fn (): bool => $this->pool()['open'] === 0, 'the pool has nothing open');
    // It was dropped, not finished: the same question is played anew.
    expect($visitor->post('/api/rank', ['rush' => $this->long(810, seconds: 20)], 'application/x-ndjson')->lines()[0])->toHaveKey(
        'done',
    );
});

it('bounds the longest rush there is, and says that it played less', function (): void {
    $plan = $this->visitor()->post('/api/rank', ['rush' => $this->long(820)]);
    expect($plan->status)->toBe(200)->and($plan->json('played_less'))->toContain('Small differences may be chance');
});

it(
    'turns away one person’s flood with a sentence, while another’s list and question are answered before it',
    function (): void {
        [$many, $one] = [$this->visitor(), $this->visitor()];
        $requests = array_map(
            fn (int $i): array => [$many, ['POST', '/api/rank', ['rush' => $this->long(830 + $i, seconds: 10)]]],
            range(1, 16),
        );
        $requests[] = [$one, ['GET', '/api/rushes']];
        $requests[] = [$one, ['POST', '/api/rank', ['rush' => $this->example('tern-hovering', 0.125)]]];
        $multi = Visitor::together($requests, $order);
        $statuses = array_count_values(
            array_map(static fn ($answer): int => $answer->status, array_slice($multi, 0, 16)),
        );
        $turnedAway = array_values(array_filter($multi, static fn ($answer): bool => $answer->status === 429));
        $answeredLate = array_filter($order, static fn (int $i): bool => $i < 16 && $multi[$i]->status === 200);
        expect($statuses[429] ?? 0)
            ->toBeGreaterThan(0)
            ->and($statuses[200] ?? 0)
            ->toBeGreaterThan(4)
            ->and(array_keys($statuses))
            ->each->toBeIn([200, 429])
            ->and($turnedAway[0]->json('message'))
            ->toContain('questions open already')
            ->and($turnedAway[0]->head)
            ->toContain('Retry-After')
            ->and([$multi[16]->status, $multi[17]->status])
            ->toBe([200, 200])
            ->and(array_search(16, $order, true))
            ->toBeLessThan(array_key_last($answeredLate))
            ->and(array_search(17, $order, true))
            ->toBeLessThan(array_key_last($answeredLate));
    },
);

it('brings no session along with what it has played, since somebody else may be signed in by then', function (): void {
    $visitor = $this->visitor();
    $ranked = $visitor->post('/api/rank', ['rush' => $this->example('puffin-coming-in')]);
    $listed = $visitor->get('/api/session');
    expect($ranked->status)
        ->toBe(200)
        ->and($ranked->head)
        ->not->toContain('laravel_session=')
        ->and($listed->head)
        ->toContain('laravel_session=');
});

it('compares and chooses lenses there, too', function (): void {
    $visitor = $this->visitor();
    $hold = static fn (string $area): array => ['focus' => ['area' => $area, 'detect' => 'off']];
    $compared = $visitor->post('/api/compare', [
        'rush' => $this->example('puffin-coming-in'),
        'holds' => [$hold('point'), $hold('whole')],
    ]);
    // Beside much else it may take longer than it may: then it says so, and is asked again.
    for ($tries = 3; $tries > 0 && ($answered['status'] ?? 503) === 503; $tries--) {
        $lenses = $visitor
            ->post('/api/lenses/choose', ['rush' => $this->example('barriers')], 'application/x-ndjson')
            ->lines();
        $answered = end($lenses);
    }
    expect($compared->status)
        ->toBe(200)
        ->and($compared->json('sides'))
        ->toHaveCount(2)
        ->and($answered['answer']['choices'] ?? $answered)
        ->not->toBeEmpty();
});

it('answers nobody who has no ticket', function (): void {
    $visitor = $this->visitor();
    expect($visitor->get('/answers/'.str_repeat('0', 32))->status)
        ->toBe(404)
        ->and($visitor->get('/api/answers/x')->status)
        ->toBe(404);
});
