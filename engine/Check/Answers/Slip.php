<?php

declare(strict_types=1);

namespace Fravel\Check\Answers;

/** How an answer misses the right one by little. */
enum Slip: string
{
    /** Two neighbouring letters swapped, or one wrong. */
    case Typing = 'typing';

    case MissingLetter = 'missing-letter';

    case DoubledLetter = 'doubled-letter';

    /** One where many are meant, or the other way round. */
    case Number = 'singular-plural';

    /** The right words with an article before them, a mark behind them, or a hyphen or space inside. */
    case Article = 'article';

    case EndMark = 'end-mark';

    case Parted = 'parted';

    /** The right number with a noun behind it. */
    case CountedNoun = 'counted-noun';

    case SwappedWords = 'swapped-words';

    case ExtraWord = 'extra-word';

    /** The right words, denied. */
    case Negation = 'negation';

    case NeighbouringNumber = 'neighbouring-number';

    case WrongUnit = 'wrong-unit';

    /** The decimal mark one place off. */
    case DecimalMark = 'decimal-mark';

    case SwappedDigits = 'swapped-digits';

    /** In a term: a sign turned, a factor that meets one part of a sum alone, the right value in another form. */
    case TurnedSign = 'turned-sign';

    case OnePart = 'one-part';

    case OtherForm = 'other-form';

    /** One sign of a code a step up or down. */
    case OneStepOff = 'one-step-off';

    /** Whether whoever answers so does not know the answer; the others may have slipped with the pen. */
    public function isPlainlyWrong(): bool
    {
        return in_array(
            $this,
            [
                self::Negation,
                self::NeighbouringNumber,
                self::WrongUnit,
                self::DecimalMark,
                self::SwappedDigits,
                self::OneStepOff,
                self::TurnedSign,
                self::OnePart,
            ],
            true,
        );
    }
}
