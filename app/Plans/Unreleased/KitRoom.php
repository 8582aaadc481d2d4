<?php

declare(strict_types=1);

namespace App\Plans\Unreleased;

use App\Models\KitRow;
use App\Models\QuiltAlong;
use Dew\Core\Compile\ClothSheet;
use Dew\Core\Cutting\ShopMeasure;
use Dew\Core\Kits\KitContents;
use Dew\Core\Kits\KitOrder;
use Dew\Core\Kits\KitPlan;
use Dew\Core\Sheet\Announcement;
use Dew\Core\Sheet\ClueSheet;
use Dew\Core\Unit\MethodChoices;

/** What a shop cuts and packs for a quilt-along: the contents of kits, and the bolts for those that are still to be packed. */
final readonly class KitRoom
{
    public function __construct(private SheetStore $sheets)
    {
    }

    public function announcement(QuiltAlong $quiltAlong): Announcement
    {
        return $this->sheets->announcement($quiltAlong->version());
    }

    public function cloth(QuiltAlong $quiltAlong): ClothSheet
    {
        return $this->sheets->cloth($quiltAlong->version());
    }

    public function edition(QuiltAlong $quiltAlong): string
    {
        return $this->sheets->edition($quiltAlong->version());
    }

    /** @return list<ClueSheet> every clue by the methods that are usual, open or not */
    public function clues(QuiltAlong $quiltAlong, string $size): array
    {
        return $this->sheets->clues(
            $quiltAlong->version(), $size, $quiltAlong->clues()->get()->toBase(), MethodChoices::defaults($quiltAlong->usualMethods()),
        );
    }

    public static function shop(QuiltAlong $quiltAlong): ShopMeasure
    {
        return ShopMeasure::of($quiltAlong->units);
    }

    /** @return array<string, KitContents> by size */
    public function contents(QuiltAlong $quiltAlong): array
    {
        $sheet = $this->cloth($quiltAlong);
        $contents = [];
        foreach ($sheet->whole() as $size => $whole) {
            $contents[$size] = new KitContents($whole, $sheet->covering[$size], self::shop($quiltAlong), $quiltAlong->secret);
        }

        return $contents;
    }

    /**
     * Whether the published version has what an order names; a size may have been taken out of the design since.
     *
     * @param  array<string, KitContents>  $contents
     */
    public function isKnown(KitOrder $order, array $contents, Announcement $announcement): bool
    {
        return isset($contents[$order->size], $announcement->colourways[$order->colourway])
            && $contents[$order->size]->of($order->kind, $order->part) !== [];
    }

    /** @param  iterable<KitRow>  $rows */
    public function plan(QuiltAlong $quiltAlong, iterable $rows): KitPlan
    {
        $announcement = $this->announcement($quiltAlong);
        $contents = $this->contents($quiltAlong);
        $settings = $quiltAlong->kitSettings();
        $orders = [];
        foreach ($rows as $row) {
            $order = $row->order($row->count - $row->packed);
            if ($order->count > 0 && $this->isKnown($order, $contents, $announcement)) {
                $orders[] = $order;
            }
        }

        return KitPlan::of($orders, $contents, $announcement->colourways, $settings->hand, $settings->bolt, self::shop($quiltAlong));
    }
}
