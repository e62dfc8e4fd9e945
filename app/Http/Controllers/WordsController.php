<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Http\JsonResponse;
use RushHold\Words\Words;

final class WordsController extends Controller
{
    public function __invoke(): JsonResponse
    {
        return response()->json(Words::labels())->setEtag(md5((string) json_encode(Words::labels())))->setPublic();
    }
}
