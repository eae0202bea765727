<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Format\InvalidFields;
use Alternum\Core\Plan\Message;

/** The edits that can be asked for. A new one is a class of its own and a line here. */
final class EditKinds
{
    /** @var list<class-string<EditKind>> */
    public const ALL = [
        SetValues::class,
        TakePlan::class,
        TranslateTerms::class,
        Measured::class,
        Put::class,
        Nudge::class,
        MoveJoint::class,
        Swatch::class,
        AddYarn::class,
        AnotherYarn::class,
        OwnGauge::class,
        Retype::class,
        Paste::class,
        CopyPiece::class,
        AddPart::class,
        Renumber::class,
        FollowCue::class,
        ApplySetting::class,
        Shape::class,
        ResizeTo::class,
        Resize::class,
        Paint::class,
        PaintStitches::class,
        AddMotif::class,
        Bobbles::class,
        ShiftLayer::class,
        KeepFace::class,
        MeasureLean::class,
        AsMade::class,
        AsSpiral::class,
        CrispLine::class,
        Cover::class,
        BestChanges::class,
        TurnFront::class,
    ];

    /**
     * An edit as it is asked for: contract/openapi.yaml, Edit.
     *
     * @param string $path where the edit stands in the message
     *
     * @throws InvalidFields
     */
    public static function read(mixed $values, string $path): Edit
    {
        $fields = Fields::of($values, $path);
        $word = $fields->text('do', 40);
        $kind = self::byWord()[$word] ?? null;
        if (null === $kind) {
            $words = array_keys(self::byWord());
            throw InvalidFields::because($fields->at('do'), Message::of('edit.unknown', kinds: $words));
        }
        $edit = $kind::read($fields, $word);
        $fields->done();

        return $edit;
    }

    /** @return array<string, class-string<EditKind>> */
    private static function byWord(): array
    {
        $kinds = [];
        foreach (self::ALL as $kind) {
            $kinds += array_fill_keys($kind::words(), $kind);
        }

        return $kinds;
    }
}
