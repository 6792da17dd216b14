<?php

declare(strict_types=1);

namespace App\Policies;

final class EveningPolicy extends CrewPolicy {}
