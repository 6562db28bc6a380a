namespace Wrapper.Core.English.Judgement;

/// <summary>What is said of ways compared and own figures.</summary>
internal static class JudgementText
{
    internal static string CircumferenceAtRawEdge(string allowance) =>
        $"The way round is taken at the raw edge instead of the stitch line: π × 2 × {allowance} too long.";

    internal static string CountedFourTimes(string name) => $"The {name} is counted four times: twice too often.";

    internal static string CountedTwice(string name) => $"The {name} is counted twice.";

    internal static string HalfCountedWhole(string name) => $"The whole {name} is counted where half of it is meant.";

    internal static string HalfForgotten(string name) => $"Only half the {name} is counted: the other half is forgotten.";

    internal static string HemsOnce => "The hems and seams are added once for the whole run: every piece in it has its own.";

    internal static string InchesReadAsCentimetres => "Inches were read as centimetres.";

    internal static string CentimetresReadAsInches => "Centimetres were read as inches.";

    internal static string LaidInRows =>
        "This is the figure by rows, like pieces side by side: it is right on paper, and the lay needs less.";

    internal static string PiecesForgotten(int quantity) => $"This is what all {quantity} take together: the figure is for one.";

    internal static string RatioForgotten(string name, string ratio) => $"The whole {name} is taken: {ratio} is forgotten.";

    internal static string RawEdgeWithoutTurnings(string allowance) =>
        $"Two slips that hide each other: the way round is taken at the raw edge, π × 2 × {allowance} "
        + "too long, and the band’s own turnings are left out.";

    internal static string RepeatForgotten => "The pattern’s repeat is forgotten: pieces are laid as on plain cloth.";

    internal static string RoundedDown(string need) => $"It is rounded down: {need} is needed.";

    internal static string SecondFaceForgotten => "The second face, or the second half, is forgotten.";

    internal static string SeamForZipTurning => "The seam is taken where the zip’s turning belongs.";

    internal static string SelvageNotTakenOff => "The selvage is not taken off: pieces are laid over the whole width.";

    internal static string SlopeTakenStraightAcross => "The slope is taken straight across: it is the slant that is covered.";

    internal static string SlopeTakenStraightDown => "The slope is taken straight down: it is the slant that is covered.";

    internal static string CountedAtOneEnd(string name) => $"The {name} is counted at one end; it is needed at both.";

    internal static string CountedOnceForBothEnds(string name) => $"The {name} is counted once; it is needed at both ends.";

    internal static string LeftOut(string name) => $"The {name} is left out.";

    internal static string UsualWay(string look) => $"the usual way: {look}";

    internal static string WidthAndDepthSwapped => "The width and the depth are swapped.";

    internal static string TwiceAsMuch => "This is twice as much: it is counted for both faces where one is meant.";

    internal static string TurningsForgotten => "The band’s own turnings are left out.";

    internal static string WidthsForgotten => "It takes more than one width of the cloth: the figure is for one.";

    internal static string WrongWay(string name, bool isValue) =>
        $"The {name} is {(isValue ? "taken away where it is added" : "added where it is taken away")}.";

    internal static string YardsTakenForMetres => "The number of yards is taken for metres: 6 yd is 5.49 m, not 6 m.";

    internal static string YardsDividedInsteadOfMultiplied =>
        "Yards were divided by 0.9144 instead of multiplied: 6 yd is 5.49 m, not 6.56 m.";

    internal static string MetresMultipliedInsteadOfDivided =>
        "Metres were multiplied by 0.9144 instead of divided: 6 m is 6.56 yd, not 5.49 yd.";

    internal static string MetresTakenForYards => "The number of metres is taken for yards: 6 m is 6.56 yd, not 6 yd.";
}
