<?php

declare(strict_types=1);

use Illuminate\Routing\Route as RegisteredRoute;
use Illuminate\Support\Facades\Route;

/** Addresses that are public or a person's own and cannot lead to a clue. */
const OUTSIDE = ['sign-out', 'account', 'up', 'storage/{path}'];

/** @return list<array{string, string}> method and address of every route, filled in with what is really there */
function everyAddress(string $project, string $slug, string $code): array
{
    $addresses = [];
    foreach (Route::getRoutes() as $route) {
        /** @var RegisteredRoute $route */
        // Whoever has left the quilt would be told nothing at the addresses after that.
        if (in_array($route->uri(), OUTSIDE, true) || $route->getName() === 'member.project.leave') {
            continue;
        }
        foreach (array_diff($route->methods(), ['HEAD', 'OPTIONS']) as $method) {
            $uri = str_replace(
                [
                    '{project}',
                    '{quiltAlong}',
                    '{number}',
                    '{code}',
                    '{token}',
                    '{email}',
                    '{post}',
                    '{slot}',
                    '{stock}',
                    '{order}',
                    '{work}',
                    '{other}',
                    '{part}',
                    '{format}',
                    '{block}',
                    '{unit}',
                    '{membership}',
                    '{helperInvitation}',
                    '{picture}',
                    '{feed}',
                    '{correction}',
                    '{clue}',
                    '{deed}',
                    '{remark}',
                    '{task}',
                    '{page}',
                    '{quilt}',
                    '{size}',
                ],
                [
                    $project,
                    $slug,
                    '1',
                    $code,
                    'token',
                    'new@rivers.example',
                    '1',
                    'f-deep',
                    str_repeat('0', 26),
                    '1',
                    'borders',
                    'o-runner',
                    '1',
                    'json',
                    'b-lantern',
                    'u-beam',
                    '1',
                    '1',
                    str_repeat('a', 64),
                    str_repeat('f', 40),
                    '1',
                    'k-casting-off',
                    '1',
                    '1',
                    't-beam',
                    '00000000-0000-4000-8000-000000000000',
                    str_repeat('0', 26),
                    's-throw',
                ],
                $route->uri(),
            );
            expect($uri)->not->toContain('{');
            $addresses[] = [$method, '/'.ltrim($uri, '/')];
        }
    }

    return $addresses;
}
