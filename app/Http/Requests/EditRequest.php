<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Support\Placeholder;
use Dew\Core\Draft\EditRefused;
use Dew\Core\Measure\LengthParser;
use Dew\Core\Measure\Problem;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Str;
use JsonException;

/**
 * An edit of a draft as a page sends it. The edit is JSON in one field; where it holds a place to fill ({@see Placeholder}) the field of that name
 * is put in.
 */
final class EditRequest extends FormRequest
{
    private const LARGEST = 500_000;

    private const DEEPEST = 64;

    private const LONGEST = 10_000;

    /** @var list<string> new ids, in the order in which the edit asks for them */
    private array $made = [];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'id' => ['nullable', 'uuid'],
            'action' => ['nullable', 'in:edit,undo,redo'],
            'number' => ['nullable', 'integer', 'min:1', 'max:2000000000'],
            'edit' => ['nullable', 'string', 'max:'.self::LARGEST],
            'view' => ['nullable', 'string', 'max:20'],
            'of' => ['nullable', 'string', 'max:60'],
            'known' => ['nullable', 'string', 'max:4000'],
        ];
    }

    public function editId(): string
    {
        return $this->string('id')->isEmpty() ? (string) Str::uuid() : $this->string('id')->lower()->value();
    }

    public function action(): string
    {
        return $this->string('action', 'edit')->value() ?: 'edit';
    }

    public function entry(): ?int
    {
        return $this->filled('number') ? $this->integer('number') : null;
    }

    /** The id of the first thing that the edit makes; null when it makes none. */
    public function made(): ?string
    {
        return $this->made[0] ?? null;
    }

    /**
     * @return array<array-key, mixed>
     *
     * @throws EditRefused when it is no JSON object, or a field in it is missing or too long
     */
    public function edit(): array
    {
        try {
            $edit = json_decode($this->string('edit')->value(), true, self::DEEPEST, JSON_THROW_ON_ERROR);
        } catch (JsonException) {
            $edit = null;
        }
        if (! is_array($edit)) {
            throw new EditRefused(Problem::said(__('workshop.no_edit')));
        }

        $resolved = $this->resolved($edit);

        return is_array($resolved) ? $resolved : [];
    }

    /**
     * A value with its places filled in. What is filled in with nothing is left out, of a list as of an object; an object of which nothing
     * is left is left out itself.
     *
     * @throws EditRefused
     */
    private function resolved(mixed $value): mixed
    {
        if (is_string($value) && str_starts_with($value, Placeholder::SIGN)) {
            return $this->field(substr($value, strlen(Placeholder::SIGN)));
        }
        if (! is_array($value) || $value === []) {
            return $value;
        }
        $resolved = [];
        foreach ($value as $key => $inner) {
            $filled = $this->resolved($inner);
            if ($filled !== null || $inner === null) {
                $resolved[$key] = $filled;
            }
        }

        return match (true) {
            array_is_list($value) => array_values($resolved),
            $resolved === [] => null,
            default => $resolved,
        };
    }

    /** @throws EditRefused */
    private function field(string $name): mixed
    {
        [$name, $type] = [...explode(':', $name, 2), 'text'];
        if ($name === 'id') {
            return $this->made[] = $type.'-'.Str::lower(Str::random(6));
        }
        $given = $this->input($name);
        $text = is_scalar($given) ? trim((string) $given) : '';
        if (mb_strlen($text) > self::LONGEST) {
            throw new EditRefused(Problem::said(__('workshop.too_long', ['most' => self::LONGEST])));
        }

        return match ($type) {
            'int' => preg_match('/^\d{1,6}$/', $text) === 1 ? (int) $text : throw new EditRefused(Problem::said(__(
                'workshop.whole_number',
                ['given' => $text],
            ))),
            'count' => $text === '' ? null : $this->field($name.':int'),
            'flag' => in_array($text, ['1', 'true', 'on'], true),
            'json' => self::decoded($text),
            'list' => array_values(array_filter(LengthParser::texts($text), fn (string $part): bool => $part !== '')),
            'size' => self::size($text),
            'shape' => self::shape($text),
            'optional' => $text === '' ? null : $text,
            default => $text,
        };
    }

    /** @throws EditRefused */
    private static function decoded(string $text): mixed
    {
        try {
            return $text === '' ? null : json_decode($text, true, self::DEEPEST, JSON_THROW_ON_ERROR);
        } catch (JsonException) {
            throw new EditRefused(Problem::said(__('workshop.no_edit')));
        }
    }

    /**
     * A side, or two of them with a cross or "by" between.
     *
     * @return string|array{width: string, height: string}|null
     */
    private static function size(string $text): string|array|null
    {
        $sides = array_map(trim(...), preg_split('/\s*(?:×|x|by)\s*/iu', $text) ?: []);

        return match (true) {
            $text === '' => null,
            count($sides) === 2 => ['width' => $sides[0], 'height' => $sides[1]],
            default => $text,
        };
    }

    /**
     * Corners, one a line: "1 1/2, 3"; and between two of them "arc 3" or "arc 3 left" for an edge that bends that way.
     *
     * @return list<array<string, mixed>>
     *
     * @throws EditRefused naming the line that cannot be read
     */
    private static function shape(string $text): array
    {
        $shape = [];
        foreach (array_values(array_filter(array_map(trim(...), explode("\n", $text)), fn (string $line): bool => $line !== '')) as $line) {
            $shape[] = match (true) {
                preg_match('/^arc\s+(.+?)(\s+left)?$/i', $line, $arc) === 1 => ['arc' => $arc[1], 'clockwise' => ! isset($arc[2])],
                preg_match('/^([^,]+),([^,]+)$/', $line, $corner) === 1 => ['x' => trim($corner[1]), 'y' => trim($corner[2])],
                default => throw new EditRefused(Problem::said(__('workshop.no_corner', ['line' => $line]))),
            };
        }

        return $shape;
    }
}
