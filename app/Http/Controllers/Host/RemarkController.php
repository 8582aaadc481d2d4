<?php

declare(strict_types=1);

namespace App\Http\Controllers\Host;

use App\Http\Controllers\Controller;
use App\Http\Requests\AnswerRequest;
use App\Http\Requests\RemarkRequest;
use App\Http\Requests\SewnRequest;
use App\Models\QuiltAlong;
use App\Models\TestRemark;
use Illuminate\Http\RedirectResponse;

/** What testers say of a step or a number of a clue, and the answers of those who draw up the design. */
final class RemarkController extends Controller
{
    public function store(RemarkRequest $request, QuiltAlong $quiltAlong, int $number): RedirectResponse
    {
        $clue = $quiltAlong->clues()->where('number', $number)->firstOrFail();
        $given = $request->validated();
        TestRemark::query()->create([
            'quilt_along_id' => $quiltAlong->id,
            'user_id' => $this->person($request)->id,
            'clue_key' => $clue->key,
            'task_key' => $given['task'] ?? null,
            'place' => $given['place'],
            'size' => $given['size'],
            'words' => trim((string) $given['words']),
        ]);

        return redirect()->to(url()->previous(route('host.clues.show', [$quiltAlong, $number])).'#remarks')->with(
            'status',
            __('remarks.left'),
        );
    }

    /** A tester sewed a task, and it came out as the clue says; said again, it is taken back. */
    public function sewn(SewnRequest $request, QuiltAlong $quiltAlong, int $number, string $task): RedirectResponse
    {
        $clue = $quiltAlong->clues()->where('number', $number)->firstOrFail();
        $given = $request->validated();
        $about = [
            'quilt_along_id' => $quiltAlong->id, 'user_id' => $this->person($request)->id, 'clue_key' => $clue->key, 'task_key' => $task,
            'size' => $given['size'], 'sewn' => true,
        ];
        $taken = TestRemark::query()->where($about)->delete();
        if ($taken === 0) {
            TestRemark::query()->create($about + ['place' => $given['place'], 'words' => '', 'answered_at' => now()]);
        }

        return redirect()->to(url()->previous(route('host.clues.show', [$quiltAlong, $number])).'#remarks');
    }

    public function update(AnswerRequest $request, QuiltAlong $quiltAlong, int $remark): RedirectResponse
    {
        $given = $request->validated();
        TestRemark::query()->where('quilt_along_id', $quiltAlong->id)->findOrFail($remark)->update([
            'answer' => trim((string) $given['answer']), 'answered_at' => now(), 'answered_by' => $this->person($request)->id,
        ]);

        return redirect()->to(route('host.proof', $quiltAlong).'#remarks')->with('status', __('remarks.answered'));
    }
}
