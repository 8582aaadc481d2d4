<?php

declare(strict_types=1);

use Dew\Core\Compile\Compiler;
use Dew\Core\Design\DesignReader;
use Dew\Core\Design\Task;
use Dew\Core\Unit\MethodChoices;

it('calls a variant by one name in all clues', function (string $name): void {
    $design = DesignReader::stored((string) file_get_contents(__DIR__."/../../database/designs/$name.json"));
    $shared = array_merge(...array_map(fn ($clue): array => array_map(
        fn (Task $task): string => $task->id, array_filter($clue->tasks, fn (Task $task): bool => $task->share !== null),
    ), array_values($design->clues)));
    $checked = 0;
    foreach (array_map(strval(...), array_keys($design->sizes)) as $size) {
        $names = [];
        foreach (array_map(strval(...), array_keys($design->clues)) as $clue) {
            foreach (Compiler::clueSheet($design, $size, $clue, MethodChoices::defaults($design->methods))->tasks as $task) {
                // A share says which part it is, and a block that is one unit is made under its own name.
                if (! in_array($task->task, $shared, true) && count($task->makes) === 1) {
                    $names[$task->makes[0]][$task->name] = true;
                }
                foreach ($task->drawing->names ?? [] as $key => $one) {
                    $names[$key][$one] = true;
                }
            }
        }
        foreach ($names as $key => $known) {
            expect($known)->toHaveCount(1, "$name $size $key: ".implode(' / ', array_keys($known)));
            $checked++;
        }
    }
    expect($checked)->toBeGreaterThan(0);
})->with(['night-ferry', 'kitchen-garden', 'block-library', 'warm-hands']);

it('leaves the made-up name of a variant where another has the name that its task gives', function (): void {
    $garden = json_decode((string) file_get_contents(__DIR__.'/../../database/designs/kitchen-garden.json'), true);
    $named = function (string $left) use ($garden): array {
        foreach ($garden['clues'] as &$clue) {
            foreach ($clue['tasks'] as &$task) {
                if ($task['id'] === 't-bean-left') {
                    $task['name'] = $left;
                }
            }
        }

        return DesignReader::read((string) json_encode($garden))->names;
    };
    expect($named('Bean, leaning left')['u-bean.m'])->toBe('Bean, leaning left')
        ->and($named('Bean, leaning left')['u-bean'])->toBe('Bean, leaning right')
        ->and($named('Bean, leaning right')['u-bean.m'])->toBe('Bean half-rectangle, mirrored');
});
