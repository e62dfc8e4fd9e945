<?php

declare(strict_types=1);

use App\Http\Controllers\AccountController;
use App\Http\Controllers\AddressController;
use App\Http\Controllers\ArchiveController;
use App\Http\Controllers\BurstController;
use App\Http\Controllers\BurstPictureController;
use App\Http\Controllers\CalendarFeedController;
use App\Http\Controllers\CardController;
use App\Http\Controllers\CardLinkController;
use App\Http\Controllers\CauseController;
use App\Http\Controllers\ComparisonController;
use App\Http\Controllers\CopyController;
use App\Http\Controllers\DayController;
use App\Http\Controllers\DescribedKitController;
use App\Http\Controllers\DrillController;
use App\Http\Controllers\FrameController;
use App\Http\Controllers\FreshRushController;
use App\Http\Controllers\GroupController;
use App\Http\Controllers\GroupTaskController;
use App\Http\Controllers\HabitsController;
use App\Http\Controllers\HoldComparisonController;
use App\Http\Controllers\KitController;
use App\Http\Controllers\LayoutController;
use App\Http\Controllers\LearnedController;
use App\Http\Controllers\LensChoiceController;
use App\Http\Controllers\LogController;
use App\Http\Controllers\LogImportController;
use App\Http\Controllers\MeasureController;
use App\Http\Controllers\MetricsController;
use App\Http\Controllers\OutingController;
use App\Http\Controllers\PictureController;
use App\Http\Controllers\PictureSetController;
use App\Http\Controllers\PlaceController;
use App\Http\Controllers\PlanController;
use App\Http\Controllers\PracticeController;
use App\Http\Controllers\RankController;
use App\Http\Controllers\ReadyController;
use App\Http\Controllers\RushController;
use App\Http\Controllers\RushSetController;
use App\Http\Controllers\SessionController;
use App\Http\Controllers\ShelfController;
use App\Http\Controllers\SweepController;
use App\Http\Controllers\TokenController;
use App\Http\Controllers\UndoController;
use App\Http\Controllers\WordsController;
use App\Http\Middleware\AFewAtATime;
use App\Http\Middleware\InPerson;
use App\Http\Middleware\Once;
use Illuminate\Support\Facades\Route;
use RushHold\Words\Words;

Route::get('up', ReadyController::class)->withoutMiddleware('web');
Route::get('metrics', MetricsController::class)->withoutMiddleware('web');

