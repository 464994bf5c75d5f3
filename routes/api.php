<?php

use App\Http\Build\BuildController;
use App\Http\Build\SheetController;
use App\Http\Build\VersionController;
use App\Http\Day\DayController;
use App\Http\Guide\GuideController;
use App\Http\Guide\UnitController;
use App\Http\Kit\CutFileController;
use App\Http\Kit\CutPlanController;
use App\Http\Kit\OffcutController;
use App\Http\Kit\ShoppingController;
use App\Http\Kit\SizeController;
use App\Http\Middleware\AcknowledgeWrite;
use App\Http\Middleware\NamePerson;
use App\Http\Part\CatalogueController;
use App\Http\Part\PartController;
use App\Http\Programme\ActivityController;
use App\Http\Programme\PeopleController;
use App\Http\Programme\ProgrammeController;
use App\Http\Programme\SettingController;
use App\Http\Programme\SiteController;
use App\Http\Proof\LogController;
use App\Http\Proof\MeterController;
use App\Http\Proof\ProofController;
use App\Http\Question\AirController;
use App\Http\Question\ComparisonController;
use App\Http\Question\DisputeController;
use App\Http\Question\EvaluationController;
use App\Http\Question\FindController;
use App\Http\Question\MisfitController;
use App\Http\Question\NeedController;
use App\Http\Question\PlanController;
use App\Http\Question\PlanEditController;
use App\Http\Question\SketchController;
use App\Http\Question\WallController;
use App\Http\Question\WorkingController;
use App\Http\Room\DeletedRoomController;
use App\Http\Room\DraftController;
use App\Http\Room\PlacementController;
use App\Http\Room\RoomController;
use App\Http\Session\AccountController;
use App\Http\Session\BeginningController;
use App\Http\Session\InvitationController;
use App\Http\Session\PasswordController;
use App\Http\Session\SessionController;
use App\Http\Stock\KitController;
use App\Http\Stock\StockController;
use Illuminate\Support\Facades\Route;
use Jornel\Core\Part\PartKind;

Route::get('beginning', [BeginningController::class, 'show']);
Route::post('beginning', [BeginningController::class, 'store'])->middleware('throttle:begin');
Route::post('demo', [BeginningController::class, 'lookRound']);
Route::get('entrances/{token}', [InvitationController::class, 'show'])->middleware('throttle:enter');
Route::post('entrances/{token}', [InvitationController::class, 'store'])->middleware('throttle:enter');
Route::post('passwords', [PasswordController::class, 'store'])->middleware('throttle:enter');
Route::put('passwords/{token}', [PasswordController::class, 'update'])->middleware('throttle:enter');
Route::post('session', [SessionController::class, 'store']);

Route::middleware(['auth:web', NamePerson::class])->group(function (): void {
    Route::get('session', [SessionController::class, 'show']);
    Route::patch('session', [SessionController::class, 'update']);
    Route::delete('session', [SessionController::class, 'destroy']);
    Route::put('account', [AccountController::class, 'update']);
    Route::delete('account/sessions', [AccountController::class, 'signOutEverywhere']);

    Route::get('catalogue', [CatalogueController::class, 'show']);
    Route::post('evaluations', [EvaluationController::class, 'store']);

    Route::post('misfits', [MisfitController::class, 'store']);
    Route::post('comparisons', [ComparisonController::class, 'store']);
    Route::post('disputes', [DisputeController::class, 'store']);
    Route::post('workings', [WorkingController::class, 'store']);
    Route::post('plans', [PlanController::class, 'store']);
    Route::post('plans/edits', [PlanEditController::class, 'store']);
    Route::post('airs', [AirController::class, 'store']);
    Route::post('walls', [WallController::class, 'store']);
    Route::post('needs', [NeedController::class, 'store']);
    Route::post('finds', [FindController::class, 'store']);
    Route::delete('finds/{ticket}', [FindController::class, 'destroy'])->where('ticket', '[A-Za-z0-9-]{8,64}');
    Route::get('layouts/{ticket}', [ShoppingController::class, 'progress'])->where('ticket', '[A-Za-z0-9-]{8,64}');
    Route::delete('layouts/{ticket}', [ShoppingController::class, 'cancel'])->where('ticket', '[A-Za-z0-9-]{8,64}');
    Route::post('sketches', [SketchController::class, 'store']);
});

