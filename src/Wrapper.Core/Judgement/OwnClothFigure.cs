using Wrapper.Core.Buying;
using Wrapper.Core.Buying.Cloths;
using Wrapper.Core.English.Judgement;
using Wrapper.Core.Lays;
using Wrapper.Core.Pattern;
using Wrapper.Core.Units;
using Wrapper.Core.Working;

namespace Wrapper.Core.Judgement;

/// <summary>
/// Holds the maker's own figure for a whole job's cloth against the lay's: whether it agrees to half the step cloth is bought by,
/// and if not, which of the usual slips gives it. See docs/handbook.md, "The maker's own figure".
/// </summary>
public static class OwnClothFigure
{
    /// <summary>Orders of each lay that a slip would have made; the figure itself comes from as many as its own lay took.</summary>
    private const int Steps = 24;

    /// <summary>A figure in the other unit is written to two places and not rounded to the step: this part of it is allowed.</summary>
    private const decimal SlackOfUnits = 0.01m;

    /// <summary>Judges a figure for what is to be bought; null when there is nothing to buy yet.</summary>
    /// <param name="buyer">The buyer the figure comes from.</param>
    /// <param name="cloth">The cloth.</param>
    /// <param name="yardage">What the job takes of it.</param>
    /// <param name="figure">The maker's figure.</param>
    public static FigureJudgement? Judge(ClothBuyer buyer, ClothSpecification cloth, Yardage yardage, Length figure)
    {
        if (yardage.Buy is not { } buy)
        {
            return null;
        }

        var line = new WorkingWriter(LengthFormat.For(buyer.Unit)).Line("cloth", "Cloth to buy", buy);
        var near = buyer.BuyingStep.Half();
        var agrees = (figure - buy.Value).Abs() <= near;
        var known = agrees ? [] : SlipsOf(buyer, cloth, yardage);
        var slips = known
            .Where(slip => (slip.Value - figure).Abs() <= (slip.MixesYards ? buy.Value.Times(SlackOfUnits) : near))
            .DistinctBy(slip => slip.Text);
        return new FigureJudgement(agrees, figure - buy.Value, line, Likelihood.Ordered(slips)).WithNearest(known, figure);
    }

    /// <summary>Every slip there is on the figure, and what it gives.</summary>
    private static List<Slip> SlipsOf(ClothBuyer buyer, ClothSpecification cloth, Yardage yardage)
    {
        var (lay, need, buy) = (yardage.Lay!, yardage.Need!.Value, yardage.Buy!.Value);
        var pieces = yardage.Pieces;
        // What a maker works out is a lay or rows: a slip counts only where it changes the one it was made in.
        IEnumerable<Slip> Made(string code, string text, IEnumerable<Length> lengths, ClothSpecification on) =>
            lengths
                .Zip([lay.Length, lay.RuleOfThumb], (length, without) =>
                    (Slip: new Slip(code, text, buyer.FigureFor(length, on).Buy.Value), Without: buyer.FigureFor(without, cloth).Buy.Value)
                )
                .Where(made => made.Slip.Value < made.Without)
                .Select(made => made.Slip);
        IEnumerable<Slip> Without(string code, string text, IReadOnlyList<LaidPiece> left, ClothSpecification on) =>
            Made(code, text, LaysOf(on, left), on);

        List<Slip> slips =
        [
            .. Without("second-face-forgotten", JudgementText.SecondFaceForgotten, OneFaceEach(pieces), cloth),
            .. Made("second-face-forgotten", JudgementText.SecondFaceForgotten, [lay.Length.Half(), lay.RuleOfThumb.Half()], cloth),
            .. Without("widths-forgotten", JudgementText.WidthsForgotten, OneWidthEach(pieces, yardage), cloth),
            .. Made(
                "hems-once",
                JudgementText.HemsOnce,
                [lay.Length - HemsButOne(pieces, cloth), lay.RuleOfThumb - HemsButOne(pieces, cloth)],
                cloth
            ),
        ];
        if (cloth.Selvage.IsPositive)
        {
            slips.AddRange(
                Without(
                    "selvage-not-taken-off",
                    JudgementText.SelvageNotTakenOff,
                    pieces,
                    cloth with
                    {
                        Selvage = Length.Zero,
                        Flaws = [],
                        Pinned = [],
                        Kept = [],
                    }
                )
            );
        }

        if (cloth.Repeats)
        {
            slips.AddRange(Without("repeat-forgotten", JudgementText.RepeatForgotten, pieces, cloth.Plain));
        }

        slips.Add(
            new(
                "rounded-down",
                JudgementText.RoundedDown(LengthFormat.For(buyer.Unit).RoundedWithUnit(need)),
                need.RoundedDownTo(buyer.BuyingStep)
            )
        );
        slips.AddRange(UnitSlips.YardsAndMetres(buy));
        slips.Add(new("laid-in-rows", JudgementText.LaidInRows, buyer.FigureFor(lay.RuleOfThumb, cloth).Buy.Value));
        return slips;
    }

