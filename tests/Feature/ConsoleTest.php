<?php

declare(strict_types=1);

use Dew\Core\Design\DesignDocument;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\Log;

const NIGHT_FERRY = 'tests/designs/night-ferry.json';

it('prints the plan of a design at a size, by chosen methods, with everything that a member would see', function (): void {
    Artisan::call('dew:plan', ['file' => NIGHT_FERRY, '--size' => 's-throw', '--method' => ['hst:eight', 'four-patch:squares']]);
    $printed = str_replace("\u{a0}", ' ', Artisan::output());
    foreach ([
        'Night Ferry, Throw: 68 in x 68 in',
        '    B  13 squares, 7¾ in',
        '         3 strips 7¾ in wide',
        '    C  304 squares, 2 in',
        '  Make 104 Beam half-square triangle (Eight at a time): Unfinished 3½ in',
        '    3. Sew: Sew ¼ in from each line, on both sides of it: four seams.',
        '  From your bags',
        '    104 Wake four-patch, 3½ in',
    ] as $line) {
        expect($printed)->toContain($line."\n");
    }
});

it('prints the plan of one clue', function (): void {
    Artisan::call('dew:plan', ['file' => NIGHT_FERRY, '--size' => 's-throw', '--clue' => 'k-lanterns']);
    expect(Artisan::output())->toContain('3. Lanterns along the pier')->not->toContain('1. Casting off');
    $this->artisan(
        'dew:plan',
        ['file' => NIGHT_FERRY, '--size' => 's-throw', '--clue' => 'k-nowhere'],
    )->expectsOutputToContain('no clue "k-nowhere"')->assertFailed();
});

it('says what unit comes from a square or strip by a method', function (): void {
    $this->artisan('dew:unit-from', ['cut' => '2', '--method' => 'hst:two'])->expectsOutputToContain('1⅝')->assertSuccessful();
    $this->artisan('dew:unit-from', ['cut' => 'wide', '--method' => 'hst:two'])->assertFailed();
    $this->artisan('dew:unit-from', ['cut' => '2', '--method' => 'hst:nine'])->assertFailed();
    $this->artisan('dew:unit-from', ['cut' => '1/4', '--method' => 'hst:two'])->assertFailed();
});

it('prints the same bytes of data each time', function (): void {
    $print = function (): string {
        Artisan::call('dew:plan', ['file' => NIGHT_FERRY, '--size' => 's-queen', '--json' => true]);

        return Artisan::output();
    };
    expect($print())->toBe($print())
        ->and(json_decode($print(), true)['clues'][0]['tasks'][0]['count'])->toBe(200);
});

it('says what is wrong with what it was asked', function (array $asked, string $words): void {
    $this->artisan('dew:plan', $asked)->expectsOutputToContain($words)->assertFailed();
})->with([
    [['file' => 'nowhere.json', '--size' => 's-crib'], 'no file nowhere.json'],
    [['file' => NIGHT_FERRY, '--size' => 's-king'], 'The sizes are: s-crib'],
    [['file' => NIGHT_FERRY, '--size' => 's-crib', '--method' => ['hst:nine']], 'no method "hst:nine"'],
    [['file' => 'composer.json', '--size' => 's-crib'], 'has no "dew"'],
]);

it('proves a design, and fails when it cannot be sewn', function (): void {
    $this->artisan('dew:proof', ['file' => 'database/designs/night-ferry.json'])->expectsOutput(__('proof.clean'))->assertSuccessful();
    $file = tempnam(sys_get_temp_dir(), 'dew');
    file_put_contents(
        $file, json_encode(['usable_width' => '3'] + json_decode((string) file_get_contents('database/designs/night-ferry.json'), true)),
    );
    $this->artisan('dew:proof', ['file' => $file])
        ->expectsOutput(
            "Error /units/0: Choose a smaller size or wider cloth: Beam half-square triangle needs a piece of 3.854\u{a0}in, and the cloth is 3\u{a0}in wide.",
        )
        ->expectsOutput('3 errors, 2 warnings, no notes')
        ->assertExitCode(1);
    unlink($file);
});

it('times the core', function (): void {
    $this->artisan('dew:bench', ['what' => 'core', '--runs' => 1, '--most' => 12])->expectsOutputToContain('12 blocks, 2 sizes')->assertSuccessful();
    $this->artisan('dew:bench', ['what' => 'publish', '--most' => 12])->expectsOutputToContain('12 blocks, 2 sizes')->assertSuccessful();
    expect(DB::table('quilt_alongs')->count())->toBe(0);
    $this->artisan('dew:bench', ['what' => 'coffee'])->assertFailed();
});

