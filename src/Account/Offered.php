<?php

declare(strict_types=1);

namespace Alternum\Server\Account;

/** Of accounts, which are an option: where they are not switched on, it is not there. */
#[\Attribute(\Attribute::TARGET_CLASS)]
final class Offered
{
}
