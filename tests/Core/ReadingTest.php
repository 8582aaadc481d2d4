<?php

declare(strict_types=1);

use Dew\Core\Design\DesignDocument;
use Dew\Core\Design\DesignFormat;
use Dew\Core\Design\DesignReader;
use Dew\Core\Document\Complaint;
use Opis\JsonSchema\Validator;

/**
 * A document with faults in several places, far apart.
 *
 * @return array<string, mixed>
 */
function faulty(): array
{
    $document = json_decode(smallJson(), true);
    $document['fabrics'][1]['value'] = 'gloomy';
    $document['units'][0]['fabrics'] = ['f-a', 'f-z'];
    $document['units'][2]['finished']['width'] = 'three';
    $document['blocks'][0]['cells'][1]['turn'] = 45;
    $document['sizes'][0]['colums'] = 2;
    $document['clues'][0]['tasks'][0]['id'] = 'Not An Id';

    return $document;
}

/** @return list<string> */
function pointersOf(array $complaints): array
{
    return array_map(fn (Complaint $complaint): string => $complaint->pointer, $complaints);
}

it('says everything that is wrong with a document at once', function (): void {
    $reading = DesignReader::reading(json_encode(faulty(), JSON_THROW_ON_ERROR));
    expect(pointersOf($reading->complaints))->toContain(
        '/fabrics/1/value', '/units/0/fabrics/1', '/units/2/finished/width', '/blocks/0/cells/1/turn', '/sizes/0', '/clues/0/tasks/0/id',
    );
    foreach ($reading->complaints as $complaint) {
        expect(said($complaint))->toStartWith($complaint->pointer)->and(strlen(said($complaint->problem)))->toBeGreaterThan(10);
    }
    // A refusal carries all of them too.
    expect(count(refusal(json_encode(faulty(), JSON_THROW_ON_ERROR))->complaints))->toBe(count($reading->complaints));
});

it('keeps a document with faults and writes it again as it was', function (): void {
    $reading = DesignReader::reading(json_encode(faulty(), JSON_THROW_ON_ERROR));
    $written = $reading->document->write();
    $expected = faulty();
    $again = json_decode($written, true);
    expect($again)->toEqual($expected)
        ->and(DesignReader::reading($written)->document->write())->toBe($written)
        ->and(pointersOf(DesignReader::reading($written)->complaints))->toBe(pointersOf($reading->complaints));
});

it('reads a document with faults as far as it goes', function (): void {
    // A key that means nothing and a fault in one task leave the rest of the design as it is.
    $document = json_decode(smallJson(), true);
    $document['sizes'][0]['colour'] = 'red';
    $reading = DesignReader::reading(json_encode($document, JSON_THROW_ON_ERROR));
    expect(pointersOf($reading->complaints))->toBe(['/sizes/0'])
        ->and(array_keys($reading->design?->units ?? []))->toBe(['u-hst', 'u-plain', 'u-lean'])
        ->and($reading->design?->sizes)->toHaveCount(1);
    expect(fn () => DesignReader::read(json_encode($document, JSON_THROW_ON_ERROR)))->toThrow(Dew\Core\Document\DocumentException::class);
});

it('says of each kind of value what should stand there', function (array $path, mixed $value, string $pointer, string $words): void {
    $document = json_decode(smallJson(), true);
    $place = &$document;
    foreach ($path as $key) {
        $place = &$place[$key];
    }
    $place = $value;
    $found = null;
    foreach (DesignReader::reading(json_encode($document, JSON_THROW_ON_ERROR))->complaints as $complaint) {
        $found = $complaint->pointer === $pointer ? said($complaint->problem) : $found;
    }
    expect($found)->not->toBeNull("nothing is said of $pointer")->toContain($words);
})->with([
    'a number for a text' => [['title'], 3, '/title', 'text'],
    'a text that is empty' => [['title'], '', '/title', ''],
    'a text that is too long' => [['units', 0, 'name'], str_repeat('a', 61), '/units/0/name', '60'],
    'an object for a list' => [['units'], ['a' => 1], '/units', 'list'],
    'a list for an object' => [['setting'], [1, 2], '/setting', 'object'],
    'an empty list' => [['sizes'], [], '/sizes', '1'],
    'a fraction for a whole number' => [['sizes', 0, 'columns'], 2.5, '/sizes/0/columns', 'whole number'],
    'a number out of its bounds' => [['sizes', 0, 'rows'], 61, '/sizes/0/rows', '60'],
    'a text for a whole number' => [['clues', 0, 'minutes'], 'ten', '/clues/0/minutes', 'whole number'],
    'a text for yes or no' => [['later'], ['size' => 'yes'], '/later/size', 'true or false'],
    'a number for a length' => [['units', 0, 'finished'], 3, '/units/0/finished', 'length'],
    'nonsense for a length' => [['seam'], 'a lot', '/seam', 'a lot'],
    'nothing for a length' => [['seam'], '0', '/seam', '0'],
    'a choice that is none' => [['units', 0, 'kind'], 'origami', '/units/0/kind', 'hst'],
    'an id with capitals' => [['units', 0, 'id'], 'U-Hst', '/units/0/id', 'small letters'],
    'an id that stands twice' => [['units', 1, 'id'], 'u-hst', '/units/1/id', 'u-hst'],
    'a key that is missing' => [
        ['units', 0],
        ['id' => 'u-hst', 'name' => 'X', 'kind' => 'hst', 'finished' => '3'],
        '/units/0',
        '"fabrics"',
    ],
    'null for an object' => [['blocks', 0], null, '/blocks/0', 'object'],
    'a width of a border the size does not have' => [['sizes', 0, 'border_widths'], ['r-x' => '2'], '/sizes/0/border_widths', '"r-x"'],
]);

