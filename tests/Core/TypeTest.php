<?php

declare(strict_types=1);

use Dew\Core\Document\Complaint;
use Dew\Core\Document\Complaints;
use Dew\Core\Document\DocumentException;
use Dew\Core\Document\Type\ChoiceType;
use Dew\Core\Document\Type\EitherType;
use Dew\Core\Document\Type\FlagType;
use Dew\Core\Document\Type\LengthType;
use Dew\Core\Document\Type\ListType;
use Dew\Core\Document\Type\MapType;
use Dew\Core\Document\Type\NamedType;
use Dew\Core\Document\Type\NothingType;
use Dew\Core\Document\Type\PatternType;
use Dew\Core\Document\Type\RecordType;
use Dew\Core\Document\Type\TextType;
use Dew\Core\Document\Type\Type;
use Dew\Core\Document\Type\WholeType;
use Opis\JsonSchema\Validator;

/** @return list<string> what a type says of a value */
function saidOf(Type $type, mixed $value): array
{
    $complaints = new Complaints;
    $type->check($value, '/at', $complaints);

    return array_map(fn (Complaint $complaint): string => said($complaint), $complaints->all());
}

/** @return array<string, array{Type, list<mixed>, list<mixed>}> types with what they take and what they do not */
function everyType(): array
{
    $record = new RecordType(['a' => new WholeType(1, 3), 'b' => new TextType(4)], ['b']);

    return [
        'whole number' => [new WholeType(1, 40), [1, 40, 7], [0, 41, 1.5, '3', null, true, []]],
        'text' => [new TextType(5), ['a', 'abcde', 'äöüéß'], ['', 'abcdef', 3, null, []]],
        'flag' => [new FlagType, [true, false], [0, 1, 'true', null]],
        'nothing' => [new NothingType, [null], [0, '', false, []]],
        'choice' => [ChoiceType::of('red', 'green'), ['red', 'green'], ['blue', '', 1, null]],
        'numbers to choose from' => [ChoiceType::of(0, 90), [0, 90], [45, '90', null]],
        'id' => [PatternType::id(), ['a', 'f-leaf-2'], ['', 'F', '2a', 'a b', 'a_b', str_repeat('a', 41), 3]],
        'colour' => [PatternType::colour(), ['#a0b1c2', '#ffffff'], ['#FFFFFF', 'a0b1c2', '#fff', 'red', 0]],
        'length' => [LengthType::positive(), ['3', '4 5/8', '2.5', '11 cm', '3 √2'], ['', '0', '-1', 'three', '1/0', 3, null]],
        'length or zero' => [LengthType::orZero(), ['0', '3 1/2'], ['-1', 'x', 0]],
        'list' => [new ListType(new WholeType(1, 3), 1, 2), [[1], [2, 3]], [[], [1, 2, 3], [4], ['a' => 1], 'x']],
        'map' => [new MapType(new WholeType(1, 3), ['x', 'y']), [['x' => 1], ['x' => 1, 'y' => 3]], [['z' => 1], ['x' => 4], [1, 2], 'x']],
        'record' => [
            $record,
            [['a' => 1], ['a' => 3, 'b' => 'text']],
            [['b' => 'text'], ['a' => 4], ['a' => 1, 'c' => 1], ['a' => 1, 'b' => 5], [1], 'x'],
        ],
        'either' => [new EitherType(new TextType(3), $record), ['abc', ['a' => 2]], ['abcd', ['a' => 9], 3, null]],
        'named' => [new NamedType('thing', new WholeType(1, 3)), [1, 3], [4, 'x']],
    ];
}

it('takes what it describes and complains of everything else, at its place', function (Type $type, array $good, array $bad): void {
    foreach ($good as $value) {
        expect(saidOf($type, $value))->toBe([]);
    }
    foreach ($bad as $value) {
        $said = saidOf($type, $value);
        expect($said)->not->toBe([], json_encode($value));
        foreach ($said as $sentence) {
            expect($sentence)->toStartWith('/at')->toMatch('/[.?]$/')->not->toContain('Array');
        }
    }
    expect($type->words())->not->toBe('');
})->with(everyType());

