namespace Wrapper.Core.English;

/// <summary>What is said of things and their measures.</summary>
internal static class FormText
{
    internal static string BeddingSnug => "Bedding is made exact or easy, never snug: a filling pressed together does not warm.";

    internal static string ContourIsFlat => "Without slopes this is a flat pad: choose the flat one.";

    internal static string ContourTooWide(string width) =>
        $"Two rims and the flat are wider than the pad’s {width}: measure the flat and the rims again.";

    internal static string ContourUpsideDown => "The flat in the middle is higher than the rims: the two heights are swapped.";

    internal static string CornersNeedBoxing =>
        "Rounded corners cannot be made this way: draft it with a boxing strip, or with square corners.";

    internal static string CorrectionWithoutSide =>
        "A free outline has no left or right to take in: correct it all round, or move its points.";

    internal static string CutTooLarge(string cut, string whole) =>
        $"The cut corner takes {cut} of {whole}: nothing is left of that side. Measure it as an outline.";

    internal static string DropBeyondFloor(string drop, string floorHeight) =>
        $"A drop of {drop} is more than the {floorHeight} down to the floor: the cover would lie on it.";

    internal static string EarTooDeep(string earDepth, string depth) =>
        $"The ear is {earDepth} deep and the cushion {depth}: an ear is shorter than the cushion.";

    internal static string EarTooWide(string ears, string width) =>
        $"The ears take {ears} of a width of {width}: nothing is left of the body. The width is taken over the ears.";

    internal static string FitTooSnug(string measure, string size, string measureOther) =>
        $"With this fit the finished {measure} is {size}, under half of the {measureOther} "
        + "measured: it cannot go on. Check the fit and its unit.";

    internal static string FitUnlikely(string rules, string name) =>
        $"A fit of {rules} is more than a tenth of the {name}: check the unit.";

    internal static string FrontBackSwapped => "The back is wider than the front: right for a bay or a bow, otherwise the two are swapped.";

    internal static string MeasureMissing => "Diameter is not taken yet: take it across the end, or the circumference round the roll.";

    internal static string NoEase => "Without ease the cover has to be pulled over the back by force.";

    internal static string NoseTooWide(string nose, string widest) =>
        $"The nose of {nose} is wider than the board’s {widest}: the two are swapped.";

    internal static string NotSquare(string difference) =>
        $"The diagonals differ by {difference}: the thing is not square, and a cover drafted "
        + "square will twist on it. Measure it as an outline.";

    internal static string NothingLeft(string measure, string size) =>
        $"With this fit the finished {measure} is {size}: there is nothing left to cover. Make the fit less snug or measure again.";

    internal static string ObstaclesOnACurve =>
        "Obstacles are placed on a board with square corners: leave the corner radius out, or the obstacles.";

    internal static string OneFitForOutline => "A free outline takes one fit all round: the width fit is used, half of it on each side.";

    internal static string OpeningTooSmall(string zip) =>
        $"The zip of {zip} is under nine tenths of the diameter: the roll will not go in without a fight.";

    internal static string PairWithoutPartner(string zone, int count) =>
        $"{zone}: a left and a right make two, and there are {count}: one of a pair is cut for each.";

    internal static string ReadingsDisagree(string measure, string read, string expected) =>
        $"The {measure} reads {read} where the other reading asks for {expected}: one of the two is wrong.";

    internal static string SkirtOnReturn(string under) =>
        $"The skirt would hang from what turns under, {under} inside the edge of the base: a skirt wants no return.";

    internal static string ToNoReturn => "Turn nothing under";

    internal static string SkirtWithoutDrop => "The skirt’s drop is not taken: it is not drafted.";

    internal static string SwapEarDepthAndDepth => "Swap ear depth and depth";

    internal static string SwapFrontAndBack => "Swap front and back";

    internal static string SwapThicknessAndDepth => "Swap thickness and depth";

    internal static string TaperOutOfRange(string taper) =>
        $"A taper of {taper} does not lie between half the nose and the whole length: measure it "
        + "from the tip back to where the sides run straight.";

    internal static string ClothShrinks(decimal along, decimal across) =>
        FormattableString.Invariant($"The cloth loses {along:0.##} % of its length and {across:0.##} % of its width: ")
        + "wash it before it is cut, and buy so much more.";

    internal static string ThicknessOverHalfDepth(string thickness, string depth) =>
        $"The thickness ({thickness}) is over half the depth ({depth}): check that they are not swapped.";

    internal static string ToAQuarterOfTheWidth => "A quarter of the width";

    internal static string ToAThirdOfTheLength => "A third of the length";

    internal static string ToCutItUnwashedSoMuchLarger => "Cut it unwashed, so much larger";

    internal static string ToEndAtTheFloor => "End at the floor";

    internal static string ToKeepTheOtherReading => "Keep the other reading";

    internal static string ToMeasureItAsAnOutline => "Measure it as an outline";

    internal static string ToSquareCorners => "Square corners";

    internal static string ToUsualEase => "Usual ease";

    internal static string ToUsualTuck => "Usual tuck-under";

    internal static string ToUsualWall => "Usual wall";

    internal static string TuckShortened(string zone, string freeTuck) =>
        $"{zone}: the gap gives {freeTuck}, less than is wanted; the tuck-in is as deep as the gap.";

    internal static string TuckUnderTooWide(string under) => $"Reaching under {under} from both sides is more than the whole width.";

    internal static string TuckUnderTooWideBetween(string under, string narrow) =>
        $"Reaching under {under} from both sides is more than the {narrow} there is.";

    internal static string WallTooShort => "The casing takes the whole wall: make the wall deeper or the casing narrower.";

    internal static string ZipDownABackCornerClosed => "Zip down a back corner, closed at the top, caught by the seam of the skirt";

    internal static string ZonesMissing => "No part is measured yet: give each its name, its greatest width and height between seams.";
}
