<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Drawing\QuiltPicture;
use Dew\Core\Design\Design;
use Dew\Core\Plan\Compiler;
use Illuminate\Console\Command;

/** Draws a whole quilt as SVG. */
final class Draw extends Command
{
    use ReadsDesigns;

    protected $signature = 'dew:draw
        {file : A design document}
        {--size= : The id of a size}
        {--colourway= : The id of a colourway; the first when left out}
        {--out= : Where to write the SVG; printed when left out}';

    protected $description = 'Draw the quilt of a design at one size';

    public function handle(): int
    {
        return $this->withDesign(function (Design $design): int {
            $size = $this->text('size');
            $colourway = Compiler::announcement($design)->colourway($this->text('colourway'));
            $svg = view('components.quilt-picture', [
                'picture' => QuiltPicture::of(Compiler::quiltSheet($design, $size), $colourway),
                'label' => __('drawings.quilt', ['size' => $design->size($size)->name]),
            ])->render();
            $svg = (string) preg_replace('/<svg /', '<svg xmlns="http://www.w3.org/2000/svg" ', $svg, 1);
            $out = $this->text('out');
            if ($out === '') {
                $this->output->write($svg);

                return self::SUCCESS;
            }
            if (@file_put_contents($out, $svg) === false) {
                $this->error(__('console.cannot_write', ['file' => $out]));

                return self::FAILURE;
            }
            $this->info(__('console.written', ['file' => $out]));

            return self::SUCCESS;
        });
    }
}
