<?php

declare(strict_types=1);

use App\Http\Controllers\AccountController;
use App\Http\Controllers\BenchController;
use App\Http\Controllers\BoatCardController;
use App\Http\Controllers\BoxFileController;
use App\Http\Controllers\CadenceController;
use App\Http\Controllers\ChoiceController;
use App\Http\Controllers\DropController;
use App\Http\Controllers\GearController;
use App\Http\Controllers\MeasurementController;
use App\Http\Controllers\MendController;
use App\Http\Controllers\OutingController;
use App\Http\Controllers\PasswordController;
use App\Http\Controllers\ReadingsController;
use App\Http\Controllers\RegisterController;
use App\Http\Controllers\RulesController;
use App\Http\Controllers\SessionController;
use App\Http\Controllers\SettingsController;
use App\Http\Controllers\StationController;
use App\Http\Controllers\TackleController;
use App\Http\Controllers\WaterController;
use Illuminate\Support\Facades\Route;

Route::middleware('guest')->group(function (): void {
    Route::get('sign-in', [SessionController::class, 'create'])->name('login');
    Route::post('sign-in', [SessionController::class, 'store'])->middleware('throttle:sign-in');
    Route::get('register', [RegisterController::class, 'create']);
    Route::post('register', [RegisterController::class, 'store'])->middleware('throttle:register');
    Route::post('demo', [SessionController::class, 'demo'])->middleware('throttle:demo');
    Route::get('forgot-password', [PasswordController::class, 'ask']);
    Route::post('forgot-password', [PasswordController::class, 'send'])->middleware('throttle:reset');
    Route::get('reset-password/{token}', [PasswordController::class, 'edit'])->name('password.reset');
    Route::post('reset-password', [PasswordController::class, 'reset'])->middleware('throttle:reset');
});

Route::middleware('auth')->group(function (): void {
    Route::post('sign-out', [SessionController::class, 'destroy']);

    Route::get('/', [StationController::class, 'lure']);
    Route::get('lure', [StationController::class, 'lure']);
    Route::get('rig', [StationController::class, 'later']);
    Route::get('work', [StationController::class, 'later']);
    Route::get('look-back', [StationController::class, 'later']);
    Route::get('places', [StationController::class, 'later']);
    Route::inertia('empty', 'Empty');
    Route::get('water', [WaterController::class, 'show']);
    Route::put('spots/{spot}/here', [WaterController::class, 'goTo']);
    Route::post('spots', [WaterController::class, 'keepSpot']);
    Route::put('readings/pin', [WaterController::class, 'pin']);
    Route::put('line', [WaterController::class, 'line']);
    Route::get('chart', [DropController::class, 'chart']);
    Route::get('cast', [DropController::class, 'cast']);
    Route::get('angle-fix', [DropController::class, 'angleFix']);
    Route::get('ghost', [DropController::class, 'ghost']);
    Route::post('measurements', [MeasurementController::class, 'store']);
    Route::delete('measurements/{measurement:uuid}', [MeasurementController::class, 'destroy']);
    Route::get('answer', [StationController::class, 'answer']);
    Route::get('second-look', [ChoiceController::class, 'secondLook']);
    Route::get('compare', [ChoiceController::class, 'compare']);
    Route::get('on-top', [ChoiceController::class, 'onTop']);
    Route::post('mend', MendController::class);
    Route::put('pinned', [ChoiceController::class, 'pin']);
    Route::put('readings', [ReadingsController::class, 'update']);

    Route::get('fish', [OutingController::class, 'show']);
    Route::post('tie-on', [OutingController::class, 'tieOn']);
    Route::post('outings/{outing:uuid}/events', [OutingController::class, 'log']);
    Route::post('outings/{outing:uuid}/end', [OutingController::class, 'end']);
    Route::delete('events/{event:uuid}', [OutingController::class, 'undo']);

    Route::get('tackle', [TackleController::class, 'index']);
    Route::post('lures', [TackleController::class, 'store']);
    Route::get('tackle/{lure}', [BenchController::class, 'show'])->whereNumber('lure');
    Route::get('box.csv', [BoxFileController::class, 'csv']);
    Route::get('box.json', [BoxFileController::class, 'json']);
    Route::post('box/preview', [BoxFileController::class, 'preview']);
    Route::post('box/import', [BoxFileController::class, 'import']);
    Route::get('gauge.svg', [BenchController::class, 'gauge']);
    Route::get('gauge.pdf', [BenchController::class, 'gauge']);
    Route::get('gear', [GearController::class, 'index']);
    Route::post('gear', [GearController::class, 'store']);
    Route::post('gear/done', [GearController::class, 'done']);
    Route::put('waters/{water}/notes', [GearController::class, 'note'])->whereNumber('water');
    Route::delete('gear/{gear}', [GearController::class, 'destroy'])->whereNumber('gear');
    Route::get('loop-guide', [BenchController::class, 'loop']);
    Route::post('starting-box', [TackleController::class, 'start']);
    Route::get('lures', [TackleController::class, 'find']);
    Route::get('lures/propose', [TackleController::class, 'propose']);
    Route::patch('lures', [TackleController::class, 'change']);
    Route::post('lures/{lure}/duplicate', [TackleController::class, 'duplicate'])->whereNumber('lure');

    Route::get('boat-card', [BoatCardController::class, 'show']);
    Route::get('boat-card.html', [BoatCardController::class, 'page']);
    Route::get('boat-card.pdf', [BoatCardController::class, 'pdf']);

    Route::get('rules', [RulesController::class, 'index']);
    Route::put('rules', [RulesController::class, 'weighAll']);
    Route::delete('rules', [RulesController::class, 'reset']);
    Route::get('rules.json', [RulesController::class, 'export']);
    Route::post('rules/import', [RulesController::class, 'import']);
    Route::put('rules/own/{uuid}', [RulesController::class, 'keep']);
    Route::post('rules/own/{uuid}/try', [RulesController::class, 'try']);
    Route::delete('rules/own/{uuid}', [RulesController::class, 'drop']);
    Route::put('rules/{rule}', [RulesController::class, 'weigh']);

    Route::get('account', [AccountController::class, 'show']);
    Route::put('account/password', [AccountController::class, 'password'])->middleware('throttle:password');
    Route::post('account/sign-out-others', [AccountController::class, 'signOutOthers'])->middleware('throttle:password');
    Route::get('account/archive.zip', [AccountController::class, 'archive']);
    Route::post('account/archive', [AccountController::class, 'take']);
    Route::delete('account', [AccountController::class, 'destroy'])->middleware('throttle:password');

    Route::get('cadences', [CadenceController::class, 'index']);
    Route::put('cadences/{cadence}', [CadenceController::class, 'update']);
    Route::delete('cadences/{cadence}', [CadenceController::class, 'destroy']);

    Route::get('settings', [SettingsController::class, 'edit']);
    Route::put('settings', [SettingsController::class, 'update']);
});
