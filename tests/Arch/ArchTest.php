<?php

declare(strict_types=1);

use App\Plans\Unreleased\SheetStore;
use Tests\Arch\FolderPicture;
use Tests\Arch\Folders;
use Tests\Arch\Sources;

/** Classes of PHP itself that the core may use: values and exceptions, no door to the outside. */
const PLAIN_PHP = [
    'ArithmeticError', 'BackedEnum', 'Closure', 'DateTimeImmutable', 'DateTimeZone', 'Exception', 'InvalidArgumentException', 'JsonException',
    'OutOfBoundsException',
    // A generator that always begins alike is no dice: the same pieces are always cut the same way.
    'Random\\Engine\\Mt19937', 'Random\\Randomizer',
    'RuntimeException', 'SplTempFileObject', 'Throwable', 'WeakMap',
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
    'Dew\\Core\\Compile\\', 'Dew\\Core\\Design\\', 'Dew\\Core\\Draft\\', 'Dew\\Core\\Proof\\', 'Dew\\Core\\Split\\',
    'App\\Actions\\Host\\', 'App\\Drawing\\Host\\', 'App\\Plans\\Unreleased\\', 'App\\Presentation\\Host\\', 'App\\Wording\\Host\\',
];

/** Which folders of the core each of its folders may use, besides itself. A folder that is not named here may not exist. */
const CORE_BORDERS = [
    'Calendar' => [],
    'Measure' => [],
    'Words' => ['Measure'],
    'Document' => ['Measure'],
    'Document/Type' => ['Measure', 'Document'],
    'Fabric' => ['Measure', 'Document'],
    'Geometry' => ['Measure', 'Document'],
    'Hands' => ['Measure'],
    'Making' => ['Measure', 'Document', 'Geometry'],
    'Press' => ['Measure', 'Document', 'Geometry', 'Making'],
    'Unit' => ['Measure', 'Document', 'Fabric', 'Geometry', 'Making'],
    'Unit/Kind' => ['Measure', 'Document', 'Fabric', 'Geometry', 'Making', 'Unit'],
    'Sixty' => ['Measure', 'Geometry', 'Unit', 'Unit/Kind'],
    'Block' => ['Measure', 'Fabric', 'Geometry', 'Making', 'Unit', 'Unit/Kind', 'Sixty'],
    'Setting' => ['Measure', 'Document', 'Fabric', 'Geometry', 'Making', 'Unit', 'Unit/Kind', 'Sixty'],
    'Sheet' => ['Measure', 'Words', 'Document', 'Fabric', 'Geometry', 'Making', 'Press', 'Unit', 'Unit/Kind', 'Setting'],
    'Top' => ['Measure', 'Geometry', 'Making', 'Press', 'Sheet'],
    'Correction' => ['Measure', 'Geometry', 'Making', 'Press', 'Unit', 'Sheet'],
    'Cutting' => ['Measure', 'Document', 'Document/Type', 'Fabric', 'Geometry', 'Unit', 'Sheet'],
    'Design' => [
        'Measure', 'Words', 'Document', 'Document/Type', 'Fabric', 'Geometry', 'Making', 'Press', 'Unit', 'Unit/Kind', 'Sixty',
        'Block', 'Setting',
    ],
    'Draft' => ['Measure', 'Document', 'Document/Type', 'Unit/Kind', 'Sixty', 'Design'],
    'Draft/Kind' => ['Measure', 'Document', 'Document/Type', 'Fabric', 'Unit', 'Unit/Kind', 'Sixty', 'Draft'],
    'Kits' => ['Measure', 'Document', 'Fabric', 'Cutting'],
    'Split' => ['Measure', 'Words', 'Making', 'Unit', 'Setting', 'Sheet', 'Design'],
    'Bench' => ['Measure', 'Fabric', 'Unit', 'Setting', 'Cutting'],
    'Compile' => [
        'Measure', 'Words', 'Document', 'Fabric', 'Geometry', 'Making', 'Press', 'Unit', 'Unit/Kind', 'Block', 'Setting', 'Sheet',
        'Cutting', 'Design', 'Split',
    ],
    'Proof' => [
        'Measure', 'Words', 'Document', 'Fabric', 'Geometry', 'Making', 'Unit', 'Unit/Kind', 'Block', 'Sheet', 'Cutting', 'Design',
        'Split', 'Compile',
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
    foreach (Folders::uses('core') as $folder => $others) {
        $allowed = array_map(fn (string $other): string => "core/$other", CORE_BORDERS[substr($folder, strlen('core/'))] ?? []);
        array_push($crossed, ...array_values(array_diff_key($others, array_flip($allowed))));
    }
    expect($crossed)->toBe([]);
});

