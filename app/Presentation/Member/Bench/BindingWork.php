<?php

declare(strict_types=1);

namespace App\Presentation\Member\Bench;

use App\Models\Project;
use App\Plans\Cloth\MemberCutting;
use App\Plans\ReleasedSheets;
use App\Presentation\Member\StockText;
use Dew\Core\Bench\BiasBinding;
use Dew\Core\Bench\MeasureRefused;
use Dew\Core\Bench\Sleeve;
use Dew\Core\Cutting\Binding;
use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Size;
use Dew\Core\Setting\LongStrips;

/** The binding, and the sleeve to hang the quilt by. */
final readonly class BindingWork implements BenchTask
{
    public function __construct(
        private MemberCutting $cutting,
        private ReleasedSheets $sheets,
        private QuiltMeasures $measures,
    ) {
    }

    public function fields(Project $project): array
    {
        return [
            'top' => $this->measures->topText($project), 'width' => $this->measures->text(Length::fraction(5, 2), $project), 'cloth' => '',
        ];
    }

    public function result(Project $project, array $fields): array
    {
        $room = $this->cutting->room($project);
        $top = $this->measures->size($fields['top'], $project);
        $width = Length::parse($fields['width'], $project->notation->unit());
        if (! $width->isPositive() || ! $room->usableWidth->isGreaterThan($width)) {
            throw new MeasureRefused('width', $width->isPositive() ? 'too_narrow' : 'no_width');
        }
        $around = $top->width->plus($top->height)->times(2);
        $wanted = $around->plus(Length::inches(Binding::MORE));
        $straight = Binding::of($around, $width, $room->usableWidth);
        $text = fn (Length $length): string => $this->measures->text($length, $project);
        $lines = [
            __('benchwork.binding.wanted', ['around' => $text($around), 'wanted' => $text($wanted)]),
            trans_choice('benchwork.binding.straight', $straight->strips, [
                'width' => $text($width), 'usable' => $text($room->usableWidth), 'length' => $text($straight->length),
            ]),
        ];
        if (trim($fields['cloth']) !== '') {
            $cloth = $this->measures->size($fields['cloth'], $project, 'cloth');
            $bias = BiasBinding::from($cloth, $width, $room->seam);
            $enough = BiasBinding::enough($cloth, $width, $room->seam, $wanted);
            $lines[] = __('benchwork.binding.bias', [
                'cloth' => $text($cloth->width).' × '.$text($cloth->height), 'strips' => $bias->strips,
                'length' => $text(Length::approximately(floor($bias->length * 8) / 8)),
            ]);
            $lines[] = $enough === null
                ? __(
                    'benchwork.binding.short',
                    ['short' => $text(Length::approximately(ceil(($wanted->toFloat() - $bias->length) * 8) / 8))],
                )
                : __('benchwork.binding.enough', ['strips' => $enough->strips]);
        }

        return [
            'lines' => $lines, 'remnants' => $this->remnants($project, $width, $straight), 'sleeve' => $this->sleeve($project, $top, $room),
        ];
    }

    /**
     * Which pieces of her own cloth give all strips of a straight binding: strips are cut across, as long as the piece is wide.
     *
     * @return list<string>
     */
    private function remnants(Project $project, Length $width, Binding $straight): array
    {
        $room = $this->cutting->room($project);
        $words = new StockText($project->notation, $room->usableWidth);
        $slots = $this->sheets->announcement($project)->slots;
        $found = [];
        foreach ($project->stock->where('gone_at', null) as $row) {
            $stock = $row->stock($room->usableWidth);
            $long = $stock->width->isLessThan($stock->length) ? $stock->length : $stock->width;
            $high = $stock->width->isLessThan($stock->length) ? $stock->width : $stock->length;
            // The same rule as for whole cloth: n strips give n · length − (n − 1) · width.
            $strips = $long->isGreaterThan($width) ? LongStrips::strip($straight->wanted(), $width, $long) : PHP_INT_MAX;
            if ($strips <= $high->countOf($width) * $row->count && isset($slots[$row->slot_key])) {
                $found[] = __('benchwork.binding.fits', ['cloth' => $slots[$row->slot_key]->letter.': '.$words->line($row)]);
            }
        }

        return $found;
    }

    /** @return list<string> a hanging sleeve and a label */
    private function sleeve(Project $project, Size $quilt, CuttingRoom $room): array
    {
        $sleeve = new Sleeve($quilt, $room);

        return [
            trans_choice('benchwork.sleeve', $sleeve->strips, [
                'width' => $this->measures->text($sleeve->width, $project), 'length' => $this->measures->text($sleeve->length, $project),
            ]),
            __('benchwork.label', ['size' => $this->measures->text(Length::inches(5), $project).' × '.$this->measures->text(Length::inches(4), $project)]),
        ];
    }
}
