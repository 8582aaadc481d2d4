<?php

declare(strict_types=1);

use Tests\Walk\Walk;
use Tests\Walk\WalkDesign;

/** The seeds of the designs: twelve as a rule, as many as DEW_WALK says by `bin/dew test walk`. */
function walkSeeds(): array
{
    $asked = (string) getenv('DEW_WALK');

    return preg_match('/^(\d+)-(\d+)$/', $asked, $found) === 1 ? range((int) $found[1], (int) $found[2]) : [1, 2, 3, 5, 6, 8, 10, 12, 13, 14, 19, 20];
}

/** Counts what was published, of how many. */
function walked(?bool $published = null): array
{
    static $counts = [0, 0];
    if ($published !== null) {
        $counts = [$counts[0] + (int) $published, $counts[1] + 1];
    }

    return $counts;
}

it('takes what its proof calls clean through every page, print and command', function (int $seed): void {
    $began = hrtime(true);
    $walk = new Walk($this, (bool) getenv('DEW_WALK'));
    $walk->of(WalkDesign::of($seed));
    walked($walk->refused === '');
    if (getenv('DEW_WALK')) {
        fwrite(STDERR, sprintf(
            "walk %d: %s, %d answers, %d counters, %.1f s, heaviest page %d kB, slowest %.1f s %s %s\n",
            $seed, $walk->refused === '' ? 'published' : "refused: $walk->refused", $walk->answered, $walk->counted,
            (hrtime(true) - $began) / 1e9, $walk->heaviest, $walk->slowest[0], preg_replace('~^/(q|host)/[^/]+~', '', $walk->slowest[1]),
            implode(' | ', $walk->broken),
        ));
    }
    expect($walk->broken)->toBe([])
        ->and($walk->refused !== '' || ($walk->answered > 60 && $walk->counted > 0))->toBeTrue();
})->with(fn (): array => walkSeeds());

it('publishes at least five of six of them', function (): void {
    [$published, $of] = walked();
    expect(6 * $published)->toBeGreaterThanOrEqual(5 * $of)->and($of)->toBe(count(walkSeeds()));
});
