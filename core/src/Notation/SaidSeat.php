<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

/** Where along a piece words put another on it, where they do not say so by rounds. */
enum SaidSeat
{
    case Unsaid;
    case WhereItBegins;
    case WhereItEnds;
    case Edge;
    case Top;

    public static function in(string $words): self
    {
        return match (true) {
            1 === preg_match('/\bwhere it begins\b/', $words) => self::WhereItBegins,
            1 === preg_match('/\bwhere it ends\b/', $words) => self::WhereItEnds,
            1 === preg_match('/\b(?:edge|rim|opening|open end)\b/i', $words) => self::Edge,
            1 === preg_match('/\bon top\b|\b(?:the|its|at) top\b/i', $words) => self::Top,
            default => self::Unsaid,
        };
    }
}
