<?php

declare(strict_types=1);

use App\Drawing\QuiltPicture;
use App\Models\DesignVersion;
use App\Plans\SheetStore;
use Dew\Core\Design\Design;
use Dew\Core\Design\DesignReader;
use Dew\Core\Plan\Compiler;
use Dew\Core\Plan\Plan;
use Dew\Core\Plan\QuiltSheet;
use Dew\Core\Proof\Proof;
use Tests\Arch\Sources;

/** Classes of PHP itself that the core may use: values and exceptions, no door to the outside. */
const PLAIN_PHP = ['BackedEnum', 'Closure', 'DateTimeImmutable', 'DateTimeZone', 'Exception', 'InvalidArgumentException', 'JsonException', 'OutOfBoundsException', 'RuntimeException', 'WeakMap'];

/** Functions that read a clock, roll dice, touch files or the environment, or belong to the framework. */
const DOORS = [
    'time', 'microtime', 'hrtime', 'date', 'gmdate', 'mktime', 'strtotime', 'now', 'today', 'getdate', 'localtime', 'rand', 'mt_rand', 'random_int', 'random_bytes', 'uniqid', 'shuffle', 'array_rand', 'lcg_value',
    'file_get_contents', 'file_put_contents', 'fopen', 'file', 'readfile', 'unlink', 'mkdir', 'glob', 'scandir', 'getenv', 'putenv', 'config', 'env', 'app', 'resolve', '__', 'trans', 'trans_choice', 'view', 'request', 'event',
    'header', 'setcookie', 'session_start', 'exec', 'shell_exec', 'system', 'passthru', 'proc_open', 'curl_init', 'mail', 'echo', 'printf', 'print_r', 'var_dump', 'dd', 'dump',
];

/** What must not be named where members are served. */
const WHOLE = [Plan::class, QuiltSheet::class, Compiler::class, Design::class, DesignReader::class, Proof::class, SheetStore::class, DesignVersion::class, QuiltPicture::class];

const MEMBER_SIDE = [
    'app/Http/Controllers/Member', 'app/Mail', 'app/Jobs', 'app/Actions/RecordTap.php', 'app/Actions/RefreshTallies.php', 'app/Actions/ChooseMethod.php', 'app/Actions/JoinQuiltAlong.php', 'app/Actions/TapOutcome.php',
    'app/Presentation/CluePage.php', 'app/Presentation/FabricsPage.php', 'app/Presentation/Counters.php', 'app/Presentation/StitchLine.php', 'app/Drawing/UnitPicture.php', 'resources/views/member', 'resources/views/clue',
];

it('keeps the core to itself, plain PHP and two libraries', function (): void {
    $files = Sources::in('core');
    expect(count($files))->toBeGreaterThan(70);
    foreach ($files as $file => $code) {
        foreach (Sources::classes($code) as $class) {
            // One class holds documents to their schema, by a library for that.
            $schema = str_starts_with($class, 'Opis\\JsonSchema\\') && str_ends_with($file, 'core/Design/SchemaCheck.php');
            expect($schema || str_starts_with($class, 'Dew\\Core') || str_starts_with($class, 'Brick\\Math\\') || in_array($class, PLAIN_PHP, true))->toBeTrue("$file names $class");
        }
    }
});

it('lets the core neither read a clock, nor roll dice, nor touch a file', function (): void {
    foreach (Sources::in('core') as $file => $code) {
        expect(array_intersect(Sources::functions($code), DOORS))->toBe([], $file);
        expect($code)->not->toMatch('/new DateTimeImmutable\(\s*\)|\becho\b|\$_(GET|POST|SERVER|ENV|COOKIE)|\bglobal\b|\bgoto\b/');
    }
});

it('never lets member pages name the whole plan', function (): void {
    $files = Sources::in(...MEMBER_SIDE);
    expect(count($files))->toBeGreaterThan(25);
    foreach ($files as $file => $code) {
        foreach (WHOLE as $class) {
            expect(in_array($class, Sources::classes($code), true))->toBeFalse("$file names $class");
        }
    }
});

it('reaches compiled sheets of members through one door', function (): void {
    $users = array_keys(array_filter(Sources::in('app', 'routes', 'resources/views'), fn (string $code): bool => in_array(SheetStore::class, Sources::classes($code), true) || str_contains($code, 'SheetStore $')));
    sort($users);

    expect($users)->toBe([
        'app/Actions/PublishDesign.php',
        'app/Http/Controllers/Host/ClueController.php',
        'app/Http/Controllers/Host/DesignController.php',
        'app/Http/Controllers/JoinController.php',
        'app/Http/Requests/JoinRequest.php',
        'app/Plans/ReleasedSheets.php',
        'app/Presentation/ProgressGrid.php',
        'app/Providers/AppServiceProvider.php',
    ]);
});

it('asks for announcements alone where a guest may come by', function (): void {
    foreach (Sources::in('app/Http/Controllers/JoinController.php', 'app/Http/Requests/JoinRequest.php', 'app/Presentation/ProgressGrid.php') as $file => $code) {
        preg_match_all('/(?:\$sheets|SheetStore::class\))->(\w+)\(/', $code, $asked);
        expect(array_unique($asked[1]))->toBe(['announcement'], $file);
    }
});

it('says its types strictly, and closes its classes', function (): void {
    foreach (Sources::in('core', 'app', 'database', 'config', 'routes', 'lang', 'compat') as $file => $code) {
        expect($code)->toContain('declare(strict_types=1);');
        if (preg_match('/^(?:(\w+) )*class \w+/m', $code, $class) === 1 && ! str_contains($code, 'return new class')) {
            expect($class[0])->toMatch('/^(final|abstract)\b/', $file);
        }
    }
});

it('leaves no debugging, no dead end and no inline script behind', function (): void {
    foreach (Sources::in('core', 'app', 'database', 'routes', 'resources/views') as $file => $code) {
        expect(array_intersect(Sources::functions($code), ['dd', 'dump', 'ray', 'var_dump', 'print_r', 'eval', 'die']))->toBe([], $file);
        expect($code)->not->toMatch('/\b(TODO|FIXME|XXX)\b/')->not->toMatch('/<script\b(?![^>]*src=)/')->not->toMatch('/\sstyle="/')->not->toMatch('/\sx-html\b/');
    }
});

it('asks no address outside', function (): void {
    foreach (Sources::in('core', 'app', 'config', 'routes', 'resources/views', 'lang') as $file => $code) {
        preg_match_all('~https?://([a-z0-9.-]+)~i', $code, $hosts);
        expect(array_diff($hosts[1], ['127.0.0.1', 'www.w3.org', 'json-schema.org']))->toBe([], $file);
    }
});
