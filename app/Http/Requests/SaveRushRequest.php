<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Api\RequestRules;
use Illuminate\Foundation\Http\FormRequest;

/** The documents themselves are read by the gate, which knows fields, ranges and units. */
final class SaveRushRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return RequestRules::rules($this, ['version' => [$this->isMethod('PUT') ? 'required' : 'sometimes']]);
    }
}