it('judges as its own JSON Schema does', function (Type $type, array $good, array $bad): void {
    $validator = new Validator;
    $schema = json_decode((string) json_encode($type instanceof NamedType ? $type->type->schema() : $type->schema()));
    $judge = fn (mixed $value): bool => $validator->validate(json_decode((string) json_encode($value)), $schema)->isValid();
    foreach ($good as $value) {
        expect($judge($value))->toBeTrue(json_encode($value));
    }
    foreach ($bad as $value) {
        // What a length may be is more than a pattern can say: zero and a divided zero are refused by the reader alone.
        if (! in_array($value, ['0', '1/0', 'three', 'x', '-1', ''], true) && $value !== []) {
            expect($judge($value))->toBeFalse(json_encode($value));
        }
    }
})->with(everyType());

it('says everything that is wrong in a list and in a record, each at its own place', function (): void {
    $type = new ListType(new RecordType(['id' => PatternType::id(), 'count' => new WholeType(1, 9)]), 1, 5);
    $said = saidOf($type, [['id' => 'A', 'count' => 0], ['id' => 'b', 'count' => 3], ['count' => 'x', 'size' => 1]]);
    expect(
        array_map(fn (string $sentence): string => strtok($sentence, ':'), $said),
    )->toBe(['/at/0/id', '/at/0/count', '/at/2', '/at/2/count', '/at/2']);
});

it('puts keys in the order of the description, those that mean nothing last, and ids of a map by themselves', function (): void {
    $record = new RecordType(['a' => new WholeType(1, 3), 'b' => new MapType(new WholeType(1, 3))], ['b']);
    expect(json_encode($record->ordered(['z' => 1, 'b' => ['y' => 1, 'x' => 2], 'a' => 1])))->toBe('{"a":1,"b":{"x":2,"y":1},"z":1}')
        ->and($record->ordered('text'))->toBe('text')
        ->and((new ListType($record, 0, 3))->ordered([['b' => [], 'a' => 1]]))->toEqual([['a' => 1, 'b' => new stdClass]]);
});

it('describes the likeliest of several when none fits', function (): void {
    $either = new EitherType(new TextType(3), new RecordType(['width' => new WholeType(1, 3), 'height' => new WholeType(1, 3)]));
    expect(saidOf($either, ['width' => 9, 'height' => 1]))->toHaveCount(1)
        ->and(saidOf($either, ['width' => 9, 'height' => 1])[0])->toStartWith('/at/width')
        ->and(saidOf($either, 4)[0])->toContain(' or ');
});

it('stops complaining after two hundred, and knows what was said already', function (): void {
    $complaints = new Complaints;
    foreach (range(1, 300) as $number) {
        $complaints->add("/list/$number", Dew\Core\Measure\Problem::said('is wrong.'));
    }
    expect($complaints->all())->toHaveCount(200)
        ->and($complaints->spoil('/list/3'))->toBeTrue()
        ->and($complaints->spoil('/list'))->toBeTrue()
        ->and($complaints->spoil('/list/3/deeper'))->toBeFalse()
        ->and($complaints->spoil('/list/30000'))->toBeFalse()
        ->and($complaints->isKnownAt('/list/3/deeper'))->toBeTrue()
        ->and($complaints->isKnownAt('/other'))->toBeFalse()
        ->and($complaints->isEmpty())->toBeFalse();
    $few = new Complaints;
    $few->add('/a', Dew\Core\Measure\Problem::said('means nothing.'), harmless: true);
    $few->addUnlessKnown(DocumentException::at('/a/b', 'is wrong.'));
    $few->addUnlessKnown(DocumentException::at('/c', 'is wrong.'));
    expect($few->spoil('/a'))->toBeFalse()->and(array_map(fn (Complaint $one): string => $one->pointer, $few->all()))->toBe(['/a', '/c']);
});
