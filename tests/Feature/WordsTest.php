<?php

declare(strict_types=1);

use App\Wording\KindWords;
use Dew\Core\Draft\Kind\EditLibrary;
use Dew\Core\Unit\Kind\UnitLibrary;
use Illuminate\Support\Facades\Blade;
use Illuminate\Support\Facades\Lang;
use Symfony\Component\Finder\Finder;

it('has a line of text for every key that is asked for', function (): void {
    $missing = [];
    foreach (Finder::create()->files()->in([app_path(), resource_path('views')])->name('*.php') as $file) {
        preg_match_all("/(?:__|trans_choice)\(\s*'([a-z_-]+\.[a-zA-Z0-9_.:-]*[a-zA-Z0-9_-])'\s*[,)]/", $file->getContents(), $found);
        foreach ($found[1] as $key) {
            // Some keys stand for a list of words.
            if (__($key) === $key || __($key) === []) {
                $missing[] = $key.' in '.$file->getRelativePathname();
            }
        }
    }
    expect($missing)->toBe([]);
});

it('has words for every step, method, tool and measure that the core can give', function (): void {
    $core = '';
    foreach (Finder::create()->files()->in(base_path('core'))->name('*.php') as $file) {
        $core .= $file->getContents();
    }
    preg_match_all("/new Step\(\s*StepKind::\w+,\s*'([a-z0-9_.]+)'/", $core, $steps);
    preg_match_all("/new Tool\(\s*'([a-z]+)'/", $core, $tools);
    $keys = [
        ...array_map(KindWords::stepKey(...), $steps[1]),
        ...array_map(fn (string $code): string => "tools.$code", $tools[1]),
        ...array_map(fn (string $method): string => KindWords::methodKey($method).'.name', UnitLibrary::methodKeys()),
        ...array_map(fn (string $kind): string => "kinds/$kind.name", UnitLibrary::keys()),
    ];
    // Codes that a step takes from a choice of two are not found by the pattern above.
    preg_match_all("/'([a-z0-9_]+\.[a-z_]+)' : '([a-z0-9_]+\.[a-z_]+)'/", $core, $either);
    $ofSteps = array_filter([...$either[1], ...$either[2]], fn (string $code): bool => ! Lang::has("problems.$code"));
    array_push(
        $keys,
        ...array_map(KindWords::stepKey(...), $ofSteps),
        ...array_map(fn (Dew\Core\Making\Sewing $sewing): string => "steps.sewing.{$sewing->value}", Dew\Core\Making\Sewing::cases()),
        ...array_map(fn (Dew\Core\Unit\PieceShape $shape): string => "pieces.many.{$shape->value}", Dew\Core\Unit\PieceShape::cases()),
        ...array_map(fn (Dew\Core\Unit\PieceShape $shape): string => "pieces.one.{$shape->value}", Dew\Core\Unit\PieceShape::cases()),
    );
    array_push($keys, ...array_map(fn (string $kind): string => "workshop.undo_names.$kind", EditLibrary::keys()));
    preg_match_all("/new Finding\(\s*(?:\\\$[^']*\? )?'([a-z-]+)'(?: : '([a-z-]+)')?/", $core, $findings);
    array_push($keys, ...array_map(fn (string $code): string => "proof.$code", array_filter([...$findings[1], ...$findings[2]])));
    expect(count($keys))->toBeGreaterThan(150)
        ->and(count($ofSteps))->toBeGreaterThan(4)
        ->and(count($findings[1]))->toBeGreaterThan(12);
    foreach ($keys as $key) {
        expect(__($key))->not->toBe($key);
    }
});

it('has no text in a view outside the language files', function (): void {
    $loose = [];
    foreach (Finder::create()->files()->in(resource_path('views'))->name('*.blade.php') as $file) {
        $html = '';
        foreach (token_get_all(Blade::compileString($file->getContents())) as $token) {
            $html .= is_array($token) && $token[0] === T_INLINE_HTML
                ? $token[1]
                : (is_array($token) && $token[0] === T_OPEN_TAG ? '0' : '');
        }
        preg_match_all('/\b[A-Za-z]{3,}\b/', strip_tags($html), $words);
        foreach (array_diff($words[0], ['Dew']) as $word) {
            $loose[] = $word.' in '.$file->getRelativePathname();
        }
    }
    expect($loose)->toBe([]);
});

it('has a sentence for every problem of the core, with all that goes into it', function (): void {
    $words = require lang_path('en/problems.php');
    $asked = 0;
    foreach (Finder::create()->files()->in(base_path('core'))->name('*.php') as $file) {
        $code = $file->getContents();
        preg_match_all("/(new EditRefused|new Problem|new Refused|->fail|DocumentException::at)\((?:[^',]+, |'[^']*', )?\s*'([a-z_.0-9]+)'(.*?);/s", $code, $found, PREG_SET_ORDER);
        foreach ($found as $one) {
            $key = $one[1] === 'new EditRefused' ? "edit.$one[2]" : $one[2];
            if (str_ends_with($key, '.')) {
                continue;
            }
            $text = data_get($words, $key);
            expect($text)->toBeString("$key in {$file->getFilename()}");
            preg_match_all('/:([a-z_]+)/', (string) $text, $wanted);
            preg_match_all("/'([a-z_]+)' => /", $one[3] ?? '', $given);
            expect(array_diff($wanted[1], $given[1]))->toBe([], $key);
            $asked++;
        }
    }
    expect($asked)->toBeGreaterThan(60);
    $measure = (string) file_get_contents(base_path('core/Measure/MeasureException.php'));
    expect(preg_match_all("/new self\('([a-z_]+)'/", $measure, $reasons))->toBeGreaterThan(6)
        ->and(array_diff($reasons[1], array_keys(__('measure.errors'))))->toBe([]);
});
