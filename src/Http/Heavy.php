<?php

declare(strict_types=1);

namespace Alternum\Server\Http;

/** A question that may take long on a large plan: a workshop asks one at a time. */
#[\Attribute(\Attribute::TARGET_METHOD)]
final class Heavy
{
}
