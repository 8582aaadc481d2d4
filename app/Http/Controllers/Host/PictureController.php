<?php

declare(strict_types=1);

namespace App\Http\Controllers\Host;

use App\Actions\Host\ChangeDraft;
use App\Actions\Host\OpenDraft;
use App\Http\Controllers\Controller;
use App\Http\Requests\ClothPictureRequest;
use App\Http\Requests\CluePictureRequest;
use App\Http\Requests\UnitPictureRequest;
use App\Models\QuiltAlong;
use App\Pictures\ClothPictures;
use App\Pictures\DesignArchive;
use App\Pictures\DesignPictures;
use App\Pictures\PictureRefused;
use App\Plans\Unreleased\Documents;
use App\Wording\Problems;
use Dew\Core\Draft\EditConflict;
use Dew\Core\Draft\EditRefused;
use Dew\Core\Draft\Kind\AddItem;
use Dew\Core\Draft\Kind\SetValue;
use Dew\Core\Draft\Place;
use Dew\Core\Draft\Value;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;

/** Pictures of a draft: of its cloth, and of units as a given pattern draws them. */
final class PictureController extends Controller
{
    public function __construct(private readonly DesignPictures $designs)
    {
    }

    /** A picture that was put into this design and that the draft or the published version names; others do not exist here. */
    public function show(QuiltAlong $quiltAlong, string $picture, ClothPictures $pictures): Response
    {
        $isNamed = in_array($picture, DesignArchive::named(OpenDraft::of($quiltAlong)->document), true)
            || in_array($picture, DesignArchive::named($quiltAlong->publishedVersion->document ?? ''), true);
        abort_unless($isNamed && $this->designs->has($quiltAlong, $picture), 404);
        $bytes = $pictures->bytes($picture) ?? abort(404);

        return response($bytes, 200, ['Content-Type' => 'image/png', 'Content-Disposition' => 'inline; filename="cloth.png"']);
    }

    /**
     * A unit as its pattern draws it.
     *
     * @throws ValidationException when the file is no picture, or there is no such unit
     */
    public function ofUnit(
        UnitPictureRequest $request,
        QuiltAlong $quiltAlong,
        string $unit,
        ClothPictures $pictures,
        ChangeDraft $change,
    ): RedirectResponse {
        $draft = OpenDraft::of($quiltAlong);
        $document = Documents::draft($draft);
        abort_unless($document->at(Place::of('units', $unit))->exists, 404);
        $place = Place::of('units', $unit, 'picture');
        try {
            $hash = $pictures->keep($this->bytes($request))->hash;
            $this->designs->allow($quiltAlong, [$hash]);
            $change->edit($draft, $this->person($request), (string) Str::uuid(), 'set', new SetValue(
                $place, Value::of($hash), $document->at($place),
            ));
        } catch (PictureRefused|EditRefused|EditConflict $error) {
            throw ValidationException::withMessages(['picture' => Problems::of($error)]);
        }

        return redirect()->route('host.units.show', [$quiltAlong, $unit])->with('status', __('pictures.kept'));
    }

    /**
     * A picture in a clue, with what it shows.
     *
     * @throws ValidationException when the file is no picture, there are no words for it, or the clue has no room for it
     */
    public function ofClue(
        CluePictureRequest $request,
        QuiltAlong $quiltAlong,
        string $clue,
        ClothPictures $pictures,
        ChangeDraft $change,
    ): RedirectResponse {
        $given = $request->validated();
        $draft = OpenDraft::of($quiltAlong);
        abort_unless(Documents::draft($draft)->at(Place::of('clues', $clue))->exists, 404);
        try {
            $hash = $pictures->keep($this->bytes($request), ClothPictures::LARGE)->hash;
            $this->designs->allow($quiltAlong, [$hash]);
            $change->edit($draft, $this->person($request), (string) Str::uuid(), 'add', new AddItem(
                Place::of('clues', $clue, 'pictures'),
                ['id' => 'p-'.Str::lower(Str::random(6)), 'picture' => $hash, 'text' => trim((string) $given['shows'])],
            ));
        } catch (PictureRefused|EditRefused|EditConflict $error) {
            throw ValidationException::withMessages(['picture' => Problems::of($error)]);
        }

        return redirect()->route('host.draft.clue', [$quiltAlong, $clue])->with('status', __('pictures.kept'));
    }

    private function bytes(Request $request): string
    {
        $file = $request->file('picture');

        return $file instanceof UploadedFile ? (string) file_get_contents($file->getRealPath()) : '';
    }

    /** @throws ValidationException when the file is no picture, or there is no such cloth */
    public function store(ClothPictureRequest $request, QuiltAlong $quiltAlong, ClothPictures $pictures, ChangeDraft $change): RedirectResponse
    {
        $given = $request->validated();
        $draft = OpenDraft::of($quiltAlong);
        $document = Documents::draft($draft);
        $place = Place::of('colourways', (string) $given['colourway'], 'cloth', (string) $given['fabric']);
        $fabric = $document->at(Place::of('fabrics', (string) $given['fabric'], 'name'));
        try {
            $kept = $pictures->keep($this->bytes($request));
            $this->designs->allow($quiltAlong, [$kept->hash]);
            $there = $document->at($place);
            $name = is_array($there->value) ? $there->value['name'] ?? $fabric->value : $fabric->value;
            $change->edit($draft, $this->person($request), (string) Str::uuid(), 'set', new SetValue(
                $place,
                Value::of(['name' => $name, 'colour' => $kept->colour, 'picture' => $kept->hash]),
                $there->exists ? $there : Value::nothing(),
            ));
        } catch (PictureRefused|EditRefused|EditConflict $error) {
            throw ValidationException::withMessages(['picture' => Problems::of($error)]);
        }

        return redirect()->route('host.cloth', $quiltAlong)->with('status', __('pictures.kept'));
    }
}
