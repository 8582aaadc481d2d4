<?php

declare(strict_types=1);

use App\Models\KitRow;
use App\Models\Role;
use App\Models\StockRow;
use App\Support\OrderDesk;
use Dew\Core\Kits\KitKind;
use Dew\Core\Kits\KitOrder;
use Dew\Core\Measure\Length;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

beforeEach(function (): void {
    Storage::fake('local');
    config(['dew.demo' => true]);
    $this->quilt = $this->quiltAlong();
    $this->host = $this->person($this->quilt, Role::Owner);
    $this->project = $this->project($this->quilt);
    $this->page = "/host/{$this->quilt->slug}/kits";
    $this->actingAs($this->host);
});

function readOrders(TestCase $test, string $csv): TestResponse
{
    return $test->post("$test->page/file", ['file' => UploadedFile::fake()->createWithContent('orders.csv', $csv)]);
}

/** @return array<string, string> the boxes of some orders, ticked */
function boxesOf(TestCase $test, string ...$numbers): array
{
    return $test->quilt->kitRows()->whereIn('number', $numbers)->get()->mapWithKeys(fn (KitRow $row): array => ["order_$row->id" => '1'])->all();
}

const ORDERS = "number,name,email,kit,size,colourway,count\n1,Ada,,whole,s-crib,c-last-boat,2\n2,Bea,,whole,s-throw,c-last-boat,1\n"
    ."3,Cleo,,slot:f-deep,s-queen,c-last-boat,12\n";

it('reads orders from a file, keeps a reserve, and says what to cut from how many bolts', function (): void {
    $this->get($this->page)->assertOk()->assertSeeText('Nobody has ordered a kit yet.');
    readOrders($this, ORDERS)->assertRedirect($this->page)->assertSessionHas('status', '3 new, 0 changed.');
    // Two in a hundred of 1, 2 and 12 are one each, and one in ten of 12 are two.
    expect($this->quilt->kitRows()->where('origin', KitRow::RESERVE)->orderBy('count')->pluck('count')->all())->toBe([1, 1, 2]);
    $this->get("/host/{$this->quilt->slug}")->assertOk()->assertSeeText('19 kits are to be packed.');
    $page = $this->get($this->page)->assertOk()->assertSeeText('0 of 19 kits packed, 0 handed out.')->assertSeeText('Ada');
    // Fourteen and the whole kits take Deep water; no bolt holds more than 12 yards.
    expect((string) $page->getContent())->toMatch('/ink blue.*?[4-9] bolts/s');
    readOrders($this, str_replace('s-crib,c-last-boat,2', 's-crib,c-last-boat,3', ORDERS))->assertSessionHas('status', '0 new, 1 changed.');
    readOrders($this, str_replace('s-crib,c-last-boat,2', 's-crib,c-last-boat,3', ORDERS))->assertSessionHas('status', '0 new, 0 changed.');
});

it('leaves orders alone once they are packed, and says which', function (): void {
    readOrders($this, ORDERS);
    $this->put("$this->page/orders", [...boxesOf($this, '1', '2'), 'to' => 'packed'])->assertSessionHas('status', '2 orders were updated.');
    readOrders($this, str_replace('s-crib,c-last-boat,2', 's-crib,c-last-boat,9', ORDERS))
        ->assertSessionHas('status', '0 new, 0 changed. Left as they are, since they are packed: 1.');
    expect($this->quilt->kitRows()->where('number', '1')->value('count'))->toBe(2);
    $this->put("$this->page/orders", [...boxesOf($this, '1'), 'to' => 'handed_out'])->assertSessionHas('status');
    $this->get("$this->page?state=handed_out")->assertSeeText('Ada')->assertDontSeeText('Bea');
    $this->get("$this->page?state=packed")->assertSeeText('Bea')->assertDontSeeText('Ada');
    $this->put("$this->page/orders", [...boxesOf($this, '1'), 'to' => 'ordered']);
    expect($this->quilt->kitRows()->where('number', '1')->sole())->packed->toBe(0)->handed_out->toBe(0);
    $this->put("$this->page/orders", ['to' => 'packed'])->assertSessionHas('warning');
});

