<?php

declare(strict_types=1);

namespace App\Presentation\Member;

use App\Models\AssembledPart;
use App\Models\Project;
use App\Plans\MemberLayout;
use App\Wording\Figure;
use App\Wording\Sentence;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Measurement;
use Dew\Core\Sheet\LayoutSheet;
use Dew\Core\Top\Arrangement;
use Dew\Core\Top\JoinMethod;
use Dew\Core\Top\JoinPlan;
use Dew\Core\Top\TopPart;
use Dew\Core\Top\TopStage;

/** Joining a top stage by stage: what to do, what each part measures then, how it is pressed, and what is sewn already. */
final readonly class AssemblyPage
{
    public function __construct(private MemberLayout $layout)
    {
    }

    /** @return array<string, mixed>|null null while it is not open */
    public function of(Project $project): ?array
    {
        $sheet = $this->layout->sheet($project);
        if ($sheet === null) {
            return null;
        }
        $arrangement = $this->layout->arrangement($sheet, $this->layout->kept($project)->firstWhere('chosen', true));
        $plan = $this->layout->plan($project, $sheet, $arrangement);
        $sewn = AssembledPart::query()->where('project_id', $project->id)->pluck('part')->flip()->all();
        $labels = $arrangement->labels();
        $slanted = $sheet->kind === 'on-point';

        return [
            'methods' => array_map(fn (JoinMethod $method): string => $method->value, JoinPlan::methods($sheet)),
            'method' => $plan->method->value,
            'hint' => __('assembly.hints.'.($slanted ? 'diagonal' : $plan->method->value)),
            'lines' => __('assembly.lines.'.($slanted ? 'diagonal' : $plan->method->value)),
            'count' => $plan->count(),
            'done' => $this->done($plan, $sewn),
            'stages' => array_map(fn (TopStage $stage): array => [
                'title' => __('assembly.stage.'.$stage->code, ['border' => $sheet->borders[$stage->border ?? ''] ?? '']),
                'border' => $stage->border !== null,
                'labelled' => in_array($stage->code, ['rows', 'columns', 'quarters'], true),
                'done' => count(array_filter($stage->parts, fn (TopPart $part): bool => isset($sewn[$part->key]))),
                'parts' => array_map(fn (TopPart $part): array => [
                    'key' => $part->key,
                    'name' => __('assembly.part.'.$stage->code, ['number' => $part->number, 'joined' => $part->joined]),
                    'blocks' => $this->blocks($part, $sheet, $arrangement, $labels, $stage->code),
                    'pressed' => implode(' ', array_filter([$this->pressed($part, $sheet, $stage->code), $this->clashes($part, $sheet, $project)])),
                    'size' => $this->size($part, $project),
                    'sewn' => isset($sewn[$part->key]),
                ], $stage->parts),
            ], $plan->stages),
            'labels' => $labels,
        ];
    }

    /** @param  array<string, mixed>  $sewn  by the key of a part */
    private function done(JoinPlan $plan, array $sewn): int
    {
        $done = 0;
        foreach ($plan->stages as $stage) {
            foreach ($stage->parts as $part) {
                $done += isset($sewn[$part->key]) ? 1 : 0;
            }
        }

        return $done;
    }

    /** @param  list<string>  $labels */
    private function blocks(TopPart $part, LayoutSheet $sheet, Arrangement $arrangement, array $labels, string $stage): string
    {
        if (! in_array($stage, ['rows', 'columns', 'quarters'], true) || $part->places === []) {
            return '';
        }
        $blocks = array_map(
            fn (int $place): string => $labels[$place].' '.($sheet->names[$arrangement->laid[$place]->product] ?? '')
                .($arrangement->laid[$place]->turn === 0 ? '' : ' '.__('assembly.turned.'.$arrangement->laid[$place]->turn)),
            $part->places,
        );

        return implode(', ', $blocks);
    }

    private function pressed(TopPart $part, LayoutSheet $sheet, string $stage): string
    {
        return match (true) {
            $part->ways === [] => '',
            $part->ways === ['open'] => __('assembly.press_open'),
            $stage === 'border' && $part->toward !== null => __('assembly.press_'.$part->toward),
            $part->toward !== null => $part->toward === '' ? __('assembly.press_between')
                : __('assembly.press_block', ['block' => $sheet->names[rtrim($part->toward, "'")] ?? '']),
            count($part->ways) === 1 => __('assembly.press_way', ['way' => __('press.way.'.$part->ways[0])]),
            $part->rows !== [] => __('assembly.press_rows', ['rows' => Sentence::list($this->rows($part->rows))])
                .($part->each === [] ? '' : ' '.__('assembly.press_between_rows', ['ways' => Sentence::list($this->numbered($part->each))])),
            $part->each !== [] => __('assembly.press_each', ['ways' => Sentence::list($this->numbered($part->each))]),
            default => __('assembly.press_turns', ['ways' => Sentence::list(array_map(
                fn (string $way): string => __('press.way.'.$way), $part->ways,
            ))]),
        };
    }

    /**
     * @param  list<string>  $ways
     * @return list<string>
     */
    private function numbered(array $ways): array
    {
        return array_map(
            fn (string $way, int $index): string => __('assembly.press_seam', ['number' => $index + 1, 'way' => __('press.way.'.$way)]),
            $ways, array_keys($ways),
        );
    }

    /**
     * @param  list<list<string>>  $rows
     * @return list<string>
     */
    private function rows(array $rows): array
    {
        return array_map(fn (array $ways, int $index): string => __('assembly.press_row', ['number' => $index + 1, 'ways' => implode(', ', array_map(
            fn (string $way): string => __('press.way.'.$way), count(array_unique($ways)) === 1 ? [$ways[0]] : $ways,
        ))]), $rows, array_keys($rows));
    }

    /** Where two seams meet that lie the same way, as measured on the part from its raw edge; seams with the same places together. */
    private function clashes(TopPart $part, LayoutSheet $sheet, Project $project): string
    {
        $places = $seams = [];
        foreach ($part->clashes as [$seam, $inches]) {
            $places[$seam][] = Figure::rough(Length::approximately($inches)->plus($sheet->seam), $project->notation);
        }
        foreach ($places as $seam => $at) {
            $seams[Sentence::list($at)][] = (string) $seam;
        }
        $end = __('assembly.ends.'.match (true) {
            array_diff($part->ways, ['left', 'right']) === [] => 'top',
            array_diff($part->ways, ['up', 'down']) === [] => 'left',
            default => 'either',
        });
        $words = array_map(fn (array $numbers, string $at): string => trans_choice('assembly.clash_seams', count($numbers), [
            'seams' => Sentence::list($numbers), 'places' => $at, 'end' => $end,
        ]), $seams, array_keys($seams));

        return $words === [] ? '' : trans_choice('assembly.clash', count($part->clashes), ['seams' => implode('; ', $words)]);
    }

    private function size(TopPart $part, Project $project): ?string
    {
        $text = fn (Measurement $measure): string => Figure::text($measure, $project->notation);

        return match (true) {
            $part->measures !== null => __('assembly.measures', ['width' => $text($part->measures[0]), 'height' => $text($part->measures[1])]),
            $part->across !== null => __('assembly.measures_across', ['width' => $text($part->across)]),
            default => null,
        };
    }
}
