<?php

namespace App\Models;

enum Role: string
{
    case Owner = 'owner';
    case Mechanic = 'mechanic';
    case Apprentice = 'apprentice';
}
