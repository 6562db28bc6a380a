using Wrapper.Core.Units;

namespace Wrapper.Core.Judgement;

/// <summary>Slips on a whole figure, whatever its sum: half of it, twice it, another unit. See docs/handbook.md, "The maker's own figure".</summary>
internal static class UnitSlips
{
    /// <summary>What is said of a figure that is half of what it should be.</summary>
    public const string SecondFaceForgotten = "This is half of it: the second face, or the second half, is forgotten.";

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
        yield return new("second-face-forgotten", SecondFaceForgotten, number.Half());
        yield return new("doubled", "This is twice as much: it is counted for both faces where one is meant.", 2 * number);
        foreach (var slip in YardsAndMetres(number))
        {
            yield return slip;
        }

        yield return new("inches-and-centimetres", "Inches were read as centimetres.", number.Times(1 / CentimetresInAnInch));
        yield return new("inches-and-centimetres", "Centimetres were read as inches.", number.Times(CentimetresInAnInch));
    }

    /// <summary>The four ways to mix yards and metres; 6 yd is 5.49 m.</summary>
    public static IEnumerable<Slip> YardsAndMetres(Length number)
    {
        yield return new("yards-and-metres", "The number of yards is taken for metres: 6 yd is 5.49 m, not 6 m.", number.Times(1 / MetresInAYard)) { MixesYards = true };
        yield return new("yards-and-metres", "Yards were divided by 0.9144 instead of multiplied: 6 yd is 5.49 m, not 6.56 m.", number.Times(1 / (MetresInAYard * MetresInAYard))) { MixesYards = true };
        yield return new("yards-and-metres", "The number of metres is taken for yards: 6 m is 6.56 yd, not 6 yd.", number.Times(MetresInAYard)) { MixesYards = true };
        yield return new("yards-and-metres", "Metres were multiplied by 0.9144 instead of divided: 6 m is 6.56 yd, not 5.49 yd.", number.Times(MetresInAYard * MetresInAYard)) { MixesYards = true };
    }
}
