<?php

declare(strict_types=1);

namespace Alternum\Core\Exchange;

use Alternum\Core\Change\Search\Minds;
use Alternum\Core\Change\Search\Weights;
use Alternum\Core\Edit\AddMotif;
use Alternum\Core\Edit\AddYarn;
use Alternum\Core\Edit\ApplySetting;
use Alternum\Core\Edit\BestChanges;
use Alternum\Core\Edit\Bobbles;
use Alternum\Core\Edit\BrushStroke;
use Alternum\Core\Edit\CopyPiece;
use Alternum\Core\Edit\Cover;
use Alternum\Core\Edit\CoverFit;
use Alternum\Core\Edit\CrispLine;
use Alternum\Core\Edit\Edit;
use Alternum\Core\Edit\FollowCue;
use Alternum\Core\Edit\Form;
use Alternum\Core\Edit\FormSize;
use Alternum\Core\Edit\KeepFace;
use Alternum\Core\Edit\MadeOn;
use Alternum\Core\Edit\MeasureLean;
use Alternum\Core\Edit\NamesRounds;
use Alternum\Core\Edit\Paint;
use Alternum\Core\Edit\PaintStitches;
use Alternum\Core\Edit\Paste;
use Alternum\Core\Edit\Renumber;
use Alternum\Core\Edit\Resize;
use Alternum\Core\Edit\ResizeTo;
use Alternum\Core\Edit\Retype;
use Alternum\Core\Edit\SetValues;
use Alternum\Core\Edit\Shape;
use Alternum\Core\Edit\ShiftLayer;
use Alternum\Core\Edit\Spread;
use Alternum\Core\Edit\Swatch;
use Alternum\Core\Edit\TakePlan;
use Alternum\Core\Edit\TranslateTerms;
use Alternum\Core\Edit\TurnFront;
use Alternum\Core\Notation\Stitch;
use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Format\InvalidFields;
use Alternum\Core\Plan\Layer\Motif;
use Alternum\Core\Plan\Layer\Stripe;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Setting;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Plan\Yarn;

/** Reads the edits that the front end asks for: contract/openapi.yaml, Edit. */
final class EditReader
{
    /**
     * @param string $path where the edit stands in the message
     *
     * @throws InvalidFields
     */
    public static function values(mixed $values, string $path): Edit
    {
        $fields = Fields::of($values, $path);
        $does = $fields->text('do', 40);
        $ofPlan = match ($does) {
            'words' => new TranslateTerms($fields->oneOf('terms', Terms::class)),
            'swatch' => new Swatch(
                $fields->number('stitches', 1, 1000),
                $fields->number('widthMm', 5, 3000),
                $fields->number('rounds', 1, 1000),
                $fields->number('heightMm', 5, 3000),
            ),
            'yarn' => new AddYarn($fields->text('name', Limits::NAME, '/^[^\r\n]+$/D', 'Name the yarn.')),
            'set' => SetValues::read($fields),
            'take' => new TakePlan(
                PlanReader::values($fields->raw('plan'), '' === $path ? 'plan' : "{$path}.plan"),
                $fields->has('says') ? $fields->line('says', Limits::NAME) : 'Taken back',
            ),
            default => null,
        };
        if (null !== $ofPlan) {
            $fields->done();

            return $ofPlan;
        }
        $piece = $fields->text('piece', 40);
        $edit = match ($does) {
            'retype' => new Retype($piece, self::lines($fields, 'rounds'), $fields->has('saw') ? self::lines($fields, 'saw') : null),
            'paste' => new Paste($piece, self::pasted($fields), $fields->has('begin') && $fields->truth('begin')),
            'copy' => new CopyPiece(
                $piece,
                $fields->text('key', 40, Piece::KEY, 'Write small letters, digits and dashes.'),
                $fields->line('name', Limits::NAME),
            ),
            'renumber' => new Renumber($piece),
            'heed' => new FollowCue($piece, $fields->whole('line', 1, Limits::LINES), $fields->text('text', Limits::LINE)),
            'settle' => new ApplySetting($piece, $fields->oneOf('setting', Setting::class)),
            'lean' => new MeasureLean($piece, $fields->whole('rounds', 1, 400), $fields->number('stitches', -400, 400)),
            'paint' => self::paint($fields, $piece),
            'stripes' => self::stripes($fields, $piece),
            'shape' => self::shape($fields, $piece),
            'size' => new ResizeTo(
                $piece,
                $fields->has('widthMm') ? $fields->number('widthMm', 5, 3000) : null,
                $fields->has('heightMm') ? $fields->number('heightMm', 5, 5000) : null,
            ),
            'resize' => new Resize($piece, $fields->whole('wider', -100, 100), $fields->whole('longer', -400, 400)),
            'stitches' => self::stitches($fields, $piece),
            'motif' => self::motif($fields, $piece),
            'bobbles' => new Bobbles($piece, $fields->whole('layer', 0, Limits::LAYERS)),
            'shift' => new ShiftLayer(
                $piece,
                $fields->whole('layer', 0, Limits::LAYERS),
                $fields->whole('rounds', -Limits::ROUNDS, Limits::ROUNDS),
                $fields->number('degrees', -360, 360),
                $fields->has('stretch') && $fields->truth('stretch'),
            ),
            'face' => new KeepFace(
                $piece,
                $fields->has('from') ? $fields->whole('from', 1, Limits::ROUNDS) : null,
                $fields->has('to') ? $fields->whole('to', 1, Limits::ROUNDS) : null,
            ),
            'best' => new BestChanges($piece, $fields->has('weights') ? self::weights($fields) : $fields->oneOf('minds', Minds::class)),
            'crisp' => new CrispLine($piece, $fields->whole('round', 1, Limits::ROUNDS)),
            'cover' => new Cover(
                $piece,
                $fields->oneOf('fit', CoverFit::class),
                $fields->has('to') ? $fields->whole('to', 1, Limits::ROUNDS) : null,
            ),
            'front' => new TurnFront($piece, $fields->number('degrees', -3600, 3600)),
            default => null,
        };
        if (null === $edit) {
            $fields->wrong(
                'do',
                'This edit is not known.',
                'Ask for set, take, words, swatch, yarn, retype, paste, copy, renumber, heed, settle, shape, size, resize, paint, stripes, '
                    .'stitches, motif, bobbles, shift, face, lean, crisp, cover, best or front.',
            );
            $fields->done();
            throw new \LogicException('An unknown edit is refused.');
        }
        if ($edit instanceof NamesRounds && $fields->has('saw')) {
            $edit = new MadeOn($edit, $piece, self::lines($fields, 'saw'));
        }
        $fields->done();

        return $edit;
    }

