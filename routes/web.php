<?php

declare(strict_types=1);

use App\Http\Controllers\AccountController;
use App\Http\Controllers\Auth\ForgotPasswordController;
use App\Http\Controllers\Auth\RegisterController;
use App\Http\Controllers\Auth\ResetPasswordController;
use App\Http\Controllers\Auth\SessionController;
use App\Http\Controllers\EmailChangeController;
use App\Http\Controllers\HealthController;
use App\Http\Controllers\HelpController;
use App\Http\Controllers\HomeController;
use App\Http\Controllers\Host;
use App\Http\Controllers\JoinController;
use App\Http\Controllers\MadePageController;
use App\Http\Controllers\Member;
use App\Http\Controllers\PasswordController;
use App\Http\Controllers\PostController;
use App\Http\Controllers\SecurityController;
use App\Http\Controllers\StartController;
use App\Http\Controllers\StyleController;
use App\Http\Controllers\WelcomeController;
use App\Http\Middleware\DemoOnly;
use App\Http\Middleware\OwnCopy;
use App\Models\QuiltAlong;
use Illuminate\Support\Facades\Route;

Route::get('/', WelcomeController::class)->name('welcome');
Route::get('feed/{feed}', [Member\FeedController::class, 'show'])->middleware('throttle:feed')->name('feed');
Route::get('up', HealthController::class)->withoutMiddleware('web')->name('health');

Route::middleware('guest')->group(function (): void {
    Route::get('register', [RegisterController::class, 'create'])->name('register');
    Route::post('register', [RegisterController::class, 'store'])->middleware('throttle:register');
    Route::get('register/sent', [RegisterController::class, 'sent'])->name('register.sent');
    Route::get('register/confirm', [RegisterController::class, 'confirm'])->middleware('signed:relative')->name('register.confirm');
    Route::get('sign-in', [SessionController::class, 'create'])->name('login');
    Route::post('sign-in', [SessionController::class, 'store'])->middleware('throttle:sign-in');
    Route::get('sign-in/code', [SessionController::class, 'code'])->name('login.code');
    Route::post('sign-in/code', [SessionController::class, 'storeCode'])->middleware('throttle:sign-in')->name('login.code.store');
    Route::get('forgot-password', [ForgotPasswordController::class, 'create'])->name('password.request');
    Route::post('forgot-password', [ForgotPasswordController::class, 'store'])->middleware('throttle:mail')->name('password.email');
    Route::get('reset-password/{token}', [ResetPasswordController::class, 'create'])->name('password.reset');
    Route::post('reset-password', [ResetPasswordController::class, 'store'])->middleware('throttle:sign-in')->name('password.update');
});

Route::middleware('throttle:join')->group(function (): void {
    Route::get('join', [JoinController::class, 'index'])->name('join');
    Route::post('join', [JoinController::class, 'find'])->name('join.find');
    Route::get('join/{code}', [JoinController::class, 'show'])->name('join.show');
});

