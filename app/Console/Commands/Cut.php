<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Drawing\SheetPicture;
use App\Presentation\Shared\CuttingData;
use App\Presentation\Shared\CuttingText;
use App\Wording\Figure;
use App\Wording\Problems;
use Dew\Core\Compile\SizeCompiler;
use Dew\Core\Cutting\Aim;
use Dew\Core\Cutting\ClueCutting;
use Dew\Core\Cutting\Marks;
use Dew\Core\Cutting\Shelf;
use Dew\Core\Cutting\SlotCutting;
use Dew\Core\Cutting\Stock;
use Dew\Core\Cutting\StockReader;
use Dew\Core\Design\Design;
use Dew\Core\Document\DocumentException;
use Dew\Core\Fabric\Colourway;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Notation;
use Dew\Core\Sheet\ClueSheet;
use Illuminate\Console\Command;

/** Prints how the pieces of each clue are cut, from bolts or from the cloth that a file lists; fails when something is short. */
final class Cut extends Command
{
    use PrintsData;
    use ReadsDesigns, ReadsMethods;

    protected $signature = 'dew:cut
        {file : A design document}
        {--size= : The id of a size}
        {--clue= : The id of a clue; all of them, one after the other, when it is left out}
        {--colourway= : The id of a colourway, whose names of cloth are printed}
        {--stock= : A list of cloth, JSON or CSV; without it, everything is cut from bolts}
        {--aim=cloth : cloth for the least cloth, cuts for the fewest settings of the ruler}
        {--method=* : A method to use instead of a default, such as hst:eight}
        {--oversize=* : A kind of unit to cut larger and trim, such as hst}
        {--notation=in : in, decimal or cm}
        {--out= : A file to draw the plans into, as SVG}
        {--json : Print the plans as data}';

    protected $description = 'Print the cutting plan of a clue, or of all clues, at one size';

    /** Whether an option names what the design does not have. */
    private bool $wrong = false;

    public function handle(): int
    {
        return $this->withDesign(function (Design $design): int {
            $size = $design->size($this->text('size'))->id;
            $methods = $this->methods($design);
            $stock = $this->stock($design);
            $colourway = $this->known('colourway', $design->colourways);
            $this->known('clue', $design->clues);
            $aim = Aim::tryFrom($this->text('aim'));
            $notation = Notation::tryFrom($this->text('notation'));
            if ($aim === null || $notation === null) {
                $this->error(__('console.no_aim'));
            }
            if ($methods === null || $stock === false || $aim === null || $notation === null || $this->wrong) {
                return self::INVALID;
            }
            $compiler = new SizeCompiler($design, $size, pressed: false);
            $shelf = $stock === null ? null : Shelf::of($stock, new Marks($notation), $design->room);
            $plans = [];
            foreach (array_map(strval(...), array_keys($design->clues)) as $clue) {
                if ($this->text('clue') !== '' && $this->text('clue') !== $clue) {
                    continue;
                }
                $sheet = $compiler->clue($clue, $methods);
                $plan = $shelf === null
                    ? ClueCutting::fromBolts($sheet->tasks, $design->room, $notation, $aim)
                    : ClueCutting::fromShelf($sheet->tasks, $design->room, $shelf, $notation, $aim);
                $shelf = $shelf?->after($plan);
                $plans[] = [$sheet, $plan];
            }
            if ($this->text('out') !== '' && ! $this->draw(
                $plans, $design, $colourway ?? array_values($design->colourways)[0], $notation,
            )) {
                return self::INVALID;
            }
            $this->option('json') ? $this->data($plans, $notation) : $this->plans($plans, $design, $colourway, $notation);

            return array_filter($plans, fn (array $plan): bool => $plan[1]->short() !== []) === [] ? self::SUCCESS : self::FAILURE;
        });
    }

    /**
     * @template T
     *
     * @param  array<string, T>  $known
     * @return T|null
     */
    private function known(string $option, array $known): mixed
    {
        $name = $this->text($option);
        if ($name !== '' && ! isset($known[$name])) {
            $this->wrong = true;
            $this->error(__('console.no_'.$option, [$option => $name, $option.'s' => implode(', ', array_keys($known))]));
        }

        return $known[$name] ?? null;
    }

