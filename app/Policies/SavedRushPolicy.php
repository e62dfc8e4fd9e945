<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\SavedRush;
use App\Models\User;
use Illuminate\Auth\Access\Response;

/** A rush is for its owner's eyes only; to anybody else it does not exist. */
final class SavedRushPolicy
{
    public function view(User $user, SavedRush $rush): Response
    {
        return $rush->user_id === $user->id ? Response::allow() : Response::denyAsNotFound();
    }

    public function update(User $user, SavedRush $rush): Response
    {
        return $this->view($user, $rush);
    }

    public function delete(User $user, SavedRush $rush): Response
    {
        return $this->view($user, $rush);
    }

    public function restore(User $user, SavedRush $rush): Response
    {
        return $this->view($user, $rush);
    }
}
