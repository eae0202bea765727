<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

use Alternum\Core\Plan\AskedReading;
use Alternum\Core\Plan\Fix;
use Alternum\Core\Plan\Message;

/** What is wrong at a stretch of a round's text. */
final readonly class Fault
{
    /**
     * @param list<Fix>          $fixes    that were tried: each leaves the line right
     * @param list<AskedReading> $readings where it asks: each in words, and what it makes
     */
    private function __construct(
        public Span $span,
        public Message $message,
        public FaultKind $kind,
        public array $fixes,
        public array $readings = [],
    ) {
    }

    public static function at(Span $span, Message $message, FaultKind $kind = FaultKind::Other): self
    {
        return new self($span, $message, $kind, []);
    }

    public static function of(SyntaxError $error): self
    {
        return new self($error->span(), $error->says, FaultKind::Other, null === $error->fix ? [] : [$error->fix]);
    }

    /**
     * @param list<AskedReading> $readings
     * @param list<Fix>          $fixes    that take them, in this order
     */
    public function asking(array $readings, array $fixes): self
    {
        return new self(span: $this->span, message: $this->message, kind: $this->kind, fixes: $fixes, readings: $readings);
    }

    /**
     * @param Message|null $mend  what to do, where the message does not say it alone
     * @param list<Fix>    $fixes
     */
    public function mended(?Message $mend, array $fixes): self
    {
        return new self($this->span, $this->message->mendedBy($mend), $this->kind, $fixes);
    }
}
