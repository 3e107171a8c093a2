<?php

namespace Moltrek\Core\Planning;

/** What becomes of a part that has been in an engine before. */
enum ReuseClass: string
{
    case OneUse = 'one-use';
    case ReuseIf = 'reuse if';
    case RenewedThoughGood = 'renewed although good';
    case CarriedOver = 'carried over';

    /** Whether somebody may say that the old one will do. */
    public function mayGoBack(): bool
    {
        return $this !== self::OneUse;
    }
}
