namespace Wrapper.Core.English;

/// <summary>What traits of a cloth are called and what they ask for.</summary>
internal static class TraitText
{
    internal static string Stretches => "stretches";

    internal static string HandlingOfStretches =>
        "Ball-point needle, a narrow zigzag or a stretch stitch, and tape in the seams that "
        + "carry. Do not pull it on the table: cut it lying.";

    internal static string Slips => "slips";

    internal static string HandlingOfSlips =>
        "Fine sharp needle, walking foot, many pins inside the allowance or a basting thread. Cut it single, on paper if need be.";

    internal static string Frays => "frays";

    internal static string HandlingOfFrays =>
        "Wider seams, raw edges overlocked or zigzagged before the pieces are joined, snips no deeper than half the allowance.";

    internal static string ShowsThrough => "shows through";

    internal static string HandlingOfShowsThrough =>
        "Fine needle, allowances trimmed to one width and finished, thread of the cloth’s own "
        + "colour. Hold it over what lies under it before cutting.";

    internal static string Bulky => "bulky";

    internal static string HandlingOfBulky =>
        "Strong needle (100 to 110), heavy thread, stitch of 3½ to 4 mm, walking foot; layers graded in "
        + "the seam, corners trimmed, thick crossings beaten flat.";

    internal static string Striped => "stripes or checks";

    internal static string HandlingOfStriped => "Walking foot, and a pin through both layers at every stripe that has to meet.";

    internal static string HeatProof => "heat-proof";

    internal static string HandlingOfHeatProof => "Cotton thread and cotton or wool wadding only: polyester melts under heat.";

    internal static string Outdoor => "for outdoors";

    internal static string HandlingOfOutdoor =>
        "Polyester thread that bears the sun, plastic zip laid face down, no cotton cord that holds water, a way out for the water below.";

    internal static string Washable => "may be washed";

    internal static string HandlingOfWashable =>
        "Washed before it is cut, every raw edge finished, zip and thread that bear the same wash.";

    internal static string FraysAtSeam(string cloth, string allowance, string asked) =>
        $"{cloth} frays and its seams have {allowance}: {asked} leaves enough beside a finished edge.";

    internal static string ToWiderSeams(string asked) => $"Make the seams {asked}";
}
