<?php

declare(strict_types=1);

use Dew\Core\Document\DocumentException;
use Dew\Core\Document\Node;
use Dew\Core\Fabric\FabricValue;
use Dew\Core\Measure\Problem;
use Dew\Core\Unit\Kind\UnitLibrary;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\MethodChoices;

it('reads values as the types they must have', function (): void {
    $node = node('{"a/b": {"~": [1, "two", true, 2.5, "4 5/8", "#a1b2c3", "dark"]}}');
    $items = $node->get('a/b')->get('~')->items(10);

    expect($items[0]->integer(1, 1))->toBe(1)
        ->and($items[1]->string())->toBe('two')
        ->and($items[2]->boolean())->toBeTrue()
        ->and($items[3]->number())->toBe(2.5)
        ->and($items[4]->length()->encode())->toBe('37/8')
        ->and($items[5]->colour())->toBe('#a1b2c3')
        ->and($items[6]->enum(FabricValue::class))->toBe(FabricValue::Dark)
        ->and($items[1]->id())->toBe('two')
        ->and(node('""')->text())->toBe('')
        ->and(array_keys(node('{"x": 1, "y": 2}')->entries()))->toBe(['x', 'y'])
        ->and(node('{}')->entries())->toBe([])
        ->and($node->has('a/b'))->toBeTrue()->and($node->has('c'))->toBeFalse();
});

it('names the place, the value and what would be right', function (string $json, callable $read, string $message): void {
    expect(fn () => $read(node($json)))->toThrow(fn (DocumentException $error) => expect(said($error))->toContain($message));
})->with([
    [
        '{"a/b": {"~": "x"}}',
        fn (Node $node): int => $node->get('a/b')->get('~')->integer(1, 9),
        '/a~1b/~0: is "x"; it should be a whole number from 1 to 9.',
    ],
    ['[1, [2, 11]]', fn (Node $node): int => $node->get(1)->get(1)->integer(1, 9), '/1/1: is 11; it should be a whole number from 1 to 9.'],
    ['2.0', fn (Node $node): int => $node->integer(1, 9), 'is 2.0; it should be a whole number'],
    ['{"a": 1}', fn (Node $node): Node => $node->get('b'), 'The document has no "b".'],
    ['[]', fn (Node $node): array => $node->items(5, 1), 'holds 0 entries; it takes 1 to 5.'],
    ['[1, 2, 3]', fn (Node $node): array => $node->items(2), 'holds 3 entries; it takes 0 to 2.'],
    ['{"a": 1}', fn (Node $node): array => $node->items(2), 'is an object; it should be a list.'],
    ['[1]', fn (Node $node): array => $node->entries(), 'it should be an object.'],
    ['""', fn (Node $node): string => $node->string(), 'it should be a text of 1 to 200 characters.'],
    ['"abc"', fn (Node $node): string => $node->string(2), 'a text of 1 to 2 characters'],
    ['null', fn (Node $node): string => $node->text(), 'is null; it should be a text.'],
    ['"Not An Id"', fn (Node $node): string => $node->id(), 'an id of small letters, digits and hyphens'],
    ['"-x"', fn (Node $node): string => $node->id(), 'an id of small letters'],
    ['1', fn (Node $node): bool => $node->boolean(), 'true or false'],
    ['"1"', fn (Node $node): float => $node->number(), 'a number'],
    ['"0"', fn (Node $node) => $node->length(), 'a length here is above zero'],
    ['"4 5/0"', fn (Node $node) => $node->length(), 'divides by zero'],
    ['4.5', fn (Node $node) => $node->length(), 'a length written as text'],
    ['"blue"', fn (Node $node): string => $node->colour(), 'a colour such as "#1d2f4f"'],
    ['"pale"', fn (Node $node) => $node->enum(FabricValue::class), 'one of: light, medium, dark'],
    ['"'.'x'.'"', fn (Node $node) => throw $node->fail(Problem::said('is not wanted.')), 'The document is not wanted.'],
]);

it('shortens what it shows of a long value', function (): void {
    try {
        node('"'.str_repeat('long ', 400).'"')->colour();
        $this->fail('It was read.');
    } catch (DocumentException $error) {
        expect(mb_strlen(said($error)))->toBeLessThan(140);
    }
});

it('keeps method choices as departures from the defaults', function (): void {
    $choices = MethodChoices::defaults()
        ->with(UnitLibrary::kind('hst'), new Method('hst:eight'))
        ->with(UnitLibrary::kind('geese'), new Method('geese:flip'))
        ->with(UnitLibrary::kind('four-patch'), new Method('four-patch:squares'));

    expect($choices->signature())->toBe('four-patch:squares,geese:flip,hst:eight')
        ->and($choices->for(UnitLibrary::kind('hst')))->toEqual(new Method('hst:eight'))
        ->and($choices->for(UnitLibrary::kind('nine-patch')))->toEqual(new Method('nine-patch:strips'))
        ->and($choices->only(UnitLibrary::kind('geese'), UnitLibrary::kind('nine-patch'))->signature())->toBe('geese:flip')
        ->and($choices->only()->signature())->toBe('')
        ->and($choices->with(UnitLibrary::kind('geese'), new Method('geese:no-waste'))->signature())->toBe('four-patch:squares,hst:eight')
        ->and(fn () => $choices->with(UnitLibrary::kind('geese'), new Method('hst:two')))->toThrow(InvalidArgumentException::class);
});

it('gives every kind at least one method of its own, and every method one kind', function (): void {
    $kinds = [];
    foreach (UnitLibrary::all() as $kind) {
        foreach ($kind->methods() as $method) {
            $kinds[$method->value][] = $kind->value;
        }
    }
    // Halves out of a bag are no choice: a unit of them answers with that method.
    $kinds['striped-hst:halves'] = ['striped-hst'];
    expect(array_keys($kinds))->toEqualCanonicalizing(UnitLibrary::methodKeys());
    foreach ($kinds as $method => $users) {
        if ($method !== 'plain:cut') {
            expect($users)->toBe([explode(':', $method)[0]]);
        }
    }
});
