<?php

declare(strict_types=1);

use Dew\Core\Compile\Compiler;
use Dew\Core\Cutting\StripCut;
use Dew\Core\Design\Design;
use Dew\Core\Design\DesignReader;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Notation;
use Dew\Core\Unit\MethodChoices;

/** Every number of Kitchen Garden, worked out by hand on paper before Dew was asked. */
function kitchenGarden(): Design
{
    static $design = null;

    return $design ??= DesignReader::read(designFile('kitchen-garden'));
}

/**
 * The cutting list of one clue: fabric, how many, of what, how wide, how long.
 *
 * @return list<string>
 */
function cuttingOf(string $size, string $clue): array
{
    $design = kitchenGarden();
    $lines = [];
    foreach (Compiler::clueSheet($design, $size, $clue, MethodChoices::defaults())->tasks as $task) {
        foreach ($task->making->pieces as $piece) {
            if ($piece->isCloth()) {
                $length = $piece->length === null ? '' : ' by '.Notation::Fractions->print($piece->length->in(Notation::Fractions));
                $width = Notation::Fractions->print($piece->width->in(Notation::Fractions));
                $lines[] = preg_replace('/[\x{2000}-\x{200a}\x{202f}\x{a0}]/u', ' ', sprintf(
                    '%s %d %s %s%s', $design->slots[$piece->slots[0]]->letter, $task->quantity($piece), $piece->shape->value, $width,
                    $length === " by $width"
                        ? ''
                        : $length,
                ));
            }
        }
    }
    sort($lines);

    return $lines;
}

it('cuts the Lap as it was worked out by hand', function (string $clue, array $lines): void {
    sort($lines);
    expect(cuttingOf('s-lap', $clue))->toBe($lines);
})->with([
    // Hourglasses of 4: 4 + 1.2071. Economy of 4: middle 2 + ½, corners 4/(2√2) + 0.8536 = 2.2678 and 2 + 0.8536.
    'January' => ['k-seed-packet', ['A 2 square 5¼', 'B 2 square 5¼', 'E 1 square 2½', 'C 2 square 2⅜', 'B 2 square 2⅞', 'A 4 square 4½']],
    // Ten logs of each side, 1 wide: the light ones 2 to 11 long, the dark ones 3 to 12.
    'February' => ['k-cold-frame', [
        'E 1 square 2½',
        ...array_map(fn (int $long): string => "A 1 rectangle 1½ by {$long}½", range(2, 11)),
        ...array_map(fn (int $long): string => "B 1 rectangle 1½ by {$long}½", range(3, 12)),
    ]],
    // 16 squares of 3½ from sets that give ⌊39½ / 3½⌋ = 11.
    'March' => ['k-pea-trellis', ['A 2 strip 1½', 'B 2 strip 1½', 'D 2 strip 1½']],
    // Six triangle squares: three pairs of 4 + 0.8536. Six geese of 4 by 2: two large squares 4 + 1.2071 and eight small ones 2 + 0.8536.
    'April' => ['k-rhubarb-row', ['A 3 square 4⅞', 'B 3 square 4⅞', 'C 2 square 5¼', 'A 8 square 2⅞']],
    // Five nets with four corners of 1; four meshes: corners and sides in one set, sides and middle in another.
    'May' => ['k-strawberry-net', ['C 5 square 4½', 'A 20 square 1½', 'A 2 strip 1½', 'B 1 strip 2½', 'B 2 strip 1½', 'E 1 strip 2½']],
    // Legs 3 and 6, long edge √45: 3 + ¼ + ¼ (3 + 6.7082)/6 = 3.6545, 6 + ¼ + ¼ (6 + 6.7082)/3 = 7.3090. Two triangles to a rectangle, left
    // and right apart.
    'June' => ['k-runner-beans', ['A 2 rectangle 7⅜ by 3¾', 'A 2 rectangle 7⅜ by 3¾', 'B 2 rectangle 7⅜ by 3¾', 'B 2 rectangle 7⅜ by 3¾']],
    'July' => ['k-bee-bath', ['D 16 template 3½', 'E 16 template 2½']],
    // Sides of 6 and 2, long edge √40: 6 + ¼ + ¼ (6 + 6.3246)/2 = 7.7906, 2 + ¼ + ¼ (2 + 6.3246)/6 = 2.5969.
    'August' => ['k-tomato-stakes', ['A 2 rectangle 2⅝ by 7⅞', 'A 2 rectangle 2⅝ by 7⅞', 'C 4 template 6½']],
    // Eight triangle squares of 3 for two pinwheels.
    'September' => ['k-pumpkin-vine', ['B 4 square 3⅞', 'E 4 square 3⅞', 'A 1 strip 3½', 'C 1 strip 3½']],
    // The strip at the tip is 2 + ½ + ¼√2 = 2.8536. Two squares of the set give two triangles of each kind; plain ones are cut for both.
    'October' => [
        'k-apple-ladder',
        ['A 1 square 4⅞', 'A 1 square 4⅞', 'C 1 strip 2½', 'E 1 strip 2⅞', 'D 2 strip 1½', 'A 1 strip 2½', 'E 1 square 4½'],
    ],
    'November' => ['k-compost-heap', ['A 2 strip 2', 'D 2 strip 2', 'D 1 square 6⅞', 'A 1 square 7¼', 'E 1 square 7¼']],
    // Diamonds of side 12 − 6√2 = 3.5147: strips 2.9853, corners 4.0147, side triangles 4.9706 + 1.2071. 16 + 15 sashes, 4 by 5 stones; a
    // fence of 2 · 58½ + 2 · 50½ = 218, and (218 − 3½)/36½ = 5.9 strips.
    'December' => [
        'k-winter-squash',
        [
            'A 4 square 4', 'A 1 square 6¼', 'C 4 diamond 3 by 7 3⁄16', 'E 4 diamond 3 by 7 3⁄16', 'A 31 rectangle 2½ by 12½',
            'E 20 square 2½', 'B 6 strip 3½',
        ],
    ],
]);