Route::prefix('api')->group(function (): void {
    Route::get('words', WordsController::class);
    Route::get('session', [SessionController::class, 'show']);
    Route::post('session', [SessionController::class, 'store'])->middleware('throttle:sign-in');
    Route::post('session/demo', [SessionController::class, 'demo'])->middleware('throttle:demo');
    Route::delete('session', [SessionController::class, 'destroy']);

    Route::post('account', [AccountController::class, 'store'])->middleware('throttle:register');
    Route::post('account/confirm', [AccountController::class, 'confirm'])->middleware('throttle:register');
    Route::post('account/email/confirm', [AddressController::class, 'confirm'])->middleware('throttle:reset');
    Route::post('account/forgotten', [AccountController::class, 'forgotten'])->middleware('throttle:forgotten');
    Route::post('account/reset', [AccountController::class, 'reset'])->middleware('throttle:reset');

    Route::get('copies/{secret}', [CopyController::class, 'offered'])
        ->middleware('throttle:shared')
        ->where('secret', '[A-Za-z0-9]{40}');
    Route::get('shared/{secret}', [CardController::class, 'shared'])->middleware('throttle:shared');

    Route::middleware(['auth:sanctum', Once::class])->group(function (): void {
        Route::post('plan', PlanController::class);
        Route::post('rank', RankController::class);
        Route::post('compare', ComparisonController::class);
        Route::post('frame', FrameController::class)->middleware(['throttle:frames', AFewAtATime::class]);
        Route::post('day', DayController::class);
        Route::post('layout', LayoutController::class);
        Route::post('lenses/choose', LensChoiceController::class);
        Route::post('speed', [MeasureController::class, 'speed']);
        Route::post('stopwatch', [MeasureController::class, 'stopwatch']);
        Route::get('aim-test', [MeasureController::class, 'course']);
        Route::post('aim-test', [MeasureController::class, 'score']);

        Route::get('practice', [PracticeController::class, 'show']);
        Route::put('practice', [PracticeController::class, 'update']);
        Route::get('practice/calendar', [PracticeController::class, 'calendar']);
        Route::post('drills/course', [DrillController::class, 'course']);
        Route::get('drills/file', [DrillController::class, 'file']);
        Route::get('drills', [DrillController::class, 'index']);
        Route::post('drills', [DrillController::class, 'store']);
        Route::get('drills/{id}', [DrillController::class, 'show']);
        Route::delete('drills/{id}', [DrillController::class, 'destroy']);
        Route::post('drills/{id}/restore', [DrillController::class, 'restore']);
        Route::get('drills/{id}/document', [DrillController::class, 'download']);

        Route::get('groups', [GroupController::class, 'index']);
        Route::post('groups', [GroupController::class, 'store']);
        Route::post('groups/join', [GroupController::class, 'join'])->middleware('throttle:join');
        Route::get('groups/{group}', [GroupController::class, 'show']);
        Route::patch('groups/{group}', [GroupController::class, 'update']);
        Route::delete('groups/{group}', [GroupController::class, 'destroy']);
        Route::put('groups/{group}/shares', [GroupController::class, 'share']);
        Route::delete('groups/{group}/shares', [GroupController::class, 'leave']);
        Route::delete('groups/{group}/members/{member}', [GroupController::class, 'remove'])->whereNumber('member');

        Route::post('groups/{group}/tasks', [GroupTaskController::class, 'store']);
        Route::delete('groups/{group}/tasks/{task}', [GroupTaskController::class, 'destroy']);
        Route::get('tasks', [GroupTaskController::class, 'index']);
        Route::get('tasks/{id}', [GroupTaskController::class, 'show']);
        Route::put('tasks/{id}/done', [GroupTaskController::class, 'finish']);
        Route::delete('tasks/{id}/done', [GroupTaskController::class, 'again']);

        Route::get('copies', [CopyController::class, 'index']);
        Route::post('copies', [CopyController::class, 'store']);
        Route::delete('copies/{id}', [CopyController::class, 'destroy'])->whereNumber('id');

        Route::get('shelf', [ShelfController::class, 'index']);
        Route::post('shelf', [ShelfController::class, 'store']);
        Route::post('shelf/{id}/take', [ShelfController::class, 'take']);
        Route::post('shelf/{id}/report', [ShelfController::class, 'report'])->middleware('throttle:join');
        Route::delete('shelf/{id}', [ShelfController::class, 'destroy']);

        Route::get('habits', [HabitsController::class, 'show']);
        Route::put('habits', [HabitsController::class, 'update']);
        Route::get('rushes/fresh', FreshRushController::class);

        Route::put('kit/bodies/{id}/standing', [KitController::class, 'stand']);
        Route::put('kit/bodies/{id}/buttons', [KitController::class, 'layOut']);
        Route::put('kit/bodies/{id}/words/{key}', [KitController::class, 'name']);
        Route::post('kit/describe', DescribedKitController::class)->middleware(AFewAtATime::class);
        Route::get('kit/{type}', [KitController::class, 'index']);
        Route::post('kit/{type}', [KitController::class, 'store']);
        Route::post('kit/{type}/upload', [KitController::class, 'upload']);
        Route::post('kit/{type}/check', [KitController::class, 'check']);
        Route::get('kit/{type}/{id}', [KitController::class, 'show']);
        Route::put('kit/{type}/{id}', [KitController::class, 'update']);
        Route::delete('kit/{type}/{id}', [KitController::class, 'destroy']);
        Route::post('kit/{type}/{id}/restore', [KitController::class, 'restore']);
        Route::get('kit/{type}/{id}/document', [KitController::class, 'download']);

        Route::get('account/usage', [AccountController::class, 'usage']);
        Route::get('account/archive', [ArchiveController::class, 'download'])->middleware([
            'throttle:archive',
            AFewAtATime::class,
        ]);
        Route::post('account/archive', [ArchiveController::class, 'upload'])->middleware([
            'throttle:archive',
            AFewAtATime::class,
        ]);
        // A script with a token works with the data; the account is its person's own business.
        Route::middleware(InPerson::class)->group(function (): void {
            Route::patch('account', [AccountController::class, 'update']);
            Route::delete('account', [AccountController::class, 'destroy'])->middleware('throttle:password');
            Route::put('account/email', [AddressController::class, 'update'])->middleware('throttle:password');
            Route::put('account/password', [AccountController::class, 'password'])->middleware('throttle:password');
            Route::post('account/sign-out-everywhere', [AccountController::class, 'signOutEverywhere']);
            Route::get('account/calendar', [CalendarFeedController::class, 'index']);
            Route::post('account/calendar', [CalendarFeedController::class, 'store']);
            Route::delete('account/calendar', [CalendarFeedController::class, 'destroy']);
            Route::get('account/tokens', [TokenController::class, 'index']);
            Route::post('account/tokens', [TokenController::class, 'store']);
            Route::delete('account/tokens/{id}', [TokenController::class, 'destroy'])->whereNumber('id');
        });

        Route::get('places', [PlaceController::class, 'index']);
        Route::get('places/daylight', [PlaceController::class, 'daylight']);

        Route::get('outings', [OutingController::class, 'index']);
        Route::post('outings', [OutingController::class, 'store']);
        Route::post('outings/upload', [OutingController::class, 'upload']);
        Route::post('outings/place', [OutingController::class, 'place']);
        Route::get('outings/{outing}', [OutingController::class, 'show']);
        Route::put('outings/{outing}', [OutingController::class, 'update']);
        Route::delete('outings/{outing}', [OutingController::class, 'destroy']);
        Route::post('outings/{outing}/duplicate', [OutingController::class, 'duplicate']);
        Route::post('outings/{id}/restore', [OutingController::class, 'restore']);
        Route::get('outings/{outing}/document', [OutingController::class, 'download']);
        Route::get('outings/{outing}/card', [CardController::class, 'show']);
        Route::get('outings/{outing}/files/{file}', [CardController::class, 'file']);
        Route::get('outings/{outing}/pocket', [CardController::class, 'pocket']);
        Route::post('outings/{outing}/passed-by', [CardController::class, 'passedBy']);
        Route::get('outings/{outing}/bursts', [BurstController::class, 'index']);
        Route::get('outings/{outing}/links', [CardLinkController::class, 'index']);
        Route::post('outings/{outing}/links', [CardLinkController::class, 'store']);
        Route::delete('outings/{outing}/links/{link}', [CardLinkController::class, 'destroy'])->whereNumber('link');
        Route::post('bursts', [BurstController::class, 'store']);
        Route::get('bursts', [LogController::class, 'index']);
        Route::get('bursts/figures', [LogController::class, 'figures']);
        Route::get('bursts/comparison', HoldComparisonController::class);
        Route::get('bursts/file', [LogController::class, 'download'])->middleware(AFewAtATime::class);
        Route::post('bursts/delete', [LogController::class, 'destroyMany']);
        Route::patch('bursts/{id}', [LogController::class, 'update']);
        Route::delete('bursts/{id}', [LogController::class, 'destroy']);
        Route::post('bursts/{id}/restore', [LogController::class, 'restore']);

        Route::post('cause', [CauseController::class, 'find']);
        Route::post('cause/test', [CauseController::class, 'test']);
        Route::get('learned', [LearnedController::class, 'show']);
        Route::patch('learned', [LearnedController::class, 'update']);
        Route::post('learned', [LearnedController::class, 'store']);

        Route::get('sweeps', [SweepController::class, 'index']);
        Route::post('sweeps', [SweepController::class, 'store']);
        Route::get('sweeps/{id}', [SweepController::class, 'show']);
        Route::put('sweeps/{id}', [SweepController::class, 'update']);
        Route::delete('sweeps/{id}', [SweepController::class, 'destroy']);
        Route::post('sweeps/{id}/restore', [SweepController::class, 'restore']);
        Route::post('sweeps/{id}/stand-in', [SweepController::class, 'standIn']);
        Route::post('sweeps/{id}/pictures', [SweepController::class, 'pictures']);
        Route::get('sweeps/{id}/document', [SweepController::class, 'download']);
        Route::get('sweeps/{id}/paper', [SweepController::class, 'paper'])->middleware(AFewAtATime::class);

        Route::post('bursts/table', LogImportController::class)->middleware(AFewAtATime::class);
        Route::post('bursts/{id}/merge', [BurstPictureController::class, 'merge']);
        Route::get('bursts/{id}/document', [BurstPictureController::class, 'document']);
        Route::get('bursts/{id}/pictures', [BurstPictureController::class, 'show']);
        Route::put('bursts/{id}/mark', [BurstPictureController::class, 'mark']);
        Route::delete('bursts/{id}/mark', [BurstPictureController::class, 'stop']);
        Route::put('bursts/{id}/rush', [BurstPictureController::class, 'match']);
        Route::get('bursts/{id}/table', [BurstPictureController::class, 'table'])->middleware(AFewAtATime::class);
        Route::get('bursts/{id}/sidecars', [BurstPictureController::class, 'sidecars'])->middleware(AFewAtATime::class);

        Route::post('pictures/uploads', [PictureController::class, 'announce']);
        Route::put('pictures/uploads/{sha256}', [PictureController::class, 'piece'])->where('sha256', '[0-9a-f]{64}');
        Route::post('pictures/stand-in', [PictureController::class, 'standIn'])->middleware('throttle:stand-in');
        Route::get('pictures/state', [PictureController::class, 'state']);
        Route::patch('pictures/state', [PictureController::class, 'settle']);
        Route::delete('pictures/waiting', [PictureController::class, 'cancel']);
        Route::get('pictures/bursts', [BurstPictureController::class, 'index']);
        Route::post('pictures/bursts/join', [PictureSetController::class, 'join']);
        Route::post('pictures/bursts/match', [PictureSetController::class, 'match']);
        Route::post('pictures/judge', [PictureSetController::class, 'judge']);
        Route::post('pictures/move', [PictureSetController::class, 'move']);
        Route::post('pictures/delete', [PictureSetController::class, 'destroy']);
        Route::get('pictures/sidecars', [PictureSetController::class, 'sidecars'])->middleware(AFewAtATime::class);
        Route::get('pictures/table', [PictureSetController::class, 'table'])->middleware(AFewAtATime::class);
        Route::get('pictures/document', [PictureSetController::class, 'document'])->middleware(AFewAtATime::class);
        Route::post('undo/{id}', UndoController::class);
        Route::patch('pictures/{id}', [PictureController::class, 'update']);
        Route::delete('pictures/{id}', [PictureController::class, 'destroy']);
        Route::post('pictures/{id}/retry', [PictureController::class, 'retry']);
        Route::post('pictures/{id}/restore', [PictureController::class, 'restore']);
        Route::get('pictures/{id}/crop', [PictureController::class, 'crop'])->middleware(AFewAtATime::class);
        Route::get('pictures/{id}/{what}', [PictureController::class, 'file'])
            ->middleware('signed:relative')
            ->name('picture');

        Route::get('rushes', [RushController::class, 'index']);
        Route::post('rushes', [RushController::class, 'store']);
        Route::post('rushes/upload', [RushController::class, 'upload']);
        Route::get('rushes/tags', [RushSetController::class, 'tags']);
        Route::post('rushes/tag', [RushSetController::class, 'tag']);
        Route::post('rushes/delete', [RushSetController::class, 'destroy']);
        Route::post('rushes/restore', [RushSetController::class, 'restore']);
        Route::get('rushes/file', [RushSetController::class, 'download'])->middleware(AFewAtATime::class);
        Route::get('rushes/{rush}', [RushController::class, 'show']);
        Route::put('rushes/{rush}', [RushController::class, 'update']);
        Route::patch('rushes/{rush}', [RushController::class, 'rename']);
        Route::delete('rushes/{rush}', [RushController::class, 'destroy']);
        Route::post('rushes/{rush}/duplicate', [RushController::class, 'duplicate']);
        Route::post('rushes/{id}/restore', [RushController::class, 'restore']);
        Route::get('rushes/{rush}/document', [RushController::class, 'download']);
    });

    Route::any('{any}', fn () => abort(404, Words::text('http.no-such-address')))->where('any', '.*');
});

// Calendars that subscribe come without an account: what they were given is the key.
Route::get('calendar/{secret}.ics', [CalendarFeedController::class, 'show'])
    ->middleware('throttle:shared')
    ->where('secret', '[A-Za-z0-9]{40}');

// Every other address is the page, which finds its own way.
Route::view('/{any?}', 'page')->where('any', '^(?!build/).*$');
