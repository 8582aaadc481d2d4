<?php

declare(strict_types=1);

namespace Dew\Core\Design;

use Dew\Core\Document\Complaint;
use Dew\Core\Document\Complaints;
use Dew\Core\Document\DocumentException;
use Dew\Core\Document\Node;
use Dew\Core\Measure\Problem;
use JsonException;
use stdClass;

/** A design document as it was given, in the newest format. It is kept whatever is wrong with it: every key and value is written again. */
final readonly class DesignDocument
{
    /** Bytes; the largest design we can imagine is a tenth of it. */
    public const LARGEST = 2_000_000;

    private const DEEPEST = 64;

    /** @param  array<string, mixed>  $value  objects as arrays; an object without keys as an stdClass */
    private function __construct(
        public array $value,
        public string $text,
    ) {
    }

    /** @throws DocumentException when the text is no JSON object, or of a format that is not known */
    public static function fromJson(string $json): self
    {
        if (strlen($json) > self::LARGEST) {
            throw DocumentException::at('', 'document.too_large', ['bytes' => strlen($json), 'most' => self::LARGEST]);
        }
        try {
            $decoded = json_decode($json, false, self::DEEPEST, JSON_THROW_ON_ERROR);
        } catch (JsonException $error) {
            throw DocumentException::at('', 'document.no_json', ['problem' => Problem::of($error)]);
        }

        return new self(Migration::toNewest(Node::of(self::arrays($decoded))), $json);
    }

    /**
     * A document that was put together in memory, in the newest format.
     *
     * @param  array<array-key, mixed>  $value  objects as arrays
     */
    public static function of(array $value): self
    {
        $named = [];
        foreach ($value as $name => $part) {
            $named[(string) $name] = $part;
        }
        $document = new self($named, '');

        return new self($named, $document->write());
    }

    /** The document's root, to be read from. */
    public function node(): Node
    {
        return Node::of($this->value);
    }

    /** What does not have the form that the format asks for. */
    public function check(Complaints $complaints): void
    {
        DesignFormat::document()->check($this->value, '', $complaints);
    }

    /**
     * Refuses a document in which something is of a type that the format does not have there. What is only missing yet, or means nothing
     * here, may stay: a draft is drawn up bit by bit.
     *
     * @throws DocumentException with every place that is wrong
     */
    public function refuseMisformed(): void
    {
        $complaints = new Complaints;
        $this->check($complaints);
        $wrong = array_values(array_filter($complaints->all(), fn (Complaint $complaint): bool => $complaint->misformed));
        if ($wrong !== []) {
            throw DocumentException::of($wrong);
        }
    }

    /**
     * The document's canonical bytes: keys in the order of the format, ids of maps sorted, two spaces of indentation, no escapes that are
     * not needed, one line feed at the end. Documents that say the same in the same words have the same bytes, so those can be hashed and
     * compared.
     */
    public function write(): string
    {
        $flags = JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION;
        $text = json_encode(DesignFormat::document()->ordered($this->value), $flags);

        // Four spaces at the beginning of a line, and every four that follow them.
        return preg_replace('/(?:^|\G) {4}/m', '  ', $text)."\n";
    }

    private static function arrays(mixed $value): mixed
    {
        if ($value instanceof stdClass) {
            $value = (array) $value;

            return $value === [] ? new stdClass : array_map(self::arrays(...), $value);
        }

        return is_array($value) ? array_map(self::arrays(...), $value) : $value;
    }
}
