<?php

declare(strict_types=1);

use App\Plans\Unreleased\SheetStore;
use Tests\Arch\Sources;

/** Classes of PHP itself that the core may use: values and exceptions, no door to the outside. */
const PLAIN_PHP = [
    'ArithmeticError', 'BackedEnum', 'Closure', 'DateTimeImmutable', 'DateTimeZone', 'Exception', 'InvalidArgumentException', 'JsonException',
    'OutOfBoundsException', 'RuntimeException', 'SplTempFileObject', 'WeakMap',
];

/** Functions that read a clock, roll dice, touch files or the environment, or belong to the framework. */
const DOORS = [
    'time', 'microtime', 'hrtime', 'date', 'gmdate', 'mktime', 'strtotime', 'now', 'today', 'getdate', 'localtime', 'rand', 'mt_rand',
    'random_int', 'random_bytes', 'uniqid', 'shuffle', 'array_rand', 'lcg_value',
    'file_get_contents', 'file_put_contents', 'fopen', 'file', 'readfile', 'unlink', 'mkdir', 'glob', 'scandir', 'getenv', 'putenv',
    'config', 'env', 'app', 'resolve', '__', 'trans', 'trans_choice', 'view', 'request', 'event',
    'header', 'setcookie', 'session_start', 'exec', 'shell_exec', 'system', 'passthru', 'proc_open', 'curl_init', 'mail', 'echo', 'printf',
    'print_r', 'var_dump', 'dd', 'dump',
];

/** The folders that serve members and guests, or hosts and members alike. The namespace decides, not a list of classes. */
const MEMBER_SIDE = [
    'app/Actions/Member', 'app/Http/Controllers/Member', 'app/Jobs', 'app/Mail', 'app/Presentation/Member', 'app/Presentation/Shared',
    'app/Models',
    'resources/views/clue', 'resources/views/components', 'resources/views/mail', 'resources/views/member',
];

/** The namespaces that hold or compute what is not released yet: no class of the folders above may name one of them. */
const WHOLE = [
    'Dew\\Core\\Design\\', 'Dew\\Core\\Draft\\', 'Dew\\Core\\Compile\\', 'Dew\\Core\\Proof\\', 'Dew\\Core\\Split\\',
    'App\\Actions\\Host\\', 'App\\Drawing\\Host\\', 'App\\Plans\\Unreleased\\', 'App\\Presentation\\Host\\',
];

/** Which folders of the core each of its folders may use, besides itself. A folder that is not named here may not exist. */
const CORE_BORDERS = [
    'Measure' => [],
    'Calendar' => [],
    'Fabric' => ['Measure', 'Document'],
    'Words' => ['Measure'],
    'Geometry' => ['Measure', 'Document'],
    'Document' => ['Measure'],
    'Document/Type' => ['Measure', 'Document'],
    'Making' => ['Measure', 'Document'],
    'Unit' => ['Measure', 'Document', 'Fabric', 'Geometry', 'Making'],
    'Unit/Kind' => ['Measure', 'Document', 'Fabric', 'Geometry', 'Making', 'Unit'],
    'Cutting' => ['Measure', 'Fabric', 'Geometry', 'Document', 'Document/Type', 'Unit', 'Sheet'],
    'Bench' => ['Measure', 'Fabric', 'Cutting', 'Setting'],
    'Press' => ['Document', 'Geometry'],
    'Top' => ['Measure', 'Geometry', 'Sheet', 'Press'],
    'Hands' => ['Measure'],
    'Kits' => ['Measure', 'Fabric', 'Document', 'Cutting'],
    'Sixty' => ['Measure', 'Geometry', 'Unit', 'Unit/Kind'],
    'Block' => ['Measure', 'Fabric', 'Geometry', 'Making', 'Unit', 'Unit/Kind', 'Sixty'],
    'Setting' => ['Measure', 'Document', 'Fabric', 'Geometry', 'Making', 'Unit', 'Unit/Kind', 'Sixty'],
    'Design' => [
        'Measure', 'Fabric', 'Geometry', 'Making', 'Document', 'Document/Type', 'Unit', 'Unit/Kind', 'Sixty', 'Block', 'Setting', 'Words',
        'Press',
    ],
    'Draft' => ['Measure', 'Fabric', 'Document', 'Document/Type', 'Unit', 'Unit/Kind', 'Sixty', 'Design'],
    'Draft/Kind' => ['Measure', 'Fabric', 'Document', 'Document/Type', 'Unit', 'Unit/Kind', 'Sixty', 'Draft'],
    'Split' => ['Measure', 'Making', 'Unit', 'Setting', 'Design', 'Sheet', 'Words'],
    'Sheet' => ['Measure', 'Document', 'Fabric', 'Geometry', 'Making', 'Unit', 'Unit/Kind', 'Words', 'Press', 'Setting'],
    'Correction' => ['Measure', 'Geometry', 'Making', 'Unit', 'Press', 'Sheet', 'Words'],
    'Compile' => [
        'Measure', 'Fabric', 'Geometry', 'Making', 'Document', 'Unit', 'Unit/Kind', 'Block', 'Setting', 'Design', 'Sheet', 'Words', 'Split', 'Cutting',
        'Press',
    ],
    'Proof' => ['Measure', 'Fabric', 'Geometry', 'Making', 'Document', 'Unit', 'Unit/Kind', 'Block', 'Setting', 'Design', 'Split',
        'Sheet', 'Compile', 'Words', 'Cutting',
    ],
];