// Records: what is written of them is acknowledged exactly when it is committed.
Route::middleware(['auth:web', NamePerson::class, AcknowledgeWrite::class])->group(function (): void {
    Route::get('programmes', [ProgrammeController::class, 'index']);
    Route::post('programmes', [ProgrammeController::class, 'store']);
    Route::put('programmes/{programme}/archive', [ProgrammeController::class, 'archive'])->can('organise', 'programme');
    Route::delete('programmes/{programme}/archive', [ProgrammeController::class, 'revive'])->can('revive', 'programme');
    Route::put('programmes/{programme}/site-order', [ProgrammeController::class, 'order'])->can('build', 'programme');
    Route::get('programmes/{programme}/deleted', [ProgrammeController::class, 'deleted'])->can('view', 'programme');
    Route::get('programmes/{programme}/activities', [ActivityController::class, 'index'])->can('view', 'programme');
    Route::get('programmes/{programme}', [ProgrammeController::class, 'show'])->can('view', 'programme');
    Route::patch('programmes/{programme}', [ProgrammeController::class, 'update'])->can('organise', 'programme');
    Route::post('programmes/{programme}/sites', [SiteController::class, 'store'])->can('build', 'programme');

    Route::get('programmes/{programme}/people', [PeopleController::class, 'index'])->can('view', 'programme');
    Route::patch('programmes/{programme}/people/{person}', [PeopleController::class, 'update'])->can('organise', 'programme');
    Route::delete('programmes/{programme}/people/{person}', [PeopleController::class, 'destroy'])->can('view', 'programme');
    Route::post('programmes/{programme}/people/{person}/hand-over', [PeopleController::class, 'handOver'])->can('organise', 'programme');
    Route::post('programmes/{programme}/people/{person}/password-link', [PeopleController::class, 'passwordLink'])->can('organise', 'programme');
    Route::post('programmes/{programme}/invitations', [PeopleController::class, 'invite'])->can('organise', 'programme');
    Route::delete('invitations/{invitation}', [PeopleController::class, 'withdraw'])->can('organise', 'invitation');

    Route::get('programmes/{programme}/setting', [SettingController::class, 'show'])->can('view', 'programme');
    Route::put('programmes/{programme}/setting', [SettingController::class, 'update'])->can('organise', 'programme');
    Route::get('programmes/{programme}/parts', [PartController::class, 'index'])->can('view', 'programme');
    Route::get('programmes/{programme}/parts/{kind}/{code}', [PartController::class, 'show'])->where(['code' => '[A-Za-z0-9.-]{1,80}'])->whereIn('kind', PartKind::cases())->can('view', 'programme');
    Route::put('programmes/{programme}/parts/{kind}/{code}', [PartController::class, 'update'])->where(['code' => '[A-Za-z0-9.-]{1,80}'])->whereIn('kind', PartKind::cases())->can('build', 'programme');
    Route::delete('programmes/{programme}/parts/{kind}/{code}', [PartController::class, 'destroy'])->where(['code' => '[A-Za-z0-9.-]{1,80}'])->whereIn('kind', PartKind::cases())->can('build', 'programme');

    Route::get('programmes/{programme}/stock', [StockController::class, 'show'])->can('view', 'programme');
    Route::get('programmes/{programme}/stock/movements', [StockController::class, 'movements'])->can('view', 'programme');
    Route::get('programmes/{programme}/stock/builds', [StockController::class, 'builds'])->can('view', 'programme');
    Route::post('programmes/{programme}/stock', [StockController::class, 'store'])->can('build', 'programme');

    Route::get('programmes/{programme}/shopping', [ShoppingController::class, 'show'])->can('view', 'programme');
    Route::get('programmes/{programme}/shopping.csv', [ShoppingController::class, 'file'])->can('view', 'programme');
    Route::get('programmes/{programme}/shopping.pdf', [ShoppingController::class, 'paper'])->can('view', 'programme');
    Route::post('programmes/{programme}/shopping/bought', [ShoppingController::class, 'bought'])->can('build', 'programme');

    Route::delete('sites/{site}', [SiteController::class, 'destroy'])->can('organise', 'site');
    Route::delete('sites/{site}/deletion', [SiteController::class, 'restore'])->withTrashed()->can('organise', 'site');
    Route::patch('sites/{site}', [SiteController::class, 'update'])->can('build', 'site');
    Route::get('sites/{site}/rooms', [SiteController::class, 'rooms'])->can('view', 'site');
    Route::get('sites/{site}/room-names', [SiteController::class, 'roomNames'])->can('view', 'site');
    Route::get('sites/{site}/plan', [SiteController::class, 'plan'])->can('view', 'site');
    Route::post('sites/{site}/rooms', [RoomController::class, 'store'])->can('build', 'site');
    Route::get('rooms/{room}', [RoomController::class, 'show'])->can('view', 'room');
    Route::put('rooms/{room}', [RoomController::class, 'update'])->can('build', 'room');
    Route::delete('rooms/{room}', [RoomController::class, 'destroy'])->can('organise', 'room');
    Route::delete('rooms/{room}/deletion', [DeletedRoomController::class, 'destroy'])->withTrashed()->can('organise', 'room');

    Route::post('rooms/{room}/copies', [RoomController::class, 'copy'])->can('build', 'room');
    Route::put('rooms/{room}/site', [RoomController::class, 'move'])->can('build', 'room');
    Route::put('rooms/{room}/placements', [PlacementController::class, 'update'])->can('build', 'room');

    Route::get('rooms/{room}/draft', [DraftController::class, 'show'])->can('view', 'room');
    Route::put('rooms/{room}/draft', [DraftController::class, 'update'])->can('build', 'room');
    Route::delete('rooms/{room}/draft', [DraftController::class, 'destroy'])->can('build', 'room');

    Route::post('rooms/{room}/builds', [BuildController::class, 'store'])->can('build', 'room');
    Route::get('builds/{build}', [BuildController::class, 'show'])->can('view', 'build');
    Route::get('builds/{build}/versions', [VersionController::class, 'index'])->can('view', 'build');
    Route::post('builds/{build}/versions', [VersionController::class, 'store'])->can('build', 'build');
    Route::get('versions/{version}', [VersionController::class, 'show'])->can('view', 'version');
    Route::get('versions/{version}/kit', [KitController::class, 'show'])->can('view', 'version');
    Route::post('versions/{version}/kit', [KitController::class, 'store'])->can('build', 'version');
    Route::get('versions/{version}/sheet', [SheetController::class, 'show'])->can('view', 'version');
    Route::get('versions/{version}/cut-plan', [CutPlanController::class, 'show'])->can('view', 'version');
    Route::put('versions/{version}/cut-plan', [CutPlanController::class, 'update'])->can('build', 'version');
    Route::post('versions/{version}/sizes', [SizeController::class, 'store'])->can('build', 'version');
    Route::post('versions/{version}/window', [SizeController::class, 'window'])->can('build', 'version');
    Route::get('versions/{version}/cut-files/{file}', [CutFileController::class, 'show'])->where('file', '[A-Za-z0-9.-]{3,120}')->can('view', 'version');
    Route::post('versions/{version}/offcuts', [OffcutController::class, 'store'])->can('build', 'version');
    Route::get('versions/{version}/guide', [GuideController::class, 'show'])->can('view', 'version');
    Route::get('versions/{version}/guide.pdf', [GuideController::class, 'paper'])->can('view', 'version');
    Route::get('versions/{version}/steps/{step}', [GuideController::class, 'picture'])->where('step', '[a-z0-9-]{1,80}')->can('view', 'version');
    Route::post('versions/{version}/units', [UnitController::class, 'store'])->can('build', 'version');
    Route::get('programmes/{programme}/units', [UnitController::class, 'index'])->can('view', 'programme');
    Route::get('units/{unit}', [UnitController::class, 'show'])->can('view', 'unit');
    Route::patch('units/{unit}', [UnitController::class, 'update'])->can('build', 'unit');
    Route::delete('units/{unit}', [UnitController::class, 'destroy'])->can('build', 'unit');
    Route::delete('units/{unit}/deletion', [UnitController::class, 'restore'])->withTrashed()->can('build', 'unit');
    Route::get('units/{unit}/photos/{photo}', [UnitController::class, 'picture'])->can('view', 'unit');
    Route::get('programmes/{programme}/meters', [MeterController::class, 'index'])->can('view', 'programme');
    Route::post('programmes/{programme}/meters', [MeterController::class, 'store'])->can('organise', 'programme');
    Route::delete('meters/{meter}', [MeterController::class, 'destroy'])->can('organise', 'meter');
    Route::delete('meters/{meter}/deletion', [MeterController::class, 'restore'])->withTrashed()->can('organise', 'meter');
    // Nothing is open while a meter is asked, which may take seconds; nginx gives them workers of their own.
    Route::post('meters/{meter}/readings', [MeterController::class, 'ask'])->can('build', 'meter')->withoutMiddleware(AcknowledgeWrite::class);
    Route::post('meters/{meter}/rows', [MeterController::class, 'log'])->can('build', 'meter')->withoutMiddleware(AcknowledgeWrite::class);
    Route::get('units/{unit}/proof', [ProofController::class, 'show'])->can('view', 'unit');
    Route::get('units/{unit}/points', [ProofController::class, 'points'])->can('view', 'unit');
    Route::get('units/{unit}/proof.pdf', [ProofController::class, 'paper'])->can('view', 'unit');
    Route::get('units/{unit}/evidence.{format}', [ProofController::class, 'evidence'])->whereIn('format', ['json', 'csv'])->can('view', 'unit');
    Route::post('units/{unit}/measured-parts', [ProofController::class, 'keep'])->can('build', 'unit');
    Route::post('units/{unit}/logs', [LogController::class, 'store'])->can('build', 'unit');
    Route::get('logs/{log}', [LogController::class, 'show'])->can('view', 'log');
    Route::get('units/{unit}/label.pdf', [UnitController::class, 'label'])->can('view', 'unit');
    Route::get('programmes/{programme}/days', [DayController::class, 'index'])->can('view', 'programme');
    Route::post('programmes/{programme}/days', [DayController::class, 'store'])->can('build', 'programme');
    Route::get('days/{day}', [DayController::class, 'show'])->can('view', 'day');
    Route::put('days/{day}', [DayController::class, 'update'])->can('build', 'day');
    Route::delete('days/{day}', [DayController::class, 'destroy'])->can('build', 'day');
    Route::delete('days/{day}/deletion', [DayController::class, 'restore'])->withTrashed()->can('build', 'day');
    Route::post('days/{day}/plan', [DayController::class, 'plan'])->can('build', 'day');
    Route::post('days/{day}/moves', [DayController::class, 'move'])->can('build', 'day');
    Route::post('days/{day}/beginning', [DayController::class, 'begin'])->can('build', 'day');
    Route::put('days/{day}/set-aside', [DayController::class, 'setAside'])->can('build', 'day');
    Route::get('days/{day}/run-sheet.pdf', [DayController::class, 'paper'])->can('view', 'day');
    Route::delete('offcuts/{offcut}', [OffcutController::class, 'destroy'])->can('build', 'offcut');
});

// Each thing told has a key of its own, or the later of two holds: what was answered need not be kept a second time.
Route::middleware(['auth:web', NamePerson::class, AcknowledgeWrite::class.':'.AcknowledgeWrite::OWN_KEYS])->group(function (): void {
    Route::put('programmes/{programme}/shopping/ticks', [ShoppingController::class, 'tick'])->can('build', 'programme');
    Route::post('units/{unit}/ticks', [UnitController::class, 'tick'])->can('build', 'unit');
    Route::post('units/{unit}/photos', [UnitController::class, 'photo'])->can('build', 'unit');
    Route::post('units/{unit}/surveys', [ProofController::class, 'begin'])->can('build', 'unit');
    Route::post('surveys/{survey}/readings', [ProofController::class, 'tell'])->can('build', 'survey');
});
