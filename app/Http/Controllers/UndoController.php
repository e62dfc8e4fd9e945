<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Undo\Step;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Takes back what was done a moment ago. */
final class UndoController extends Controller
{
    public function __invoke(Request $request, string $id): Response
    {
        Step::undo($this->person($request), substr($id, 0, 40));

        return response()->noContent();
    }
}
