<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Message;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Yarn;

/** A yarn that words name and the plan does not have: under the next free letter, of the first yarn's weight. */
final readonly class AddYarn implements EditKind
{
    /** What the usual colour words look like; any other begins grey. */
    private const COLOURS = [
        'white' => '#f7f5ef', 'black' => '#24211f', 'grey' => '#8d8d8d', 'gray' => '#8d8d8d', 'red' => '#b8302c', 'orange' => '#d8762b',
        'yellow' => '#e7c33c', 'green' => '#4d8a4f', 'blue' => '#3a6ea5',
        'purple' => '#6d4a8d', 'violet' => '#6d4a8d', 'pink' => '#e39ab0', 'brown' => '#7a5138', 'beige' => '#d9c7a6', 'cream' => '#f2e9d3',
        'ivory' => '#f3eddc', 'tan' => '#b98e63', 'teal' => '#2f7f80',
        'turquoise' => '#3fb0ac', 'mint' => '#a5d6b7', 'lime' => '#a2c23a', 'olive' => '#7c7b3a', 'navy' => '#27375c', 'gold' => '#c79a33',
        'silver' => '#b9bcc0', 'peach' => '#f0b793', 'coral' => '#e4715f',
        'rust' => '#a1502d', 'maroon' => '#6e2631', 'burgundy' => '#6b2036', 'lilac' => '#b49ac7', 'lavender' => '#b3a4d4', 'rose' => '#cf7f8b',
        'charcoal' => '#43464a', 'sand' => '#d4bf97', 'sky' => '#8fbfe0', 'sage' => '#97a98b',
        'ecru' => '#e9dfc7', 'aqua' => '#6cc3c0', 'golden' => '#d2a63c', 'salmon' => '#ec9a83', 'mauve' => '#a98aa6', 'magenta' => '#b13a7a',
        'mustard' => '#c99a2e', 'ochre' => '#c08a35', 'chalk' => '#f2efe6', 'natural' => '#eae1cd', 'khaki' => '#8f8358', 'indigo' => '#3b3f78',
        'plum' => '#63365c', 'scarlet' => '#c7352b', 'crimson' => '#a3213a', 'copper' => '#b06a3f', 'bronze' => '#8c6a3c', 'cyan' => '#4fb7cf',
        'denim' => '#4a6688', 'camel' => '#bb9059', 'slate' => '#5d6872', 'taupe' => '#8d7f71', 'fawn' => '#c7ab85', 'fuchsia' => '#c2377f',
        'apricot' => '#efae78', 'terracotta' => '#b75f42', 'jade' => '#3f9b7c', 'emerald' => '#1f8a5b', 'stone' => '#bdb4a4', 'moss' => '#6d7740',
        'petrol' => '#1f5f6b', 'nude' => '#e3bfa3', 'skin' => '#e3bfa3', 'flesh' => '#e3bfa3', 'offwhite' => '#f4f0e6',
    ];
    /** How much nearer to white, or to black below 0, a word before a colour takes it. By eye, no source. */
    private const SHADES = [
        'light' => 0.4, 'pale' => 0.5, 'baby' => 0.4, 'pastel' => 0.45, 'ice' => 0.55, 'dark' => -0.35, 'deep' => -0.3, 'forest' => -0.25, 'bottle' => -0.4,
    ];
    private const OTHER = '#9a948b';

    public function __construct(private string $name)
    {
    }

    public static function words(): array
    {
        return ['yarn'];
    }

    public static function read(Fields $fields, string $word): self
    {
        return new self($fields->text('name', Limits::NAME, '/^[^\r\n]+$/D', Message::of('field.nameYarn')));
    }

    public function apply(Plan $plan): Plan
    {
        if (\count($plan->yarns) >= Limits::YARNS) {
            throw EditRefused::because('edit.fullOfYarns', most: Limits::YARNS);
        }
        $taken = array_map(static fn (Yarn $yarn): string => $yarn->key, $plan->yarns);
        $isLetter = 1 === preg_match('/^[A-Z]$/D', $this->name);
        if ($isLetter && \in_array($this->name, $taken, true)) {
            throw EditRefused::because('edit.sameYarn', yarn: $this->name);
        }
        $key = $isLetter ? $this->name : array_values(array_diff(range('A', 'Z'), $taken))[0];
        $first = $plan->yarns[0];

        return $plan->withYarns([...$plan->yarns, self::like($first, $key, $isLetter ? "Yarn {$key}" : $this->name, $this->name)]);
    }

    /**
     * A yarn as another is, by another name.
     *
     * @param string|null $colour the words that tell what it looks like; null: its name
     */
    public static function like(Yarn $yarn, string $key, string $name, ?string $colour = null): Yarn
    {
        $held = preg_split('/ and /', $colour ?? $name);
        $isHeld = false !== $held && 2 === \count($held);

        return new Yarn(
            key: $key,
            name: mb_strtoupper(mb_substr($name, 0, 1)).mb_substr($name, 1, Limits::NAME - 1),
            // A yarn that is only called otherwise looks as it did.
            hex: self::hex($isHeld ? $held[0] : $colour ?? $name) ?? ($key === $yarn->key ? $yarn->hex : self::OTHER),
            weight: $yarn->weight,
            metresPer100g: $yarn->metresPer100g,
            strands: $isHeld ? 2 : $yarn->strands,
            withHex: $isHeld ? self::hex($held[1]) ?? self::OTHER : null,
        );
    }

    public function inWords(): string
    {
        return "Yarn {$this->name} added";
    }

    private static function hex(string $name): ?string
    {
        preg_match_all('/[a-z]+/', strtolower($name), $words);
        foreach (array_reverse($words[0], true) as $at => $word) {
            if (isset(self::COLOURS[$word])) {
                $shades = array_intersect_key(self::SHADES, array_flip(\array_slice($words[0], 0, $at)));

                return [] === $shades ? self::COLOURS[$word] : self::shaded(self::COLOURS[$word], reset($shades));
            }
        }

        return null;
    }

    /** Nearer to white by a share, or to black where it is below 0. */
    private static function shaded(string $hex, float $by): string
    {
        $shaded = '#';
        foreach (str_split(substr($hex, 1), 2) as $part) {
            $value = (int) hexdec($part);
            $shaded .= \sprintf('%02x', (int) round($value + $by * ($by > 0 ? 255 - $value : $value)));
        }

        return $shaded;
    }
}
