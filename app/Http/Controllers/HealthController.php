<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use PDOException;

/** For whoever watches the machine: 200 while the application boots and its database answers, else 503. */
final class HealthController extends Controller
{
    public function __invoke(): Response
    {
        try {
            DB::select('select 1');
        } catch (PDOException) {
            return response('database', 503, ['Content-Type' => 'text/plain']);
        }

        return response('up', 200, ['Content-Type' => 'text/plain']);
    }
}
