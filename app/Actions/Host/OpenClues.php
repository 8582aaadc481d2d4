<?php

declare(strict_types=1);

namespace App\Actions\Host;

use App\Models\Clue;
use App\Models\Project;
use App\Models\QuiltAlong;
use Dew\Core\Design\Design;
use Dew\Core\Design\DesignReader;
use Dew\Core\Document\DocumentException;
use Dew\Core\Plan\Whole\SheetWriter;
use Dew\Core\Plan\Whole\SizeCompiler;
use Dew\Core\Unit\MethodChoices;
use Illuminate\Support\Facades\DB;

/**
 * Whether a design can be published while people sew by an earlier version of it: what they have open, and the sizes and colourways they
 * have chosen, must be in it unchanged.
 */
final class OpenClues
{
    /** @throws DocumentException naming the first thing that would be taken from them or changed under their hands */
    public static function refuseChanges(QuiltAlong $quiltAlong, Design $new): void
    {
        $published = $quiltAlong->publishedVersion;
        if ($published === null) {
            return;
        }
        self::refuseLosses($quiltAlong, $new);
        $sizes = Project::query()->whereBelongsTo($quiltAlong)->where('size_later', false)->distinct()->pluck('size_key')->all();
        $opened = Clue::query()->whereBelongsTo($quiltAlong)->opened()->orderBy('number')->get()->all();
        if ($sizes === [] && Project::query()->whereBelongsTo($quiltAlong)->exists()) {
            $sizes = [(string) array_key_first($new->sizes)];
        }
        if ($sizes === [] || $opened === []) {
            return;
        }
        $old = DesignReader::stored($published->document);
        foreach ($opened as $clue) {
            self::refuseMoves($clue, $new);
        }
        foreach ($sizes as $size) {
            $before = self::texts($old, (string) $size, $opened);
            $after = self::texts($new, (string) $size, $opened);
            foreach ($opened as $clue) {
                if ($before[$clue->key] !== $after[$clue->key]) {
                    throw DocumentException::at('/clues/'.($clue->number - 1), __('publish.changed', [
                        'number' => $clue->number, 'title' => $clue->title, 'size' => $new->sizes[$size]->name,
                    ]));
                }
            }
        }
    }

    private static function refuseLosses(QuiltAlong $quiltAlong, Design $new): void
    {
        $quilts = DB::table('projects')->where('quilt_along_id', $quiltAlong->id);
        $sizes = $quilts->clone()->where('size_later', false)->pluck('size_key')->countBy()->all();
        foreach (array_diff_key($sizes, $new->sizes) as $size => $count) {
            throw DocumentException::at('/sizes', trans_choice('publish.size_gone', $count, ['size' => $size]));
        }
        $colourways = $quilts->pluck('colourway_key')->countBy()->all();
        foreach (array_diff_key($colourways, $new->colourways) as $colourway => $count) {
            throw DocumentException::at('/colourways', trans_choice('publish.colourway_gone', $count, ['colourway' => $colourway]));
        }
    }

    private static function refuseMoves(Clue $clue, Design $new): void
    {
        $place = array_search($clue->key, array_map(strval(...), array_keys($new->clues)), true);
        if ($place === false) {
            throw DocumentException::at('/clues', __('publish.clue_gone', ['number' => $clue->number, 'title' => $clue->title]));
        }
        if ($place + 1 !== $clue->number) {
            throw DocumentException::at('/clues/'.$place, __('publish.clue_moved', [
                'number' => $clue->number, 'title' => $clue->title, 'to' => $place + 1,
            ]));
        }
    }

    /**
     * @param  list<Clue>  $clues
     * @return array<string, string> what a clue says at one size, by the methods of the design, by clue
     */
    private static function texts(Design $design, string $size, array $clues): array
    {
        $compiler = new SizeCompiler($design, isset($design->sizes[$size]) ? $size : (string) array_key_first($design->sizes));
        $methods = MethodChoices::defaults($design->methods);
        $texts = [];
        foreach ($clues as $clue) {
            $texts[$clue->key] = SheetWriter::write($compiler->clue($clue->key, $methods));
        }

        return $texts;
    }
}
