<?php

declare(strict_types=1);

use Dew\Core\Compile\Compiler;
use Dew\Core\Compile\SizeCompiler;
use Dew\Core\Cutting\Aim;
use Dew\Core\Cutting\Backing;
use Dew\Core\Cutting\Binding;
use Dew\Core\Cutting\BoltLengths;
use Dew\Core\Cutting\ShopMeasure;
use Dew\Core\Cutting\Wanted;
use Dew\Core\Cutting\Yardage;
use Dew\Core\Design\DesignReader;
use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Size;
use Dew\Core\Unit\Kind\UnitLibrary;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\MethodChoices;

it('sizes the back as the worked cases do, seams upright or level', function (array $given, array $expect): void {
    $backing = Backing::of(
        new Size(inches($given['quilt_w']), inches($given['quilt_h'])), inches($given['usable_width']), inches($given['extra_each_side']),
        inches($given['join_seam']),
    );
    expect($backing->size->width->equals(inches($expect['backing_w'])))->toBeTrue()
        ->and($backing->size->height->equals(inches($expect['backing_h'])))->toBeTrue()
        ->and($backing->length->equals(inches($expect['length_in'])))->toBeTrue()
        ->and($backing->widths - 1)->toBe($expect['seams_in_best'])
        ->and(ShopMeasure::Yards->number(ShopMeasure::Yards->sold($backing->length)))->toBe(shopFraction($expect['yards_up_eighth']));
    if ($expect['best'] !== 'either') {
        expect($backing->upright)->toBe($expect['best'] === 'vertical');
    }
})->with(fn (): array => referenceCases('backing'));

it('counts the strips of a binding with what every join takes', function (array $given, array $expect): void {
    $around = inches($given['quilt_w'])->plus(inches($given['quilt_h']))->times(2);
    $binding = Binding::of($around, inches($given['strip_cut']), inches($given['usable_length']));
    expect($binding->strips)->toBe($expect['strips'])
        ->and($binding->made->toDecimal(6))->toBe($expect['length_made_exact']);
})->with(fn (): array => referenceCases('binding'));

/** "3 1/4" as a shop writes it. */
function shopFraction(string $text): string
{
    return str_replace([' 1/8', ' 1/4', ' 3/8', ' 1/2', ' 5/8', ' 3/4', ' 7/8'], ['⅛', '¼', '⅜', '½', '⅝', '¾', '⅞'], $text);
}

it('adds a fabric up clue by clue, and never less than it takes cut together', function (): void {
    $design = DesignReader::stored(designFile('night-ferry'));
    $yardage = Yardage::of(Compiler::tasks($design, 's-crib'), $design->room);
    expect(array_map(fn (Length $length): string => $length->toDecimal(3), $yardage['f-deep']->need))
        ->toBe(['k-casting-off' => '7.750', 'k-engine-room' => '10.500', 'k-landing' => '17.500'])
        ->and($yardage['f-deep']->exact()->toDecimal(3))->toBe('35.750')
        // Three clues lose ½ in each, and 3 in 100 may be lost to washing: (35.75 + 1.5) / 0.97.
        ->and($yardage['f-deep']->withAllowance()->toDecimal(3))->toBe('38.402')
        ->and(ShopMeasure::Yards->number(ShopMeasure::Yards->sold($yardage['f-deep']->withAllowance())))->toBe('1⅛');
});

it('gives the same lengths whether sizes are asked for together or one by one', function (string $name): void {
    $design = DesignReader::stored(designFile($name));
    $cloth = Compiler::clothSheet($design);
    foreach (array_map(strval(...), array_keys($design->sizes)) as $size) {
        $alone = Compiler::tasks($design, $size);
        foreach (Yardage::of($alone, $design->room) as $slot => $yardage) {
            foreach ($yardage->need as $clue => $length) {
                expect($cloth->exact[$size][$clue][$slot]->encode())->toBe($length->encode(), "$size $clue $slot");
            }
        }
        expect($cloth->covering[$size])->toEqual(Yardage::coveringByClue($alone, $design->room));
    }
})->with(['night-ferry', 'kitchen-garden']);

