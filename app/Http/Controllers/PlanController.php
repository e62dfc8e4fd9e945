<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PlanRequest;
use Illuminate\Http\JsonResponse;
use RushHold\Document\HoldDocument;
use RushHold\Document\PlanDocument;
use RushHold\Document\RushDocument;
use RushHold\Planning\Chooser;
use RushHold\Units;

final class PlanController extends Controller
{
    public function __invoke(PlanRequest $request): JsonResponse
    {
        // Nothing is kept here, and the core refuses whatever cannot be meant: no need for the schemas' last word.
        $rush = RushDocument::read($request->input('rush'))->rush;
        $rush = $this->learned($request)?->rush($rush) ?? $rush;
        $pins = HoldDocument::read($request->input('pins') ?? [])->fitting($rush->kit);
        $played = $request->input('played');
        $plan =
            is_array($played) && $played !== []
                ? Chooser::standard()->carrying($rush, $pins, HoldDocument::read($played))
                : Chooser::standard()->choose($rush, $pins);

        return response()->json(
            PlanDocument::write($plan, $request->enum('units', Units::class) ?? Units::Metric, $request->standing()),
        );
    }
}
