<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Parse;

/** The words that several parts of the parser share. */
final class Words
{
    public const ROUNDS = ['rounds', 'rnds', 'rows', 'round', 'rnd', 'row', 'rds', 'rd', 'times'];
    public const ROUND = ['r', 'rd', 'rds', 'rnd', 'rnds', 'rn', 'round', 'rounds', 'row', 'rows', 'rs', 'rw', 'rws'];
    /** Other languages' usual words for a round or a row. From memory. */
    public const FOREIGN = [
        'tour' => 'round', 'tours' => 'rounds', 'rang' => 'row', 'rangs' => 'rows', 'runde' => 'round', 'runden' => 'rounds',
        'rnde' => 'round', 'reihe' => 'row', 'reihen' => 'rows', 'vuelta' => 'round', 'vueltas' => 'rounds', 'vta' => 'round',
        'hilera' => 'row', 'fila' => 'row', 'giro' => 'round', 'giri' => 'rounds', 'riga' => 'row', 'righe' => 'rows', 'toer' => 'round',
        'toeren' => 'rounds', 'ronde' => 'round', 'ronden' => 'rounds', 'rij' => 'row', 'rijen' => 'rows', 'varv' => 'round',
        'omgang' => 'round', 'omg' => 'round', 'omgange' => 'rounds', 'rad' => 'row', 'rader' => 'rows', 'krs' => 'round',
        'kierros' => 'round', 'volta' => 'round', 'voltas' => 'rounds', 'carreira' => 'row', 'carr' => 'row', 'okr' => 'round',
        'kor' => 'round',
    ];
    public const STITCHES = ['st', 'sts', 'stitch', 'stitches', 'stich', 'stiches', 'stc', 'stcs'];
    public const REPEAT = ['rep', 'repeat', 'repeated', 'repeating', 'reps', 'repeats', 'rpt'];
    public const AROUND = ['around', 'across', 'throughout'];
    public const IN = ['in', 'into', 'inside', 'on', 'onto'];
    public const DO = ['work', 'make', 'do', 'crochet', 'place', 'put', 'add', 'working', 'then', 'and', 'now', 'next', 'also', 'just'];
    public const RINGS = ['mr', 'ring', 'circle', 'mc', 'loop', 'mcr', 'mgr'];
    public const CHAINS = ['ch', 'chs', 'chain', 'chains'];
}