Route::middleware('auth')->group(function (): void {
    Route::post('sign-out', [SessionController::class, 'destroy'])->name('logout');
    Route::get('home', HomeController::class)->name('home');
    Route::post('join/{code}', [JoinController::class, 'store'])->middleware('throttle:join')->name('join.store');

    Route::middleware('can:create,'.QuiltAlong::class)->group(function (): void {
        Route::get('start', [StartController::class, 'create'])->name('start');
        Route::post('start', [StartController::class, 'store'])->middleware('throttle:join')->name('start.store');
    });

    Route::get('account', [AccountController::class, 'edit'])->name('account');
    Route::patch('account', [AccountController::class, 'update'])->name('account.update');
    Route::delete('account', [AccountController::class, 'destroy'])->middleware('throttle:sign-in')->name('account.destroy');
    Route::put('account/password', [PasswordController::class, 'update'])->middleware('throttle:sign-in')->name('account.password');
    Route::delete('account/sessions', [SecurityController::class, 'endSessions'])->name('account.sessions');
    Route::post('account/codes', [SecurityController::class, 'begin'])->middleware('throttle:sign-in')->name('account.codes.begin');
    Route::put('account/codes', [SecurityController::class, 'confirm'])->middleware('throttle:sign-in')->name('account.codes.confirm');
    Route::delete('account/codes', [SecurityController::class, 'end'])->middleware('throttle:sign-in')->name('account.codes.end');
    Route::post('account/email', [EmailChangeController::class, 'store'])->middleware('throttle:mail')->name('account.email');
    Route::get(
        'account/email/{email}',
        [EmailChangeController::class, 'update'],
    )->middleware('signed:relative')->name('account.email.confirm');

    Route::middleware('can:accept,helperInvitation')->group(function (): void {
        Route::get('help/{helperInvitation}', [HelpController::class, 'show'])->name('help.show');
        Route::post('help/{helperInvitation}', [HelpController::class, 'store'])->name('help.accept');
    });

    Route::middleware('can:view,page')->name('made.')->group(function (): void {
        Route::get('made/{page}/state', [MadePageController::class, 'state'])->name('state');
        Route::get('made/{page}', [MadePageController::class, 'show'])->name('show');
    });

    Route::post('left/{project}', [Member\ProjectController::class, 'back'])->withTrashed()->can('bringBack', 'project')->name('project.back');

    Route::prefix('q/{project}')->name('member.')->middleware(['can:work,project', OwnCopy::class])->group(function (): void {
        Route::get('/', Member\NowController::class)->name('now');
        Route::get('clues', [Member\MemberClueController::class, 'index'])->name('clues.index');
        Route::get('clues/{number}', [Member\MemberClueController::class, 'show'])->name('clues.show');
        Route::get('clues/{number}/counters', [Member\CounterController::class, 'index'])->name('counters.index');
        Route::post('clues/{number}/taps', [Member\CounterController::class, 'store'])->name('taps.store');
        Route::put('clues/{number}/method', [Member\MethodController::class, 'update'])->name('method.update');
        Route::put('clues/{number}/pressed', [Member\PressedController::class, 'update'])->name('pressed.update');
        Route::put('clues/{number}/turns', [Member\TurnController::class, 'update'])->name('turns.update');
        Route::get('clues/{number}/pictures/{picture}', Member\MemberPictureController::class)->name('picture');
        Route::put('corrections/{correction}', [Member\CorrectionController::class, 'update'])->name('corrections.update');
        Route::get('clues/{number}/mat', [Member\MatController::class, 'show'])->name('mat');
        Route::post('clues/{number}/mat', [Member\MatController::class, 'store'])->name('mat.store');
        Route::put('clues/{number}/mat/width', [Member\MatController::class, 'width'])->name('mat.width');
        Route::put('cutting', [Member\CuttingController::class, 'update'])->name('cutting.update');
        Route::get('fabrics', Member\FabricsController::class)->name('fabrics');
        Route::get('cloth.{format}', [Member\StockFileController::class, 'show'])->name('stock.file');
        Route::post('cloth', [Member\StockFileController::class, 'store'])->middleware('throttle:edits')->name('stock.read');
        Route::get('fabrics/{slot}/fits', [Member\StockController::class, 'fits'])->middleware('throttle:edits')->name('stock.fits');
        Route::put('fabrics/{slot}/rules', [Member\StockController::class, 'rules'])->name('stock.rules');
        Route::post('fabrics/{slot}/left', [Member\StockController::class, 'clear'])->name('stock.clear');
        Route::post('fabrics/{slot}/stock', [Member\StockController::class, 'store'])->name('stock.store');
        Route::put('fabrics/{slot}/stock/{stock}', [Member\StockController::class, 'update'])->name('stock.update');
        Route::delete('fabrics/{slot}/stock/{stock}', [Member\StockController::class, 'destroy'])->name('stock.destroy');
        Route::post('fabrics/{slot}/stock/{stock}/back', [Member\StockController::class, 'putBack'])->name('stock.back');
        Route::put(
            'fabrics/{slot}', [Member\SwatchController::class, 'update'],
        )->middleware('throttle:edits')->name('swatch.update');
        Route::delete('fabrics/{slot}', [Member\SwatchController::class, 'destroy'])->name('swatch.destroy');
        Route::post(
            'fabrics/{slot}/more', [Member\SwatchController::class, 'more'],
        )->middleware('throttle:edits')->name('swatch.more');
        Route::delete('fabrics/{slot}/more/{number}', [Member\SwatchController::class, 'less'])->name('swatch.less');
        Route::get('fabrics/{slot}/photo', [Member\SwatchController::class, 'photo'])->name('swatch.photo');
        Route::put('fabrics/{slot}/photo', [Member\SwatchController::class, 'mark'])->name('swatch.mark');
        Route::put('fabrics/{slot}/value', [Member\SwatchController::class, 'judge'])->name('swatch.judge');
        Route::get('cloth/{picture}', [Member\SwatchController::class, 'picture'])->name('swatch.picture');
        Route::get('values', [Member\SwatchController::class, 'values'])->name('values');
        Route::get('print/chart.pdf', [Member\PrintController::class, 'chart'])->middleware('made:print')->name('print.chart');
        Route::get('print/bags.pdf', [Member\PrintController::class, 'bags'])->middleware('made:print')->name('print.bags');
        Route::get('clues/{number}/mat.pdf', [Member\PrintController::class, 'plan'])->middleware('made:print')->name('print.plan');
        Route::get('clues/{number}/templates.pdf', [Member\PrintController::class, 'templates'])->middleware('made:print')->name('print.templates');
        Route::get('kits', [Member\MemberKitController::class, 'index'])->name('kits');
        Route::post('kits', [Member\MemberKitController::class, 'store'])->middleware('throttle:edits')->name('kits.store');
        Route::delete('kits/{order}', [Member\MemberKitController::class, 'destroy'])->name('kits.destroy');
        Route::post('kits/{order}/stock', [Member\MemberKitController::class, 'stock'])->name('kits.stock');
        Route::get('bench', Member\BenchController::class)->name('bench');
        Route::get('bench/layout', [Member\LayoutController::class, 'show'])->name('layout');
        Route::post('bench/layout', [Member\LayoutController::class, 'store'])->middleware('throttle:edits')->name('layout.store');
        Route::get('bench/layout/{other}', [Member\LayoutController::class, 'other'])->name('layout.other');
        Route::get('bench/layout.pdf', [Member\LayoutController::class, 'print'])->middleware('made:print')->name('layout.print');
        Route::get('bench/assembly', [Member\AssemblyController::class, 'show'])->name('assembly');
        Route::post('bench/assembly', [Member\AssemblyController::class, 'store'])->middleware('throttle:edits')->name('assembly.store');
        Route::get('bench/assembly.pdf', [Member\AssemblyController::class, 'print'])->middleware('made:print')->name('assembly.print');
        Route::get('hands', [Member\MemberHandController::class, 'show'])->name('hands');
        Route::put('hands/{part}', [Member\MemberHandController::class, 'update'])->middleware('throttle:edits')->name('hands.update');
        Route::post('bench/quilting/picture', [Member\QuiltingPictureController::class, 'store'])->middleware('throttle:edits')->name('quilting.store');
        Route::delete('bench/quilting/picture', [Member\QuiltingPictureController::class, 'destroy'])->name('quilting.destroy');
        Route::get('bench/quilting/{picture}', [Member\QuiltingPictureController::class, 'show'])->name('quilting.picture');
        Route::get('bench/{work}', [Member\BenchWorkController::class, 'show'])->name('bench.work');
        Route::put('bench/{work}', [Member\BenchWorkController::class, 'update'])->name('bench.update');
        Route::get('copy', [Member\CopyController::class, 'edit'])->name('copy');
        Route::put('copy', [Member\CopyController::class, 'update'])->middleware('throttle:join')->name('copy.update');
        Route::get('quilt', [Member\ProjectController::class, 'edit'])->name('project.edit');
        Route::patch('quilt', [Member\ProjectController::class, 'update'])->name('project.update');
        Route::delete('quilt', [Member\ProjectController::class, 'destroy'])->name('project.leave');
        Route::post('feed', [Member\FeedController::class, 'store'])->name('feed.store');
        Route::delete('feed', [Member\FeedController::class, 'destroy'])->name('feed.destroy');
        Route::patch('size', [Member\SizeController::class, 'update'])->name('size.update');
    });

    Route::prefix('host/{quiltAlong}')->name('host.')->middleware('can:help,quiltAlong')->group(function (): void {
        Route::get('/', Host\DeskController::class)->name('desk');
        Route::get('design', [Host\DraftController::class, 'quilt'])->middleware('made:draft')->name('design');
        Route::get('design/sizes/{size}.svg', [Host\DraftController::class, 'size'])->name('size');
        Route::get('design/cards.svg', [Host\DraftController::class, 'cards'])->name('card_looks');
        Route::get('design/cloth', [Host\DraftController::class, 'cloth'])->middleware('made:draft')->name('cloth');
        Route::get('design/blocks', [Host\DraftController::class, 'blocks'])->middleware('made:draft')->name('blocks');
        Route::get('design/blocks/{block}', [Host\DraftController::class, 'block'])->middleware('made:draft')->name('blocks.show');
        Route::get('design/units/{unit}', [Host\DraftController::class, 'unit'])->middleware('made:draft')->name('units.show');
        Route::get('design/library', [Host\LibraryController::class, 'index'])->name('library');
        Route::get('design/clues', [Host\DraftController::class, 'clues'])->middleware('made:draft')->name('draft.clues');
        Route::get('design/clues/{clue}', [Host\DraftController::class, 'clue'])->middleware('made:draft')->name('draft.clue');
        Route::get('design/split', [Host\SplitController::class, 'show'])->middleware('made:draft')->name('split');
        Route::get('design/proof', [Host\DraftController::class, 'proof'])->middleware('made:draft')->name('proof');
        Route::get('design/state', [Host\DraftController::class, 'state'])->name('draft.state');
        Route::get('design/file', [Host\DraftController::class, 'file'])->name('draft.file');
        Route::get('design/versions', [Host\VersionController::class, 'index'])->middleware('made:draft')->name('versions');
        Route::get('design/publishing', [Host\VersionController::class, 'underWay'])->name('versions.under_way');
        Route::get('design/versions/{number}', [Host\VersionController::class, 'show'])->name('versions.show');
        Route::get('design/pictures/{picture}', [Host\PictureController::class, 'show'])->name('pictures.show');
        Route::get('design/published', Host\DesignController::class)->middleware('made:published')->name('published');
        Route::get('clues', [Host\ClueController::class, 'index'])->name('clues.index');
        Route::get('clues/{number}', [Host\ClueController::class, 'show'])->name('clues.show');
        Route::get('clues/{number}/templates.pdf', [Host\ClueController::class, 'templates'])->middleware('made:print')->name('clues.templates');
        Route::get('people', Host\PeopleController::class)->name('people');
        Route::get('history', [Host\HistoryController::class, 'index'])->name('history');
        Route::get('kits', [Host\KitController::class, 'index'])->name('kits');
        Route::put('kits/orders', [Host\KitController::class, 'mark'])->name('kits.mark');
        Route::get('kits/orders.csv', [Host\KitController::class, 'file'])->name('kits.file');
        Route::get('kits/labels.pdf', [Host\KitPrintController::class, 'labels'])->middleware('made:print')->name('kits.labels');
        Route::get('kits/cutting.pdf', [Host\KitPrintController::class, 'cutting'])->middleware('made:print')->name('kits.cutting');
        Route::get('yardage', Host\YardageController::class)->middleware('made:published')->name('yardage');
        Route::get('pressing', Host\PressController::class)->middleware('made:published')->name('pressing');
        Route::get('hands', [Host\HandController::class, 'index'])->name('hands');
        Route::post(
            'clues/{number}/sewn/{task}', [Host\RemarkController::class, 'sewn'],
        )->middleware(['can:test,quiltAlong', 'throttle:edits'])->name('remarks.sewn');
        Route::post(
            'clues/{number}/remarks', [Host\RemarkController::class, 'store'],
        )->middleware(['can:test,quiltAlong', 'throttle:edits'])->name('remarks.store');

        Route::middleware('can:edit,quiltAlong')->group(function (): void {
            Route::post('hands', [Host\HandController::class, 'store'])->middleware('throttle:edits')->name('hands.store');
            Route::post('hands/deal', [Host\HandController::class, 'deal'])->middleware('throttle:edits')->name('hands.deal');
            Route::put('hands/{part}', [Host\HandController::class, 'update'])->middleware('throttle:edits')->name('hands.update');
            Route::post('design/edits', Host\EditController::class)->middleware('throttle:edits')->name('edits.store');
            Route::post('design/pictures', [Host\PictureController::class, 'store'])->name('pictures.store');
            Route::post('design/clues/{clue}/picture', [Host\PictureController::class, 'ofClue'])->name('pictures.clue');
            Route::post('design/units/{unit}/picture', [Host\PictureController::class, 'ofUnit'])->name('pictures.unit');
            Route::put('remarks/{remark}', [Host\RemarkController::class, 'update'])->name('remarks.update');
            Route::post('design/split', [Host\SplitController::class, 'store'])->name('split.take');
            Route::post('design/library', [Host\LibraryController::class, 'store'])->name('library.take');
        });

        Route::middleware('can:run,quiltAlong')->group(function (): void {
            Route::put('kits', [Host\KitController::class, 'settings'])->name('kits.settings');
            Route::put('kits/bolts', [Host\KitController::class, 'bolts'])->name('kits.bolts');
            Route::post('kits/file', [Host\KitController::class, 'read'])->middleware('throttle:edits')->name('kits.read');
            Route::middleware(DemoOnly::class)->group(function (): void {
                Route::post('kits/fetch', [Host\KitController::class, 'fetch'])->name('kits.fetch');
                Route::get('order-desk', [Host\OrderDeskController::class, 'index'])->name('orders');
                Route::post('order-desk', [Host\OrderDeskController::class, 'store'])->middleware('throttle:edits')->name('orders.store');
            });
            Route::get('settings', [Host\SettingsController::class, 'edit'])->name('settings');
            Route::put('settings', [Host\SettingsController::class, 'update'])->name('settings.update');
            Route::post('helpers', [Host\HelperController::class, 'store'])->middleware('throttle:mail')->name('helpers.store');
            Route::patch('helpers/{membership}', [Host\HelperController::class, 'update'])->name('helpers.update');
            Route::delete('helpers/{membership}', [Host\HelperController::class, 'destroy'])->name('helpers.destroy');
            Route::get('dates', [Host\DatesController::class, 'show'])->name('dates');
            Route::put('dates', [Host\DatesController::class, 'update'])->name('dates.update');
            Route::get('dates/file', [Host\DatesController::class, 'file'])->name('dates.file');
            Route::delete('history/{deed}', [Host\HistoryController::class, 'destroy'])->name('history.undo');
            Route::put('clues/{number}/about', [Host\ReleaseController::class, 'about'])->name('release.about');
            Route::put('clues/{number}/release', [Host\ReleaseController::class, 'update'])->name('release.update');
            Route::post('clues/{number}/release', [Host\ReleaseController::class, 'store'])->name('release.store');
            Route::delete('clues/{number}/release', [Host\ReleaseController::class, 'destroy'])->name('release.destroy');
            Route::delete('people/{quilt}', [Host\PeopleController::class, 'destroy'])->name('people.remove');
            Route::post('people/{quilt}', [Host\PeopleController::class, 'back'])->name('people.back');
            Route::post('design/versions', [Host\VersionController::class, 'store'])->name('versions.store');
            Route::delete('design/publishing/{number}', [Host\VersionController::class, 'destroy'])->name('versions.undo');
            Route::post('invitation', [Host\InvitationController::class, 'store'])->name('invitation.store');
        });
    });
});

Route::middleware(DemoOnly::class)->group(function (): void {
    Route::get('style', StyleController::class)->name('style');
    Route::get('post', [PostController::class, 'index'])->name('post.index');
    Route::get('post/{post}', [PostController::class, 'show'])->name('post.show');
});
