<?php

declare(strict_types=1);

namespace App\Models;

/** What a member may do: all cook and note; owners change the kitchen, invite, and take the archive out. */
enum Role: string
{
    case Owner = 'owner';
    case Member = 'member';
}
