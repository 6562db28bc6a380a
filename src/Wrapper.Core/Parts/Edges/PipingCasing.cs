using Wrapper.Core.Catalogue;
using Wrapper.Core.Checks;
using Wrapper.Core.English.Parts;
using Wrapper.Core.Geometry;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Wrapper.Core.Working;

namespace Wrapper.Core.Parts.Edges;

/// <summary>Casing strips for piping, on the bias or on the straight grain. See docs/handbook.md, "Piping".</summary>
internal static class PipingCasing
{
    /// <summary>The strip's cut width: round the cord and two seams, rounded up to what can be cut, exact from there.</summary>
    public static Worked CutWidth(CoverSpecification cover)
    {
        var specification = cover.In(PieceRole.Piping, PieceKind.Piping);
        var step = specification.Unit.IsImperial() ? Length.FromInches(0, 1, 8) : Length.FromMillimetres(1m);
        var rules = specification.Rules;
        return (rules[Rule.Cord].TimesPi() + specification.ClothThickness.TimesPi() + (2 * rules[Rule.Seam])).RoundedUpTo(step);
    }

    /// <summary>
    /// The piping of one cover along these edges, for all covers alike: each run with its lap, the casing's width, the cord;
    /// and the casing strips as a piece when a cloth is chosen.
    /// </summary>
    public static IEnumerable<Notion> Runs(CoverSpecification cover, IReadOnlyList<Worked> edges, List<Piece> pieces, List<Check> checks)
    {
        var specification = cover.In(PieceRole.Piping, PieceKind.Piping);
        var lap = specification.Rules[Rule.PipingLap];
        var casing = CutWidth(specification);
        var all = specification.Count * Worked.Sum(edges.Select(edge => edge + lap));
        var notions = new List<Notion>();
        foreach (var like in edges.GroupBy(edge => edge.Value))
        {
            var (run, count) = (like.First() + lap, like.Count() * specification.Count);
            notions.Add(new(NotionKind.Piping, "Piping, each run", count, run) { Brief = "Piping" });
            notions.Add(new(NotionKind.PipingCasing, "Piping casing, cut width", count, run, casing));
        }

        notions.Add(new(NotionKind.Cord, "Cord for piping", 1, all.Named("all runs")));
        if (specification.UsableWidth is not null)
        {
            if (Strips(specification, casing, all.Value) is { } strips)
            {
                pieces.Add(strips);
            }
            else
            {
                checks.Add(
                    Check.Error(
                        "cloth-too-narrow-for-casing",
                        PartsText.ClothTooNarrowForCasing,
                        "piping",
                        new Mend(PartsText.ToNoPiping, "options.piping", "none")
                    ) with
                    {
                        Concerns = CheckConcern.Cloth,
                    }
                );
            }
        }

        return notions;
    }

    /// <summary>The strips that give these runs, all from one joined strip; null when the cloth is too narrow for any.</summary>
    public static Piece? Strips(CoverSpecification specification, Worked casing, Length runs)
    {
        var usable = specification.UsableWidth!.Value;
        var seam = specification.Rules[Rule.Seam].Value;
        var clothWidth = Worked.Given("usable width", usable, QuantitySource.Cloth);
        return specification.Choices.Bias ? OnTheBias(clothWidth, casing, seam, runs) : OnTheStraight(clothWidth, casing, seam, runs);
    }

    private static Piece? OnTheBias(Worked usable, Worked casing, Length seam, Length runs)
    {
        var strip = usable.TimesRootTwo();
        var join = (2 * seam).Times(Math.Sqrt(2));
        if (Count(strip.Value, join, runs + casing.Value) is not { } count)
        {
            return null;
        }

        var rise = casing.TimesRootTwo();
        var zero = Length.Zero;
        var width = usable.Value;
        var outline = Outline.Polygon(
            (End(EdgeSide.Left), new(zero, rise.Value)),
            (Long(EdgeLayer.Lower), new(zero, zero)),
            (End(EdgeSide.Right), new(width, width)),
            (Long(EdgeLayer.Upper), new(width, width + rise.Value))
        );
        return Strip(outline, count, strip, casing, "Piping casing, bias") with { IsSlantStrip = true };
    }

    private static Piece? OnTheStraight(Worked usable, Worked casing, Length seam, Length runs)
    {
        if (Count(usable.Value, 2 * seam, runs) is not { } count)
        {
            return null;
        }

        var zero = Length.Zero;
        var outline = Outline.Polygon(
            (Long(EdgeLayer.Lower), new(zero, zero)),
            (End(EdgeSide.Right), new(usable.Value, zero)),
            (Long(EdgeLayer.Upper), new(usable.Value, casing.Value)),
            (End(EdgeSide.Left), new(zero, casing.Value))
        );
        return Strip(outline, count, usable, casing, "Piping casing, straight grain");
    }

    private static EdgeName End(EdgeSide side) => EdgeName.Called($"end-{side.Word()}", new(EdgeSide.End, side), EdgeFunction.Casing);

    private static EdgeName Long(EdgeLayer layer) => EdgeName.Called(layer.Word(), new(EdgeSide.None, Layer: layer), EdgeFunction.Casing);

    private static int? Count(Length strip, Length join, Length needed)
    {
        var gained = strip - join;
        return gained.IsPositive ? Math.Max(1, (int)Math.Ceiling((needed - join).RatioTo(gained) - 1e-12)) : null;
    }

    /// <summary>A casing strip is drawn at its cut edge: its seam allowances are inside its width.</summary>
    private static Piece Strip(Outline outline, int count, Worked length, Worked width, string name) =>
        new()
        {
            Key = "piping",
            Kind = PieceKind.Piping,
            Name = name,
            PerCover = count,
            Use = PieceUse.Casing,
            Quantity = count,
            CutWidth = length,
            CutLength = width,
            StitchLine = outline,
            Allowances = outline.Edges.ToDictionary(edge => edge.Name.Word, _ => Length.Zero),
        };
}
