<?php

declare(strict_types=1);

namespace Tests\Walk;

use App\Models\Project;
use App\Models\QuiltAlong;
use App\Models\User;
use Dew\Core\Design\DesignDocument;
use Dew\Core\Draft\DraftDocument;
use Dew\Core\Draft\Place;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Str;
use Tests\TestCase;

/**
 * Takes a design through Dew as its host and its members do: uploaded, split into clues, published, opened, read, cut, counted and printed.
 * Everything it meets has to answer.
 */
final class Walk
{
    /** What a host may look at once a design is published; the clues come besides. */
    private const HOST = [
        '', '/clues', '/design', '/design/cloth', '/design/blocks', '/design/clues', '/design/library', '/design/split', '/design/proof',
        '/design/file', '/design/versions', '/design/versions/1', '/design/published', '/people', '/history', '/kits', '/yardage', '/pressing',
        '/hands', '/settings', '/dates', '/kits/orders.csv',
    ];

    /** What a member may look at in any quilt. */
    private const MEMBER = [
        '', '/fabrics', '/values', '/quilt', '/kits', '/bench', '/bench/layout', '/bench/assembly', '/bench/borders',
        '/bench/back', '/bench/binding', '/bench/quilting', '/bench/left', '/cloth.csv', '/cloth.json', '/print/chart.pdf', '/print/bags.pdf',
        '/bench/layout.pdf', '/bench/assembly.pdf',
    ];

    /** Pages that are not there for every design. */
    private const MAY_BE_MISSING = '~/bench/(quilting|borders|back|binding|left|assembly)|/templates\.pdf|/bench/assembly\.pdf|/hands~';

    private const COMMANDS = ['dew:proof', 'dew:ledger', 'dew:plan', 'dew:cut', 'dew:press', 'dew:join', 'dew:borders', 'dew:yardage', 'dew:draw'];

    /** @var list<string> what did not answer */
    public array $broken = [];

    /** Why the design was not published; empty when it was. */
    public string $refused = '';

    public int $answered = 0;

    /** Counters that were counted up to all. */
    public int $counted = 0;

    /** Kilobytes of the heaviest page. */
    public float $heaviest = 0;

    /** @var array{float, string} seconds and address */
    public array $slowest = [0.0, ''];

    /** @param  bool  $whole  whether somebody at a second size looks on besides */
    public function __construct(private readonly TestCase $test, private readonly bool $whole)
    {
    }

    /** @param  array<string, mixed>  $design */
    public function of(array $design): void
    {
        $host = User::factory()->create();
        $this->test->actingAs($host)->post('/start', [
            'name' => (string) $design['title'], 'pace' => 'weekly', 'clue_word' => 'clue', 'zone' => 'UTC', 'units' => 'in', 'seam' => '1/4',
            'may_share' => '1', 'from' => 'file', 'file' => UploadedFile::fake()->createWithContent('design.json', (string) json_encode($design)),
        ]);
        $quiltAlong = QuiltAlong::query()->where('name', $design['title'])->first();
        if ($quiltAlong === null) {
            $this->refused = implode(' ', session('errors')?->all() ?? ['not started']);

            return;
        }
        $this->test->actingAs($host = $host->refresh());
        $page = "/host/$quiltAlong->slug";
        foreach (range(3, 6) as $clues) {
            $this->test->post("$page/design/split", ['clues' => $clues, 'secret' => 0, 'all' => 1]);
            if (session('warning') === null) {
                break;
            }
        }
        $this->test->post("$page/design/versions", ['reason' => 'First']);
        if ($quiltAlong->refresh()->published_version_id === null) {
            $this->refused = implode(' ', session('errors')?->all() ?? ['not published']);

            return;
        }
        $quiltAlong->clues()->update(['release_at' => now()->subHour(), 'zone' => 'UTC']);
        $document = DraftDocument::of(DesignDocument::fromJson($quiltAlong->publishedVersion->document));
        $this->hostPages($page, $document, count($document->items(Place::of('clues'))));
        $sizes = array_column($document->items(Place::of('sizes')), 'id');
        $last = $quiltAlong->clues()->count();
        foreach ($this->whole ? array_unique([$sizes[0], $sizes[count($sizes) - 1]]) : [$sizes[0]] as $index => $size) {
            $project = $this->test->project($quiltAlong, $size, colourway: 'c-one');
            $this->test->actingAs($project->user);
            // One reads after everything is counted, the other before anything is.
            if ($index === 0) {
                $this->count($project, $last);
            }
            $this->memberPages($project, $last);
        }
        $this->commands($quiltAlong->publishedVersion->document, (string) $sizes[0]);
    }