it('names in that table only what there is, and what is used', function (): void {
    $uses = Folders::uses('core');
    foreach (CORE_BORDERS as $folder => $others) {
        expect($uses)->toHaveKey("core/$folder");
        foreach ($others as $other) {
            expect($uses["core/$folder"])->toHaveKey("core/$other");
        }
    }
});

it('lets no folders use each other, be it by way of others', function (string $root, ?int $depth): void {
    $uses = Folders::uses($root, $depth);
    expect(count($uses))->toBeGreaterThan(10)
        ->and(array_sum(array_map(count(...), $uses)))->toBeGreaterThan(20)
        ->and(Folders::circles($uses))->toBe([]);
})->with([
    'every folder of the core' => ['core', null],
    'every folder of the application' => ['app', null],
    'the application by its first folders' => ['app', 1],
]);

it('keeps the pictures of the folders current', function (string $root): void {
    expect((string) file_get_contents(dirname(__DIR__, 2)."/docs/folders-$root.svg"))
        ->toBe(FolderPicture::svg(Folders::uses($root), "Folders of $root and what they use"));
})->with(['core', 'app']);

it('lists every folder of the core in the documents, each below those that it uses', function (): void {
    preg_match_all('/^\\| `([A-Z][A-Za-z\\/]*)` \\|/m', explode('| in `app/` |', (string) file_get_contents(dirname(__DIR__, 2).'/docs/architecture.md'))[0], $rows);
    $told = array_map(fn (string $row): string => "core/$row", $rows[1]);
    $uses = Folders::uses('core');
    expect($told)->toEqualCanonicalizing(array_keys($uses));
    foreach ($told as $place => $folder) {
        expect(array_diff(array_keys($uses[$folder]), array_slice($told, 0, $place)))->toBe([], $folder);
    }
});

it('sees circles', function (): void {
    expect(Folders::circles(['a' => ['b' => ''], 'b' => ['c' => ''], 'c' => ['a' => ''], 'd' => ['a' => '']]))->toBe([['a', 'b', 'c']])
        ->and(Folders::circles(['a' => ['b' => ''], 'b' => ['c' => '']]))->toBe([]);
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
        'app/Presentation/Host/PressingPage.php',
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
    foreach (Sources::in('core', 'app', 'bench', 'database', 'config', 'routes', 'lang') as $file => $code) {
        expect($code)->toContain('declare(strict_types=1);');
        if (preg_match('/^(?:(\w+) )*class \w+/m', $code, $class) === 1 && ! str_contains($code, 'return new class')) {
            expect($class[0])->toMatch('/^(final|abstract)\b/', $file);
        }
    }
});

it('leaves no debugging, no dead end and no inline script behind', function (): void {
    foreach (Sources::in('core', 'app', 'bench', 'database', 'routes', 'resources/views') as $file => $code) {
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

it('names the keys of the cache in one class', function (): void {
    foreach (Sources::in('app', 'resources/views') as $file => $code) {
        if ($file !== 'app/Support/Kept.php') {
            expect($code)->not->toMatch('/\bCache::(?!lock\()|\bcache\(/', $file);
        }
    }
});

it('gives each class a name of its own', function (): void {
    $names = array_map(fn (string $file): string => basename($file), array_keys(Sources::in('core', 'app', 'bench', 'database/seeders', 'database/factories')));
    expect(array_keys(array_filter(array_count_values($names), fn (int $times): bool => $times > 1)))->toBe([]);
});

it('asks no address outside', function (): void {
    foreach (Sources::in('core', 'app', 'bench', 'config', 'routes', 'resources/views', 'lang') as $file => $code) {
        preg_match_all('~https?://([a-z0-9.-]+)~i', $code, $hosts);
        expect(array_diff($hosts[1], ['127.0.0.1', 'www.w3.org', 'json-schema.org']))->toBe([], $file);
    }
});
