using Wrapper.Core.Buying;
using Wrapper.Core.Buying.Cloths;
using Wrapper.Core.Checks;
using Wrapper.Core.Lays;
using Wrapper.Core.Pattern;
using Wrapper.Core.Units;
using Wrapper.Core.Working;
using Wrapper.Formats.Answers;

namespace Wrapper.Web.Answers;

/// <summary>What a job takes of its cloth, written in the job's unit.</summary>
internal static class YardageWriting
{
    public static CutStretchJson Cut(CutStretch stretch, LengthUnit unit)
    {
        var pieces = new List<CutPieceJson>();
        foreach (var piece in stretch.Pieces)
        {
            if (pieces.Count > 0 && pieces[^1].Piece == piece.Piece)
            {
                pieces[^1] = pieces[^1] with { Count = pieces[^1].Count + 1 };
            }
            else
            {
                pieces.Add(new(piece.Piece, 1));
            }
        }

        return new(stretch.To.Millimetres, LengthFormat.For(unit).RoundedWithUnit(stretch.To), stretch.Straight, pieces);
    }

    /// <summary>What else is bought for these drafts.</summary>
    public static IReadOnlyList<ShoppingJson> Shopping(IEnumerable<Draft> drafts, ClothBuyer buyer, LengthUnit unit) =>
        [.. NotionBuyer.ListOf(drafts, unit, buyer.BuyingStep).Select(line => new ShoppingJson(line.Kind, line.Text, line.Quantity))];

    public static BuyJson? Bought(Yardage yardage, LengthUnit unit, decimal? price, Length? matching)
    {
        if (yardage.Buy is not { } buy)
        {
            return null;
        }

        var length = buy.Value;
        var figure = FigureOf(yardage, unit);
        var thumb = yardage.RuleOfThumb!.Value;
        var line = new WorkingWriter(LengthFormat.For(unit)).Line("buy", "Cloth to buy", buy);
        return new(
            yardage.Need!.Value.Millimetres,
            length.Millimetres,
            yardage.ReadyMade,
            figure[..figure.LastIndexOf(' ')],
            figure[(figure.LastIndexOf(' ') + 1)..],
            NotionBuyer.Running(yardage.BuyInYards!.Value, LengthUnit.Yard),
            NotionBuyer.Running(yardage.BuyInMetres!.Value, LengthUnit.Metre),
            NotionBuyer.Running(thumb, unit),
            thumb > length ? NotionBuyer.Running(thumb - length, unit) : null,
            matching is { IsPositive: true } more ? NotionBuyer.Running(more, unit) : null,
            yardage.Waste!.Value,
            yardage.CostAt(price, unit),
            new(line.For, line.Name, line.Expression, line.Value.Millimetres, line.Shown, line.Tokens)
        );
    }

    /// <summary>The face of a cloth where it lies under its lay; null where nobody has described it.</summary>
    public static PrintJson? Print(ClothSpecification cloth, Yardage yardage)
    {
        if (cloth.Face is not { } face)
        {
            return null;
        }

        var (x, y) = PrintPlace.Of(cloth, yardage);
        return new(
            face.Kind,
            face.Ground,
            face.Ink,
            face.Figure.Times(1 - cloth.GoneAcross).Millimetres,
            cloth.LaidRepeatWidth.Millimetres,
            cloth.LaidRepeatLength.Millimetres,
            cloth.HalfDrop,
            x.Millimetres,
            y.Millimetres,
            face.Picture
        );
    }

    /// <summary>What to ask for: so many yards or metres, or so many pieces of what comes ready made.</summary>
    public static string FigureOf(Yardage yardage, LengthUnit unit) =>
        yardage.ReadyMade > 0
            ? $"{yardage.ReadyMade} {(yardage.ReadyMade == 1 ? "piece" : "pieces")}"
            : NotionBuyer.Running(yardage.Buy!.Value, unit);

    public static WidthJson Width(WidthComparison comparison, LengthUnit unit)
    {
        var yardage = comparison.Yardage;
        var bought = yardage.Checks.HasError() ? null : yardage.Buy; // a figure without what does not fit would mislead
        var checks = yardage
            .Checks.Concat(yardage.Drafts.Values.SelectMany(draft => draft.Checks))
            .Where(check => check.Concerns == CheckConcern.Cloth)
            .DistinctBy(check => check.Text);
        return new(
            comparison.Width.Name,
            comparison.Width.Width.Millimetres,
            bought is null ? null : FigureOf(yardage, unit),
            bought?.Value.Millimetres,
            comparison.Cost,
            bought is null ? null : yardage.Waste,
            yardage.Joins,
            [.. comparison.Marks],
            [.. checks.Select(CheckJson.Of)]
        );
    }

    /// <summary>The flaws and remnants of a cloth, as they are drawn beside its pieces.</summary>
    public static ClothLaidJson Roll(ClothSpecification cloth) =>
        new(
            [.. cloth.Flaws.Select(Corners)],
            [.. cloth.Remnants.Select(remnant => new RemnantLaidJson(remnant.Id, remnant.Width.Millimetres, remnant.Length.Millimetres))],
            cloth.Selvage.Millimetres
        );

    /// <summary>The figure to buy by over what the pattern is matched.</summary>
    public static Dictionary<string, string> Matchings(IReadOnlyDictionary<MatchOver, Yardage> matchings, LengthUnit unit) =>
        matchings.Where(one => one.Value.Buy is not null).ToDictionary(one => one.Key.Word(), one => FigureOf(one.Value, unit));

    private static double[] Corners(Flaw flaw) =>
        [flaw.Left!.Value.Millimetres, flaw.Right!.Value.Millimetres, flaw.From.Millimetres, flaw.To.Millimetres];
}
