<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Api\RequestRules;
use Illuminate\Foundation\Http\FormRequest;
use RushHold\Controls\Pins;
use RushHold\Document\HoldDocument;

final class LayoutRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return RequestRules::rules($this);
    }

    public function pins(): Pins
    {
        $pins = [];
        foreach ((array) $this->input('pins') as $place => $set) {
            $pins[(string) $place] = $set === null || $set === [] ? null : HoldDocument::read($set);
        }

        return new Pins($pins);
    }
}
