<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Api\RequestRules;
use Illuminate\Foundation\Http\FormRequest;
use RushHold\Document\StandingDocument;
use RushHold\Planning\Standing;

final class PlanRequest extends FormRequest
{
    public function standing(): ?Standing
    {
        $given = $this->input('standing');

        return is_array($given) && $given !== [] ? StandingDocument::read($given) : null;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return RequestRules::rules($this);
    }
}
