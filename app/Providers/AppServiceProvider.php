<?php

namespace App\Providers;

use App\Finder\Service\FinderClient;
use App\Models\Build;
use App\Models\BuildDay;
use App\Models\Invitation;
use App\Models\Log;
use App\Models\Meter;
use App\Models\Offcut;
use App\Models\Programme;
use App\Models\Room;
use App\Models\Site;
use App\Models\Survey;
use App\Models\Unit;
use App\Models\Version;
use App\Policies\ProgrammePolicy;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Facades\Vite;
use Illuminate\Support\ServiceProvider;
use Illuminate\Validation\Rules\Password;
use Jornel\Core\Data\DataFiles;

class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->singleton(DataFiles::class, fn (): DataFiles => new DataFiles(config()->string('jornel.data')));
        $this->app->bind(FinderClient::class, fn (): FinderClient => new FinderClient(config()->string('jornel.finder_socket')));
    }

    public function boot(): void
    {
        Model::shouldBeStrict();
        // From the root of whatever address the page was asked at: a web server before this one may know another.
        Vite::createAssetPathsUsing(fn (string $path): string => "/{$path}");
        foreach ([Programme::class, Site::class, Room::class, Build::class, Version::class, Invitation::class, Offcut::class, Unit::class, BuildDay::class, Survey::class, Log::class, Meter::class] as $record) {
            Gate::policy($record, ProgrammePolicy::class);
        }
        // Long rather than odd: NIST SP 800-63B.
        Password::defaults(fn (): Password => Password::min(12)->max(200));
        // A whole class may come in from one address within a quarter of an hour.
        RateLimiter::for('enter', fn (Request $request): Limit => Limit::perMinute(60)->by((string) $request->ip()));
        RateLimiter::for('unit-page', fn (Request $request): Limit => Limit::perMinute(120)->by((string) $request->ip()));
        RateLimiter::for('begin', fn (Request $request): Limit => Limit::perHour(20)->by((string) $request->ip()));
        // `1abc` is no number of a record, though the database would take it for 1.
        foreach (['programme', 'site', 'room', 'build', 'version', 'person', 'invitation', 'offcut', 'unit', 'photo', 'day', 'survey', 'log', 'meter'] as $record) {
            Route::pattern($record, '[1-9][0-9]{0,17}');
        }
    }
}
