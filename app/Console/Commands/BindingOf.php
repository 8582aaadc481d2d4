<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Dew\Core\Bench\BiasBinding;
use Dew\Core\Bench\MeasureRefused;
use Dew\Core\Cutting\Binding;
use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Measure\Length;
use Illuminate\Console\Command;

/** Prints how many strips bind a quilt, straight across the cloth, or on the bias from one piece of it. */
final class BindingOf extends Command
{
    use PrintsData;
    use ReadsDesigns, ReadsLengths;

    protected $signature = 'dew:binding
        {--top= : The size of the quilt, as in "60 x 80"}
        {--width=2 1/2 : The width of a strip as it is cut}
        {--cloth= : A piece of cloth to cut the bias from, as in "20 x 20"; without it, the binding is straight}
        {--usable=40 : The width of cloth that straight strips are cut across}
        {--json : Print it as data, lengths in inches}';

    protected $description = 'Print how many strips bind a quilt, straight or on the bias';

    public function handle(): int
    {
        return $this->saying(function (): int {
            $top = $this->size('top');
            $width = $this->length('width');
            $usable = $this->length('usable');
            if (! $width->isPositive() || ! $usable->isGreaterThan($width)) {
                throw new MeasureRefused('cloth', $width->isPositive() ? 'too_narrow' : 'no_width');
            }
            $around = $top->width->plus($top->height)->times(2);
            $wanted = $around->plus(Length::inches(Binding::MORE));
            $straight = Binding::of($around, $width, $usable);
            $cloth = $this->text('cloth') === '' ? null : $this->size('cloth');
            $bias = $cloth === null ? null : BiasBinding::from($cloth, $width, CuttingRoom::usual()->seam);
            $enough = $cloth === null ? null : BiasBinding::enough($cloth, $width, CuttingRoom::usual()->seam, $wanted);
            if ($this->option('json')) {
                $this->printData([
                    'around' => $around->toDecimal(4), 'wanted' => $wanted->toDecimal(4),
                    'straight' => ['strips' => $straight->strips, 'cloth' => $straight->length->toDecimal(4)],
                    'bias' => $bias === null ? null : [
                        'strips' => $bias->strips, 'length' => number_format($bias->length, 4, '.', ''), 'enough' => $enough?->strips,
                    ],
                ]);
            } else {
                $this->print($around, $wanted, $straight, $width, $usable, $bias, $enough);
            }

            return $bias !== null && $enough === null ? self::FAILURE : self::SUCCESS;
        });
    }

    private function print(
        Length $around, Length $wanted, Binding $straight, Length $width, Length $usable, ?BiasBinding $bias, ?BiasBinding $enough,
    ): void {
        $this->line(__('benchwork.binding.wanted', ['around' => $this->inches($around), 'wanted' => $this->inches($wanted)]));
        $this->line(trans_choice('benchwork.binding.straight', $straight->strips, [
            'width' => $this->inches($width), 'usable' => $this->inches($usable), 'length' => $this->inches($straight->length),
        ]));
        if ($bias !== null) {
            $this->line(__('benchwork.binding.bias', [
                'cloth' => $this->text('cloth'), 'strips' => $bias->strips, 'length' => $this->inches(Length::approximately(floor($bias->length * 8) / 8)),
            ]));
            $this->line($enough === null
                ? __('benchwork.binding.short', ['short' => $this->inches(Length::approximately(ceil(($wanted->toFloat() - $bias->length) * 8) / 8))])
                : __('benchwork.binding.enough', ['strips' => $enough->strips]));
        }
    }
}
