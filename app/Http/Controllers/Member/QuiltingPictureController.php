<?php

declare(strict_types=1);

namespace App\Http\Controllers\Member;

use App\Actions\Member\SaveBenchWork;
use App\Http\Controllers\Controller;
use App\Http\Requests\QuiltingPictureRequest;
use App\Models\Project;
use App\Pictures\ClothPictures;
use App\Pictures\PictureRefused;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;

/** The picture beside a member's notes on quilting: written anew before it is kept, and shown to her alone. */
final class QuiltingPictureController extends Controller
{
    private const SIDE = 1200;

    public function show(Project $project, string $picture, ClothPictures $pictures): Response
    {
        abort_unless(($project->bench['quilting-picture']['hash'] ?? '') === $picture, 404);
        $bytes = $pictures->bytes($picture, ClothPictures::notesOf($project)) ?? abort(404);

        return response($bytes, 200, [
            'Content-Type' => 'image/png', 'Content-Disposition' => 'inline; filename="quilting.png"', 'Cache-Control' => 'private, max-age=604800',
        ]);
    }

    public function store(QuiltingPictureRequest $request, Project $project, ClothPictures $pictures, SaveBenchWork $keep): RedirectResponse
    {
        $file = $request->validated()['picture'];
        try {
            $kept = $pictures->keep((string) $file->getContent(), self::SIDE, ClothPictures::notesOf($project));
        } catch (PictureRefused $error) {
            throw ValidationException::withMessages(['picture' => $error->getMessage()]);
        }
        $keep($project, 'quilting-picture', ['hash' => $kept->hash]);
        $pictures->clear(ClothPictures::notesOf($project), [$kept->hash]);

        return redirect()->route('member.bench.work', [$project, 'quilting'])->with('status', __('benchwork.quilting.picture_kept'));
    }

    public function destroy(Project $project, ClothPictures $pictures, SaveBenchWork $keep): RedirectResponse
    {
        $keep($project, 'quilting-picture', null);
        $pictures->clear(ClothPictures::notesOf($project));

        return redirect()->route('member.bench.work', [$project, 'quilting'])->with('status', __('benchwork.quilting.picture_gone'));
    }
}
