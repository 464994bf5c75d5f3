<?php

declare(strict_types=1);

namespace Jornel\Core\Part;

/** What a filter is as it is bought. */
enum FilterForm: string
{
    /** A flat panel in a frame. */
    case Panel = 'panel';
    /** A ring cartridge: pleats round a hole. */
    case Ring = 'ring';
    /** A loose sheet of media. */
    case Sheet = 'sheet';
}