it('says what is wrong with a file of orders, line by line, and reads nothing of it', function (): void {
    readOrders($this, "number,kit,size,colourway\n1,whole,s-crib,c-last-boat\n2,half,s-huge,c-last-boat\n")->assertSessionHasErrors('file');
    $message = (string) session('errors')->first('file');
    expect($message)->toContain('Nothing was read.', '/3: names a size "s-huge"', '/3: names a kit "half"')
        ->and($this->quilt->kitRows()->count())->toBe(0);
    $this->post("$this->page/file", ['file' => 'x'])->assertSessionHasErrors(['file' => 'Choose a file of at most 1 MB.']);
});

it('fetches orders from the desk of the shop, and tells it how far they are', function (): void {
    $desk = app(OrderDesk::class);
    $order = fn (string $number, string $email): KitOrder => new KitOrder(
        $number, 'Mara', $email, KitKind::Whole, '', 's-throw', 'c-last-boat', 1,
    );
    $desk->place($this->quilt, $order('T-1', mb_strtoupper($this->project->user->email)));
    $desk->place($this->quilt, $order('T-2', 'stranger@x.example'));
    $this->post("$this->page/fetch")->assertSessionHas('status', '2 new, 0 changed.');
    $this->post("$this->page/fetch")->assertSessionHas('status', '0 new, 0 changed.');
    $this->put("$this->page/orders", [...boxesOf($this, 'T-1'), 'to' => 'packed']);
    expect($desk->told($this->quilt))->toBe(['T-1' => 'packed']);
    $this->get("/host/{$this->quilt->slug}/order-desk")->assertOk()->assertSeeText('T-2');
    // She is found by her address, and sees her kit.
    $this->actingAs($this->project->user)->get("/q/{$this->project->id}/kits")->assertSeeText('packed: ready to be picked up');
});

it('places an order at the simulated desk, and says what is wrong with one', function (): void {
    $desk = "/host/{$this->quilt->slug}/order-desk";
    $form = ['name' => 'Ada', 'email' => 'ada@x.example', 'kit' => 'whole', 'size' => 's-crib', 'colourway' => 'c-last-boat', 'count' => '2'];
    $this->post($desk, $form)->assertSessionHasNoErrors();
    foreach ([['kit' => 'half'], ['size' => 's-none'], ['count' => '0'], ['name' => ''], ['email' => 'no']] as $wrong) {
        $this->post($desk, [...$form, ...$wrong])->assertSessionHasErrors(array_key_first($wrong));
    }
    $this->get($desk)->assertSeeText('Ada');
    config(['dew.demo' => false]);
    $this->get($desk)->assertNotFound();
    $this->post("$this->page/fetch")->assertNotFound();
});

it('cuts what is on hand first, and says for what there is no room', function (): void {
    readOrders($this, ORDERS);
    $page = (string) $this->get($this->page)->getContent();
    preg_match('/name="hand_(\w+)"[^>]*aria-label="[^"]*ink blue"/', $page, $found);
    $this->put("$this->page/bolts", ['hand_'.$found[1] => '20, 1 1/2'])->assertSessionHasNoErrors();
    $this->get($this->page)->assertSeeText('Bolt 1, on hand')->assertSee('value="20, 1½"', false)->assertSeeText('The bolts on hand are too short for:');
    // The same in other units, and set apart by semicolons.
    $kept = fn (): array => array_map(fn (Length $length): string => $length->encode(), $this->quilt->fresh()->kitSettings()->hand[$found[1]]);
    $before = $kept();
    $this->put("$this->page/bolts", ['hand_'.$found[1] => '720 in; 1½ yd'])->assertSessionHasNoErrors();
    expect($kept())->toBe($before);
    $this->put("$this->page/bolts", ['hand_'.$found[1] => 'two bolts'])->assertSessionHasErrors("hand_$found[1]");
    $this->put("$this->page/bolts", ['hand_'.$found[1] => '0'])->assertSessionHasErrors("hand_$found[1]");
    expect($this->quilt->fresh()?->kitSettings()->hand[$found[1]])->toHaveCount(2);
});