    private function hostPages(string $page, DraftDocument $document, int $clues): void
    {
        $more = [];
        foreach (['blocks' => 'blocks', 'units' => 'units', 'clues' => 'clues'] as $list => $under) {
            foreach ($document->items(Place::of($list)) as $item) {
                $more[] = "/design/$under/{$item['id']}";
            }
        }
        foreach (range(1, $clues) as $number) {
            $more[] = "/clues/$number";
            $more[] = "/clues/$number/templates.pdf";
        }
        foreach ([...self::HOST, ...$more] as $path) {
            $this->get($page.$path);
        }
    }

    private function memberPages(Project $project, int $clues): void
    {
        $more = [];
        foreach (range(1, $clues) as $number) {
            array_push($more, "/clues/$number", "/clues/$number/counters", "/clues/$number/mat", "/clues/$number/mat.pdf", "/clues/$number/templates.pdf");
        }
        foreach ([...self::MEMBER, ...$more] as $path) {
            $this->get("/q/$project->id$path");
        }
    }

    /** Counts everything of every clue as made. */
    private function count(Project $project, int $clues): void
    {
        foreach (range(1, $clues) as $number) {
            $page = (string) $this->test->get("/q/$project->id/clues/$number")->getContent();
            preg_match_all('/name="tap" value="(all [^"]*)"/', $page, $found);
            foreach ($found[1] as $tap) {
                $status = $this->test->post("/q/$project->id/clues/$number/taps", [
                    'id' => (string) Str::uuid(), 'tap' => html_entity_decode($tap),
                ])->getStatusCode();
                if ($status !== 302) {
                    $this->broken[] = "$status taps of $tap";
                }
                $this->counted++;
                $this->answered++;
            }
        }
    }

    private function get(string $path): void
    {
        $began = hrtime(true);
        $answer = $this->test->get($path);
        $seconds = (hrtime(true) - $began) / 1e9;
        if ($seconds > $this->slowest[0]) {
            $this->slowest = [$seconds, $path];
        }
        $status = $answer->getStatusCode();
        $this->answered++;
        $isFile = str_ends_with($path, '.pdf');
        if ($status !== 200 && ! ($status === 404 && preg_match(self::MAY_BE_MISSING, $path) === 1)) {
            $this->broken[] = "$status $path ".($answer->exception?->getMessage() ?? '');
        }
        $bytes = strlen((string) $answer->baseResponse->getContent());
        if (! $isFile && $bytes > 1_000_000) {
            $this->broken[] = "$path weighs $bytes bytes";
        }
        $this->heaviest = max($this->heaviest, $isFile ? 0 : $bytes / 1000);
    }

    private function commands(string $document, string $size): void
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'dew-walk');
        file_put_contents($file, $document);
        foreach (self::COMMANDS as $command) {
            $code = Artisan::call($command, ['file' => $file] + (in_array($command, ['dew:proof', 'dew:ledger', 'dew:yardage'], true) ? [] : ['--size' => $size]));
            $said = Artisan::output();
            $this->answered++;
            // A proof with warnings ends with 1; measured borders need what was measured.
            if ($code > 1 && $command !== 'dew:borders') {
                $this->broken[] = "$command ends with $code: ".substr($said, 0, 200);
            }
        }
        unlink($file);
    }
}