it('draws a quilt that any viewer can open', function (): void {
    $file = tempnam(sys_get_temp_dir(), 'dew');
    $this->artisan('dew:draw', ['file' => NIGHT_FERRY, '--size' => 's-twin', '--out' => $file])->assertSuccessful();
    $svg = simplexml_load_string((string) file_get_contents($file));
    expect((string) $svg['viewBox'])->toBe('0 0 6800 9200')->and($svg->use)->toHaveCount(35);
    unlink($file);
    $this->artisan(
        'dew:draw',
        ['file' => NIGHT_FERRY, '--size' => 's-twin', '--out' => '/nowhere/at/all.svg'],
    )->expectsOutputToContain('cannot be written')->assertFailed();
});

it('draws one block, and says which there are', function (): void {
    $file = tempnam(sys_get_temp_dir(), 'dew');
    $garden = database_path('designs/kitchen-garden.json');
    $this->artisan('dew:draw', ['file' => $garden, '--size' => 's-bed', '--block' => 'b-bee-bath', '--out' => $file])->assertSuccessful();
    $svg = simplexml_load_string((string) file_get_contents($file));
    expect((string) $svg['viewBox'])->toBe('0 0 1500 1500')
        ->and($svg->use)->toHaveCount(1)
        ->and((string) file_get_contents($file))->toContain('A250 250 0 0 1');
    unlink($file);
    $this->artisan(
        'dew:draw',
        ['file' => $garden, '--size' => 's-bed', '--block' => 'b-none'],
    )->expectsOutputToContain('b-seed-packet, b-cold-frame')->assertExitCode(2);
});

it('writes cut shapes at true size, a mat to a file', function (): void {
    $folder = sys_get_temp_dir().'/dew-cut-'.bin2hex(random_bytes(4));
    mkdir($folder);
    $garden = database_path('designs/kitchen-garden.json');
    $this->artisan(
        'dew:cutfile',
        [
            'file' => $garden,
            '--size' => 's-lap',
            '--unit' => 'u-bath',
            '--count' => '16',
            '--mat' => '12x24',
            '--out' => "$folder/bath.svg",
        ],
    )->assertSuccessful();
    $svg = simplexml_load_string((string) file_get_contents("$folder/bath.svg"));
    // 16 inner pieces of 2½ by 2½, four to a row; a hundred drawing units to the inch.
    expect([(string) $svg['width'], (string) $svg['height'], (string) $svg['viewBox']])->toBe(['12in', '24in', '0 0 1200 2400'])
        ->and((string) $svg->title)->toBe('Sun');
    $paths = 0;
    foreach (glob("$folder/*.svg") ?: [] as $file) {
        $paths += substr_count((string) file_get_contents($file), '<path ');
        unlink($file);
    }
    expect($paths)->toBe(32);
    rmdir($folder);
});

it('says what it cannot cut', function (array $options, string $words): void {
    $this->artisan(
        'dew:cutfile',
        ['file' => database_path('designs/kitchen-garden.json'), '--size' => 's-lap'] + $options,
    )->expectsOutputToContain($words)->assertExitCode(2);
})->with([
    [['--unit' => 'u-none'], 'no unit "u-none"'],
    [['--unit' => 'b-bee-bath'], 'no unit "b-bee-bath"'],
    [['--unit' => 'u-bath', '--method' => 'hst:two'], 'quarter-circle:templates, quarter-circle:swap'],
    [['--unit' => 'u-rail3'], 'single pieces'],
    [['--unit' => 'u-bath', '--mat' => '3'], 'does not fit a mat'],
    [['--unit' => 'u-bath', '--mat' => 'wide'], 'wide'],
]);

it('plans with pieces cut larger', function (): void {
    $this->artisan(
        'dew:plan',
        ['file' => NIGHT_FERRY, '--size' => 's-crib', '--oversize' => ['hst']],
    )->expectsOutputToContain('20 squares, 4 in')->assertSuccessful();
    $this->artisan(
        'dew:plan',
        ['file' => NIGHT_FERRY, '--size' => 's-crib', '--oversize' => ['origami']],
    )->expectsOutputToContain('no kind of unit "origami"')->assertExitCode(2);
});

it('makes the first host of a new machine, who chooses her password by a link', function (): void {
    config(['app.url' => 'https://dew.example']);
    $given = [
        'email' => 'Wren@saltbox.example', '--name' => 'Wren Halloway', '--quilt-along' => 'Night Ferry', '--zone' => 'America/New_York',
        '--design' => base_path('tests/designs/night-ferry.json'),
    ];
    Artisan::call('dew:host', $given);
    $said = Artisan::output();
    expect($said)->toContain('Night Ferry is at https://dew.example/host/night-ferry.')->toContain('Its join code is ');
    preg_match('#https://dew\.example(/reset-password/(\S+?)\?\S+)#', $said, $link);
    $this->get($link[1])->assertOk();
    $this->post('/reset-password', [
        'token' => $link[2], 'email' => 'wren@saltbox.example', 'password' => 'seven-geese-flying',
        'password_confirmation' => 'seven-geese-flying',
    ])->assertRedirect('/sign-in');
    $this->post('/sign-in', ['email' => 'wren@saltbox.example', 'password' => 'seven-geese-flying'])->assertRedirect('/home');
    $this->get('/host/night-ferry')->assertOk();

    $this->artisan('dew:host', [...$given, '--design' => '/nowhere.json'])->expectsOutputToContain('no file /nowhere.json')->assertFailed();
    $this->artisan('dew:host', [...$given, '--zone' => 'Mars/Olympus'])->assertFailed();
    expect(DB::table('quilt_alongs')->count())->toBe(1);
});

