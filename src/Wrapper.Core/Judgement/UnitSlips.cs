using Wrapper.Core.English.Judgement;
using Wrapper.Core.Units;

namespace Wrapper.Core.Judgement;

/// <summary>
/// Slips on a whole figure, whatever its sum: half of it, twice it, another unit. See docs/handbook.md, "The maker's own figure".
/// </summary>
internal static class UnitSlips
{
    private const decimal MetresInAYard = 0.9144m;
    private const decimal CentimetresInAnInch = 2.54m;

    private static readonly Length LongestOnATape = Length.FromMillimetres(2000m);
    private static readonly Length Centimetre = Length.FromMillimetres(10m);

    /// <summary>
    /// How near a figure has to come to a slip on this number to be explained by it. What is long enough to be told in yards or
    /// metres is written to the centimetre, as 6.56 m.
    /// </summary>
    public static Length Near(Slip slip, Length number, Length near) =>
        slip.MixesYards && number > LongestOnATape ? Length.Max(near, Centimetre.Half()) : near;

    /// <summary>Every one of them on this figure.</summary>
    public static IEnumerable<Slip> Of(Length number)
    {
        yield return new("second-face-forgotten", JudgementText.SecondFaceForgotten, number.Half());
        yield return new("doubled", JudgementText.TwiceAsMuch, 2 * number);
        foreach (var slip in YardsAndMetres(number))
        {
            yield return slip;
        }

        yield return new("inches-and-centimetres", JudgementText.InchesReadAsCentimetres, number.Times(1 / CentimetresInAnInch));
        yield return new("inches-and-centimetres", JudgementText.CentimetresReadAsInches, number.Times(CentimetresInAnInch));
    }

    /// <summary>The four ways to mix yards and metres; 6 yd is 5.49 m.</summary>
    public static IEnumerable<Slip> YardsAndMetres(Length number)
    {
        yield return new("yards-and-metres", JudgementText.YardsTakenForMetres, number.Times(1 / MetresInAYard)) { MixesYards = true };
        yield return new(
            "yards-and-metres",
            JudgementText.YardsDividedInsteadOfMultiplied,
            number.Times(1 / (MetresInAYard * MetresInAYard))
        )
        {
            MixesYards = true,
        };
        yield return new("yards-and-metres", JudgementText.MetresTakenForYards, number.Times(MetresInAYard)) { MixesYards = true };
        yield return new("yards-and-metres", JudgementText.MetresMultipliedInsteadOfDivided, number.Times(MetresInAYard * MetresInAYard))
        {
            MixesYards = true,
        };
    }
}
