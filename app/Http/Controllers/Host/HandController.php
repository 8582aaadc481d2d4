<?php

declare(strict_types=1);

namespace App\Http\Controllers\Host;

use App\Actions\HandRefused;
use App\Actions\Host\DealParts;
use App\Http\Controllers\Controller;
use App\Http\Requests\DealPartsRequest;
use App\Http\Requests\HandPartRequest;
use App\Http\Requests\ListPartsRequest;
use App\Models\HandPart;
use App\Models\QuiltAlong;
use App\Models\User;
use App\Plans\Unreleased\HandRoom;
use App\Presentation\Host\HandsPage;
use App\Wording\Problems;
use Carbon\CarbonImmutable;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\MeasureException;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

/** A quilt by many hands: who has what, dealing out, and what came back. */
final class HandController extends Controller
{
    public function index(QuiltAlong $quiltAlong, HandRoom $room, HandsPage $page): View
    {
        if ($quiltAlong->published_version_id === null) {
            return view('host.unpublished', ['quiltAlong' => $quiltAlong, 'place' => 'hands', 'title' => __('hands.title')]);
        }
        $sizes = $room->announcement($quiltAlong)->sizes;

        return isset($sizes[$quiltAlong->hands_size])
            ? view('host.hands', ['quiltAlong' => $quiltAlong, 'sizes' => $sizes] + $page->of($quiltAlong))
            : view('host.hands-begin', ['quiltAlong' => $quiltAlong, 'sizes' => $sizes]);
    }

    /** Lists the parts of a size. */
    public function store(ListPartsRequest $request, QuiltAlong $quiltAlong, DealParts $deal): RedirectResponse
    {
        $size = (string) $request->validated()['size'];

        return $this->done($quiltAlong, fn () => $deal->list($quiltAlong, $size), __('hands.done.list'));
    }

    public function deal(DealPartsRequest $request, QuiltAlong $quiltAlong, DealParts $deal): RedirectResponse
    {
        $asked = $request->validated();
        $revisions = [];
        foreach ($request->request->all() as $field => $value) {
            if (preg_match('/^part_([1-9][0-9]{0,15})$/', (string) $field, $found) === 1 && is_string($value)) {
                $revisions[(int) $found[1]] = (int) $value;
            }
        }
        $to = User::query()->find((int) $asked['to']);

        return $this->done($quiltAlong, function () use ($deal, $quiltAlong, $revisions, $to, $asked, $request): void {
            if ($to === null) {
                throw new HandRefused('no_member');
            }
            $due = isset($asked['due']) ? CarbonImmutable::createFromFormat('!Y-m-d', $asked['due']) : null;
            $deal->deal(
                $quiltAlong,
                $revisions,
                $to,
                $due instanceof CarbonImmutable ? $due : null,
                trim((string) ($asked['pack'] ?? '')),
                $this->by($request),
            );
        }, __('hands.done.deal', ['name' => $to->name ?? '']));
    }

    public function update(HandPartRequest $request, QuiltAlong $quiltAlong, int $part, DealParts $deal): RedirectResponse
    {
        $held = HandPart::query()->where('quilt_along_id', $quiltAlong->id)->findOrFail($part);
        $asked = $request->validated();
        [$revision, $words, $by] = [(int) $asked['revision'], trim((string) ($asked['words'] ?? '')), $this->by($request)];

        return $this->done($quiltAlong, function () use ($deal, $held, $asked, $revision, $words, $by): ?string {
            // What was measured already and is only decided on is not measured again.
            $isDecided = $asked['do'] === 'accept_small';
            $isAccepted = true;
            match ($asked['do']) {
                'accept', 'accept_small' => $isAccepted = $deal->accept(
                    $held, $revision, $this->length($isDecided ? $held->measured_width : $held->asked_width, $asked['width'] ?? '', 'width'),
                    $this->length($isDecided ? $held->measured_height : $held->asked_height, $asked['height'] ?? '', 'height'), $by, $words,
                    $isDecided,
                ),
                'remark' => $deal->remark($held, $revision, $by, $words),
                default => $deal->withdraw($held, $revision, $by, $words),
            };

            return $isAccepted ? null : __('hands.done.measured', ['part' => $held->label]);
        }, __('hands.done.'.$asked['do'], ['part' => $held->label]));
    }

    /** What she measured; what was asked where she wrote nothing. */
    private function length(?Length $asked, string $written, string $field): Length
    {
        try {
            $length = trim($written) === '' && $asked !== null ? $asked : Length::parse(trim($written));
        } catch (MeasureException $error) {
            throw ValidationException::withMessages([$field => Problems::of($error)]);
        }
        if (! $length->isPositive() || ($asked !== null && $length->minus($asked)->absolute()->isGreaterThan(Length::inches(4)))) {
            throw ValidationException::withMessages([$field => __('hands.wrong.measure')]);
        }

        return $length;
    }

    private function by(Request $request): User
    {
        return $request->user() ?? abort(403);
    }

    /**
     * @param  callable(): mixed  $do  gives what to say instead, where it says something
     * @param  string  $says  what was done
     */
    private function done(QuiltAlong $quiltAlong, callable $do, string $says): RedirectResponse
    {
        try {
            $instead = $do();
        } catch (HandRefused $refused) {
            throw ValidationException::withMessages(['hands' => $refused->sentence()]);
        }

        return redirect()->route('host.hands', $quiltAlong)->with('status', is_string($instead) ? $instead : $says);
    }
}
