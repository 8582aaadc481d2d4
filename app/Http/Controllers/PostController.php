<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Hosts;
use App\Models\Post;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Symfony\Component\HttpFoundation\IpUtils;

/**
 * The simulated post tray, in demo mode. Somebody signed in reads her own mail. Somebody signed out (waiting for a password link, say) may
 * name the address, but only on the machine Dew runs on and not through a proxy.
 */
final class PostController extends Controller
{
    public function index(Request $request): View
    {
        $person = $request->user();
        $address = $person === null ? $this->askedAddress($request) : $person->email;

        return view('post.index', [
            'address' => $address,
            'mayAsk' => $person === null && $this->isThisMachine($request),
            'posts' => $address === null ? collect() : Post::query()->addressedTo($address)->limit(50)->get(),
        ]);
    }

    public function show(Request $request, Post $post): View
    {
        if ($request->user() !== null) {
            Gate::authorize('read', $post);
        } else {
            abort_unless($this->askedAddress($request) === $post->addressee, 404);
        }

        return view('post.show', ['post' => $post, 'letter' => $post->html]);
    }

    private function askedAddress(Request $request): ?string
    {
        $address = $request->string('to')->lower()->trim()->value();

        return $address !== '' && $this->isThisMachine($request) ? $address : null;
    }

    private function isThisMachine(Request $request): bool
    {
        return IpUtils::checkIp((string) $request->server->get('REMOTE_ADDR'), ['127.0.0.1', '::1'])
            && ! $request->headers->has('X-Forwarded-For')
            && ! $request->headers->has('Forwarded')
            // A page elsewhere whose name was made to lead here is sent to that name.
            && in_array($request->getHost(), ['127.0.0.1', 'localhost', '[::1]', Hosts::own()], true);
    }
}
