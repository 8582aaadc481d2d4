<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Host\OpenDraft;
use App\Actions\Host\StartQuiltAlong;
use App\Http\Requests\StartRequest;
use App\Models\QuiltAlong;
use App\Models\QuiltAlongKind;
use App\Pictures\DesignArchive;
use App\Pictures\DesignPictures;
use App\Pictures\PictureRefused;
use App\Wording\Problems;
use Dew\Core\Design\DesignDocument;
use Dew\Core\Document\DocumentException;
use Dew\Core\Draft\BlankDesign;
use Dew\Core\Measure\Notation;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;

/** Starts a quilt-along: anybody with an account may. */
final class StartController extends Controller
{
    private const LONGEST_ID = 40;

    /** How many faults of a file are named at once. */
    private const PROBLEMS = 5;

    public function create(Request $request): View
    {
        return view('start', [
            'kind' => QuiltAlongKind::tryFrom($request->string('kind')->value()) ?? QuiltAlongKind::Mystery,
            'own' => $own = QuiltAlong::hostedBy($this->person($request)),
            // They go on in what they measured last.
            'units' => $own->sortByDesc('id')->first()->units ?? Notation::Fractions,
            'person' => $this->person($request),
        ]);
    }

    public function store(
        StartRequest $request, StartQuiltAlong $start, DesignArchive $archive, DesignPictures $pictures,
    ): RedirectResponse {
        $own = $pictures->hostedBy($request->user());
        $design = $this->design($request, $archive, $own);
        $quiltAlong = $start($this->person($request), $request->about(), $design);
        // What came with a file was kept; of another design of theirs they have the pictures already.
        $from = $request->string('from')->value();
        $named = DesignArchive::named($design->write());
        $pictures->allow($quiltAlong, str_starts_with($from, 'own:') ? array_values(array_intersect($named, $own)) : $named);

        return redirect()->route('host.blocks', $quiltAlong)->with('status', __('start.started', ['name' => $quiltAlong->name]));
    }

    /**
     * @param  list<string>  $own  hashes of pictures that they have already
     *
     * @throws ValidationException when a file holds no design
     */
    private function design(StartRequest $request, DesignArchive $archive, array $own): DesignDocument
    {
        $from = $request->string('from')->value();
        $name = $request->string('name')->trim()->value();
        if ($from === 'blank') {
            $id = rtrim(substr(Str::slug($name), 0, self::LONGEST_ID), '-') ?: 'design';

            return BlankDesign::of($id, $name, $request->seam(), [
                'background' => __('start.blank.background'), 'main' => __('start.blank.main'), 'accent' => __('start.blank.accent'),
                'colourway' => __('start.blank.colourway'), 'small' => __('start.blank.small'), 'large' => __('start.blank.large'),
            ], $request->enum('units', Notation::class) ?? Notation::Fractions);
        }
        try {
            $given = DesignDocument::fromJson(match (true) {
                $from === 'file' => $this->uploaded($request->file('file'), $archive, $own),
                str_starts_with($from, 'own:') => OpenDraft::of(
                    QuiltAlong::hostedBy($request->user())->firstOrFail('slug', substr($from, 4)),
                )->document,
                default => (string) file_get_contents(database_path("designs/ready/$from.json")),
            });
            if ($from === 'file') {
                $given->refuseMisformed();
            }
        } catch (DocumentException|PictureRefused $error) {
            throw ValidationException::withMessages([
                'file' => __('start.errors.no_design', ['problem' => $this->problems($error)]),
            ]);
        }

        return $from === 'file' ? $given : DesignDocument::of(['title' => $name] + $given->value);
    }

    /** The first things that are wrong with a file, with their places. */
    private function problems(DocumentException|PictureRefused $error): string
    {
        $all = $error instanceof DocumentException ? array_map(Problems::complaint(...), $error->complaints) : [];
        $more = count($all) - self::PROBLEMS;

        return implode(' ', array_slice($all, 0, self::PROBLEMS)).($more > 0 ? ' '.trans_choice('start.errors.more', $more) : '')
            ?: Problems::of($error);
    }

    /**
     * The document in a file, or in an archive with its pictures.
     *
     * @param  list<string>  $own  hashes of pictures that they have already
     *
     * @throws PictureRefused when an archive cannot be taken
     */
    private function uploaded(mixed $file, DesignArchive $archive, array $own): string
    {
        $path = $file instanceof UploadedFile ? (string) $file->getRealPath() : '';
        $bytes = $path === '' ? '' : (string) file_get_contents($path, length: DesignDocument::LARGEST + 1);

        return DesignArchive::isOne($bytes) ? $archive->read($path, $own) : $archive->withPictures($bytes, [], $own);
    }
}