it('keeps the core to itself, plain PHP and one library for exact numbers', function (): void {
    $files = Sources::in('core');
    expect(count($files))->toBeGreaterThan(70);
    foreach ($files as $file => $code) {
        foreach (Sources::classes($code) as $class) {
            expect(
                str_starts_with($class, 'Dew\\Core') || str_starts_with($class, 'Brick\\Math\\') || in_array($class, PLAIN_PHP, true),
            )->toBeTrue("$file names $class");
        }
    }
});

it('lets the core neither read a clock, nor roll dice, nor touch a file', function (): void {
    foreach (Sources::in('core') as $file => $code) {
        expect(array_intersect(Sources::functions($code), DOORS))->toBe([], $file);
        expect($code)->not->toMatch('/new DateTimeImmutable\(\s*\)|\becho\b|\$_(GET|POST|SERVER|ENV|COOKIE)|\bglobal\b|\bgoto\b/');
    }
});

it('lets each folder of the core use only the folders below it', function (): void {
    $crossed = [];
    foreach (Sources::in('core') as $file => $code) {
        $folder = substr(dirname($file), strlen('core/'));
        $allowed = [$folder, ...(CORE_BORDERS[$folder] ?? [])];
        foreach (array_filter(Sources::classes($code), fn (string $class): bool => str_starts_with($class, 'Dew\\Core\\')) as $class) {
            $named = str_replace('\\', '/', substr($class, strlen('Dew\\Core\\'), -strlen((string) strrchr($class, '\\'))));
            if (! in_array($named, $allowed, true) && class_exists($class)) {
                $crossed[] = "$file uses $class";
            }
        }
    }
    expect($crossed)->toBe([]);
});

it('lets no two folders of the application use each other', function (): void {
    $uses = [];
    foreach (Sources::in('app') as $file => $code) {
        $folder = dirname($file);
        foreach (array_filter(
            Sources::classes($code),
            fn (string $class): bool => str_starts_with($class, 'App\\') && class_exists($class),
        ) as $class) {
            $named = 'app/'.str_replace('\\', '/', substr($class, strlen('App\\'), -strlen((string) strrchr($class, '\\'))));
            $uses[$folder][$named] = "$file uses $class";
        }
    }
    $circles = [];
    foreach ($uses as $folder => $others) {
        foreach ($others as $other => $why) {
            if ($folder !== $other && isset($uses[$other][$folder])) {
                $circles[] = $why;
            }
        }
    }
    expect($circles)->toBe([]);
});

it('never lets what serves members name what is not released', function (): void {
    $files = Sources::in(...MEMBER_SIDE);
    expect(count($files))->toBeGreaterThan(60);
    foreach ($files as $file => $code) {
        foreach (Sources::classes($code) as $class) {
            foreach (WHOLE as $namespace) {
                expect(str_starts_with($class, $namespace))->toBeFalse("$file names $class");
            }
        }
    }
});