it('saves what the shop offers, and says what to change', function (): void {
    $form = ['offered_whole' => '1', 'offered_slot' => '1', 'reserve' => '0', 'bolt' => '8'];
    $this->put($this->page, $form)->assertSessionHasNoErrors();
    expect($this->quilt->fresh()?->kitSettings())->offered->toBe([KitKind::Whole, KitKind::Slot])->reserve->toBe(0)->bolt->toFloat()->toBe(288.0);
    foreach ([['reserve' => '101'], ['bolt' => 'long'], ['bolt' => '-2']] as $wrong) {
        $this->put($this->page, [...$form, ...$wrong])->assertSessionHasErrors();
    }
});

it('saves all orders as a table that it reads again', function (): void {
    readOrders($this, ORDERS);
    $csv = (string) $this->get("$this->page/orders.csv")->assertOk()->assertHeader('Content-Type', 'text/csv; charset=utf-8')->getContent();
    expect($csv)->toContain('number,name,email,kit,size,colourway,count,packed,handed_out,origin', '3,Cleo,,slot:f-deep,s-queen,c-last-boat,12,0,0,file')
        ->not->toContain('reserve ');
    readOrders($this, $csv)->assertSessionHas('status', '0 new, 0 changed.');
});

it('lets a member order what is offered, once, and take it back until it is packed', function (): void {
    $kits = "/q/{$this->project->id}/kits";
    $this->actingAs($this->project->user);
    $this->get($kits)->assertOk()->assertSeeText('offers no kits');
    $form = ['form' => '01jd0000000000000000000000', 'kit' => 'whole', 'count' => '1'];
    $this->post($kits, $form)->assertSessionHasErrors(['kit' => 'Choose a kit from the list, and from 1 to 20 of them.']);
    $this->quilt->update(['kits' => ['offered' => ['whole', 'slot']]]);
    $this->post($kits, $form)->assertRedirect($kits);
    $this->post($kits, $form);
    $this->post($kits, [...$form, 'kit' => 'slot:f-deep']);
    expect(KitRow::query()->where('project_id', $this->project->id)->count())->toBe(2)
        ->and($this->quilt->kitRows()->where('origin', KitRow::RESERVE)->count())->toBe(2);
    foreach ([['kit' => 'slot:f-none'], ['kit' => 'clue:1'], ['count' => '21'], ['form' => 'x'], ['kit' => 'whole:x']] as $wrong) {
        $this->post($kits, [...$form, ...$wrong])->assertSessionHasErrors(array_key_first($wrong));
    }
    [$whole, $slot] = KitRow::query()->where('project_id', $this->project->id)->orderBy('id')->get()->all();
    $this->delete("$kits/$slot->id")->assertSessionHasNoErrors();
    expect($this->quilt->kitRows()->where('origin', KitRow::RESERVE)->count())->toBe(1);
    $this->actingAs($this->host)->put("$this->page/orders", ['order_'.$whole->id => '1', 'to' => 'packed']);
    $this->actingAs($this->project->user)->delete("$kits/$whole->id")
        ->assertSessionHasErrors(['order' => 'This kit is packed already. Ask the shop.']);
    $this->post("$kits/$whole->id/stock")->assertNotFound();
    $this->actingAs($this->host)->put("$this->page/orders", ['order_'.$whole->id => '1', 'to' => 'handed_out']);
    $this->actingAs($this->project->user)->post("$kits/$whole->id/stock")->assertRedirect($kits);
    $this->post("$kits/$whole->id/stock");
    expect(StockRow::query()->count())->toBe(5);
    $this->get("/q/{$this->project->id}/fabrics")->assertSeeText('from the kit');
    $other = $this->project($this->quilt);
    $this->actingAs($other->user)->post("/q/$other->id/kits/$whole->id/stock")->assertNotFound();
    $this->actingAs($other->user)->delete("/q/$other->id/kits/$whole->id")->assertNotFound();
});