it('refuses documents that end in an exception elsewhere, with words', function (array $change, string $words): void {
    expect(said(refusal(smallJson($change))))->toContain($words);
})->with([
    'a size at which the pattern leaves no block' => [
        [
            'setting' => ['kind' => 'straight', 'pattern' => [[null, 'b-one']]],
            'sizes' => [['id' => 's', 'name' => 'S', 'columns' => 1, 'rows' => 1]],
        ],
        'leaves no block at this size',
    ],
    'a usable width of two seams with a long border' => [
        [
            'usable_width' => '1/2',
            'setting' => ['kind' => 'straight', 'pattern' => [['b-one']], 'borders' => [['id' => 'r', 'width' => '3', 'fabric' => 'f-c']]],
        ],
        'wider cloth',
    ],
]);

it('publishes a schema that judges as the reader does', function (): void {
    $validator = new Validator;
    $schema = json_decode((string) file_get_contents(dirname(__DIR__, 2).'/docs/design.schema.json'));
    $judge = fn (string $json): bool => $validator->validate(json_decode($json), $schema)->isValid();
    foreach (['night-ferry', 'kitchen-garden', 'block-library'] as $name) {
        expect($judge(designFile($name)))->toBeTrue($name);
    }
    expect($judge(smallJson()))->toBeTrue()->and($judge(json_encode(faulty(), JSON_THROW_ON_ERROR)))->toBeFalse();
    foreach ([
        ['sizes' => []], ['seam' => 3], ['title' => ''], ['units' => [['id' => 'u']]], ['later' => ['size' => 'yes']], [
            'fabrics' => [['id' => 'F', 'letter' => 'A', 'name' => 'a', 'value' => 'light']],
        ],
        ['methods' => ['hst' => 4]], ['clues' => [['id' => 'k', 'title' => 'K', 'minutes' => -1, 'tasks' => []]]], ['nonsense' => 1],
    ] as $change) {
        $json = smallJson($change);
        expect($judge($json))->toBeFalse($json)
            ->and(DesignReader::reading($json)->complaints)->not->toBe([]);
    }
});

it('brings format 2 up to date: corners as a list, stated cuts with their method, letters of their own', function (): void {
    $old = json_decode(smallJson(), true);
    $old['dew'] = 2;
    $old['fabrics'][2]['letter'] = 'A';
    $old['units'][0]['stated'] = ['cut' => ['first' => '3 7/8']];
    $old['units'][] = [
        'id' => 'u-bowl',
        'name' => 'Bowl',
        'kind' => 'corners',
        'finished' => ['width' => '3', 'height' => '3'],
        'fabrics' => ['f-a', 'f-b'],
        'corners' => ['top-left' => '1', 'bottom-right' => '1 1/2'],
    ];
    $old['blocks'][0]['stated'] = ['unfinished' => '6 1/2'];
    $new = DesignReader::read(json_encode($old, JSON_THROW_ON_ERROR));
    $value = $new->document->value;
    expect($value['dew'])->toBe(3)
        ->and($value['units'][3]['corners'])->toBe([['at' => 'top-left', 'leg' => '1'], ['at' => 'bottom-right', 'leg' => '1 1/2']])
        ->and($value['units'][0]['stated'])->toBe(['method' => 'hst:two', 'cut' => ['first' => '3 7/8']])
        ->and($value['blocks'][0]['stated'])->toBe(['unfinished' => '6 1/2'])
        ->and(array_column($value['fabrics'], 'letter'))->toBe(['A', 'B', 'A2'])
        ->and(DesignReader::read($new->document->write())->document->write())->toBe($new->document->write());
});

it('does not trip over an old document of any shape', function (mixed $units): void {
    $old = [...json_decode(smallJson(), true), 'dew' => 2, 'units' => $units];
    expect(DesignReader::reading(json_encode($old, JSON_THROW_ON_ERROR))->complaints)->not->toBe([]);
})
    ->with(
        [
            [null],
            ['text'],
            [3],
            [[null]],
            [['text']],
            [[['kind' => 4, 'corners' => 3, 'stated' => true]]],
            [[['kind' => 'corners', 'corners' => ['x' => []]]]],
            [[[]]],
        ],
    );

it('reads a stored document without checking its form, and comes to the same design', function (string $name): void {
    $checked = DesignReader::read(designFile($name));
    $stored = DesignReader::stored($checked->document->write());
    expect(array_keys($stored->units))->toBe(array_keys($checked->units))
        ->and($stored->names)->toBe($checked->names)
        ->and($stored->document->write())->toBe($checked->document->write());
})->with(['night-ferry', 'kitchen-garden', 'block-library']);

it('describes every key of the format once', function (): void {
    $schema = DesignFormat::schema();
    expect(array_keys($schema['$defs']))->toContain('unit', 'block', 'setting', 'size', 'clue', 'piece', 'stated', 'variants')
        ->and($schema['properties']['dew'])->toBe(['const' => 3])
        ->and($schema['additionalProperties'])->toBeFalse();
    $guide = (string) file_get_contents(dirname(__DIR__, 2).'/docs/design-format.md');
    foreach ([$schema, ...array_values($schema['$defs'])] as $type) {
        foreach (array_keys($type['properties'] ?? []) as $key) {
            expect(preg_match("/[`{ ,\"]$key\\b/", $guide))->toBe(1, "the guide does not speak of $key");
        }
    }
});

it('finds what stands where in a document that it keeps', function (): void {
    $document = DesignDocument::fromJson(smallJson());
    expect($document->node()->get('units')->get(0)->get('kind')->text())->toBe('hst')
        ->and($document->text)->toBe(smallJson());
});
