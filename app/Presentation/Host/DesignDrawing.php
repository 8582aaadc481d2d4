<?php

declare(strict_types=1);

namespace App\Presentation\Host;

use App\Drawing\Host\QuiltPicture;
use App\Plans\Unreleased\SheetStore;
use Dew\Core\Fabric\Colourway;
use Dew\Core\Sheet\Announcement;
use Illuminate\Support\Facades\Cache;

/** The whole quilt at one size and in one colourway, and what it is made of: drawn once for each published version, and kept. */
final readonly class DesignDrawing
{
    private const DAYS = 7;

    public function __construct(private SheetStore $sheets)
    {
    }

    /** @return array{picture: string, facts: string} ready HTML */
    public function of(int $version, Announcement $announcement, string $size, Colourway $colourway): array
    {
        $name = 'drawn:'.hash('sha256', serialize(['design', $this->sheets->edition($version), app()->getLocale(), $size, $colourway->id]));

        return Cache::remember($name, now()->addDays(self::DAYS), function () use ($version, $announcement, $size, $colourway): array {
            $sheet = $this->sheets->quilt($version, $size);
            $about = ['sheet' => $sheet, 'announcement' => $announcement, 'colourway' => $colourway];

            return [
                'picture' => view('components.quilt-picture', [
                    'picture' => QuiltPicture::of($sheet, $colourway),
                    'label' => __('drawings.quilt', ['size' => $announcement->sizes[$size]->name]),
                ])->render(),
                'facts' => view('host.design-facts', $about)->render(),
            ];
        });
    }
}
