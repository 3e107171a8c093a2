<?php

namespace App\Http\Controllers;

use App\Models\Shop;
use Illuminate\Contracts\View\View;

/** The page that every screen runs in. */
final class ShellController
{
    public function __invoke(): View
    {
        return view('shell', ['shop' => Shop::shop()]);
    }
}