it('writes no password hash and no address into its log, and lets nobody else read it', function (): void {
    $file = storage_path('logs/quiet-test.log');
    @unlink($file);
    config(['logging.default' => 'single', 'logging.channels.single.path' => $file]);
    Log::forgetChannel('single');
    $hash = Hash::make('seven-geese-flying');
    $user = ['name' => str_repeat('x', 81), 'email' => 'mara@rivers.example', 'password' => $hash];
    foreach ([
        ['users', $user], ['users', [...$user, 'name' => 'x', 'id' => 'no number']], ['progress', ['done' => -1, 'counter' => $hash]],
    ] as [$table, $row]) {
        try {
            DB::transaction(fn () => DB::table($table)->insert($row));
        } catch (QueryException $error) {
            report($error);
        }
    }
    $log = (string) file_get_contents($file);
    expect(substr_count($log, 'The database refused'))->toBe(3)
        ->and($log)->not->toContain('argon2')->not->toContain('mara@rivers')
        ->and(fileperms($file) & 0777)->toBe(0600);
    unlink($file);
});

it('makes a world for the benchmark of the web, in an empty database alone, with everybody signed in', function (): void {
    $file = (string) tempnam(sys_get_temp_dir(), 'dew-bench');
    $this->artisan('dew:bench-world', ['file' => $file, '--members' => 2])->assertSuccessful();
    /** @var list<array{cookie: string, token: string, quilt: string|null}> $people */
    $people = json_decode((string) file_get_contents($file), true);
    expect($people)->toHaveCount(3)->and($people[0]['quilt'])->toBeNull();
    [$name, $value] = explode('=', $people[2]['cookie'], 2);
    $this->withUnencryptedCookie($name, rawurldecode($value))->get("/q/{$people[2]['quilt']}/clues/12")->assertOk();
    $this->artisan('dew:bench-world', ['file' => $file])->assertFailed();
    unlink($file);
});

it('applies edits to a design file, writes what takes them back, and stops at the first that does not go', function (): void {
    $folder = sys_get_temp_dir().'/dew-edits-'.getmypid();
    mkdir($folder);
    $file = fn (string $name, string $text): string => file_put_contents("$folder/$name", $text) === false ? '' : "$folder/$name";
    $original = DesignDocument::fromJson((string) file_get_contents(NIGHT_FERRY))->write();
    $design = $file('design.json', $original);
    $edits = $file('edits.json', (string) json_encode([
        ['kind' => 'set', 'place' => 'title', 'to' => 'Dawn Ferry', 'expect' => 'Night Ferry'],
        ['kind' => 'turn', 'block' => 'b-lantern', 'column' => 2, 'row' => 1, 'by' => 90],
    ]));
    $this->artisan(
        'dew:edit',
        ['file' => $design, 'edits' => $edits, '--out' => "$folder/after.json", '--undo' => "$folder/undo.json"],
    )->assertSuccessful();
    expect(json_decode((string) file_get_contents("$folder/after.json"), true)['title'])->toBe('Dawn Ferry');
    $this->artisan(
        'dew:edit',
        ['file' => "$folder/after.json", 'edits' => "$folder/undo.json", '--out' => "$folder/back.json"],
    )->assertSuccessful();
    expect(file_get_contents("$folder/back.json"))->toBe($original);
    Artisan::call('dew:edit', ['file' => $design, 'edits' => $file('none.json', '[]')]);
    expect(Artisan::output())->toBe($original);

    $fails = fn (string $file, string $edits) => $this->artisan('dew:edit', ['file' => $file, 'edits' => $edits]);
    $fails("$folder/after.json", $edits)->expectsOutputToContain('Edit 1: title was "Night Ferry"')->assertExitCode(1);
    $fails($design, $file('bad.json', '[{"kind": "paint"}]'))->expectsOutputToContain('The kinds are: set')->assertExitCode(1);
    $fails($design, $file('bad.json', '[{"kind": '))->expectsOutputToContain('not JSON')->assertExitCode(2);
    $fails($design, $file('bad.json', '{"kind": "set"}'))->expectsOutputToContain('is a list')->assertExitCode(2);
    $fails($file('half.json', '{"dew": 3'), $edits)->expectsOutputToContain('not JSON')->assertExitCode(2);
    $fails($design, "$folder/nowhere.json")->expectsOutputToContain('no file')->assertExitCode(2);
    array_map(unlink(...), (array) glob("$folder/*"));
    rmdir($folder);
});

