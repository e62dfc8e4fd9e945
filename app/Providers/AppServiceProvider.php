<?php

declare(strict_types=1);

namespace App\Providers;

use App\Playing\Questions;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Vite;
use Illuminate\Support\ServiceProvider;
use Illuminate\Support\Str;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->singleton(Questions::class, static function (): Questions {
            $socket = config('playing.socket');

            return new Questions(is_string($socket) && $socket !== '' ? $socket : null);
        });
    }

    public function boot(): void
    {
        Model::shouldBeStrict();
        JsonResource::withoutWrapping();
        // Paths without a host are right whatever stands in front of the server.
        Vite::createAssetPathsUsing(static fn (string $path): string => "/$path");

        // Five tries a minute for one address at one account, and thirty from one address at all of them.
        RateLimiter::for('sign-in', fn (Request $request): array => [
            Limit::perMinute(5)->by(Str::lower((string) $request->input('email')).'|'.$request->ip()),
            Limit::perMinute(30)->by((string) $request->ip()),
        ]);
    }
}
