<?php

declare(strict_types=1);

namespace Dew\Core\Design;

use Dew\Core\Document\DocumentException;
use Dew\Core\Document\Node;
use Dew\Core\Words\ClueKind;
use Dew\Core\Words\ClueWords;
use Dew\Core\Words\HostTool;
use Dew\Core\Words\Illustration;
use Dew\Core\Words\Link;
use Dew\Core\Words\MachineSetting;
use Dew\Core\Words\Note;
use Dew\Core\Words\Preparation;
use Dew\Core\Words\StepChange;

/** Reads what a clue says besides what is worked out. */
final readonly class WordsReader
{
    private const MANY = 100;

    /**
     * @param  list<string>  $sizes  ids
     * @param  list<string>  $colourways  ids
     */
    public function __construct(
        private array $sizes,
        private array $colourways,
    ) {
    }

    /**
     * @param  list<string>  $tasks  ids of the tasks of the clue
     *
     * @throws DocumentException
     */
    public function words(Node $clue, array $tasks): ClueWords
    {
        $text = fn (string $key): string => $clue->has($key) ? $clue->get($key)->text() : '';

        return new ClueWords(
            $text('closing'),
            $this->each($clue, 'notes', $this->note(...)),
            $this->each($clue, 'pictures', fn (Node $node): Illustration => new Illustration(
                $node->get('id')->id(), $node->get('picture')->string(), $node->get('text')->text(),
            )),
            $clue->has('link') ? new Link($clue->get('link')->get('address')->string(400), $clue->get('link')->get('text')->text()) : null,
            $this->each($clue, 'tools', $this->tool(...)),
            $this->each($clue, 'machine', $this->setting(...)),
            $text('recap'),
            $clue->has('cautions') ? array_map(fn (Node $node): string => $node->string(), $clue->get('cautions')->items(self::MANY)) : [],
            $this->each($clue, 'steps', fn (Node $node): StepChange => $this->step($node, $tasks)),
            $clue->has('kind') ? $clue->get('kind')->enum(ClueKind::class) : ClueKind::Usual,
        );
    }

    /** @throws DocumentException */
    public function preparation(Node $root): Preparation
    {
        $node = $root->has('prepare') ? $root->get('prepare') : null;

        return $node === null ? new Preparation : new Preparation(
            $node->has('text') ? $node->get('text')->text() : '',
            $this->each($node, 'tools', $this->tool(...)),
        );
    }

    private function tool(Node $node): HostTool
    {
        return new HostTool(
            $node->get('id')->id(), $node->get('name')->text(), $node->has('at_least') ? $node->get('at_least')->length() : null,
        );
    }

    private function note(Node $node): Note
    {
        foreach (['size' => $this->sizes, 'colourway' => $this->colourways] as $key => $known) {
            if ($node->has($key) && ! in_array($node->get($key)->id(), $known, true)) {
                throw $node->get($key)->fail('design.no_such_thing', ['thing' => $key]);
            }
        }

        return new Note(
            $node->get('id')->id(),
            $node->get('text')->text(),
            $node->has('size') ? $node->get('size')->id() : null,
            $node->has('colourway') ? $node->get('colourway')->id() : null,
        );
    }

    private function setting(Node $node): MachineSetting
    {
        $text = fn (string $key): string => $node->has($key) ? $node->get($key)->text() : '';

        return new MachineSetting(
            $node->get('id')->id(), $node->get('stage')->text(), $text('needle'), $text('stitch'), $text('foot'), $text('thread'),
        );
    }

    /** @param  list<string>  $tasks */
    private function step(Node $node, array $tasks): StepChange
    {
        if (! in_array($node->get('task')->id(), $tasks, true)) {
            throw $node->get('task')->fail('design.no_task');
        }
        $what = $node->get('what')->string();
        if ($what !== StepChange::ADD && ! $node->has('step')) {
            throw $node->fail('design.needs_step');
        }

        return new StepChange(
            $node->get('id')->id(),
            $node->get('task')->id(),
            $what,
            $node->has('step') ? $node->get('step')->string() : null,
            $node->get('text')->text(),
        );
    }

    /**
     * @template T
     *
     * @param  callable(Node): T  $read
     * @return list<T>
     */
    private function each(Node $clue, string $key, callable $read): array
    {
        return $clue->has($key) ? array_map($read, $clue->get($key)->items(self::MANY)) : [];
    }
}
