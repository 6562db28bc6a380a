using Wrapper.Core.Catalogue;
using Wrapper.Core.Pattern;
using Wrapper.Core.Units;

namespace Wrapper.Core.Costing;

/// <summary>One line of an estimate: so many of something at so many minutes each.</summary>
/// <param name="What">What is done: “cut and mark”, “seams”.</param>
/// <param name="Amount">How many, or how many metres.</param>
/// <param name="Each">Minutes for one of them.</param>
public sealed record TimePart(string What, double Amount, decimal Each)
{
    /// <summary>Minutes for all of them.</summary>
    public double Minutes => Amount * (double)Each;
}

/// <summary>
/// How long the covers of a draft take to make, by the house's starting rates: an estimate and always shown as one. See
/// docs/handbook.md, "Minutes".
/// </summary>
/// <param name="Parts">What it is added up from.</param>
public sealed record SewingTime(IReadOnlyList<TimePart> Parts)
{
    /// <summary>Minutes for all covers alike.</summary>
    public double Minutes => Parts.Sum(part => part.Minutes);

    /// <summary>The time for all covers of a draft.</summary>
    /// <param name="draft">The draft.</param>
    /// <param name="count">How many covers alike it is of.</param>
    /// <param name="rules">The rules in force: the rates are among them.</param>
    public static SewingTime Of(Draft draft, int count, RuleBook rules)
    {
        var plain = draft.Ledger.Where(entry => !entry.Seam.IsFlat && entry.Seam.Takes is null);
        var piped = draft.Ledger.Where(entry => entry.Seam.Takes == Caught.Piping);
        var zipped = draft.Ledger.Where(entry => entry.Seam.Takes is Caught.Zip or Caught.HookAndLoop).ToList();
        var hem = draft.Pieces.Where(piece => piece.Use == PieceUse.Cover).Sum(piece => piece.PerCover * OpenEdges(piece, draft.Seams).Sum(length => length.Millimetres)) / 1000;
        TimePart[] parts =
        [
            new("cut and mark", draft.PiecesToCut, rules.Number(NumberRule.MinutesPerPiece)),
            new("seams, metres", count * Metres(plain), rules.Number(NumberRule.MinutesPerSeam)),
            new("piped seams, metres", count * Metres(piped), rules.Number(NumberRule.MinutesPerPipedSeam)),
            new("setting up zips", zipped.Count > 0 ? count : 0, rules.Number(NumberRule.MinutesPerZip)),
            new("zips, metres", count * Metres(zipped), rules.Number(NumberRule.MinutesPerZipMetre)),
            new("boxed corners", count * draft.Pieces.Sum(Corners), rules.Number(NumberRule.MinutesPerCorner)),
            new("joins", count * draft.Ledger.Count(entry => entry.Seam.IsFlat), rules.Number(NumberRule.MinutesPerJoin)),
            new("hems and casings, metres", count * hem, rules.Number(NumberRule.MinutesPerHem)),
            new("turning and fitting", count, rules.Number(NumberRule.MinutesPerCover)),
        ];
        return new([.. parts.Where(part => part.Minutes > 0)]);
    }

    private static double Metres(IEnumerable<LedgerEntry> entries) => entries.Sum(entry => Length.Max(entry.FirstLength, entry.SecondLength).Millimetres) / 1000;

    /// <summary>Corners that are turned at the machine: lines sewn across opened corners, and the corners of plates that meet a wall.</summary>
    private static double Corners(Piece piece)
    {
        var opened = piece.Folds.Count(fold => fold.TrimsRight);
        var turned = 0;
        if (piece.Kind is PieceKind.Plate or PieceKind.End or PieceKind.Top)
        {
            var edges = piece.StitchLine.Edges;
            for (var i = 0; i < edges.Length; i++)
            {
                turned += edges[i].DirectionAtEnd.Cross(edges[(i + 1) % edges.Length].DirectionAtStart) > 0.5 ? 1 : 0;
            }
        }

        return piece.PerCover * (opened + turned);
    }

    /// <summary>The edges of one copy of a piece that no seam takes: they are hemmed, cased or finished.</summary>
    private static IEnumerable<Length> OpenEdges(Piece piece, IReadOnlyList<Seam> seams) => piece.StitchLine.Names
        .Where(name => !seams.Any(seam => seam.Edges.Any(side => side.Piece == piece.Key && side.Edge == name)))
        .Select(piece.StitchLine.LengthOf);
}
