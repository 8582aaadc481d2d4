<?php

declare(strict_types=1);

namespace App\Presentation\Host\Workshop;

use App\Support\Kept;
use Dew\Core\Design\Compilation;
use Dew\Core\Design\DesignReader;
use Dew\Core\Draft\BlankDesign;
use Dew\Core\Draft\Kind\NewUnit;
use Dew\Core\Unit\Kind\UnitLibrary;

/** One drawing of every kind of unit, as a new unit of that kind looks; its fabrics are called by their numbers. */
final class KindLooks
{
    private const FABRICS = 3;

    /** @return array<string, Look> by kind, in the order of the library */
    public static function all(): array
    {
        return Kept::Kinds->remember(UnitLibrary::keys(), function (): array {
            $fabrics = array_map(fn (int $number): array => [
                'id' => "f-$number", 'letter' => (string) $number, 'name' => (string) $number, 'value' => 'medium',
            ], range(1, self::FABRICS));
            $document = BlankDesign::of('kinds', 'Kinds', '1/4', [
                'background' => '1', 'main' => '2', 'accent' => '3', 'colourway' => '1', 'small' => '1', 'large' => '2',
            ])->value;
            $units = [['id' => 'u-plain', 'name' => 'p', 'kind' => 'square', 'finished' => '3', 'fabrics' => ['f-1']]];
            foreach (UnitLibrary::kinds() as $kind) {
                $units[] = ['id' => 'u-'.$kind->value, 'name' => $kind->value]
                    + NewUnit::usual(
                        $kind,
                        $kind->proportion() === null ? '6' : '3',
                        '3',
                        array_slice(['f-1', 'f-2', 'f-3'], 0, max(2, $kind->fabrics()[0])),
                    );
            }
            $text = (string) json_encode([
                'fabrics' => $fabrics,
                'colourways' => [['id' => 'c-first', 'name' => '1', 'cloth' => []]],
                'units' => $units,
                'blocks' => [[
                    'id' => 'b-plain',
                    'name' => 'p',
                    'columns' => ['3'],
                    'rows' => ['3'],
                    'cells' => [['column' => 1, 'row' => 1, 'unit' => 'u-plain']],
                ]],
                'setting' => ['kind' => 'straight', 'pattern' => [['b-plain']]],
            ] + $document);
            $products = Compilation::of(DesignReader::stored($text))->products(1, 1);
            $looks = [];
            foreach (UnitLibrary::kinds() as $kind) {
                $looks[$kind->value] = Look::of($products['u-'.$kind->value]);
            }

            return $looks;
        });
    }
}
