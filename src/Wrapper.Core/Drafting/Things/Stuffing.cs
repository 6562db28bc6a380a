using Wrapper.Core.Units;
using Wrapper.Core.Working;

namespace Wrapper.Core.Drafting.Things;

/// <summary>Loose filling by volume and density.</summary>
internal static class Stuffing
{
    /// <summary>How much to have ready, in grams as a count; nothing for a flat thing.</summary>
    public static IEnumerable<Notion> Of(CoverSpecification specification, ConstructedCover cover)
    {
        if (cover.Body is not { } body || body.High.IsZero)
        {
            yield break;
        }

        var isDrum = cover.Finished.Any(size => size.Key == "P");
        var cubicMetres = body.Across.Millimetres * body.Along.Millimetres * body.High.Millimetres / 1e9 * (isDrum ? Math.PI / 4 : 1);
        var grams = (int)Math.Ceiling(cubicMetres * (double)specification.Rules.Number("stuffing") * 1000);
        yield return new("stuffing", "Stuffing, in grams", grams * specification.Count, Worked.Zero);
    }
}
