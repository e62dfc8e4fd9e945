<?php

declare(strict_types=1);

namespace App\Providers;

use App\Simulation\NoiseFiles;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Vite;
use Illuminate\Support\ServiceProvider;
use Illuminate\Support\Str;
use RushHold\Focus\Noise;

final class AppServiceProvider extends ServiceProvider
{
    public function boot(): void
    {
        Model::shouldBeStrict();
        // The chances of the simulation are the same for everybody; the processes of the server share them.
        // A command lives too shortly to gain by it.
        if (! $this->app->runningInConsole()) {
            Noise::keptBy((new NoiseFiles(storage_path('framework/cache/noise')))->get(...));
        }
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
