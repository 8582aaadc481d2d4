<?php

declare(strict_types=1);

namespace App\Http\Controllers\Host;

use App\Actions\Host\KeepHistory;
use App\Actions\Host\OpenDraft;
use App\Actions\Host\PublishDesign;
use App\Http\Controllers\Controller;
use App\Models\Correction;
use App\Models\DesignVersion;
use App\Models\Draft;
use App\Models\QuiltAlong;
use App\Plans\Whole\OpenClueChange;
use App\Plans\Whole\OpenClueChanges;
use App\Presentation\Host\DesignChanges;
use App\Presentation\Host\OpenChangeView;
use App\Presentation\Host\Workshop\ProofStudy;
use Dew\Core\Design\DesignReader;
use Dew\Core\Document\DocumentException;
use Dew\Core\Proof\Severity;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

/** Published versions, what changed between them, and publishing the draft as the next one. */
final class VersionController extends Controller
{
    private const HISTORY = 60;

    public function index(QuiltAlong $quiltAlong): View
    {
        $draft = OpenDraft::of($quiltAlong);
        $versions = $quiltAlong->versions()->with('user')->orderByDesc('number')->get();
        $last = $versions->first();

        return view('workshop.versions', [
            'quiltAlong' => $quiltAlong,
            'versions' => $versions,
            'proof' => ProofStudy::of(OpenDraft::design($draft), $quiltAlong),
            'changes' => $last === null ? null : $this->between($last->document, $draft->document)->sentences(),
            'same' => $last !== null && $last->hash === hash('sha256', $draft->document),
            'open' => $this->open($quiltAlong, $draft),
            'corrections' => $this->corrections($quiltAlong),
            'draft' => $draft->number,
            'history' => $draft->edits()->with('user')->orderByDesc('number')->limit(self::HISTORY)->get(),
        ]);
    }

    /** What changed from one version to another, or to the draft. */
    public function show(Request $request, QuiltAlong $quiltAlong, int $number): View
    {
        $old = $quiltAlong->versions()->where('number', $number)->firstOrFail();
        $to = $request->string('to')->value();
        $new = preg_match('/^[1-9]\d{0,5}$/', $to) !== 1 ? null : $quiltAlong->versions()->where('number', (int) $to)->firstOrFail();

        return view('workshop.comparison', [
            'quiltAlong' => $quiltAlong,
            'old' => $old,
            'new' => $new,
            'versions' => $quiltAlong->versions()->orderBy('number')->get(['id', 'number', 'name']),
            'changes' => $this->between(
                $old->document,
                $new instanceof DesignVersion ? $new->document : OpenDraft::of($quiltAlong)->document,
            ),
        ]);
    }

    /** @throws ValidationException when the draft cannot be published as it stands */
    public function store(Request $request, QuiltAlong $quiltAlong, PublishDesign $publish): RedirectResponse
    {
        $given = $request->validate([
            'name' => ['nullable', 'string', 'max:80'], 'reason' => ['nullable', 'string', 'max:2000'],
            'draft' => ['nullable', 'integer', 'min:0', 'max:2000000000'],
            ...$this->fields($quiltAlong),
        ]);
        $draft = OpenDraft::of($quiltAlong);
        if ($quiltAlong->publishedVersion?->hash === hash('sha256', $draft->document)) {
            throw ValidationException::withMessages(['publish' => __('workshop.publish_same')]);
        }
        if (isset($given['draft']) && (int) $given['draft'] !== $draft->number) {
            throw ValidationException::withMessages(['publish' => __('corrections.host.stale')]);
        }
        $reason = trim((string) ($given['reason'] ?? ''));
        if ($reason === '' && ProofStudy::of(OpenDraft::design($draft), $quiltAlong)->count(Severity::Warning) > 0) {
            throw ValidationException::withMessages(['reason' => __('workshop.reason_needed')]);
        }
        try {
            $version = $publish($quiltAlong, $draft->document, [
                'name' => trim((string) ($given['name'] ?? '')) ?: null,
                'reason' => $reason === '' ? null : $reason,
                'user_id' => $this->person($request)->id,
            ], $this->words($given), (int) $quiltAlong->published_version_id);
        } catch (DocumentException $error) {
            $clue = preg_match('~^/clues/(\d+)$~', $error->pointer, $found) === 1 ? 'say_'.((int) $found[1] + 1) : null;
            throw ValidationException::withMessages([
                ...$clue !== null && $request->has($clue) ? [$clue => $error->problem] : ['publish' => $error->getMessage()],
            ]);
        }

        $told = Correction::query()->where('design_version_id', $version->id)->with('clue')->get()
            ->map(fn (Correction $correction): int => $correction->clue->number)->sort();
        KeepHistory::write($quiltAlong, $this->person($request), $told->isEmpty() ? 'published' : 'corrected', [
            'number' => $version->number, 'numbers' => $told->implode(', '),
        ]);

        return redirect()->route('host.versions', $quiltAlong)->with(
            'status',
            __('workshop.published_now', ['number' => $version->number]),
        );
    }

    /** @return array<string, list<string>> rules of the fields in which the host says what was wrong, one for each open clue */
    private function fields(QuiltAlong $quiltAlong): array
    {
        $rules = [];
        foreach ($quiltAlong->clues()->opened()->pluck('number') as $number) {
            $rules["say_$number"] = ['nullable', 'string', 'max:2000'];
        }

        return $rules;
    }

    /**
     * @param  array<string, mixed>  $given
     * @return array<int, string> what the host says was wrong, by the number of the clue
     */
    private function words(array $given): array
    {
        $words = [];
        foreach ($given as $field => $value) {
            if (preg_match('/^say_(\d+)$/', $field, $found) === 1 && is_string($value) && trim($value) !== '') {
                $words[(int) $found[1]] = trim($value);
            }
        }

        return $words;
    }

    /** @return list<OpenChangeView> what publishing the draft would change in open clues; nothing while it cannot be read as a whole */
    private function open(QuiltAlong $quiltAlong, Draft $draft): array
    {
        $published = $quiltAlong->publishedVersion;
        if ($published === null || $published->hash === hash('sha256', $draft->document)) {
            return [];
        }
        try {
            $new = DesignReader::read($draft->document);
            $changes = OpenClueChanges::kept($quiltAlong, $published->document, $draft->document);
        } catch (DocumentException) {
            return [];
        }

        return array_map(
            fn (OpenClueChange $change): OpenChangeView => OpenChangeView::of($change, $quiltAlong, $new),
            $changes,
        );
    }

    /** @return Collection<int, Correction> newest first, each with how many quilts it touches and how many makers have read it */
    private function corrections(QuiltAlong $quiltAlong): Collection
    {
        return Correction::query()
            ->where('quilt_along_id', $quiltAlong->id)
            ->with('clue', 'user', 'version')
            ->withCount(['marks', 'marks as read_count' => fn ($query) => $query->whereNotNull('seen_at')])
            ->orderByDesc('id')
            ->get();
    }

    private function between(string $old, string $new): DesignChanges
    {
        return DesignChanges::between(DesignReader::reading($old), DesignReader::reading($new));
    }
}
