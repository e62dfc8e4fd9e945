<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\KitItem;
use App\Models\SavedOuting;
use App\Models\SavedRush;
use App\Models\User;
use Illuminate\Auth\Access\Response;

/** What somebody keeps is for their eyes only; to anybody else it does not exist. */
final class OwnerOnly
{
    public function view(User $user, SavedRush|SavedOuting|KitItem $kept): Response
    {
        return $kept->user_id === $user->id ? Response::allow() : Response::denyAsNotFound();
    }

    public function update(User $user, SavedRush|SavedOuting|KitItem $kept): Response
    {
        return $this->view($user, $kept);
    }

    public function delete(User $user, SavedRush|SavedOuting|KitItem $kept): Response
    {
        return $this->view($user, $kept);
    }

    public function restore(User $user, SavedRush|SavedOuting|KitItem $kept): Response
    {
        return $this->view($user, $kept);
    }
}
