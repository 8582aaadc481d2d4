<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Presentation\Shared\StylePage;
use App\Wording\Figure;
use App\Wording\Problems;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\MeasureException;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Notation;
use Illuminate\Contracts\View\View as Page;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\View;
use Illuminate\Support\MessageBag;
use Illuminate\Support\ViewErrorBag;

/** The living style page: every component that screens are built from, on one made-up example, and a field that reads a length. */
final class StyleController extends Controller
{
    public function __invoke(Request $request): Page
    {
        $view = view('style', ['page' => StylePage::make(), 'reading' => null]);
        if (! $request->has('length')) {
            return $view;
        }
        try {
            $length = Measurement::exact(Length::parse($request->string('length')->value()));

            return $view->with(
                'reading',
                implode(' = ', array_map(fn (Notation $notation): string => Figure::text($length, $notation), Notation::cases())),
            );
        } catch (MeasureException $error) {
            View::share(
                'errors',
                (new ViewErrorBag)->put('default', new MessageBag(['length' => Problems::of($error)])),
            );

            return $view;
        }
    }
}
