<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Setting;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Plan\Worked;

/** Makes a setting that a text was seen to ask for. The words stay as they are typed. */
final readonly class ApplySetting implements EditKind
{
    public function __construct(private string $piece, private Setting $setting)
    {
    }

    public static function words(): array
    {
        return ['settle'];
    }

    public static function read(Fields $fields, string $word): self
    {
        return new self($fields->text('piece', 40), $fields->oneOf('setting', Setting::class));
    }

    public function apply(Plan $plan): Plan
    {
        $piece = $plan->piece($this->piece) ?? throw EditRefused::noPiece($this->piece);

        return match ($this->setting) {
            Setting::WorkedJoined => $plan->withPiece($piece->withWorked(Worked::Joined)),
            Setting::WorkedRows => $plan->withPiece($piece->withWorked(Worked::Rows)),
            Setting::TermsUk => $plan->readIn(Terms::Uk),
            Setting::TermsUs => $plan->readIn(Terms::Us),
        };
    }

    public function inWords(): string
    {
        return 'Settings as the words ask';
    }
}
