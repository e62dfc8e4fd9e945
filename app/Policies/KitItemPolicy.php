<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\KitItem;
use App\Models\User;
use Illuminate\Auth\Access\Response;

/** Kit is for its owner's eyes only; to anybody else it does not exist. */
final class KitItemPolicy
{
    public function view(User $user, KitItem $item): Response
    {
        return $item->user_id === $user->id ? Response::allow() : Response::denyAsNotFound();
    }

    public function update(User $user, KitItem $item): Response
    {
        return $this->view($user, $item);
    }
}
