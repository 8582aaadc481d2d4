<?php

declare(strict_types=1);

namespace App\Http\Controllers\Member;

use App\Http\Controllers\Controller;
use App\Models\Project;
use App\Pictures\ClothPictures;
use App\Pictures\DesignPictures;
use App\Plans\ReleasedSheets;
use Dew\Core\Sheet\TaskSheet;
use Dew\Core\Words\Illustration;
use Illuminate\Http\Response;

/** A unit as its pattern draws it. Pictures of clues to come do not exist here. */
final class MemberPictureController extends Controller
{
    public function __invoke(
        Project $project,
        int $number,
        string $picture,
        ReleasedSheets $sheets,
        ClothPictures $pictures,
        DesignPictures $designs,
    ): Response {
        $sheet = $sheets->sheet($project, $sheets->find($project, $number), whole: false);
        abort_unless(in_array($picture, [
            ...array_map(fn (TaskSheet $task): ?string => $task->picture, $sheet->tasks),
            ...array_map(fn (Illustration $shown): string => $shown->picture, $sheet->words->pictures),
        ], true) && $designs->has($project->quiltAlong, $picture), 404);
        $bytes = $pictures->bytes($picture) ?? abort(404);

        return response($bytes, 200, ['Content-Type' => 'image/png', 'Content-Disposition' => 'inline; filename="pattern.png"']);
    }
}
