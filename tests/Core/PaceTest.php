<?php

declare(strict_types=1);

use Dew\Core\Compile\Compiler;
use Dew\Core\Compile\QuiltSheet;
use Dew\Core\Design\DesignReader;
use Dew\Core\Making\Pace;
use Dew\Core\Making\Rates;

/** How many patches of cloth a top is sewn from. */
function patchesOfTop(QuiltSheet $sheet): int
{
    $in = fn (string $product, callable $in): int => isset($sheet->blocks[$product])
        ? array_sum(array_map(fn ($part): int => $in($part->product, $in), $sheet->blocks[$product]))
        : count($sheet->units[$product] ?? []);

    return count($sheet->frame) + array_sum(array_map(fn ($part): int => $in($part->product, $in), $sheet->placements));
}

it('gives the work on a quilt about the time that its patches take', function (string $name, Pace $pace): void {
    $document = json_decode((string) file_get_contents(__DIR__."/../../database/designs/$name.json"), true);
    $design = DesignReader::read((string) json_encode(['pace' => $pace->value] + $document));
    foreach (array_keys($design->sizes) as $size) {
        $sheet = Compiler::quiltSheet($design, (string) $size);
        [$least, $most] = $pace->minutes(patchesOfTop($sheet));
        expect($sheet->effort->minutes)->toBeGreaterThan($least)->toBeLessThan($most)
            ->and($sheet->effort->seams)->toBe(patchesOfTop($sheet) - 1);
    }
})->with(['night-ferry', 'kitchen-garden', 'block-library', 'warm-hands'])->with([Pace::Quick, Pace::Usual, Pace::Slow]);

it('says a range for patches and around an estimate', function (): void {
    // 1,016 patches at one and a half to two and a half minutes: 25 h 24 to 42 h 20.
    expect(Pace::Usual->minutes(1016))->toBe([1524, 2540])
        ->and(Pace::Usual->around(120))->toBe([90, 150])
        ->and(Pace::Slow->around(240))->toBe([180, 300])
        ->and(Pace::Usual->rates())->toEqual(new Rates)
        ->and(Pace::Quick->rates()->seam)->toBe((new Rates)->seam * 150 / 240);
});

it('refuses a pace that nobody has', function (): void {
    $document = json_decode((string) file_get_contents(__DIR__.'/../../database/designs/night-ferry.json'), true);
    $complaints = DesignReader::reading((string) json_encode(['pace' => 'hasty'] + $document))->complaints;
    expect(array_map(fn ($complaint): string => $complaint->pointer, $complaints))->toBe(['/pace']);
});
