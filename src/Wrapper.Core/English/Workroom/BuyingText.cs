namespace Wrapper.Core.English.Workroom;

/// <summary>What is said of cloths to buy, what is read of them, and where things lie on them.</summary>
internal static class BuyingText
{
    internal static string UnknownTrait(string word, string known) => $"“{word}” is nothing a cloth is said to be here. Known are {known}.";

    internal static string RepeatTooSmall(string name) =>
        $"{name}: less than 2 mm is no pattern that could be met; check its unit, or leave it out.";

    internal static string ClothWidthOutOfRange => "Cloth is between 100 mm and 10 m wide: check the unit.";

    internal static string FlawOutOfRange(int i) => $"Flaw {i} has to end after it begins, along and across: check its figures.";

    internal static string FlawUnfinished(int i) => $"Flaw {i} is not kept clear yet: say where it begins and ends along the roll.";

    internal static string HalfDropWithoutRepeatAcross => "A half drop needs the repeat across too: say it, or choose a straight match.";

    internal static string LengthOutOfRange(string label, string most) => $"{label} is between 0 and {most}.";

    internal static string PercentageOutOfRange(string label, decimal most) =>
        FormattableString.Invariant($"{label} is between 0 and {most} %: check it.");

    internal static string NoPercentage(string label, string text) => $"{label}: “{text}” is no percentage: write a number such as 3.";

    internal static string MeasureMissing(string label) => $"{label} is not said yet.";

    internal static string MotifOutOfRange => "The motif’s middle stands between the selvages: measure it from the left edge of the cloth.";

    internal static string MotifWithoutRepeat => "To centre plates on a motif the repeat across is needed: say it, or leave the motif.";

    internal static string PatternNotMet(string name) =>
        $"{name} has no place on this width where it meets the pattern: it lies where it falls. Take "
        + "a wider cloth, or leave the repeat across unsaid.";

    internal static string PatternOnFold => "A pattern cannot be met on both layers at once: it is laid single.";

    internal static string PinLeftOut => "A pinned piece is not in this lay any more: its pin is left out.";

    internal static string UntilThenLaidAsAnyOther => " Until then it is laid as any other.";

    internal static string PinsOnFold => "Cloth on the fold is laid without what was pinned on it: the pins wait until it is laid single.";

    internal static string RemnantOutOfRange(int i) => $"Remnant {i} needs a width and a length of more than 0.";

    internal static string RemnantUnfinished(int i) => $"Remnant {i} is not used yet: say how wide and how long it is.";

    internal static string RemnantsOnFold => "The cloth is cut on the fold: remnants stay on the shelf until it is laid single.";

    internal static string SelvageOutOfRange => "The selvages leave nothing to cut from: check the selvage.";

    internal static string SoldWidthUnfinished(int i) => $"Price {i} is of no width yet: say how wide the cloth is that costs so much.";

    internal static string NoPrice(string text) => $"“{text}” is no price: write a number such as 18.50.";

    internal static string UnknownChoice(string said, string label, string known) => $"“{said}” is no {label}: choose {known}.";

    internal static string ZipOffTheRoll(string length) => $"Zip off the roll, {length}";

    internal static string ZipOffTheRollNeeded(string needed) => $"Zip off the roll, {needed} of teeth";

    internal static string StripeWithoutRepeat =>
        "A stripe is drawn by its repeat across: say that under pattern, and it is shown plain till then.";

    internal static string FaceWithoutRepeats(string kind) =>
        $"A {kind} is drawn by its repeat across and down the roll: say both under pattern, and it is shown plain till then.";

    internal static string FaceWithoutPicture => "No picture is chosen yet: choose one of a single repeat, from edge to edge.";

    internal static string NoPicture => "What stands for the picture of the cloth is none: choose a JPEG, PNG or WebP anew.";

    internal static string NoColour(string said) => $"“{said}” is no colour: write it as # and six digits, as #8a4b3a.";

    internal static string PatternDoesNotMeet(string cover, string seams) =>
        $"{(cover.Length == 0 ? "The" : $"{cover}: the")} pattern is off at the seam {seams}: take "
        + "off what is pinned there, or a wider cloth.";
}
