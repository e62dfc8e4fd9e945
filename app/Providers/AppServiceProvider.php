<?php

declare(strict_types=1);

namespace App\Providers;

use App\Accounts\CommonPasswords;
use App\Http\Seat;
use App\Models\Address;
use App\Models\Group;
use App\Models\KitItem;
use App\Models\LogChanged;
use App\Models\SavedOuting;
use App\Models\SavedRush;
use App\Models\User;
use App\Playing\Questions;
use App\Playing\SharedAnswers;
use App\Policies\GroupPolicy;
use App\Policies\OwnerOnly;
use App\Review\LearnFromLog;
use Illuminate\Auth\Events\Login;
use Illuminate\Auth\Events\Logout;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Console\Application as Artisan;
use Illuminate\Contracts\Validation\UncompromisedVerifier;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Middleware\TrustProxies;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Vite;
use Illuminate\Support\ServiceProvider;
use RushHold\Words\Words;
use Symfony\Component\Console\Input\ArgvInput;
use Symfony\Component\Console\Input\InputOption;

final class AppServiceProvider extends ServiceProvider
{
    /** Who may do what with whose. */
    private const POLICIES = [
        Group::class => GroupPolicy::class,
        KitItem::class => OwnerOnly::class,
        SavedOuting::class => OwnerOnly::class,
        SavedRush::class => OwnerOnly::class,
    ];

    public function register(): void
    {
        $this->app->singleton(Questions::class, static function (): Questions {
            $socket = config('playing.socket');

            return new Questions(is_string($socket) && $socket !== '' ? $socket : null, SharedAnswers::ofEnvironment());
        });
    }

    public function boot(): void
    {
        $hot = getenv('VITE_HOT_FILE');
        Vite::useHotFile(
            $this->app->environment('local') && is_string($hot) ? $hot : storage_path('no-development-server'),
        );
        Model::shouldBeStrict();
        // Laravel's own asks a service, and registers itself late; this one looks into a list of ours.
        $this->app->extend(UncompromisedVerifier::class, static fn (): UncompromisedVerifier => new CommonPasswords());
        JsonResource::withoutWrapping();
        // Paths without a host are right whatever stands in front of the server.
        Vite::createAssetPathsUsing(static fn (string $path): string => "/$path");

        foreach (self::POLICIES as $model => $policy) {
            Gate::policy($model, $policy);
        }
        Event::listen(static fn (LogChanged $log) => LearnFromLog::soon($log->person));
        $this->throttles();
        $this->commandsSpeak();
        Event::listen(static function (Login $login): void {
            if ($login->user instanceof User) {
                session()->put(User::SESSION_KEY, $login->user->session_key);
                Seat::give($login->user);
            }
        });
        Event::listen(static fn (Logout $logout) => Seat::takeBack());
        $proxies = config('app.proxies');
        if (is_string($proxies) && $proxies !== '') {
            TrustProxies::at($proxies === '*' ? '*' : array_map(trim(...), explode(',', $proxies)));
        }
    }

    /** Every command says what it has to say in the language of `--locale`. */
    private function commandsSpeak(): void
    {
        Artisan::starting(
            static fn (Artisan $artisan) => $artisan
                ->getDefinition()
                ->addOption(
                    new InputOption(
                        'locale',
                        null,
                        InputOption::VALUE_REQUIRED,
                        'The language to answer in, such as de',
                    ),
                ),
        );
        $locale = $this->app->runningInConsole() ? (new ArgvInput())->getParameterOption('--locale', '') : '';
        is_string($locale) && $locale !== '' && Words::speak($locale);
    }

    /** How often a minute something may be tried; each kind is counted by itself. */
    private function throttles(): void
    {
        $from = static fn (Request $request): string => (string) $request->ip();
        $to = static fn (Request $request): string => Address::of($request->input('email'));
        // One address at one account, and one address at all of them.
        RateLimiter::for(
            'sign-in',
            static fn (Request $request): array => [
                Limit::perMinute(5)->by('sign-in '.$to($request).' '.$from($request)),
                Limit::perMinute(30)->by('sign-in '.$from($request)),
            ],
        );
        RateLimiter::for(
            'forgotten',
            static fn (Request $request): array => [
                Limit::perMinute(3)->by('forgotten to '.$to($request)),
                Limit::perMinute(10)->by('forgotten '.$from($request)),
            ],
        );
        foreach (
            [
                'register' => 10,
                'reset' => 10,
                'demo' => 30,
                'password' => 10,
                'archive' => 20,
                'shared' => 60,
                'frames' => 120,
                'stand-in' => 6,
                'join' => 10,
            ] as $name => $times
        ) {
            RateLimiter::for(
                $name,
                static fn (Request $request): Limit => Limit::perMinute($times)->by(
                    "$name ".($request->user()?->getAuthIdentifier() ?? $from($request)),
                ),
            );
        }
    }
}