it('shows what a kit of a clue holds once that is open, and names no clue before', function (): void {
    $this->quilt->update(['kits' => ['offered' => ['clue']]]);
    $kits = "/q/{$this->project->id}/kits";
    $this->actingAs($this->project->user);
    $page = (string) $this->get($kits)->assertSeeText('Clue 1')->assertSeeText('What it holds is shown once the clue is open.')->getContent();
    expect($page)->not->toContain('k-casting-off')->not->toContain('Casting off')->not->toContain("\u{a0}yd");
    $this->post($kits, ['form' => strtolower((string) Str::ulid()), 'kit' => 'clue:1', 'count' => '1'])->assertSessionHasNoErrors();
    expect((string) $this->get($kits)->getContent())->not->toContain('k-casting-off');
    $this->release($this->quilt);
    expect((string) $this->get($kits)->getContent())->toContain('B warm gold: ')->not->toContain('k-slack-water');
});

it('shows yardage, labels and the order of cutting to hosts alone', function (): void {
    readOrders($this, ORDERS);
    $base = "/host/{$this->quilt->slug}";
    $this->get("$base/yardage?size=s-queen")->assertOk()->assertSeeText('Queen')->assertSeeText('5 in squares')->assertSeeText('Binding: ');
    $this->get("$base/yardage?size=s-none")->assertOk();
    foreach (['labels', 'cutting'] as $print) {
        foreach (['letter', 'a4', 'none'] as $paper) {
            $pdf = (string) $this->get("$base/kits/$print.pdf?paper=$paper")->assertOk()->assertHeader('Content-Type', 'application/pdf')->getContent();
            expect(substr($pdf, 0, 5))->toBe('%PDF-')->and(strlen($pdf))->toBeGreaterThan(3000);
        }
    }
    $this->actingAs($this->person($this->quilt, Role::Helper));
    $this->get("$base/kits")->assertOk();
    $this->put("$base/kits", [])->assertForbidden();
    $this->actingAs($this->project->user);
    foreach (['kits', 'yardage', 'kits/labels.pdf', 'kits/cutting.pdf', 'kits/orders.csv', 'order-desk'] as $page) {
        $this->get("$base/$page")->assertNotFound();
    }
});

it('prints her chart, the labels of her bags and her cutting plan', function (): void {
    $this->release($this->quilt);
    $this->actingAs($this->project->user);
    $base = "/q/{$this->project->id}";
    foreach (['print/chart', 'print/bags', 'clues/1/mat'] as $print) {
        $pdf = (string) $this->get("$base/$print.pdf?paper=a4")->assertOk()->assertHeader('Content-Type', 'application/pdf')->getContent();
        expect(substr($pdf, 0, 5))->toBe('%PDF-')->and($pdf)->toContain('595.28');
    }
    expect((string) $this->get("$base/print/chart.pdf")->getContent())->toContain('612.');
    $this->get("$base/clues/2/mat.pdf")->assertNotFound();
});

it('keeps orders of a size that is designed no more, and says that they cannot be packed as designed', function (): void {
    readOrders($this, ORDERS);
    $this->quilt->kitRows()->where('number', '1')->update(['size_key' => 's-gone']);
    $this->get($this->page)->assertOk()->assertSeeText('The published design no longer has this size');
    $this->get("$this->page/labels.pdf")->assertOk();
});

it('answers the page of kits in few queries, with few orders and with many', function (): void {
    $lines = array_map(fn (int $number): string => "N$number,Person $number,,whole,s-throw,c-last-boat,1", range(1, 150));
    readOrders($this, "number,name,email,kit,size,colourway,count\n".implode("\n", $lines))->assertSessionHas('status', '150 new, 0 changed.');
    config(['cache.default' => 'database']);
    foreach (['cold', 'warm'] as $how) {
        DB::flushQueryLog();
        DB::enableQueryLog();
        $this->actingAs($this->host->fresh())->get($this->page)->assertOk();
        DB::disableQueryLog();
        expect(count(DB::getQueryLog()))->toBeLessThanOrEqual(12, "$how: ".implode("\n", array_column(DB::getQueryLog(), 'query')));
    }
});

it('shows hosts how the quilt is pressed, at any size and by any school', function (): void {
    $page = "/host/{$this->quilt->slug}/pressing";
    foreach (['', '?size=s-queen&school=open', '?size=s-none&school=none', '?school=bulk'] as $asked) {
        $this->get($page.$asked)->assertOk()->assertSeeText('crossings in the top')->assertSee('class="press-flag"', false);
    }
    $this->get("$page?school=open")->assertSeeText('Everything nests.');
    $this->actingAs($this->project->user)->get($page)->assertNotFound();
});

