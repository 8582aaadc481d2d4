<?php

declare(strict_types=1);

namespace App\Http\Controllers\Host;

use App\Actions\Host\BeginPublishing;
use App\Actions\Host\OpenDraft;
use App\Http\Controllers\Controller;
use App\Http\Requests\PublishRequest;
use App\Models\Correction;
use App\Models\DesignVersion;
use App\Models\Draft;
use App\Models\Publication;
use App\Models\QuiltAlong;
use App\Plans\Unreleased\Documents;
use App\Plans\Unreleased\OpenClueChange;
use App\Plans\Unreleased\OpenClueChanges;
use App\Presentation\Host\DesignChanges;
use App\Presentation\Host\OpenChangeView;
use App\Presentation\Host\PublicationView;
use App\Presentation\Host\Workshop\ProofStudy;
use Dew\Core\Design\DesignReader;
use Dew\Core\Document\DocumentException;
use Dew\Core\Proof\Severity;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\JsonResponse;
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
        $publication = self::last($quiltAlong);

        return view('workshop.versions', [
            'quiltAlong' => $quiltAlong,
            'versions' => $versions,
            'publication' => $publication === null ? null : PublicationView::of($publication),
            'proof' => ProofStudy::of(Documents::draft($draft), $quiltAlong),
            'changes' => $last === null ? null : $this->between($last->document, $draft->document)->sentences(),
            'same' => $last !== null && $last->hash === hash('sha256', $draft->document),
            'open' => $open = $this->open($quiltAlong, $draft),
            'effect' => PublicationView::effect($quiltAlong->id, array_values(array_map(
                fn (OpenChangeView $change): int => $change->number, array_filter($open, fn (OpenChangeView $change): bool => $change->mustBeTold),
            ))),
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
    public function store(PublishRequest $request, QuiltAlong $quiltAlong, BeginPublishing $begin): RedirectResponse
    {
        $given = $request->validated();
        $draft = OpenDraft::of($quiltAlong);
        if ($quiltAlong->publishedVersion?->hash === hash('sha256', $draft->document)) {
            throw ValidationException::withMessages(['publish' => __('workshop.publish_same')]);
        }
        if (isset($given['draft']) && (int) $given['draft'] !== $draft->number) {
            throw ValidationException::withMessages(['publish' => __('corrections.host.stale')]);
        }
        $reason = trim((string) ($given['reason'] ?? ''));
        if ($reason === '' && ProofStudy::of(Documents::draft($draft), $quiltAlong)->count(Severity::Warning) > 0) {
            throw ValidationException::withMessages(['reason' => __('workshop.reason_needed')]);
        }
        $publication = $begin($quiltAlong, $this->person($request), $draft->document, [
            'name' => trim((string) ($given['name'] ?? '')) ?: null,
            'reason' => $reason === '' ? null : $reason,
        ], $this->words($given));
        if ($publication->state === Publication::FAILED) {
            $field = $publication->field !== null && $request->has($publication->field) ? $publication->field : 'publish';
            throw ValidationException::withMessages([$field => (string) $publication->problem]);
        }

        return $this->back($quiltAlong, $publication);
    }

    /** How far the last publishing is, for the page that waits for it. */
    public function underWay(QuiltAlong $quiltAlong): JsonResponse
    {
        $publication = self::last($quiltAlong);

        return response()->json([
            'ready' => ! ($publication?->isUnderWay() ?? false),
            'says' => $publication === null ? '' : PublicationView::of($publication)->says,
        ]);
    }

    /** Takes back what waits to be published. */
    public function destroy(QuiltAlong $quiltAlong, int $number): RedirectResponse
    {
        $publication = Publication::query()->whereBelongsTo($quiltAlong)->findOrFail($number);
        $isUndone = Publication::query()->whereKey($publication->id)->where('state', Publication::WAITING)
            ->update(['state' => Publication::UNDONE, 'finished_at' => now()]) === 1;

        return redirect()->route('host.versions', $quiltAlong)->with(
            $isUndone ? 'status' : 'warning', __($isUndone ? 'publish.undone' : 'publish.too_late'),
        );
    }

    private function back(QuiltAlong $quiltAlong, Publication $publication): RedirectResponse
    {
        $to = redirect()->route('host.versions', $quiltAlong);

        return $publication->isUnderWay() ? $to : $to->with('status', __('workshop.published_now', [
            'number' => (int) $quiltAlong->versions()->max('number'),
        ]));
    }

    private static function last(QuiltAlong $quiltAlong): ?Publication
    {
        return Publication::query()->whereBelongsTo($quiltAlong)->latest('id')->first()?->settle();
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