    /** @return list<Stock>|false|null null when no file was named; false when it cannot be read, which was said */
    private function stock(Design $design): array|false|null
    {
        $file = $this->text('stock');
        if ($file === '') {
            return null;
        }
        $text = is_file($file) && is_readable($file) ? (string) file_get_contents($file) : null;
        if ($text === null) {
            $this->error(__('console.no_file', ['file' => $file]));

            return false;
        }
        try {
            return str_ends_with(strtolower($file), '.csv')
                ? StockReader::csv($text, $design->slots, $design->room)
                : StockReader::json($text, $design->slots, $design->room);
        } catch (DocumentException $error) {
            foreach ($error->complaints as $complaint) {
                $this->error(Problems::complaint($complaint));
            }

            return false;
        }
    }

    /**
     * Draws every piece of cloth, one below the other, with its fabric over it.
     *
     * @param  list<array{ClueSheet, ClueCutting}>  $plans
     */
    private function draw(array $plans, Design $design, Colourway $colourway, Notation $notation): bool
    {
        $drawn = [];
        foreach ($plans as [$sheet, $plan]) {
            foreach ($plan->slots as $slot => $cutting) {
                $cloth = $colourway->cloths[$slot];
                $pictures = new SheetPicture($cloth->colour, $cloth->colour, $notation, false);
                foreach (array_keys($cutting->plan->cuts) as $number) {
                    $drawn[] = [
                        $sheet->number.'. '.$sheet->title.': '.$design->slots[$slot]->letter.' '.$cloth->name,
                        $pictures->of($cutting->plan, $number, ''),
                    ];
                }
            }
        }
        $svg = view('print.plans', ['drawn' => $drawn])->render();
        if (@file_put_contents($this->text('out'), $svg) === false) {
            $this->error(__('console.cannot_write', ['file' => $this->text('out')]));

            return false;
        }

        return true;
    }

    /** @param  list<array{ClueSheet, ClueCutting}>  $plans */
    private function data(array $plans, Notation $notation): void
    {
        $data = new CuttingData($notation);
        $clues = [];
        foreach ($plans as [$sheet, $plan]) {
            $clues[$sheet->clue] = [
                'sets_across' => $notation->print($plan->width),
                'fabrics' => (object) array_map($data->slot(...), $plan->slots),
            ];
        }
        $this->printData(['unit' => $notation->unit()->value, 'clues' => (object) $clues]);
    }

    /** @param  list<array{ClueSheet, ClueCutting}>  $plans */
    private function plans(array $plans, Design $design, ?Colourway $colourway, Notation $notation): void
    {
        foreach ($plans as [$sheet, $plan]) {
            $this->info(sprintf('%d. %s', $sheet->number, $sheet->title));
            if ($plan->slots === []) {
                $this->line('  '.__('cuts.nothing'));
            }
            if (! $plan->width->equals($design->room->usableWidth)) {
                $this->line('  '.__('cuts.sets', ['width' => Figure::text(Measurement::setting($plan->width), $notation)]));
            }
            $letters = array_map(fn (string $slot): string => $design->slots[$slot]->letter, array_keys($plan->slots));
            $slots = $plan->slots;
            array_multisort($letters, $slots);
            foreach ($slots as $slot => $cutting) {
                $name = $colourway?->cloths[$slot]->name ?? $design->slots[$slot]->name;
                $this->line(sprintf('  %s  %s', $design->slots[$slot]->letter, $name));
                $this->slot($cutting, new CuttingText($cutting->need, $notation));
            }
        }
    }

    private function slot(SlotCutting $slot, CuttingText $text): void
    {
        foreach ($slot->plan->cuts as $cut) {
            $this->line('    '.ucfirst($text->cloth($cut)));
            foreach ($cut->sheets as $sheet) {
                foreach ($text->strips($sheet) as $strip) {
                    array_map($this->line(...), $strip->lines('      '));
                }
            }
            $this->line('      '.$text->left($cut->remnants()));
        }
        foreach (array_filter([$text->short($slot), $text->bound($slot), $text->aims($slot)]) as $line) {
            $this->line('    '.$line);
        }
    }
}
