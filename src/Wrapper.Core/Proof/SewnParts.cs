using Wrapper.Core.English;
using Wrapper.Core.Geometry;
using Wrapper.Core.Pattern;

namespace Wrapper.Core.Proof;

/// <summary>
/// What the proof asks of pieces that are not folded up: zones lie in their blocks, a skirt is as long and as deep as it has to
/// be, what is sewn on is in a seam, and the casing is long enough for what is piped. See docs/handbook.md, "Fold-up".
/// </summary>
internal static class SewnParts
{
    private const double Tolerance = 0.1;

    /// <summary>In square millimetres.</summary>
    private const double Area = 2;

    public static IEnumerable<string> Problems(
        IReadOnlyList<Piece> pieces,
        IReadOnlyList<Seam> seams,
        Expectation thing,
        IReadOnlyDictionary<string, IReadOnlyList<string>> blocks
    ) =>
        thing
            .Zones.SelectMany(zone => OfZone(zone, pieces, blocks))
            .Concat(OfSkirt(pieces, thing.Skirt))
            .Concat(OfMedallion(pieces, thing.Medallion))
            .Concat(Unsewn(pieces, seams))
            .Concat(OfCasing(pieces, seams))
            .Concat(OfStrips(pieces));

    /// <summary>A zone, with its tucks, lies in its block with the allowance all round: no less, and nothing cut to waste.</summary>
    private static IEnumerable<string> OfZone(
        ExpectedZone zone,
        IReadOnlyList<Piece> pieces,
        IReadOnlyDictionary<string, IReadOnlyList<string>> blocks
    )
    {
        var parts = pieces.Where(piece => blocks.TryGetValue(zone.Zone, out var keys) && keys.Contains(piece.Key)).ToList();
        if (parts.Count == 0)
        {
            yield return ProofText.ZoneWithoutBlock(zone.Zone);
            yield break;
        }

        if (
            Differs(parts.Sum(part => part.StitchLine.Bounds.Width.Millimetres), zone.Width)
            || parts.Exists(part => Differs(part.StitchLine.Bounds.Height.Millimetres, zone.Height))
        )
        {
            yield return ProofText.BlockSize(zone.Zone, zone.Width, zone.Height);
        }

        foreach (var (edge, allowance) in parts.SelectMany(part => part.StitchLine.Names.Select(name => (name, part.Allowances[name]))))
        {
            var asked =
                edge.Function == EdgeFunction.Join ? (double?)null
                : edge.Side is EdgeSide.Left or EdgeSide.Right ? zone.Across
                : zone.Along;
            if (asked is { } least && Differs(allowance.Millimetres, least))
            {
                yield return ProofText.BlockAllowance(zone.Zone, edge, allowance.Millimetres, least);
            }
        }
    }

    private static IEnumerable<string> OfSkirt(IReadOnlyList<Piece> pieces, ExpectedSkirt? expected)
    {
        var skirt = pieces.FirstOrDefault(piece => piece.Use == PieceUse.Hung);
        if (skirt is null != expected is null)
        {
            yield return expected is null ? ProofText.SkirtUnasked : ProofText.SkirtMissing;
        }
        else if (
            skirt is not null
            && expected is not null
            && (
                Differs(skirt.PerCover * skirt.StitchLine.Bounds.Width.Millimetres, expected.Length)
                || Differs(skirt.StitchLine.Bounds.Height.Millimetres, expected.Drop)
            )
        )
        {
            yield return ProofText.SkirtSize(expected.Length, expected.Drop);
        }
    }

    private static IEnumerable<string> OfMedallion(IReadOnlyList<Piece> pieces, double diameter)
    {
        foreach (var piece in pieces.Where(piece => piece.Kind == PieceKind.Medallion))
        {
            if (Differs(piece.StitchLine.Perimeter.Millimetres, Math.PI * diameter))
            {
                yield return ProofText.MedallionSize(diameter);
            }
        }
    }

    /// <summary>Every edge of what hangs, but its hem, and something of whatever is sewn on, has to be in a seam.</summary>
    private static IEnumerable<string> Unsewn(IReadOnlyList<Piece> pieces, IReadOnlyList<Seam> seams)
    {
        var sewn = seams.SelectMany(seam => seam.Edges).Select(side => (side.Piece, side.Copy)).ToHashSet();
        foreach (var piece in pieces.Where(piece => piece.Use is PieceUse.Hung or PieceUse.Applied))
        {
            for (var copy = 1; copy <= piece.PerCover; copy++)
            {
                if (!sewn.Contains((piece.Key, copy)))
                {
                    yield return ProofText.SewnToNothing(piece.Key);
                }
            }
        }
    }

    /// <summary>All piped seams of all covers alike, and no lap yet, go into the casing strips as they are joined.</summary>
    private static IEnumerable<string> OfCasing(IReadOnlyList<Piece> pieces, IReadOnlyList<Seam> seams)
    {
        if (
            pieces.FirstOrDefault(piece => piece.Use == PieceUse.Casing) is not { } strip
            || pieces.FirstOrDefault(piece => piece.Use == PieceUse.Cover) is not { } other
        )
        {
            yield break;
        }

        var byKey = pieces.ToDictionary(piece => piece.Key);
        var covers = other.Quantity / other.PerCover;
        var runs =
            covers
            * seams
                .Where(seam => seam.Takes == Caught.Piping)
                .Sum(seam => byKey[seam.First.Piece].FindLength(seam.First.Edge)?.Millimetres ?? 0);
        var given = strip.Quantity * strip.StitchLine.Edges.Max(edge => edge.Length).Millimetres;
        if (given < runs)
        {
            yield return ProofText.CasingStripsGive(given, runs);
        }
    }

    /// <summary>The strips of a pieced face cover it, no more and no less, and have all of every edge it is sewn at.</summary>
    private static IEnumerable<string> OfStrips(IReadOnlyList<Piece> pieces)
    {
        foreach (var whole in pieces.Where(piece => piece.IsPieced))
        {
            var strips = pieces.Where(piece => whole.JoinedFrom.Contains(piece.Key)).ToList();
            var edges = whole.StitchLine.Names.All(edge =>
                !Differs(strips.Sum(strip => strip.StitchLine.FindLength(edge)?.Millimetres ?? 0), whole.LengthOf(edge).Millimetres)
            );
            if (
                strips.Exists(strip => strip.Quantity != whole.Quantity)
                || Math.Abs(strips.Sum(strip => strip.StitchLine.Area) - whole.StitchLine.Area) > Area
                || !edges
            )
            {
                yield return ProofText.StripsDoNotMakeIt(whole.Key);
            }
        }
    }

    private static bool Differs(double one, double other) => !(Math.Abs(one - other) <= Tolerance);
}
