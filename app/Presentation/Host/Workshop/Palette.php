<?php

declare(strict_types=1);

namespace App\Presentation\Host\Workshop;

use App\Drawing\Ink;
use Dew\Core\Draft\DraftDocument;
use Dew\Core\Draft\Place;

/** The fabrics of a draft in one of its colourways, for drawing. What has no cloth yet is grey. */
final readonly class Palette
{
    private const NONE = '#d5d8d3';

    /**
     * @param  array<string, array{
     *     letter: string, name: string, value: string, colour: string, ink: string, cloth: string, picture: string
     * }>  $fabrics  by id, in their order
     */
    private function __construct(
        public string $colourway,
        public array $fabrics,
    ) {
    }

    /** @param  string|null  $colourway  null, or one that is not there, for the first */
    public static function of(DraftDocument $document, ?string $colourway = null): self
    {
        $colourways = $document->items(Place::of('colourways'));
        $chosen = $colourways[0] ?? [];
        foreach ($colourways as $one) {
            $chosen = Place::idOf($one) === $colourway ? $one : $chosen;
        }
        $cloths = is_array($chosen['cloth'] ?? null) ? $chosen['cloth'] : [];
        $fabrics = [];
        foreach ($document->items(Place::of('fabrics')) as $fabric) {
            $id = (string) Place::idOf($fabric);
            $cloth = is_array($cloths[$id] ?? null) ? $cloths[$id] : [];
            $given = is_string($cloth['colour'] ?? null) ? $cloth['colour'] : '';
            $colour = preg_match('/^#[0-9a-f]{6}$/i', $given) === 1 ? $given : self::NONE;
            $text = fn (mixed $value): string => is_string($value) ? $value : '';
            $fabrics[$id] = [
                'letter' => $text($fabric['letter'] ?? ''),
                'name' => $text($fabric['name'] ?? $id),
                'value' => $text($fabric['value'] ?? ''),
                'colour' => $colour,
                'ink' => Ink::on($colour),
                'cloth' => $text($cloth['name'] ?? ''),
                'picture' => $text($cloth['picture'] ?? ''),
            ];
        }

        return new self((string) Place::idOf($chosen), $fabrics);
    }

    /**
     * The same cloth for the fabrics of another design.
     *
     * @param  array<string, string>  $fabrics  of this one, by those of the other
     */
    public function as(array $fabrics): self
    {
        return new self($this->colourway, array_map(fn (string $fabric): array => $this->fabrics[$fabric] ?? [
            'letter' => '?', 'name' => $fabric, 'value' => '', 'colour' => self::NONE, 'ink' => Ink::on(self::NONE), 'cloth' => '',
            'picture' => '',
        ], $fabrics));
    }

    public function colour(string $fabric): string
    {
        return $this->fabrics[$fabric]['colour'] ?? self::NONE;
    }

    /** What a patch is filled with: the picture of its cloth, where there is one, or its colour. */
    public function paint(string $fabric): string
    {
        if (str_starts_with($fabric, Look::PICTURE)) {
            return 'url(#picture-'.substr($fabric, strlen(Look::PICTURE)).')';
        }
        $picture = $this->fabrics[$fabric]['picture'] ?? '';

        return $picture === '' ? $this->colour($fabric) : "url(#cloth-$picture)";
    }

    public function ink(string $fabric): string
    {
        return $this->fabrics[$fabric]['ink'] ?? Ink::on(self::NONE);
    }

    public function letter(string $fabric): string
    {
        return $this->fabrics[$fabric]['letter'] ?? '?';
    }

    public function name(string $fabric): string
    {
        return $this->fabrics[$fabric]['name'] ?? $fabric;
    }
}