it('says what changed from one design to another, in words and numbers', function (): void {
    $file = tempnam(sys_get_temp_dir(), 'dew');
    $design = json_decode((string) file_get_contents(NIGHT_FERRY), true);
    $design['title'] = 'Dawn Ferry';
    $design['sizes'][0]['columns'] = 5;
    array_shift($design['blocks'][0]['cells']);
    file_put_contents($file, json_encode($design));
    Artisan::call('dew:compare', ['old' => NIGHT_FERRY, 'new' => $file]);
    $printed = str_replace("\u{a0}", ' ', Artisan::output());
    foreach ([
        'title: was “Night Ferry”, is “Dawn Ferry”.', 'Size “Crib”, columns: was 3, is 5.',
        'Block “Pier Lantern”, column 1, row 1 is gone.',
        'At size Crib the quilt finished 44 in x 44 in, and finishes 68 in x 44 in.',
        'At size Throw, Wake four-patch: 152 were needed, 139 are.',
    ] as $line) {
        expect($printed)->toContain($line."\n");
    }
    Artisan::call('dew:compare', ['old' => NIGHT_FERRY, 'new' => $file, '--json' => true]);
    $data = json_decode(Artisan::output(), true);
    expect($data['differences'][0])->toBe(['kind' => 'changed', 'place' => 'title', 'was' => 'Night Ferry', 'is' => 'Dawn Ferry'])
        ->and($data['sizes']['s-throw']['counts'][0])->toBe(['key' => 'u-wake', 'name' => 'Wake four-patch', 'was' => 152, 'is' => 139]);
    $this->artisan('dew:compare', ['old' => NIGHT_FERRY, 'new' => NIGHT_FERRY])->expectsOutput('Nothing changed.')->assertSuccessful();
    $this->artisan('dew:compare', ['old' => NIGHT_FERRY, 'new' => 'nowhere.json'])->expectsOutputToContain('no file')->assertExitCode(2);
    file_put_contents($file, '{"dew": 3');
    $this->artisan('dew:compare', ['old' => $file, 'new' => NIGHT_FERRY])->expectsOutputToContain('not JSON')->assertExitCode(2);
    unlink($file);
});

it('prints the ledger of a design, and fails when something is needed before it is made', function (): void {
    Artisan::call('dew:ledger', ['file' => NIGHT_FERRY, '--size' => 's-throw']);
    expect(Artisan::output())->toContain('Throw')->toContain('152 in clue 1')->toContain('104 in clue 3, 48 in clue 4');
    expect(Artisan::call('dew:ledger', ['file' => NIGHT_FERRY, '--json' => true]))->toBe(0);
    $data = json_decode(Artisan::output(), true);
    expect(array_keys($data))->toBe(['s-crib', 's-throw', 's-twin', 's-queen'])
        ->and($data['s-throw']['lines'][2]['waiting'])->toBe([152, 152, 48, 0, 0, 0, 0, 0]);
    $this->artisan('dew:ledger', ['file' => NIGHT_FERRY, '--size' => 's-none'])->assertExitCode(2);

    $design = json_decode((string) file_get_contents(NIGHT_FERRY), true);
    // The units of the first clue are made in the last.
    [$design['clues'][0]['tasks'], $design['clues'][7]['tasks']] = [$design['clues'][7]['tasks'], $design['clues'][0]['tasks']];
    $file = (string) tempnam(sys_get_temp_dir(), 'dew');
    file_put_contents($file, json_encode($design));
    $this->artisan('dew:ledger', ['file' => $file])
        ->expectsOutputToContain('is made in clue 8, and Pier Lantern needs it in clue 3 already.')->assertExitCode(1);
    unlink($file);
});

it('suggests a split into clues, and says what is wrong with the question', function (): void {
    Artisan::call('dew:split', ['file' => NIGHT_FERRY, '--clues' => '8', '--kind' => 'mystery', '--json' => true]);
    $printed = Artisan::output();
    $data = json_decode($printed, true);
    expect($data['clues'])->toHaveCount(8)
        ->and($data['heaviest'])->toBeLessThanOrEqual((int) ($data['bound'] * 1.1))->toBeGreaterThanOrEqual($data['bound'])
        ->and(array_keys($data['clues'][0]['minutes']))->toBe(['s-crib', 's-throw', 's-twin', 's-queen']);
    Artisan::call('dew:split', ['file' => NIGHT_FERRY, '--clues' => '8', '--kind' => 'mystery', '--json' => true]);
    expect(Artisan::output())->toBe($printed);
    $this->artisan('dew:split', ['file' => NIGHT_FERRY, '--clues' => '4'])->expectsOutputToContain('than the best split of these tasks')
        ->assertSuccessful();
    foreach ([['--clues' => '0'], ['--clues' => '61'], ['--clues' => 'x'], [], ['--clues' => '4', '--kind' => 'secret']] as $asked) {
        $this->artisan('dew:split', ['file' => NIGHT_FERRY] + $asked)->assertExitCode(2);
    }
});

