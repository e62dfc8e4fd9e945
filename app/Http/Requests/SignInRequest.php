<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Api\RequestRules;
use Illuminate\Foundation\Http\FormRequest;

final class SignInRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return RequestRules::rules($this);
    }
}
