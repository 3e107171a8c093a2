<?php

/** Run once by the server's PHP before it answers anybody: the classes of these files stay ready in its memory. */
// a class whose parent is not kept ready is linked when it is wanted, and that is no news
error_reporting(E_ERROR);
foreach (file((string) getenv('MOLTREK_PRELOAD'), FILE_IGNORE_NEW_LINES) ?: [] as $file) {
    @opcache_compile_file($file);
}
