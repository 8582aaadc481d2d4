<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Drawing\Host\QuiltPicture;
use Dew\Core\Compile\Compiler;
use Dew\Core\Design\Design;
use Illuminate\Console\Command;

/** Draws a whole quilt, or one of its blocks, as SVG. */
final class Draw extends Command
{
    use ReadsDesigns;

    protected $signature = 'dew:draw
        {file : A design document}
        {--size= : The id of a size}
        {--block= : The id of a block, to draw that alone}
        {--colourway= : The id of a colourway; the first when left out}
        {--out= : Where to write the SVG; printed when left out}';

    protected $description = 'Draw the quilt of a design at one size, or one block';

    public function handle(): int
    {
        return $this->withDesign(function (Design $design): int {
            $size = $this->text('size');
            $sheet = Compiler::quiltSheet($design, $size);
            $label = __('drawings.quilt', ['size' => $design->size($size)->name]);
            $block = $this->text('block');
            if ($block !== '') {
                if (! isset($design->blocks[$block])) {
                    $this->error(__('console.no_block', ['block' => $block, 'blocks' => implode(', ', array_keys($design->blocks))]));

                    return self::INVALID;
                }
                $sheet = Compiler::blockSheet($design, $size, $block);
                $label = $design->names[$block];
            }
            $colourway = Compiler::announcement($design)->colourway($this->text('colourway'));
            $svg = view('components.quilt-picture', ['picture' => QuiltPicture::of($sheet, $colourway), 'label' => $label])->render();
            $svg = (string) preg_replace('/<svg /', '<svg xmlns="http://www.w3.org/2000/svg" ', $svg, 1);

            return $this->put($this->text('out'), $svg) ? self::SUCCESS : self::FAILURE;
        });
    }
}