    /// <summary>How long the lay of these pieces is: as planned, and in rows as on paper.</summary>
    private static IEnumerable<Length> LaysOf(ClothSpecification cloth, IReadOnlyList<LaidPiece> pieces) =>
        pieces.Count > 0 && LayPlanner.Plan(ClothBuyer.RequestOf(cloth with { Kept = [], Pinned = [] }, pieces), Steps).Lay is { } lay
            ? [lay.Length, lay.RuleOfThumb]
            : [];

    /// <summary>
    /// The pieces with half of each cover's faces left out: half of those that are alike, and every second of those that differ.
    /// </summary>
    private static List<LaidPiece> OneFaceEach(IReadOnlyList<LaidPiece> pieces)
    {
        var kept = new List<LaidPiece>();
        var single = new Dictionary<(string Cover, PieceKind Kind), int>();
        foreach (var piece in pieces)
        {
            var kind = (piece.Cover, piece.Piece.Kind);
            if (!piece.Piece.IsFace || single.GetValueOrDefault(kind) % 2 == 0)
            {
                kept.Add(piece.Piece.IsFace && piece.Copies > 1 ? piece with { Copies = (piece.Copies + 1) / 2 } : piece);
            }

            if (piece.Piece.IsFace && piece.Copies == 1)
            {
                single[kind] = single.GetValueOrDefault(kind) + 1;
            }
        }

        return kept;
    }

    /// <summary>The pieces with only the largest part of each face that is joined from several widths.</summary>
    private static List<LaidPiece> OneWidthEach(IReadOnlyList<LaidPiece> pieces, Yardage yardage) =>
        [
            .. pieces.Where(piece =>
                !yardage.Drafts.TryGetValue(piece.Cover, out var draft)
                || piece.Piece.Use == PieceUse.Joined
                || !draft.Seams.Any(seam => seam.IsFlat && IsJoinedToLarger(piece, seam, draft))
            ),
        ];

    private static bool IsJoinedToLarger(LaidPiece piece, Seam seam, Draft draft)
    {
        var other =
            seam.First.Piece == piece.Piece.Key ? seam.Second.Piece
            : seam.Second.Piece == piece.Piece.Key ? seam.First.Piece
            : null;
        return other is not null
            && draft.Pieces.First(one => one.Key == other) is var joined
            && (
                Area(joined) > Area(piece.Piece) || (Area(joined) == Area(piece.Piece) && string.CompareOrdinal(other, piece.Piece.Key) < 0)
            );
    }

    private static double Area(Piece piece) => piece.CutWidth.Value.Millimetres * piece.CutLength.Value.Millimetres;

    /// <summary>What the hems and seams of all rows come to, along the roll, but for those of one row.</summary>
    private static Length HemsButOne(IReadOnlyList<LaidPiece> pieces, ClothSpecification cloth)
    {
        var (total, most) = (Length.Zero, Length.Zero);
        foreach (var piece in pieces)
        {
            var hems = AllowancesAlong(piece.Piece);
            var across = Across(piece, cloth);
            total += (piece.Copies + across - 1) / across * hems;
            most = Length.Max(most, hems);
        }

        return total - most;
    }

    private static Length AllowancesAlong(Piece piece)
    {
        var sum = OwnFigure.Opened(piece.Turns[0] % 180 == 0 ? piece.CutLength : piece.CutWidth).Last();
        return Worked
            .Sum(
                sum.Terms.Where(term => term.Quantity is GivenQuantity { Source: not (QuantitySource.Measure or QuantitySource.Worked) })
                    .Select(term => sum - sum.Without(term))
            )
            .Value;
    }

    /// <summary>How many of a piece go side by side.</summary>
    private static int Across(LaidPiece piece, ClothSpecification cloth)
    {
        var box = piece.Piece.CutLine.Bounds;
        var width = piece.Piece.Turns[0] % 180 == 0 ? box.Width : box.Height;
        return (int)Math.Max(1, cloth.UsableWidth.Nanometres / Math.Max(1, width.Nanometres));
    }
}
