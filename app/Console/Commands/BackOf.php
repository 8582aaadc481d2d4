<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Wording\Problems;
use Dew\Core\Bench\BackPart;
use Dew\Core\Bench\PiecedBack;
use Dew\Core\Cutting\Backing;
use Dew\Core\Cutting\Marks;
use Dew\Core\Cutting\Shelf;
use Dew\Core\Cutting\StockFormat;
use Dew\Core\Cutting\StockPiece;
use Dew\Core\Cutting\StockReader;
use Dew\Core\Document\DocumentException;
use Dew\Core\Document\Table;
use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Notation;
use Illuminate\Console\Command;

/** Prints backs for a top: from whole cloth, from wide cloth, and pieced from a list of remnants. */
final class BackOf extends Command
{
    use PrintsData;
    use ReadsDesigns, ReadsLengths;

    /** Usable width of wide backing cloth, its selvedges off. */
    private const WIDE = 106;

    protected $signature = 'dew:back
        {--top= : The finished size of the top, as in "60 x 80"}
        {--stock= : A list of cloth, JSON or CSV, to piece the back from}
        {--module=10 : The finished side of the modules it is pieced on}
        {--beyond=4 : How far the back stands out beyond the top on every side}
        {--usable=40 : The width of cloth off the bolt, selvedges off}
        {--json : Print it as data, lengths in inches}';

    protected $description = 'Print backs for a top: of whole cloth, of wide cloth, or pieced from remnants';

    public function handle(): int
    {
        return $this->saying(function (): int {
            $top = $this->size('top');
            $beyond = $this->length('beyond');
            $room = CuttingRoom::usual();
            $whole = Backing::of($top, $this->length('usable'), $beyond, Length::fraction(1, 2));
            $wide = Backing::of($top, Length::inches(self::WIDE), $beyond, Length::fraction(1, 2));
            $stock = $this->stock($room);
            if ($stock === null) {
                return self::INVALID;
            }
            $module = $this->length('module');
            $pieced = $stock === [] ? [] : PiecedBack::proposals($top, $beyond, $module, $stock, new Marks(Notation::Fractions), $room);
            if ($this->option('json')) {
                $this->printData([
                    'needed' => [$whole->size->width->toDecimal(4), $whole->size->height->toDecimal(4)],
                    'whole' => $this->cloth($whole), 'wide' => $this->cloth($wide),
                    'pieced' => array_map($this->data(...), $pieced),
                ]);

                return self::SUCCESS;
            }
            $this->line(__('benchwork.back.needed', [
                'width' => $this->inches($whole->size->width), 'height' => $this->inches($whole->size->height),
            ]));
            foreach (['whole' => $whole, 'wide' => $wide] as $name => $backing) {
                $this->line(__('benchwork.back.'.$name, [
                    'usable' => $name === 'wide' ? $this->inches(Length::inches(self::WIDE)) : $this->inches($this->length('usable')),
                    'text' => trans_choice($backing->upright ? 'benchwork.back.upright' : 'benchwork.back.level', $backing->widths, [
                        'length' => $this->inches($backing->length),
                    ]),
                ]));
            }
            foreach ($pieced as $back) {
                $this->pieced($back, $module, $room);
            }

            return self::SUCCESS;
        });
    }

    private function pieced(PiecedBack $back, Length $module, CuttingRoom $room): void
    {
        $side = fn (int $modules): string => $this->inches($module->times($modules)->plus($room->seam->times(2)));
        $this->info(__('benchwork.back.grid', [
            'module' => $this->inches($module), 'columns' => $back->columns, 'rows' => $back->rows,
            'width' => $this->inches($back->middle->width), 'height' => $this->inches($back->middle->height),
        ]));
        foreach ($back->parts as $part) {
            $this->line('  '.__(count($part->from) > 1 ? 'benchwork.back.joined' : 'benchwork.back.part', [
                'wide' => $part->wide, 'high' => $part->high, 'width' => $side($part->wide), 'height' => $side($part->high),
                'from' => implode(' + ', $part->from),
            ]));
        }
        $this->line('  '.($back->missing === 0 ? __('benchwork.back.complete') : trans_choice('benchwork.back.missing', $back->missing)));
        $none = __('benchwork.back.frame_none');
        $this->line('  '.($back->frameSides === null && $back->frameEnds === null ? __('benchwork.back.no_frame') : __('benchwork.back.frame', [
            'sides' => $back->frameSides === null ? $none : $this->inches($back->frameSides),
            'ends' => $back->frameEnds === null ? $none : $this->inches($back->frameEnds),
        ])));
    }

    /** @return array<string, mixed> */
    private function cloth(Backing $backing): array
    {
        return [
            'widths' => $backing->widths, 'seams' => $backing->upright ? 'upright' : 'level', 'cloth' => $backing->length->toDecimal(4),
        ];
    }

    /** @return array<string, mixed> */
    private function data(PiecedBack $back): array
    {
        return [
            'columns' => $back->columns, 'rows' => $back->rows,
            'middle' => [$back->middle->width->toDecimal(4), $back->middle->height->toDecimal(4)],
            'parts' => array_map(fn (BackPart $part): array => [
                'column' => $part->column, 'row' => $part->row, 'wide' => $part->wide, 'high' => $part->high, 'from' => $part->from,
            ], $back->parts),
            'missing' => $back->missing,
            'frame' => [$back->frameSides?->toDecimal(4), $back->frameEnds?->toDecimal(4)],
        ];
    }

    /** @return list<StockPiece>|null empty where no file was named; null when it cannot be read, which was said */
    private function stock(CuttingRoom $room): ?array
    {
        $file = $this->text('stock');
        if ($file === '') {
            return [];
        }
        if (! is_file($file) || ! is_readable($file)) {
            $this->error(__('console.no_file', ['file' => $file]));

            return null;
        }
        $text = (string) file_get_contents($file);
        try {
            // A back takes any cloth, whichever fabric of whichever design it was bought for.
            $isTable = str_ends_with(strtolower($file), '.csv');
            $rows = $isTable ? Table::read($text, StockFormat::COLUMNS) : (json_decode($text, true)['stock'] ?? []);
            $slots = array_fill_keys(array_filter(array_column(is_array($rows) ? $rows : [], 'slot'), is_string(...)), true);
            $stock = $isTable ? StockReader::csv($text, $slots, $room) : StockReader::json($text, $slots, $room);
        } catch (DocumentException $error) {
            foreach ($error->complaints as $complaint) {
                $this->error(Problems::complaint($complaint));
            }

            return null;
        }
        $shelf = Shelf::of($stock, new Marks(Notation::Fractions), $room);

        return array_merge([], ...array_values($shelf->pieces));
    }
}