it('cuts the Bed, whose blocks are a quarter larger, as it was worked out by hand', function (string $clue, array $lines): void {
    sort($lines);
    expect(cuttingOf('s-bed', $clue))->toBe($lines);
})->with([
    // Everything of 4 is 5: 5 + 1.2071; 2½ + ½; 5/(2√2) + 0.8536 = 2.6214. The middle is 4.0355, trimmed to 4, so the corners want
    // 0.0355/√2 more: 2½ + 0.8536 + 0.0251 = 3.3787.
    'January' => ['k-seed-packet', ['A 2 square 6¼', 'B 2 square 6¼', 'E 1 square 3', 'C 2 square 2⅝', 'B 2 square 3½', 'A 4 square 5½']],
    // Bars of 1¼; squares of 4¼, of which a set gives ⌊39½ / 4¼⌋ = 9.
    'March' => ['k-pea-trellis', ['A 2 strip 1¾', 'B 2 strip 1¾', 'D 2 strip 1¾']],
    'July' => ['k-bee-bath', ['D 16 template 4¼', 'E 16 template 3']],
    // Diamonds of side 15 − 7½√2 = 4.3934: strips 3.6066, the first one 5.1005 + 3.6066 long. Sashes and stones keep their width, the
    // sashes grow with the block; the fence is 6: 2 · 70½ + 2 · 65½ = 272, and (272 − 6½)/33½ = 7.9.
    'December' => [
        'k-winter-squash',
        [
            'A 4 square 4⅞', 'A 1 square 7½', 'C 4 diamond 3⅝ by 8 11⁄16', 'E 4 diamond 3⅝ by 8 11⁄16', 'A 31 rectangle 2½ by 15½',
            'E 20 square 2½', 'B 8 strip 6½',
        ],
    ],
]);

it('measures both quilts as they were added up', function (): void {
    // 3 · 12 + 4 · 2 + 2 · 3 by 4 · 12 + 5 · 2 + 2 · 3; 3 · 15 + 8 + 12 by 4 · 15 + 10 + 12.
    expect(Compiler::quiltSheet(kitchenGarden(), 's-lap')->finished->encode())->toBe('50 x 64')
        ->and(Compiler::quiltSheet(kitchenGarden(), 's-bed')->finished->encode())->toBe('65 x 82')
        ->and(Compiler::quiltSheet(kitchenGarden(), 's-lap')->perimeter->encode())->toBe('228');
});

it('takes as many strips as the pieces need side by side', function (): void {
    $sashes = Compiler::clueSheet(kitchenGarden(), 's-lap', 'k-winter-squash', MethodChoices::defaults())->task('t-sashes');
    $strips = StripCut::of($sashes->making->pieces[0], 31, Notation::Fractions, Length::inches(40));

    // Three of 12½ lie on 40; 31 need eleven strips.
    expect([$strips?->strips, $strips?->perStrip])->toBe([11, 3]);
});

it('gives every clue the same numbers in centimetres as in inches, rounded once', function (): void {
    foreach (array_keys(kitchenGarden()->clues) as $clue) {
        foreach (Compiler::clueSheet(kitchenGarden(), 's-lap', $clue, MethodChoices::defaults())->tasks as $task) {
            foreach ($task->making->pieces as $piece) {
                $exact = $piece->width->exact->toFloat();
                $millimetres = $piece->width->in(Notation::Centimetres)->toFloat() * 25.4;
                expect($millimetres)->toEqualWithDelta(round($millimetres), 1e-6)
                    ->and($millimetres - $exact * 25.4)->toBeGreaterThan($piece->width->mayGrow() ? -1e-6 : -0.5001)
                    ->and($millimetres - $exact * 25.4)->toBeLessThan($piece->width->mayGrow() ? 1.0 : 0.5001);
            }
        }
    }
});
