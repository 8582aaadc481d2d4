<?php

declare(strict_types=1);

namespace App\Presentation\Host\Workshop\Page;

use App\Models\Draft;
use App\Models\User;
use App\Pictures\DesignArchive;
use App\Plans\Unreleased\Documents;
use App\Presentation\Host\Workshop\View;

/** Shows a page of the workshop, with the bar for undoing and the cloth that its drawings are filled with. */
final class Workshop
{
    /** @var array<string, class-string<WorkshopPage>> by the name that browsers ask for them by */
    private const PAGES = [
        'quilt' => QuiltPage::class,
        'cloth' => ClothPage::class,
        'blocks' => BlocksPage::class,
        'block' => BlockPage::class,
        'unit' => UnitPage::class,
        'clues' => CluesPage::class,
        'clue' => DraftCluePage::class,
        'proof' => ProofPage::class,
    ];

    /** @return View|null null when there is no such page, or nothing that it could show */
    public function view(Draft $draft, User $person, string $name, string $of): ?View
    {
        $page = self::PAGES[$name] ?? null;
        $view = $page === null ? null : (new $page)->view($draft->quiltAlong, Documents::draft($draft), $of);
        if ($view === null) {
            return null;
        }
        $panels = ['bar' => view('workshop.bar', ['undo' => $draft->lastStanding($person), 'redo' => $draft->lastUndone($person)])];
        $pictures = DesignArchive::named($draft->document);
        if ($pictures !== []) {
            $panels['cloths'] = view('workshop.cloths', ['quiltAlong' => $draft->quiltAlong, 'pictures' => $pictures]);
        }

        return new View($view->name, $view->of, $view->title, [
            ...array_map(fn ($panel): string => trim($panel->render()), $panels), ...$view->panels,
        ]);
    }
}