it('answers a member\'s page of kits in few queries, however many clues have kits', function (): void {
    $this->quilt->update(['kits' => ['offered' => ['whole', 'clue', 'slot']]]);
    foreach (range(1, 8) as $number) {
        $this->release($this->quilt, $number);
    }
    config(['cache.default' => 'database']);
    foreach (['cold', 'warm'] as $how) {
        DB::flushQueryLog();
        DB::enableQueryLog();
        $this->actingAs($this->project->user->fresh())->get("/q/{$this->project->id}/kits")->assertOk()->assertSeeText('Clue 8');
        DB::disableQueryLog();
        expect(count(DB::getQueryLog()))->toBeLessThanOrEqual(15, "$how: ".implode("\n", array_column(DB::getQueryLog(), 'query')));
    }
});

it('offers no kit of a pause, takes no order for one, and prints no label without cloth', function (): void {
    $document = json_decode(TestCase::document(), true);
    array_splice($document['clues'], 1, 0, [['id' => 'k-breath', 'kind' => 'pause', 'title' => 'Breathe', 'minutes' => 0, 'tasks' => []]]);
    app(App\Actions\Host\PublishDesign::class)($this->quilt, (string) json_encode($document));
    $this->quilt->refresh()->update(['kits' => ['offered' => ['clue']]]);
    $kits = "/q/{$this->project->id}/kits";
    $page = (string) $this->actingAs($this->project->user)->get($kits)->assertOk()->getContent();
    expect($page)->toContain('value="clue:1"')->not->toContain('value="clue:2"');
    $form = ['form' => strtolower((string) Str::ulid()), 'count' => '1'];
    $this->post($kits, [...$form, 'kit' => 'clue:2'])->assertSessionHasErrors('kit');
    readOrders($this->actingAs($this->host), "number,name,email,kit,size,colourway,count\n7,Ada,,clue:k-breath,s-crib,c-last-boat,1\n")
        ->assertSessionHasErrors('file');
    expect($this->quilt->kitRows()->count())->toBe(0);
    $this->get("/host/{$this->quilt->slug}/order-desk")->assertOk()->assertDontSee('clue:k-breath', false);

    // An order that was taken before the clue became a pause: nothing is packed, and no label is printed.
    $row = KitRow::query()->create([
        'quilt_along_id' => $this->quilt->id, 'project_id' => $this->project->id, 'number' => '8', 'name' => 'Bea', 'email' => '', 'kind' => KitKind::Clue,
        'part' => 'k-breath', 'size_key' => 's-throw', 'colourway_key' => 'c-last-boat', 'count' => 1, 'packed' => 1, 'handed_out' => 0, 'origin' => 'file',
    ]);
    $labels = $this->get("/host/{$this->quilt->slug}/kits/labels.pdf")->assertOk()->getContent();
    expect((string) $labels)->toStartWith('%PDF-');
    $tables = new App\Presentation\Host\KitTables($this->quilt->refresh(), app(App\Plans\Unreleased\KitRoom::class));
    expect($tables->cloths($row->order()))->toBe([]);
});

it('marks nothing as listed while the clue of a kit is not open', function (): void {
    $row = KitRow::query()->create([
        'quilt_along_id' => $this->quilt->id, 'project_id' => $this->project->id, 'number' => '9', 'name' => 'Mine', 'email' => '', 'kind' => KitKind::Clue,
        'part' => 'k-casting-off', 'size_key' => 's-throw', 'colourway_key' => 'c-last-boat', 'count' => 1, 'packed' => 1, 'handed_out' => 1,
        'origin' => 'file',
    ]);
    $kits = "/q/{$this->project->id}/kits";
    $this->actingAs($this->project->user)->post("$kits/$row->id/stock")->assertSessionHasErrors('kit');
    expect($row->fresh()->stocked_at)->toBeNull()->and(StockRow::query()->count())->toBe(0);
    $this->release($this->quilt);
    $this->post("$kits/$row->id/stock")->assertSessionHasNoErrors();
    expect($row->fresh()->stocked_at)->not->toBeNull()->and(StockRow::query()->count())->toBeGreaterThan(0);
});
