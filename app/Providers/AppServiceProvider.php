<?php

namespace App\Providers;

use App\Models\Build;
use App\Models\Programme;
use App\Models\Room;
use App\Models\Site;
use App\Models\Version;
use App\Policies\ProgrammePolicy;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\ServiceProvider;
use Illuminate\Support\Str;
use Jornel\Core\Data\DataFiles;
use Symfony\Component\HttpFoundation\Response;

class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->singleton(DataFiles::class, fn (): DataFiles => new DataFiles(config()->string('jornel.data')));
    }

    public function boot(): void
    {
        Model::shouldBeStrict();
        foreach ([Programme::class, Site::class, Room::class, Build::class, Version::class] as $record) {
            Gate::policy($record, ProgrammePolicy::class);
        }
        RateLimiter::for('sign-in', fn (Request $request): Limit => Limit::perMinute(5)
            ->by(Str::lower($request->string('email')->toString()).'|'.$request->ip())
            // Only tries that failed count: whoever knows the password may come and go.
            ->after(fn (Response $response): bool => $response->getStatusCode() === 422));
    }
}