it('reaches compiled sheets of members through one door', function (): void {
    $users = array_keys(
        array_filter(
            Sources::in('app', 'routes', 'resources/views'),
            fn (string $code): bool => in_array(SheetStore::class, Sources::classes($code), true) || str_contains($code, 'SheetStore $'),
        ),
    );
    sort($users);

    expect($users)->toBe([
        'app/Actions/Host/PublishDesign.php',
        'app/Actions/Host/UpgradeSheets.php',
        'app/Console/Commands/BenchWorld.php',
        'app/Console/Commands/Warm.php',
        'app/Http/Controllers/Host/ClueController.php',
        'app/Http/Controllers/Host/DesignController.php',
        'app/Http/Controllers/JoinController.php',
        'app/Http/Requests/JoinRequest.php',
        'app/Plans/HeldVersion.php',
        'app/Plans/ReleasedSheets.php',
        'app/Plans/Unreleased/HandRoom.php',
        'app/Plans/Unreleased/KitRoom.php',
        'app/Plans/Unreleased/MemberPressing.php',
        'app/Plans/Unreleased/OpenClueChanges.php',
        'app/Presentation/Host/DesignDrawing.php',
        'app/Presentation/Host/Pressing.php',
        'app/Presentation/Host/ProgressGrid.php',
        'app/Providers/AppServiceProvider.php',
    ]);
});

it('asks for announcements alone where a guest may come by', function (): void {
    foreach (Sources::in(
        'app/Http/Controllers/JoinController.php',
        'app/Http/Requests/JoinRequest.php',
        'app/Plans/HeldVersion.php',
        'app/Presentation/Host/ProgressGrid.php',
    ) as $file => $code) {
        preg_match_all('/(?:\$(?:this->)?sheets|SheetStore::class\))->(\w+)\(/', $code, $asked);
        expect(array_unique($asked[1]))->toBe(['announcement'], $file);
    }
});

it('says its types strictly, and closes its classes', function (): void {
    foreach (Sources::in('core', 'app', 'database', 'config', 'routes', 'lang') as $file => $code) {
        expect($code)->toContain('declare(strict_types=1);');
        if (preg_match('/^(?:(\w+) )*class \w+/m', $code, $class) === 1 && ! str_contains($code, 'return new class')) {
            expect($class[0])->toMatch('/^(final|abstract)\b/', $file);
        }
    }
});

it('leaves no debugging, no dead end and no inline script behind', function (): void {
    foreach (Sources::in('core', 'app', 'database', 'routes', 'resources/views') as $file => $code) {
        expect(array_intersect(Sources::functions($code), ['dd', 'dump', 'ray', 'var_dump', 'print_r', 'eval', 'die']))->toBe([], $file);
        expect($code)->not->toMatch('/\b(TODO|FIXME|XXX)\b/')->not->toContain('runningUnitTests')->not->toContain('/tmp/')->not->toMatch(
            '/<script\b(?![^>]*src=)/',
        )->not->toMatch('/\sstyle="/')->not->toMatch('/\sx-html\b/');
    }
});

it('writes no edit by hand in a view, so that each is described in one place', function (): void {
    foreach (Sources::in('resources/views', 'app/Presentation') as $file => $code) {
        expect($code)->not->toMatch("/\\['kind'\\s*=>\\s*'(set|add|remove|move|copy|lay|lift|turn|mirror|span|reclothe|swap|place|together|take|nest|frame)'/", $file)
            ->not->toMatch("/\\['kind'\\s*=>\\s*'(new|add|remove|resize|replace|merge|copy)-/", $file);
    }
});

it('asks no address outside', function (): void {
    foreach (Sources::in('core', 'app', 'config', 'routes', 'resources/views', 'lang') as $file => $code) {
        preg_match_all('~https?://([a-z0-9.-]+)~i', $code, $hosts);
        expect(array_diff($hosts[1], ['127.0.0.1', 'www.w3.org', 'json-schema.org']))->toBe([], $file);
    }
});
