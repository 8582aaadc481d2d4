<?php

declare(strict_types=1);

namespace App\Presentation\Host;

use App\Drawing\Host\QuiltPicture;
use App\Plans\Unreleased\SheetStore;
use App\Support\Kept;
use Dew\Core\Fabric\Colourway;
use Dew\Core\Sheet\Announcement;

/** The whole quilt at one size and in one colourway, and what it is made of: drawn once for each published version, and kept. */
final readonly class DesignDrawing
{
    public function __construct(private SheetStore $sheets)
    {
    }

    /** @return array{picture: string, facts: string} ready HTML */
    public function of(int $version, Announcement $announcement, string $size, Colourway $colourway): array
    {
        return Kept::Design->remember([$this->sheets->edition($version), $size, $colourway->id], function () use ($version, $announcement, $size, $colourway): array {
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
