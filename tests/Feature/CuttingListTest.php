<?php

declare(strict_types=1);

use App\Drawing\Line;
use App\Drawing\LineKind;
use App\Drawing\SheetPicture;
use App\Presentation\Shared\CutText;
use App\Presentation\Shared\CuttingList;
use Dew\Core\Compile\SizeCompiler;
use Dew\Core\Cutting\StockCuts;
use Dew\Core\Cutting\StockKind;
use Dew\Core\Cutting\StockPiece;
use Dew\Core\Cutting\Wanted;
use Dew\Core\Cutting\Yardage;
use Dew\Core\Design\Design;
use Dew\Core\Design\DesignReader;
use Dew\Core\Document\DocumentException;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\LengthUnit;
use Dew\Core\Measure\Notation;
use Dew\Core\Unit\MethodChoices;
use Tests\Walk\WalkDesign;

/** A length as it stands in a sentence, such as “3⅞ in” or “9.8 cm”. */
const LENGTH_IN_WORDS = '(\S+(?:\s[^\s(]+)?)\s(in|cm)';

function lengthInWords(string $number, string $unit): Length
{
    return Length::parse((string) preg_replace('/\s/u', ' ', $number), LengthUnit::from($unit));
}

/**
 * The cloth that the strips take which a cutting list names, read from its words; and what it says they take.
 *
 * @param  list<CutText>  $cuts
 * @return array{Length, Length}
 */
function strippedOf(array $cuts): array
{
    $said = $all = Length::inches(0);
    foreach ($cuts as $cut) {
        expect(preg_match('/^Uses '.LENGTH_IN_WORDS.' of cloth/u', $cut->text, $found))->toBe(1, $cut->text);
        $said = $said->plus(lengthInWords($found[1], $found[2]));
        foreach ($cut->under as $strips) {
            expect(preg_match('/^(\d+) strips? '.LENGTH_IN_WORDS.' wide$/u', $strips->text, $found))->toBe(1, $strips->text);
            $all = $all->plus(lengthInWords($found[2], $found[3])->times((int) $found[1]));
        }
    }

    return [$all, $said];
}

/** How many fabrics of how many clues were compared. */
function comparedCuts(Design $design, string $size): int
{
    $compiler = new SizeCompiler($design, $size, pressed: false);
    $notation = $design->room->isMetric() ? Notation::Centimetres : Notation::Fractions;
    $compared = 0;
    foreach (array_map(strval(...), array_keys($design->clues)) as $clue) {
        $sheet = $compiler->clue($clue, MethodChoices::defaults($design->methods));
        $cuts = CuttingList::fromBolts($sheet, $notation);
        foreach (Yardage::of([$clue => $sheet->tasks], $design->room) as $slot => $yardage) {
            $cutting = $cuts->of($slot);
            [$all, $said] = strippedOf($cutting->cloths ?? []);
            expect($cutting?->tooWide)->toBeNull()
                ->and($all->encode())->toBe($yardage->exact()->encode(), "$design->title $size $clue $slot")
                ->and($said->encode())->toBe($yardage->exact()->encode());
            $compared++;
        }
    }

    return $compared;
}

it('names as much cloth in strips as is announced for the clue, in the designs that ship', function (): void {
    $compared = 0;
    foreach ([...glob(database_path('designs/*.json')) ?: [], ...glob(database_path('designs/ready/*.json')) ?: []] as $file) {
        $design = DesignReader::stored((string) file_get_contents($file));
        foreach (array_map(strval(...), array_keys($design->sizes)) as $size) {
            $compared += comparedCuts($design, $size);
        }
    }
    expect($compared)->toBeGreaterThan(150);
});

it('names as much cloth in strips as is announced for the clue, in generated designs', function (): void {
    $compared = 0;
    for ($seed = 1; $seed <= 200; $seed++) {
        $document = WalkDesign::of($seed);
        $parts = [...array_chunk($document['units'], 4), $document['blocks']];
        $document['clues'] = array_map(fn (array $made, int $index): array => [
            'id' => "k-$index", 'title' => "Clue $index", 'minutes' => 60, 'tasks' => array_map(fn (array $one): array => [
                'id' => 't-'.$one['id'], 'name' => $one['name'], isset($one['cells']) ? 'block' : 'unit' => $one['id'],
            ], $made),
        ], $parts, array_keys($parts));
        try {
            $design = DesignReader::stored((string) json_encode($document));
        } catch (DocumentException) {
            continue;
        }
        $compared += comparedCuts($design, (string) array_key_first($design->sizes));
    }
    expect($compared)->toBeGreaterThan(900);
});

it('names each strip once, with all that comes from it', function (): void {
    $design = DesignReader::stored((string) file_get_contents(database_path('designs/kitchen-garden.json')));
    $sheet = (new SizeCompiler($design, 's-lap', pressed: false))->clue('k-cold-frame', MethodChoices::defaults($design->methods));
    $slot = array_values(array_filter($sheet->tasks[0]->making->pieces, fn ($piece): bool => $piece->length?->exact->encode() === '23/2'))[0]->slots[0];
    $lines = str_replace("\u{a0}", ' ', CuttingList::fromBolts($sheet, Notation::Fractions)->of($slot)?->lines() ?? []);

    expect($lines)->toBe([
        'Uses 3 in of cloth 40 in wide',
        '  2 strips 1½ in wide',
        '    From strip 1: 11½ in, 10½ in, 9½ in, 8½ in',
        '    From strip 2: 7½ in, 6½ in, 5½ in, 4½ in, 3½ in, 2½ in',
    ]);
});

it('hatches all that a plan leaves of a piece of cloth, and nothing that is cut', function (bool $leftHanded): void {
    $wanted = [new Wanted('a', 80, 80, 5), new Wanted('b', 32, 48, 7), new Wanted('c', 60, 110, 3)];
    $plan = StockCuts::plan($wanted, [new StockPiece('s', StockKind::FatQuarter, 320, 280)]);
    $cut = $plan->cuts[0];
    $pieces = array_sum(array_map(fn (Wanted $piece): int => $piece->area(), $wanted));
    $rests = $cut->remnants();
    $picture = (new SheetPicture('#f4efe2', '#f4efe2', Notation::Fractions, $leftHanded))->of($plan, 0, '');
    $hatches = array_values(array_filter($picture->lines, fn (Line $line): bool => $line->kind === LineKind::Hatch));

    expect($plan->short())->toBe([])
        ->and($pieces + array_sum(array_map(fn ($rest): int => $rest->area(), $rests)))->toBe(320 * 280)
        ->and(count($hatches))->toBe(count($rests));
    foreach ($rests as $number => $rest) {
        // A sixteenth of an inch is 6.25 of the picture.
        $from = $leftHanded ? 320 - $rest->across - $rest->width : $rest->across;
        preg_match_all('/([\d.]+) ([\d.]+)/', $hatches[$number]->path, $points);
        foreach ($points[1] as $index => $x) {
            expect((float) $x / 6.25)->toBeGreaterThanOrEqual($from - 0.1)->toBeLessThanOrEqual($from + $rest->width + 0.1)
                ->and((float) $points[2][$index] / 6.25)->toBeGreaterThanOrEqual($rest->along - 0.1)
                ->toBeLessThanOrEqual($rest->along + $rest->length + 0.1);
        }
    }
})->with([false, true]);
