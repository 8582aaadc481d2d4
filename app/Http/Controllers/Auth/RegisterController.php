<?php

declare(strict_types=1);

namespace App\Http\Controllers\Auth;

use App\Http\Controllers\Controller;
use App\Http\Requests\RegisterRequest;
use App\Models\User;
use Illuminate\Contracts\View\View;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Hash;
use Illuminate\Validation\ValidationException;

final class RegisterController extends Controller
{
    public function create(): View
    {
        return view('auth.register');
    }

    public function store(RegisterRequest $request): RedirectResponse
    {
        try {
            $person = User::query()->create(Arr::only($request->validated(), ['name', 'email', 'password']));
        } catch (UniqueConstraintViolationException) {
            // The same form was sent twice at the same moment, or somebody else was faster.
            $person = User::query()->where('email', $request->string('email')->value())->firstOrFail();
            if (! Hash::check($request->string('password')->value(), $person->password)) {
                throw ValidationException::withMessages(['email' => __('validation.unique')]);
            }
        }
        Auth::login($person);
        $request->session()->regenerate();

        return redirect()->intended(route('home'));
    }
}