it('says which numbers change for people who have clues open', function (): void {
    $file = tempnam(sys_get_temp_dir(), 'dew');
    $document = json_decode((string) file_get_contents(NIGHT_FERRY), true);
    $document['sizes'][1]['columns'] = 6;
    $document['clues'][2]['title'] = 'Lamps';
    file_put_contents($file, json_encode($document));
    $run = ['old' => NIGHT_FERRY, 'new' => $file];
    $this->artisan('dew:correction', $run + ['--released' => '1'])
        ->expectsOutput('“Casting off”, size Throw:')
        ->expectsOutput('  Beam half-square triangle: make 120, not 104.')
        ->doesntExpectOutput('“Lamps”, size Throw:')
        ->assertSuccessful();
    Illuminate\Support\Facades\Artisan::call('dew:correction', $run + ['--released' => '3', '--json' => true]);
    $data = json_decode(Illuminate\Support\Facades\Artisan::output(), true);
    $this->artisan('dew:correction', ['old' => NIGHT_FERRY, 'new' => NIGHT_FERRY, '--released' => '8'])
        ->expectsOutput('Nothing changes in the open clues.')->assertSuccessful();
    $this->artisan('dew:correction', $run)->assertExitCode(2);
    $this->artisan('dew:correction', ['old' => 'composer.json', 'new' => $file, '--released' => '1'])->assertExitCode(2);
    unlink($file);

    expect(array_keys($data['clues']))->toBe(['k-casting-off', 'k-lanterns'])
        ->and(array_keys($data['clues']['k-casting-off']))->toBe(['s-throw'])
        ->and(
            $data['clues']['k-casting-off']['s-throw']['tasks'][0]['changes'][0],
        )->toBe(['code' => 'count', 'was' => [104], 'is' => [120]])
        ->and(array_keys($data['clues']['k-lanterns']))->toBe(['s-crib', 's-throw', 's-twin', 's-queen']);
});

/** Writes a list of cloth for Night Ferry and gives its path. */
function stockFile(string $ending, string $text): string
{
    $file = tempnam(sys_get_temp_dir(), 'stock').'.'.$ending;
    file_put_contents($file, $text);

    return $file;
}

it('prints how a clue is cut from bolts', function (): void {
    Artisan::call('dew:cut', ['file' => NIGHT_FERRY, '--size' => 's-crib', '--clue' => 'k-casting-off']);
    $printed = str_replace("\u{a0}", ' ', Artisan::output());
    foreach ([
        '  B  Lamplight',
        '      Cut 2 strips 3⅞ in wide across 40 in of the cloth.',
        '        10 squares, 3⅞ in',
        '    Least cloth: 7¾ in, with the ruler set 2 times. Fewest settings: 7¾ in, set 2 times.',
    ] as $line) {
        expect($printed)->toContain($line."\n");
    }
});

it('cuts from the cloth that a file lists, clue after clue, and fails when something is short', function (): void {
    $file = stockFile('csv', "id,slot,kind,length,count\nl,f-lamp,fat-quarter,,1\nd,f-deep,fat-quarter,,3\n"
        ."m,f-mist,fat-quarter,,6\nr,f-river,yardage,27,\ns,f-signal,fat-eighth,,1");
    Artisan::call('dew:cut', ['file' => NIGHT_FERRY, '--size' => 's-crib', '--stock' => $file, '--json' => true]);
    $data = json_decode(Artisan::output(), true);
    $first = $data['clues']['k-casting-off']['fabrics'];
    expect($first['f-lamp']['stock'][0]['id'])->toBe('l')
        ->and($first['f-lamp']['short'])->toBe([])
        ->and($first['f-lamp']['stock'][0]['sheets'][0]['laid'])->toHaveCount(4)
        ->and($first['f-lamp']['stock'][0]['left'][0])->toBe(['width' => '20', 'length' => '2'])
        // A fat eighth holds two rows of five squares of 3⅞ in, of which the crib takes eight.
        ->and($first['f-signal']['short'])->toBe([]);
    $this->artisan('dew:cut', ['file' => NIGHT_FERRY, '--size' => 's-throw', '--clue' => 'k-casting-off', '--stock' => $file])
        ->expectsOutputToContain('Short: 32 squares')->assertExitCode(1);
    $this->artisan('dew:cut', ['file' => NIGHT_FERRY, '--size' => 's-crib', '--clue' => 'k-casting-off', '--aim' => 'cuts'])->assertSuccessful();
});

