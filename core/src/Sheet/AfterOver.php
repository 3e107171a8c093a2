<?php

namespace Moltrek\Core\Sheet;

/** What the maker asks for when a fastener was drawn past its limit. */
enum AfterOver: string
{
    case Slacken = 'slacken and restart the stage';
    case Replace = 'replace the fastener';
}
