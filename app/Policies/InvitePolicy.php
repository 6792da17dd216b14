<?php

declare(strict_types=1);

namespace App\Policies;

/** Who comes into a crew is for its keepers to say. */
final class InvitePolicy extends KeeperPolicy {}
