<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

/** The yarn that words name at a place of a line, however they do: "with B, Flag red:", "change to B", "[B]", "B:", "in B". */
final readonly class YarnPhrase
{
    private const BEFORE = ['with', 'using', 'attach', 'attaching', 'join', 'joining'];
    private const CHANGING = ['change', 'changing', 'switch', 'switching'];

    /**
     * @param Dye|null         $dye   null where a name is said that is no yarn's
     * @param int              $end   the place after it
     * @param SyntaxError|null $doubt what is to be told of it
     */
    private function __construct(public ?Dye $dye, public int $end, public ?SyntaxError $doubt = null)
    {
    }

    /** Before stitches: the yarn of what follows. */
    public static function before(Tokens $tokens, int $at, YarnNames $yarns): ?self
    {
        if ($tokens->isOneOf($at, self::CHANGING) && 'to' === $tokens->value($at + 1)) {
            // A name that is no yarn's ends where the next part begins.
            $end = $at + 2;
            while (null === $yarns->at($tokens, $at + 2) && $tokens->has($end) && !$tokens->is($end, TokenType::Separator, TokenType::Stop, TokenType::Close)) {
                ++$end;
            }

            return self::named($tokens, $at + 2, $end, $yarns);
        }
        if ($tokens->is($at, TokenType::Open)) {
            $close = $at + 1 + ($yarns->at($tokens, $at + 1)[1] ?? 0);
            $isClosed = $close > $at + 1 && $tokens->is($close, TokenType::Close) && !$tokens->is($close + 1, TokenType::Times);

            return $isClosed ? self::named($tokens, $at + 1, $close + 1, $yarns) : null;
        }
        if ($tokens->isOneOf($at, self::BEFORE)) {
            $end = $at + 1 + ($yarns->at($tokens, $at + 1)[1] ?? 0);
            if ($end > $at + 1 && ',' === $tokens->value($end)) {
                // "with B, Flag red: sc" names it on; "with B, sc" does not.
                $name = $end + 1;
                while ($tokens->has($name) && ':' !== $tokens->value($name) && !$tokens->is($name, TokenType::Separator)) {
                    ++$name;
                }

                return self::named($tokens, $at + 1, ':' === $tokens->value($name) ? $name + 1 : $end + 1, $yarns);
            }
            for ($i = $at + 1; $tokens->has($i) && ($end > $at + 1 || 'with' === $tokens->value($at)); ++$i) {
                if (':' === $tokens->value($i)) {
                    return self::named($tokens, $at + 1, $i + 1, $yarns);
                }
            }

            return null;
        }
        $first = $tokens->isOneOf($at, ['in']) ? $at + 1 : $at;
        $colon = $first + ($yarns->at($tokens, $first)[1] ?? 0);

        return $colon > $first && ':' === $tokens->value($colon) ? self::named($tokens, $first, $colon + 1, $yarns) : null;
    }

    /** After stitches, "5 sc in B", with what follows parted from it. */
    public static function after(Tokens $tokens, int $at, YarnNames $yarns): ?self
    {
        $yarn = $tokens->isOneOf($at, ['in', 'with', 'using']) ? $yarns->at($tokens, $at + 1) : null;
        if (null === $yarn) {
            return null;
        }
        $end = $at + 1 + $yarn[1];
        $isParted = !$tokens->has($end) || ($tokens->is($end, TokenType::Separator, TokenType::Stop, TokenType::Close) && ':' !== $tokens->value($end));

        return $isParted ? new self(new Dye($yarn[0]), $end) : null;
    }

    /**
     * In the remarks at a line's end, "(18), change to B": for the next round.
     *
     * @param int $from where the remarks begin
     */
    public static function atEnd(Tokens $tokens, int $from, YarnNames $yarns): ?Dye
    {
        for ($at = $from; $at < $tokens->count(); ++$at) {
            if ($tokens->isOneOf($at, self::CHANGING) && 'to' === $tokens->value($at + 1)) {
                $yarn = $yarns->at($tokens, $at + 2);

                return null === $yarn ? null : new Dye($yarn[0]);
            }
        }

        return null;
    }

    /**
     * @param int $first where the name begins
     * @param int $end   the place after the words that name it, at the least
     */
    private static function named(Tokens $tokens, int $first, int $end, YarnNames $yarns): ?self
    {
        $yarn = $yarns->at($tokens, $first);
        if (null === $yarn) {
            $doubt = $yarns->isPlan ? $tokens->error($first, "“{$tokens->said($first)}” is the name of no yarn of this plan.", 'Add the yarn, or name one by its letter: with B:') : null;

            return $end > $first ? new self(null, $end, $doubt) : null;
        }
        $at = $first + $yarn[1];
        // The name after a letter is for people; "with A then B" names the second top's yarn, too.
        $within = null;
        for ($i = $at; $i < $end && null === $within; ++$i) {
            $within = 'then' === $tokens->value($i) ? $yarns->at($tokens, $i + 1) : null;
        }

        return new self(new Dye($yarn[0], $within[0] ?? ''), max($end, $at));
    }
}