it('says what is wrong with what it is to cut', function (array $asked, string $said): void {
    $this->artisan('dew:cut', $asked + ['file' => NIGHT_FERRY, '--size' => 's-crib'])->expectsOutputToContain($said)->assertExitCode(2);
})->with([
    [['--size' => 's-giant'], 's-giant'],
    [['--clue' => 'k-nowhere'], 'no clue "k-nowhere"'],
    [['--colourway' => 'c-none'], 'no colourway "c-none"'],
    [['--aim' => 'speed'], 'The aim is cloth or cuts'],
    [['--stock' => 'nowhere.json'], 'no file nowhere.json'],
    [['--method' => ['hst:nine']], 'hst:nine'],
    fn (): array => [['--stock' => stockFile('json', '{"dew": "stock/1", "stock": [{"id": "a"}]}')], 'has no "slot"'],
    fn (): array => [['--stock' => stockFile('csv', "id,slot,kind,width\na,f-deep,strip,0")], 'above zero'],
]);

it('prints the cloth that a design takes, with binding, back and batting', function (): void {
    Artisan::call('dew:yardage', ['file' => NIGHT_FERRY, '--size' => 's-crib', '--json' => true]);
    $crib = json_decode(Artisan::output(), true)['s-crib'];
    expect(array_sum($crib['fabrics']['f-deep']['by_clue']))->toBe((float) $crib['fabrics']['f-deep']['exact'])
        ->and((float) $crib['fabrics']['f-deep']['buy'])->toBeGreaterThan((float) $crib['fabrics']['f-deep']['exact'])
        ->and((float) $crib['fabrics']['f-deep']['mystery'])->toBeGreaterThanOrEqual((float) $crib['fabrics']['f-deep']['buy'])
        ->and($crib['binding']['strips'])->toBeGreaterThan(3)
        ->and($crib['back']['seams'])->toBeIn(['upright', 'level']);
    $this->artisan('dew:yardage', ['file' => NIGHT_FERRY, '--metres' => true])
        ->expectsOutputToContain('Buy (metres)')->expectsOutputToContain('upright seams')->assertSuccessful();
    $this->artisan('dew:yardage', ['file' => NIGHT_FERRY, '--size' => 's-none'])->assertFailed();
});

it('prints the kits, bolts and order of cutting for a table of orders, and what is wrong with one', function (): void {
    $file = tempnam(sys_get_temp_dir(), 'orders');
    file_put_contents($file, "number,kit,size,colourway,count\n1,whole,s-crib,c-last-boat,4\n2,slot:f-deep,s-queen,c-last-boat,3\n");
    Artisan::call('dew:kits', ['file' => NIGHT_FERRY, '--orders' => $file, '--reserve' => '10', '--json' => true]);
    $plan = json_decode(Artisan::output(), true);
    expect(array_column($plan['kits'], 'count', 'kit'))->toBe(['slot:f-deep' => 4, 'whole' => 5]);
    foreach ($plan['cloths'] as $cloth) {
        $cut = 0.0;
        foreach ($cloth['bolts'] as $bolt) {
            $off = array_sum(array_map(fn (array $cuts): float => $cuts['count'] * (float) $cuts['length'], $bolt['cuts']));
            expect($off + (float) $bolt['left'])->toBe((float) $bolt['length']);
            $cut += $off;
        }
        expect($cut)->toBe((float) $cloth['wanted'])->and(count($cloth['bolts']))->toBe($cloth['to_order']);
    }
    $this->artisan('dew:kits', ['file' => NIGHT_FERRY, '--orders' => $file, '--mystery' => true])->expectsOutputToContain("Bolt 1, new, 12\u{a0}yd")
        ->assertSuccessful();
    $this->artisan('dew:kits', ['file' => NIGHT_FERRY, '--orders' => $file, '--bolt' => '4'])->expectsOutputToContain('No bolt is long enough for')
        ->assertSuccessful();
    $this->artisan('dew:kits', ['file' => NIGHT_FERRY, '--orders' => $file, '--bolt' => 'long'])->assertFailed();
    $this->artisan('dew:kits', ['file' => NIGHT_FERRY, '--orders' => '/nowhere'])->assertFailed();
    file_put_contents($file, "number,kit,size,colourway\n1,whole,s-none,c-last-boat\n");
    $this->artisan('dew:kits', ['file' => NIGHT_FERRY, '--orders' => $file])->expectsOutputToContain('/2: names a size "s-none"')->assertFailed();
    unlink($file);
});

it('prints borders cut to a real top, with the pattern beside them, and what to look at first', function (): void {
    Artisan::call('dew:borders', ['file' => NIGHT_FERRY, '--size' => 's-throw', '--measured' => '60, 60 1/4, 60 / 60, 60 3/4, 60', '--json' => true]);
    $borders = json_decode(Artisan::output(), true);
    expect($borders['measured'])->toBe(['60.0625', '60.2500'])->and($borders['warnings'])->toBe(['heights_full'])
        ->and((float) $borders['borders'][0]['sides'])->toBe(60.25)
        ->and(round((float) $borders['borders'][0]['top_and_bottom'] - 2 * (float) $borders['borders'][0]['finished'], 3))->toBe(60.063);
    $print = fn (array $options) => $this->artisan('dew:borders', ['file' => NIGHT_FERRY, '--size' => 's-throw', ...$options]);
    $print(['--measured' => '60 1/2 / 60 1/2', '--diagonals' => '85, 86'])->expectsOutputToContain('leans by about')->assertSuccessful();
    $print(['--measured' => '60 1/2 / 80 1/2'])->expectsOutputToContain('more than 5 in off the pattern')->assertSuccessful();
    $print(['--measured' => '3 / 60'])->expectsOutputToContain('at least 6 in each way')->assertFailed();
    $print(['--measured' => '60, 65 / 60'])->expectsOutputToContain('differ by 5 in or more')->assertFailed();
    $print(['--measured' => 'wide / 60'])->expectsOutputToContain('is not a length')->assertFailed();
    $print(['--measured' => '60'])->assertFailed();
});

