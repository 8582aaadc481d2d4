<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Wording\Figure;
use App\Wording\Problems;
use Dew\Core\Design\FreeSize;
use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Fabric\FabricValue;
use Dew\Core\Fabric\Slot;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\MeasureException;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Notation;
use Dew\Core\Unit\Kind\UnitFromCut;
use Dew\Core\Unit\Kind\UnitLibrary;
use Dew\Core\Unit\Kind\UnitSpec;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\UnitKind;
use Illuminate\Console\Command;
use InvalidArgumentException;

/** Answers which unit a square or strip gives by a method. */
final class UnitFrom extends Command
{
    protected $signature = 'dew:unit-from
        {cut : The side of the square or the width of the strip, such as "6" or "2 1/2"}
        {--method= : A method, such as hst:four}
        {--piece= : The id of the piece it is cut for; the first one when left out}
        {--seam=1/4 : The seam allowance}
        {--notation=in : in, decimal or cm}';

    protected $description = 'Say which unit a square or strip gives by a method';

    public function handle(): int
    {
        $method = UnitLibrary::findMethod($this->text('method'));
        $kinds = array_values(array_filter(UnitLibrary::kinds(), fn (UnitKind $kind): bool => $method !== null && $kind->isMadeBy($method)));
        $notation = Notation::tryFrom($this->text('notation'));
        if ($method === null || $kinds === [] || $notation === null) {
            $known = implode(', ', UnitLibrary::methodKeys());
            $this->error(__('console.no_method', ['method' => $this->text('method'), 'methods' => $known]));

            return self::INVALID;
        }
        try {
            $cut = Length::parse(is_string($this->argument('cut')) ? $this->argument('cut') : '', $notation->unit());
            $room = new CuttingRoom(Length::parse($this->text('seam')), CuttingRoom::usual()->usableWidth, CuttingRoom::usual()->squaring);
            $spec = $this->example($kinds[0]);
            $piece = $this->text('piece') !== '' ? $this->text('piece') : $spec->make()->making($method, $room)->pieces[0]->id;
            $along = FreeSize::of($spec->make(), $room);
            $unit = UnitFromCut::of($spec, $method, $piece, $cut, $room, $along);
        } catch (InvalidArgumentException|MeasureException $error) {
            $this->error(Problems::of($error));

            return self::INVALID;
        }
        if ($unit === null) {
            $this->error(__('console.no_unit_from', ['piece' => $piece]));

            return self::INVALID;
        }
        $text = fn (Length $length): string => Figure::text(Measurement::setting($length), $notation);
        if ($along !== null) {
            // Nobody trims what is cut as the unit it is.
            $this->line(__('console.unit_from_shape', [
                'cut' => $text($cut), 'piece' => $piece, 'width' => $text($unit->unfinished->width), 'height' => $text($unit->unfinished->height),
                'finished_width' => $text($unit->finished->width), 'finished_height' => $text($unit->finished->height),
            ]));

            return self::SUCCESS;
        }
        $trim = $unit->trimTo($notation->cuttingStep());
        $seams = $room->seam->times(2);
        $this->line(__('console.unit_from', [
            'cut' => $text($cut), 'piece' => $piece, 'width' => $text($unit->unfinished->width), 'height' => $text(
                $unit->unfinished->height,
            ),
            'trim_width' => $text($trim->width), 'trim_height' => $text($trim->height),
            'finished_width' => $text($trim->width->minus($seams)), 'finished_height' => $text($trim->height->minus($seams)),
        ]));

        return self::SUCCESS;
    }

    /** A unit of the kind of any size; the answer does not depend on which. */
    private function example(UnitKind $kind): UnitSpec
    {
        $slot = fn (int $number): Slot => new Slot("f-$number", (string) $number, (string) $number, FabricValue::Medium);

        return UnitLibrary::example($kind, Length::inches(3), array_map($slot, range(1, $kind->fabrics()[0])));
    }

    private function text(string $option): string
    {
        $value = $this->option($option);

        return is_string($value) ? $value : '';
    }
}
