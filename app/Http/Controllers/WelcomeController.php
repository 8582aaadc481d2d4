<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

final class WelcomeController extends Controller
{
    public function __invoke(Request $request): View|RedirectResponse
    {
        return $request->user() === null ? view('welcome') : redirect()->route('home');
    }
}
