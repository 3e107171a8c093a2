<?php

namespace Moltrek\Core\Log;

/** The lists of the record that entries stand in. */
enum RecordPart
{
    case Decision;
    case Waived;
}