it('prints a binding, straight and on the bias', function (): void {
    Artisan::call('dew:binding', ['--top' => '36 x 36', '--cloth' => '20 x 20', '--json' => true]);
    $binding = json_decode(Artisan::output(), true);
    // 144 in round and 10 in more: (154 − 2½) / 37½ are 5 strips, not 4; a 20 in square gives 151½ on the bias.
    expect($binding['straight']['strips'])->toBe(5)->and(round((float) $binding['bias']['length'], 1))->toBe(151.5)
        ->and($binding['bias']['enough'])->toBeNull();
    $this->artisan('dew:binding', ['--top' => '30 x 30', '--cloth' => '20 x 20'])->expectsOutputToContain('That is enough: you need only the first')->assertSuccessful();
    $this->artisan('dew:binding', ['--top' => '36 x 36', '--cloth' => '20 x 20'])->expectsOutputToContain('too short')->assertFailed();
    $this->artisan('dew:binding', ['--top' => '36 x 36', '--cloth' => '2 x 2'])->expectsOutputToContain('smaller than a strip')->assertFailed();
    $this->artisan('dew:binding', ['--top' => '36'])->assertFailed();
    $this->artisan('dew:binding', ['--top' => '36 x 36', '--width' => '0'])->assertFailed();
});

it('prints backs of whole cloth and pieced from remnants', function (): void {
    $file = tempnam(sys_get_temp_dir(), 'stock').'.csv';
    file_put_contents($file, "id,slot,kind,width,length\nlarge,any,scrap,41,62\nhalf,other,scrap,42,32\n");
    Artisan::call('dew:back', ['--top' => '60 x 80', '--stock' => $file, '--module' => '10', '--json' => true]);
    $backs = json_decode(Artisan::output(), true);
    expect($backs['needed'])->toBe(['68.0000', '88.0000'])->and($backs['whole']['widths'])->toBe(2)->and($backs['wide']['widths'])->toBe(1)
        ->and(count($backs['pieced']))->toBe(2);
    $middle = array_values(array_filter($backs['pieced'], fn (array $back): bool => $back['columns'] === 6))[0];
    expect($middle['middle'])->toBe(['60.5000', '80.5000'])->and($middle['frame'])->toBe(['4.2500', '4.2500'])
        ->and($middle['missing'] + array_sum(array_map(fn (array $part): int => $part['wide'] * $part['high'], $middle['parts'])))->toBe(48);
    $this->artisan('dew:back', ['--top' => '60 x 80', '--stock' => $file])->expectsOutputToContain('Sew the middle first and measure it.')->assertSuccessful();
    $this->artisan('dew:back', ['--top' => '60 x 80', '--stock' => $file, '--module' => '70'])->expectsOutputToContain('larger than the top')->assertFailed();
    $this->artisan('dew:back', ['--top' => '60 x 80', '--stock' => '/nowhere'])->assertFailed();
    file_put_contents($file, "id,slot,kind,width,length\nlarge,any,scrap,0,62\n");
    $this->artisan('dew:back', ['--top' => '60 x 80', '--stock' => $file])->assertFailed();
    unlink($file);
});

it('prints what quilted blocks measure, and the quilt that they make', function (): void {
    $document = json_decode((string) file_get_contents(NIGHT_FERRY), true);
    unset($document['setting']['borders']);
    $document['setting']['quilting'] = ['join' => 'cover-strip', 'allowance' => '1/2'];
    foreach ($document['sizes'] as $index => $size) {
        unset($document['sizes'][$index]['borders'], $document['sizes'][$index]['border_widths']);
    }
    $document['clues'] = array_map(fn (array $clue): array => [...$clue, 'tasks' => array_values(array_filter(
        $clue['tasks'], fn (array $task): bool => ! str_contains((string) json_encode($task), 'border'),
    ))], $document['clues']);
    $file = tempnam(sys_get_temp_dir(), 'quilted');
    file_put_contents($file, json_encode($document));
    Artisan::call('dew:join', ['file' => $file, '--size' => 's-crib', '--json' => true]);
    $join = json_decode(Artisan::output(), true);
    // The block is trimmed ½ in larger than it finishes and loses the join's ½ in on each side.
    expect((float) $join['front'][0] - (float) $join['batting'][0])->toBe(1.0)
        ->and((float) $join['shows'][0])->toBe((float) $join['front'][0] - 1.0)
        ->and((float) $join['quilt'][0])->toBeLessThan((float) $join['blocks_alone'][0]);
    $this->artisan('dew:join', ['file' => $file, '--size' => 's-crib'])->expectsOutputToContain('Joined, a block shows')->assertSuccessful();
    $this->artisan('dew:join', ['file' => NIGHT_FERRY, '--size' => 's-crib'])->expectsOutputToContain('joins no quilted blocks')->assertSuccessful();
    unlink($file);
});

