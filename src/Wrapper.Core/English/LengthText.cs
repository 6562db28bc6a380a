namespace Wrapper.Core.English;

/// <summary>What is said of lengths that could not be read.</summary>
internal static class LengthText
{
    internal static string FractionOverZero => "A fraction cannot have 0 below the line.";

    internal static string LengthTimesLength => "A length times a length is an area: one of them has to be a plain number.";

    internal static string NumberOverLength => "A number cannot be divided by a length here.";

    internal static string NumberMissingBefore(string token) => $"A number is missing before “{token}”.";

    internal static string OnePointOnly => "A number takes one point or comma only.";

    internal static string SignMissing(string sign) => $"A “{sign}” is missing here.";

    internal static string DoesNotFitHere(string current) =>
        $"“{current}” does not fit here. One length, or a sum of lengths, is asked for.";

    internal static string ThousandsOrDecimals(string digits, string decimals) =>
        $"“{digits},{decimals}” could be {digits}{decimals} or {digits}.{decimals}: write it without the comma, or with a point.";

    internal static string LengthsAndAreasCannotBeAdded => "Lengths and areas cannot be added.";

    internal static string FollowsAUnit(string next) =>
        $"“{next}” follows a unit with no sign between: write + or a smaller unit after it.";

    internal static string NothingCanBeDividedBy0 => "Nothing can be divided by 0.";

    internal static string NothingIsWrittenHereYet => "Nothing is written here yet.";

    internal static string UnitMissing(string sign) =>
        $"Say the unit of this number too: the sum speaks in other units than the job’s {sign}.";

    internal static string SignAfterSign(string sign, string signOther) =>
        $"{sign} cannot follow {signOther} in one figure: write + between them.";

    internal static string NotLess(string text) => $"“{text}” is not less than one: after a whole number only a part of one can follow.";

    internal static string RootNeedsArea => "The root needs an area that is not below 0.";

    internal static string StepOutOfRange => "The step to round up to has to be a length above 0, like the sum.";

    internal static string StopsTooSoon => "The text stops too soon: a number is missing at the end.";

    internal static string LongerThanMeasurable => "This is longer than anything that can be measured.";

    internal static string TextTooLong(int longestText) => $"This is longer than {longestText} characters: write one length.";

    internal static string TooManyLengths => "This multiplies too many lengths together.";

    internal static string NotAUnit(string word) => $"“{word}” is not a unit or a number. Units are in, ft, yd, mm, cm and m.";
}
