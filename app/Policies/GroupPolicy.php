<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Group;
use App\Models\User;
use Illuminate\Auth\Access\Response;

/**
 * Members see that a group is there and what they share themselves; what others share only its teacher sees. To anybody
 * else it does not exist.
 */
final class GroupPolicy
{
    public function view(User $user, Group $group): Response
    {
        return $group->user_id === $user->id || $group->memberOf($user) !== null
            ? Response::allow()
            : Response::denyAsNotFound();
    }

    public function teach(User $user, Group $group): Response
    {
        return $group->user_id === $user->id ? Response::allow() : Response::denyAsNotFound();
    }

    public function belong(User $user, Group $group): Response
    {
        return $group->memberOf($user) !== null ? Response::allow() : Response::denyAsNotFound();
    }
}
