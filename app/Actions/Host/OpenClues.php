<?php

declare(strict_types=1);

namespace App\Actions\Host;

use App\Models\Clue;
use App\Models\Project;
use App\Models\QuiltAlong;
use Dew\Core\Design\Design;
use Dew\Core\Document\DocumentException;
use Dew\Core\Measure\Problem;
use Illuminate\Support\Facades\DB;

/**
 * Whether a design can be published while people sew by an earlier version of it: the clues they have had open must stand at their places
 * in it, and the sizes and colourways they have chosen must be offered.
 */
final class OpenClues
{
    /** @throws DocumentException naming the first thing that would be taken from them */
    public static function refuse(QuiltAlong $quiltAlong, Design $new): void
    {
        if ($quiltAlong->publishedVersion === null) {
            return;
        }
        self::refuseLosses($quiltAlong, $new);
        if (Project::query()->whereBelongsTo($quiltAlong)->exists()) {
            foreach (Clue::query()->whereBelongsTo($quiltAlong)->opened()->orderBy('number')->get()->all() as $clue) {
                self::refuseMoves($clue, $new);
            }
        }
    }

    private static function refuseLosses(QuiltAlong $quiltAlong, Design $new): void
    {
        $quilts = DB::table('projects')->where('quilt_along_id', $quiltAlong->id);
        $sizes = $quilts->clone()->where('size_later', false)->pluck('size_key')->countBy()->all();
        foreach (array_diff_key($sizes, $new->sizes) as $size => $count) {
            throw DocumentException::at('/sizes', Problem::said(trans_choice('publish.size_gone', $count, ['size' => $size])));
        }
        $colourways = $quilts->pluck('colourway_key')->countBy()->all();
        foreach (array_diff_key($colourways, $new->colourways) as $colourway => $count) {
            throw DocumentException::at('/colourways', Problem::said(trans_choice('publish.colourway_gone', $count, ['colourway' => $colourway])));
        }
    }

    private static function refuseMoves(Clue $clue, Design $new): void
    {
        $place = array_search($clue->key, array_map(strval(...), array_keys($new->clues)), true);
        if ($place === false) {
            throw DocumentException::at('/clues', Problem::said(__('publish.clue_gone', ['number' => $clue->number, 'title' => $clue->title])));
        }
        if ($place + 1 !== $clue->number) {
            throw DocumentException::at('/clues/'.$place, Problem::said(__('publish.clue_moved', [
                'number' => $clue->number, 'title' => $clue->title, 'to' => $place + 1,
            ])));
        }
    }
}