it('keeps what is wanted off a bolt apart by what it is to spare', function (): void {
    $lengths = new BoltLengths(CuttingRoom::usual());
    // One of each fits beside the other in a strip as high as the first, if a second height may be cut from it.
    $wanted = [new Wanted('large', 40, 40, 1), new Wanted('small', 20, 20, 2)];
    expect($lengths->of($wanted, Aim::Cloth))->toBe(40)->and($lengths->of($wanted, Aim::Cuts))->toBe(60)
        ->and($lengths->of($wanted, Aim::Cloth))->toBe(40)
        ->and($lengths->of([$wanted[0]], Aim::Cloth))->toBe(40)
        ->and($lengths->of([$wanted[0]->of(0)], Aim::Cloth))->toBe(0);
});

it('announces enough for whichever method somebody chooses', function (string $name): void {
    $design = DesignReader::stored(designFile($name));
    $announced = Compiler::announcement($design)->cloth;
    foreach (array_map(strval(...), array_keys($design->sizes)) as $size) {
        $compiler = new SizeCompiler($design, $size);
        foreach ($design->units as $unit) {
            foreach (array_filter($unit->kind->methods(), $unit->kind->isAnnounced(...)) as $method) {
                foreach ([false, true] as $oversize) {
                    $methods = MethodChoices::defaults($design->methods)->with($unit->kind, $method)->withOversize($unit->kind, $oversize);
                    $clues = array_map(
                        fn (int|string $clue): array => $compiler->clue((string) $clue, $methods)->tasks,
                        array_combine(array_keys($design->clues), array_keys($design->clues)),
                    );
                    foreach (Yardage::of($clues, $design->room) as $slot => $yardage) {
                        expect($yardage->withAllowance()->isGreaterThan($announced[$size][$slot]))->toBeFalse("$size $slot $method->value");
                    }
                }
            }
        }
    }
})->with(['night-ferry']);

it('announces cloth for squares that are left larger only where the host makes them so', function (): void {
    $document = json_decode(designFile('night-ferry'), true);
    $announced = fn (array $methods): array => Compiler::announcement(
        DesignReader::read((string) json_encode(['methods' => (object) $methods] + $document)),
    )->cloth['s-queen'];
    $takes = function (string $method) use ($document): Length {
        $design = DesignReader::read((string) json_encode($document));
        $methods = MethodChoices::defaults()->with(UnitLibrary::kind('square'), new Method($method));
        $compiler = new SizeCompiler($design, 's-queen');
        $clues = array_map(fn (string $clue): array => $compiler->clue($clue, $methods)->tasks, array_combine($keys = array_keys($design->clues), $keys));

        return Yardage::of($clues, $design->room)['f-deep']->withAllowance();
    };
    [$usual, $larger] = [$announced([])['f-deep'], $announced(['square' => 'square:larger'])['f-deep']];
    expect($usual->isLessThan($larger))->toBeTrue()
        ->and($takes('plain:cut')->isLessThan($takes('square:larger')))->toBeTrue()
        ->and($larger->isLessThan($takes('square:larger')))->toBeFalse()
        ->and(UnitLibrary::kind('square')->isAnnounced(new Method('square:larger')))->toBeFalse()
        ->and(UnitLibrary::kind('square')->isAnnounced(new Method('plain:cut')))->toBeTrue();
});

it('sells by the eighth of a yard or by ten centimetres, and a mystery by coarser steps', function (string $inches, array $numbers): void {
    $length = inches($inches);
    expect([
        ShopMeasure::Yards->number(ShopMeasure::Yards->sold($length)), ShopMeasure::Yards->number(ShopMeasure::Yards->sold($length, true)),
        ShopMeasure::Metres->number(ShopMeasure::Metres->sold($length)), ShopMeasure::Metres->number(ShopMeasure::Metres->sold($length, true)),
    ])->toBe($numbers);
})->with([
    ['4 1/2', ['⅛', '¼', '0.2', '0.25']],
    ['36', ['1', '1', '1', '1']],
    ['36 1/16', ['1⅛', '1¼', '1', '1']],
    ['45', ['1¼', '1¼', '1.2', '1.25']],
]);