    /** A pasted pattern's text, which the field "text" holds. */
    public static function pasted(Fields $fields): string
    {
        return $fields->text('text', Limits::PASTED);
    }

    /** @return list<string> typed lines */
    private static function lines(Fields $fields, string $name): array
    {
        return $fields->texts($name, Limits::LINES, Limits::LINE, '/^[^\r\n]*$/D', 'Write each line as a text of its own.');
    }

    private static function weights(Fields $fields): Weights
    {
        $weights = $fields->object('weights');
        $read = Weights::read($weights);
        $weights->close();

        return $read;
    }

    private static function shape(Fields $fields, string $piece): Shape
    {
        return new Shape(
            piece: $piece,
            form: $fields->oneOf('form', Form::class),
            start: $fields->whole('start', 3, 24),
            extent: new FormSize(
                widthMm: $fields->has('widthStitches') ? null : $fields->number('widthMm', 5, 3000),
                stitches: $fields->has('widthStitches') ? $fields->whole('widthStitches', 3, Limits::STITCHES_IN_ROUND) : null,
                heightMm: $fields->has('heightMm') ? $fields->number('heightMm', 0, 5000) : null,
                rounds: $fields->has('heightRounds') ? $fields->whole('heightRounds', 1, Limits::ROUNDS) : null,
                degrees: $fields->has('tipDegrees') ? $fields->number('tipDegrees', 5, 180) : null,
                growth: $fields->has('growth') ? $fields->number('growth', 0.1, 24) : null,
            ),
            spread: $fields->oneOf('spread', Spread::class),
            decrease: $fields->oneOf('decrease', Stitch::class, [Stitch::InvisibleDecrease, Stitch::Decrease]),
        );
    }

    private static function paint(Fields $fields, string $piece): Paint
    {
        $rounds = [];
        $values = $fields->raw('rounds');
        foreach (\is_array($values) ? $values : [] as $round) {
            if (!\is_int($round) || $round < 1 || $round > Limits::ROUNDS) {
                $fields->wrong('rounds', 'This is not a list of rounds.', 'Name rounds by their numbers.');
                break;
            }
            $rounds[] = $round;
        }
        if ([] === $rounds) {
            $fields->wrong('rounds', 'No round is named.', 'Pick one round or more.');
        }

        return Paint::rounds($piece, [] === $rounds ? [1] : $rounds, Yarn::readKey($fields));
    }

    private static function stripes(Fields $fields, string $piece): Paint
    {
        $from = $fields->whole('from', 1, Limits::ROUNDS);
        $to = $fields->whole('to', 1, Limits::ROUNDS);
        $sequence = $fields->objects('sequence', 1, Limits::ROUNDS, Stripe::read(...));

        $isMirrored = $fields->has('mirrored') && $fields->truth('mirrored');
        $growth = $fields->whole('growth', -50, 50, 0);

        $heights = $fields->has('heightsMm') ? $fields->numbers('heightsMm', \count($sequence), 1, 5000) : [];

        return Paint::stripes($piece, $from, $to, [] === $sequence ? [new Stripe('A', 1)] : $sequence, $isMirrored, $growth, $heights);
    }

    private static function stitches(Fields $fields, string $piece): PaintStitches
    {
        $cells = $fields->objects('cells', 1, 5000, static function (Fields $cell): BrushStroke {
            $stroke = new BrushStroke(
                $cell->whole('round', 1, Limits::ROUNDS),
                $cell->whole('from', 1, Limits::STITCHES_IN_ROUND),
                $cell->whole('to', 1, Limits::STITCHES_IN_ROUND),
            );
            $cell->close();

            return $stroke;
        });

        return new PaintStitches(
            $piece,
            $cells,
            $fields->text('yarn', 1, '/^[A-Z.]$/D', 'Name a yarn by its letter, or write a stop to clear.'),
            $fields->has('mirrored') && $fields->truth('mirrored'),
        );
    }

    private static function motif(Fields $fields, string $piece): AddMotif
    {
        $round = $fields->has('round') ? $fields->whole('round', 1, Limits::ROUNDS) : null;
        $fromFront = $fields->number('fromFront', -180, 180, 0);
        if ($fields->has('rows')) {
            return AddMotif::rows($piece, Motif::readRows($fields), $fields->has('name') ? $fields->text('name', Limits::NAME) : '', $round, $fromFront);
        }
        $yarn = Yarn::readKey($fields);

        return $fields->has('text')
            ? AddMotif::letters($piece, $fields->text('text', 40), $yarn, $round, $fromFront)
            : AddMotif::shape($piece, $fields->text('shape', 40), $yarn, $round, $fromFront);
    }
}
