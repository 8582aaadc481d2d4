<?php

declare(strict_types=1);

namespace App\Http\Controllers\Member;

use App\Actions\Member\ChooseCloth;
use App\Http\Controllers\Controller;
use App\Http\Requests\JudgeClothRequest;
use App\Http\Requests\MarkPhotoRequest;
use App\Http\Requests\SwatchRequest;
use App\Models\Project;
use App\Models\Swatch;
use App\Pictures\ClothPictures;
use App\Pictures\PictureRefused;
use App\Plans\ReleasedSheets;
use App\Presentation\Member\Values;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;

/** A member's own cloth for a fabric: every drawing then shows it, as a colour or as a part of her photograph. */
final class SwatchController extends Controller
{
    public function update(SwatchRequest $request, Project $project, string $slot, ChooseCloth $choose): RedirectResponse
    {
        try {
            $choose($project, $slot, $request->cloth(), $request->photo());
        } catch (PictureRefused $error) {
            throw ValidationException::withMessages(['photo' => $error->getMessage()])->errorBag(SwatchRequest::bag($slot));
        }
        if ($request->photo() !== null) {
            return redirect()->route('member.swatch.photo', [$project, $slot])->with('status', __('fabrics.own.saved'));
        }

        return $this->back($project, $slot)->with('status', __('fabrics.own.saved'));
    }

    /** A further cloth for the same fabric. */
    public function more(SwatchRequest $request, Project $project, string $slot, ChooseCloth $choose): RedirectResponse
    {
        try {
            $number = $choose->more($project, $slot, $request->cloth(), $request->photo());
        } catch (PictureRefused $error) {
            throw ValidationException::withMessages(['photo' => $error->getMessage()])->errorBag(SwatchRequest::moreBag($slot));
        } catch (ValidationException $error) {
            throw $error->errorBag(SwatchRequest::moreBag($slot));
        }
        if ($request->photo() !== null) {
            return redirect()->route('member.swatch.photo', [$project, $slot, 'cloth' => $number])->with('status', __('fabrics.more.saved'));
        }

        return $this->back($project, $slot)->with('status', __('fabrics.more.saved'));
    }

    public function less(Project $project, string $slot, int $number, ReleasedSheets $sheets, ChooseCloth $choose): RedirectResponse
    {
        abort_unless(isset($sheets->announcement($project)->slots[$slot]), 404);
        $choose->remove($project, $slot, $number);

        return $this->back($project, $slot)->with('status', __('fabrics.more.removed'));
    }

    public function destroy(Project $project, string $slot, ReleasedSheets $sheets, ChooseCloth $choose): RedirectResponse
    {
        abort_unless(isset($sheets->announcement($project)->slots[$slot]), 404);
        $choose->remove($project, $slot);

        return $this->back($project, $slot)->with('status', __('fabrics.own.removed'));
    }

    /** Her photograph, to mark the part of it that is the cloth. */
    public function photo(Request $request, Project $project, string $slot, ReleasedSheets $sheets): View
    {
        $swatch = $this->swatch($request, $project, $slot);
        abort_if($swatch->photo === null, 404);

        return view('member.photo', [
            'project' => $project, 'swatch' => $swatch, 'fabric' => $sheets->announcement($project)->slots[$slot] ?? abort(404),
        ]);
    }

    public function mark(MarkPhotoRequest $request, Project $project, string $slot, ChooseCloth $choose): RedirectResponse
    {
        $swatch = $this->swatch($request, $project, $slot);
        abort_if($swatch->photo === null, 404);
        $given = $request->validated();
        $part = array_map(fn (mixed $hundredths): int => (int) round(10 * (float) $hundredths), $given);
        if ($part['x'] + $part['width'] > 1000 || $part['y'] + $part['height'] > 1000) {
            throw ValidationException::withMessages(['x' => __('fabrics.mark.wrong')]);
        }
        try {
            $choose->mark($project, $swatch, [
                'x' => $part['x'], 'y' => $part['y'], 'width' => $part['width'], 'height' => $part['height'],
            ]);
        } catch (PictureRefused $error) {
            throw ValidationException::withMessages(['x' => $error->getMessage()]);
        }

        return $this->back($project, $slot)->with('status', __('fabrics.mark.saved'));
    }

    /** A picture of her cloth, for her alone. */
    public function picture(Project $project, string $picture, ClothPictures $pictures): Response
    {
        abort_unless(
            $project->swatches->contains(fn (Swatch $swatch): bool => $swatch->picture === $picture || $swatch->photo === $picture), 404,
        );
        $bytes = $pictures->bytes($picture, ClothPictures::ownOf($project)) ?? abort(404);

        return response($bytes, 200, [
            'Content-Type' => 'image/png', 'Content-Disposition' => 'inline; filename="cloth.png"', 'Cache-Control' => 'private, max-age=604800',
        ]);
    }

    public function values(Project $project, Values $values): View
    {
        return view('member.values', ['project' => $project, 'values' => $values->of($project)]);
    }

    /** What her own eye says of a cloth, whatever its photograph measures. */
    public function judge(JudgeClothRequest $request, Project $project, string $slot, ReleasedSheets $sheets): RedirectResponse
    {
        abort_unless(isset($sheets->announcement($project)->slots[$slot]), 404);
        $given = $request->validated();
        $swatch = $project->swatches()->where(['slot_key' => $slot, 'number' => 0])->first()
            ?? throw ValidationException::withMessages(['judged' => __('fabrics.values.own_only')]);
        $swatch->update(['judged' => $given['judged'] ?? null]);

        return redirect()->route('member.values', $project)->with('status', __('fabrics.values.saved'));
    }

    /** The cloth that the address names by its number; without one, the cloth that the drawings show. */
    private function swatch(Request $request, Project $project, string $slot): Swatch
    {
        $number = $request->query('cloth', '0');

        return $project->swatches()->where([
            'slot_key' => $slot, 'number' => is_string($number) && preg_match('/^\d{1,3}$/D', $number) === 1 ? (int) $number : 0,
        ])->firstOrFail();
    }

    private function back(Project $project, string $slot): RedirectResponse
    {
        return redirect()->to(route('member.fabrics', $project).'#fabric-'.rawurlencode($slot));
    }
}
