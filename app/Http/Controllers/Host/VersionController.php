<?php

declare(strict_types=1);

namespace App\Http\Controllers\Host;

use App\Actions\Host\OpenDraft;
use App\Actions\Host\PublishDesign;
use App\Http\Controllers\Controller;
use App\Models\DesignVersion;
use App\Models\Draft;
use App\Models\QuiltAlong;
use App\Presentation\Host\DesignChanges;
use App\Presentation\Host\Workshop\ProofStudy;
use Dew\Core\Design\DesignReader;
use Dew\Core\Document\DocumentException;
use Dew\Core\Proof\Severity;
use Illuminate\Contracts\View\View;
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
            'proof' => ProofStudy::of(OpenDraft::design($draft)),
            'changes' => $last === null ? null : $this->between($last->document, $draft->document)->sentences(),
            'same' => $last !== null && $last->hash === hash('sha256', $draft->document),
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
        ]);
        $draft = OpenDraft::of($quiltAlong);
        if ($quiltAlong->publishedVersion?->hash === hash('sha256', $draft->document)) {
            throw ValidationException::withMessages(['publish' => __('workshop.publish_same')]);
        }
        $reason = trim((string) ($given['reason'] ?? ''));
        if ($reason === '' && ProofStudy::of(OpenDraft::design($draft))->count(Severity::Warning) > 0) {
            throw ValidationException::withMessages(['reason' => __('workshop.reason_needed')]);
        }
        try {
            $version = $publish($quiltAlong, $draft->document, [
                'name' => trim((string) ($given['name'] ?? '')) ?: null,
                'reason' => $reason === '' ? null : $reason,
                'user_id' => $this->person($request)->id,
            ]);
        } catch (DocumentException $error) {
            throw ValidationException::withMessages(['publish' => $error->getMessage()]);
        }

        return redirect()->route('host.versions', $quiltAlong)->with(
            'status',
            __('workshop.published_now', ['number' => $version->number]),
        );
    }

    private function between(string $old, string $new): DesignChanges
    {
        return DesignChanges::between(DesignReader::reading($old), DesignReader::reading($new));
    }
}
