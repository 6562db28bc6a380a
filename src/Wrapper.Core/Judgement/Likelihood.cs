namespace Wrapper.Core.Judgement;

/// <summary>Which of several slips that explain a figure is the likeliest. See docs/handbook.md, "The maker's own figure".</summary>
internal static class Likelihood
{
    /// <summary>The likeliest first: one thing overlooked comes before one mistaken for another, and that before two together.</summary>
    private static readonly string[] Order =
    [
        "second-face-forgotten",
        "allowance-counted-once",
        "widths-forgotten",
        "hems-once",
        "selvage-not-taken-off",
        "repeat-forgotten",
        "rounded-down",
        "circumference-at-raw-edge",
        "seam-for-zip-turning",
        "swapped",
        "slope-taken-straight",
        "ratio-forgotten",
        "turnings-forgotten",
        "allowance-forgotten",
        "fit-forgotten",
        "half-counted-whole",
        "raw-edge-without-turnings",
        "yards-and-metres",
        "inches-and-centimetres",
        "pieces-forgotten",
        "counted-once",
        "half-forgotten",
        "counted-twice",
        "figure-forgotten",
        "doubled",
        "counted-four-times",
        "wrong-way",
    ];

    /// <summary>The slips, the likeliest first.</summary>
    public static IReadOnlyList<Slip> Ordered(IEnumerable<Slip> slips) =>
        [.. slips.OrderBy(slip => Array.IndexOf(Order, slip.Code) is >= 0 and var at ? at : Order.Length)];
}
