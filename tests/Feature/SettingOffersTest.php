<?php

declare(strict_types=1);

require_once __DIR__.'/drafts.php';

use App\Models\Role;

it('lets a host say how seams are pressed, what members may do with the layout, and what else the blocks make', function (): void {
    $quilt = $this->quiltAlong();
    $host = $this->person($quilt, Role::Owner);
    $this->actingAs($host)->get("/host/{$quilt->slug}/design")->assertOk()->assertSee('setting-arrange')->assertSee('pressing-school');
    sendEdit($host, $quilt, ['kind' => 'set', 'place' => 'setting/arrange', 'to' => 'swap'])->assertOk();
    sendEdit($host, $quilt, ['kind' => 'set', 'place' => 'pressing', 'to' => ['school' => 'side']])->assertOk();
    $runner = ['id' => 'o-runner', 'name' => 'Table runner', 'pattern' => [['b-lantern', 'b-lantern']]];
    sendEdit($host, $quilt, ['kind' => 'together', 'edits' => [
        ['kind' => 'set', 'place' => 'setting/also', 'to' => []], ['kind' => 'add', 'to' => 'setting/also', 'item' => $runner],
    ]])->assertOk();
    sendEdit($host, $quilt, ['kind' => 'set', 'place' => 'setting/also/o-runner/pattern', 'expect' => $runner['pattern'],
        'to' => [['b-lantern', 'b-propeller']]])->assertOk();
    $document = documentOf($quilt)->value;
    expect($document['setting']['arrange'])->toBe('swap')->and($document['pressing'])->toBe(['school' => 'side'])
        ->and($document['setting']['also'][0]['pattern'])->toBe([['b-lantern', 'b-propeller']]);
    $this->get("/host/{$quilt->slug}/design")->assertSee('also-o-runner-0-1');
});