it('draws the plans of a clue into one file', function (): void {
    $file = tempnam(sys_get_temp_dir(), 'plan');
    $options = ['file' => NIGHT_FERRY, '--size' => 's-throw', '--clue' => 'k-casting-off'];
    $this->artisan('dew:cut', [...$options, '--out' => $file])->assertSuccessful();
    $svg = (string) file_get_contents($file);
    expect(simplexml_load_string($svg))->not->toBeFalse()->and(substr_count($svg, '<text'))->toBeGreaterThan(4)
        ->and($svg)->toContain('Casting off: A ink blue');
    $this->artisan('dew:cut', [...$options, '--out' => '/nowhere/at/all.svg'])->assertFailed();
    unlink($file);
});

it('prints which way every seam is pressed, and which crossings do not nest', function (): void {
    $base = ['file' => NIGHT_FERRY, '--size' => 's-crib'];
    Artisan::call('dew:press', [...$base, '--json' => true]);
    $plan = json_decode(Artisan::output(), true);
    $left = array_sum(array_map(fn (array $crossing): int => $crossing['nests'] ? 0 : $crossing['copies'], $plan['crossings']));
    expect($left)->toBe($plan['left_in_top'])->and(array_sum(array_column($plan['crossings'], 'copies')))->toBe($plan['in_top'])
        ->and($plan['left_otherwise']['free'])->toBe(0)->and(count($plan['seams']))->toBeGreaterThan(20);
    $first = $plan['seams'][0];
    $file = tempnam(sys_get_temp_dir(), 'pressed');
    file_put_contents($file, json_encode([$first['id'] => $first['pressed'] === 'left' ? 'right' : 'left']));
    Artisan::call('dew:press', [...$base, '--pressed' => $file, '--json' => true]);
    expect(json_decode(Artisan::output(), true)['seams'][0]['pressed'])->not->toBe($first['pressed']);
    $this->artisan('dew:press', [...$base, '--school' => 'open'])->expectsOutputToContain('pressed open')->expectsOutputToContain('Everything nests.')
        ->assertSuccessful();
    $this->artisan('dew:press', [...$base, '--block' => $first['of']])->expectsOutputToContain($first['id'])->assertSuccessful();
    $this->artisan('dew:press', [...$base, '--school' => 'old'])->expectsOutputToContain('The school is dark')->assertFailed();
    $this->artisan('dew:press', [...$base, '--block' => 'b-none'])->expectsOutputToContain('There is no block "b-none"')->assertFailed();
    file_put_contents($file, '{"u-none/1": "left"}');
    $this->artisan('dew:press', [...$base, '--pressed' => $file])->expectsOutputToContain('There is no seam "u-none/1"')->assertFailed();
    file_put_contents($file, 'left');
    $this->artisan('dew:press', [...$base, '--pressed' => $file])->expectsOutputToContain('not a list of seams')->assertFailed();
    unlink($file);
});

it('tells two tasks of one unit apart by the block they are for', function (): void {
    $document = json_decode((string) file_get_contents('tests/designs/faults/split-odd-counts.json'), true);
    $document['blocks'][] = ['id' => 'b-two', 'name' => 'Other'] + $document['blocks'][0];
    foreach ($document['blocks'][1]['cells'] as $number => $cell) {
        $document['blocks'][1]['cells'][$number]['unit'] = $cell['row'] === 3 ? 'u-hst' : $cell['unit'];
    }
    $document['setting']['pattern'] = [['b-star', 'b-two']];
    $document['sizes'][0]['columns'] = 6;
    $document['clues'][0]['tasks'] = [
        ['id' => 't-a', 'unit' => 'u-hst', 'for' => 'b-star'], ['id' => 't-b', 'unit' => 'u-hst', 'for' => 'b-two'],
        ['id' => 't-c', 'block' => 'b-star'], ['id' => 't-d', 'block' => 'b-two'],
    ];
    $file = (string) tempnam(sys_get_temp_dir(), 'dew');
    file_put_contents($file, json_encode($document));
    Artisan::call('dew:split', ['file' => $file, '--clues' => '3']);
    unlink($file);

    expect(Artisan::output())->toContain('HST for Star')->toContain('HST for Other');
});
