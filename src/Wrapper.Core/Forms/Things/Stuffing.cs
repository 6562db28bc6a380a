using Wrapper.Core.Catalogue;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Wrapper.Core.Working;

namespace Wrapper.Core.Forms.Things;

/// <summary>Loose filling by volume and density.</summary>
internal static class Stuffing
{
    /// <summary>How much to have ready, in grams as a count; nothing for a flat thing.</summary>
    /// <param name="specification">The cover.</param>
    /// <param name="across">Its width.</param>
    /// <param name="along">Its depth.</param>
    /// <param name="high">Its height.</param>
    /// <param name="isDrum">It is round.</param>
    public static IEnumerable<Notion> Of(CoverSpecification specification, Length across, Length along, Length high, bool isDrum)
    {
        if (high.IsZero)
        {
            yield break;
        }

        var cubicMetres = across.Millimetres * along.Millimetres * high.Millimetres / 1e9 * (isDrum ? Math.PI / 4 : 1);
        var grams = (int)Math.Ceiling(cubicMetres * (double)specification.Rules.Number(NumberRule.Stuffing) * 1000);
        yield return new(NotionKind.Stuffing, "Stuffing, in grams", grams * specification.Count, Worked.Zero);
    }
}
