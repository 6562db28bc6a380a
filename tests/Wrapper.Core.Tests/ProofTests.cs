using System.Collections.Concurrent;
using CsCheck;
using Wrapper.Core.Checks;
using Wrapper.Core.Drafting;
using Wrapper.Core.Geometry;
using Wrapper.Core.Pattern;
using Wrapper.Core.Proof;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Xunit;

namespace Wrapper.Core.Tests;

/// <summary>The proof is told the thing, and nothing sewn escapes it.</summary>
public sealed class ProofTests
{
    /// <summary>The forms by id.</summary>
    public static TheoryData<string> Forms => [.. Covers.Cells.Select(cell => cell.Form.Id).Distinct()];

    [Theory]
    [MemberData(nameof(Forms))]
    public void Whatever_the_tape_lay_on_and_trying_on_taught_the_cover_is_as_large_as_the_thing(string form)
    {
        var drafted = new ConcurrentDictionary<string, int>();
        foreach (var cell in Covers.Cells.Where(cell => cell.Form.Id == form && cell.Option.Length == 0))
        {
            var varied =
                from input in Covers.Of(cell)
                from measuredFrom in Choice.Of("filling", "padded-filling", "space", "old-cover")
                from how in Choice.Of("top", "top-and-bottom", "front-wrap", "all-over", "over-edges", "wound-width", "wound-depth")
                from turns in Gen.Int[1, 3]
                from side in Choice.Of("left", "right", "front", "back", "all", "top", "bottom")
                from moved in Gen.Int[-4, 6]
                from shrunk in Gen.Int[0, 8].Array[2]
                from at in Gen.Double[0.3, 0.5]
                select Varied(input, measuredFrom, (how, turns), (side, moved), shrunk, at);
            varied.ForMany(
                input =>
                {
                    if (Drafter.Draft(input).Draft is { } draft)
                    {
                        drafted.AddOrUpdate(input.MeasuredFrom!, 1, (_, count) => count + 1);
                        var folded = FoldUp.Of(draft);
                        Assert.True(
                            folded.Holds,
                            $"{cell} {input.MeasuredFrom} {string.Join(' ', input.Padding)} {string.Join(' ', input.Corrections)} "
                                + $"{string.Join(' ', input.Obstacles)}: {string.Join("; ", folded.Problems)} {Covers.Described(input)}"
                        );
                        DraftProperties.Hold(draft, cell.ToString());
                    }
                },
                iter: 60
            );
        }

        Assert.All((string[])["filling", "padded-filling", "space", "old-cover"], from =>
            Assert.True(
                drafted.GetValueOrDefault(from) * 20 > drafted.Values.Sum() || drafted.Values.Sum() < 100,
                $"{from}: {drafted.GetValueOrDefault(from)} drafted"
            )
        );
    }

    [Fact]
    public void A_skirt_is_in_the_ledger_and_in_the_proof()
    {
        var ottoman = Thing.Inches("ottoman", "width=28 depth=20 height=15", "o.edge=skirt usable=54");
        var draft = Thing.Drafted(ottoman);
        var hanging = draft.Ledger.Single(entry => entry.Seam.Id == "skirt");
        Assert.Equal(Length.FromInches(96), hanging.SecondLength); // round the base
        Assert.Equal(Length.FromInches(192), hanging.FirstLength); // twice as full
        Assert.Equal(Length.FromInches(96), hanging.Seam.Ease);
        Assert.True(hanging.Meets);
        Assert.Equal(4, draft.Ledger.Count(entry => entry.Seam.Id.StartsWith("skirt-join", StringComparison.Ordinal)));
        Assert.True(FoldUp.Of(draft).Holds);
        Assert.False(
            FoldUp
                .Of(
                    draft.Pieces,
                    [.. draft.Seams.Where(seam => !seam.Id.StartsWith("skirt", StringComparison.Ordinal))],
                    draft.Thing,
                    draft.Blocks
                )
                .Holds
        );
        Assert.False(FoldUp.Of(draft.Pieces, [.. draft.Seams.Where(seam => seam.Id != "skirt")], draft.Thing, draft.Blocks).Holds);
    }

    [Theory]
    [InlineData("gathered", "192")]
    [InlineData("box-pleats", "144")]
    [InlineData("kick-pleats", "144")]
    public void A_skirt_that_is_too_short_or_too_deep_is_not_proved(string skirt, string length)
    {
        var draft = Thing.Drafted(Thing.Inches("ottoman", "width=28 depth=20 height=15", $"o.edge=skirt o.skirt={skirt}"));
        var piece = draft.Pieces.Single(piece => piece.Use == PieceUse.Hung);
        Assert.Equal(length, draft.Format.Rounded(piece.PerCover * piece.StitchLine.Bounds.Width));
        Assert.True(FoldUp.Of(draft).Holds, string.Join("; ", FoldUp.Of(draft).Problems));
        var (width, drop) = (piece.StitchLine.Bounds.Width, piece.StitchLine.Bounds.Height);
        Outline[] wrong = [Rectangle(width - Length.FromMillimetres(2m), drop), Rectangle(width, drop + Length.FromMillimetres(1m))];
        Assert.All(wrong, outline =>
            Assert.False(
                FoldUp
                    .Of(
                        [.. draft.Pieces.Select(other => other == piece ? piece with { StitchLine = outline } : other)],
                        draft.Seams,
                        draft.Thing,
                        draft.Blocks
                    )
                    .Holds
            )
        );
    }

    [Fact]
    public void A_medallion_and_a_facing_are_in_the_ledger()
    {
        var table = Thing.Drafted(Thing.Inches("table", "shape=round diameter=36 drop=10", "o.medallion=12"));
        Assert.Equal(4, table.Ledger.Count(entry => entry.Seam.Id.StartsWith("medallion", StringComparison.Ordinal) && entry.Meets));
        Assert.True(FoldUp.Of(table).Holds);
        Assert.False(
            FoldUp
                .Of(
                    table.Pieces,
                    [.. table.Seams.Where(seam => !seam.Id.StartsWith("medallion", StringComparison.Ordinal))],
                    table.Thing,
                    table.Blocks
                )
                .Holds
        );
        var duvet = Thing.Drafted(Thing.Inches("duvet", "width=78 length=81", "o.closure=ties usable=54"));
        Assert.All(duvet.Ledger.Where(entry => entry.Seam.Id.StartsWith("facing", StringComparison.Ordinal)), entry =>
            Assert.Equal((Length.FromInches(78), Length.FromInches(78)), (entry.FirstLength, entry.SecondLength))
        );
        Assert.Equal(2, duvet.Ledger.Count(entry => entry.Seam.Id.StartsWith("facing", StringComparison.Ordinal)));
    }

    [Fact]
    public void A_cover_that_does_not_close_is_an_error_that_names_its_seam_and_is_never_cut_from()
    {
        var outcome = Drafter.Draft(Cushions.Worked);
        Assert.NotNull(Proved.Of(outcome).Draft);
        var draft = outcome.Draft!;
        var boxing = draft.Pieces.Single(piece => piece.Id == "boxing");
        var shorter = boxing with { StitchLine = Shortened(boxing.StitchLine, "top-front", "bottom-front", Length.FromMillimetres(3m)) };
        var broken = outcome with { Draft = draft with { Pieces = [.. draft.Pieces.Select(piece => piece == boxing ? shorter : piece)] } };
        var proved = Proved.Of(broken);
        Assert.Null(proved.Draft);
        var check = proved.Checks[0];
        Assert.Equal((CheckLevel.Error, "does-not-close"), (check.Level, check.Code));
        Assert.Contains("top-front", check.Text, StringComparison.Ordinal);
        Assert.Contains("bottom-front", check.Text, StringComparison.Ordinal);
        var folded = FoldUp.Of(broken.Draft);
        Assert.NotEmpty(folded.Facets);
        Assert.NotEmpty(folded.Open);
        Assert.Contains(folded.Open, place => place.Gap > 2.9);
        Assert.Equal(["bottom-front", "top-front"], folded.UnequalSeams.Order());
    }

    [Fact]
    public void Sides_that_differ_by_more_than_a_tenth_of_a_millimetre_do_not_meet()
    {
        var draft = Thing.Drafted(Cushions.Worked);
        var boxing = draft.Pieces.Single(piece => piece.Id == "boxing");
        bool Meets(decimal by) =>
            SeamLedger
                .Measure(
                    [
                        .. draft.Pieces.Select(piece =>
                            piece == boxing
                                ? boxing with
                                {
                                    StitchLine = Shortened(boxing.StitchLine, "top-front", "bottom-front", Length.FromMillimetres(by)),
                                }
                                : piece
                        ),
                    ],
                    draft.Seams
                )
                .All(entry => entry.Meets);
        Assert.True(Meets(0.09m));
        Assert.False(Meets(0.11m));
    }

    [Fact]
    public void What_a_fitted_cover_must_measure_is_told_by_the_tape_and_not_by_the_draft()
    {
        // The same pieces against another thing: the cover closes, and is not this thing's.
        var draft = Thing.Drafted(Cushions.Worked);
        var larger = Thing.Drafted(
            Cushions.Worked with
            {
                Measures = Cushions.Typed(("width", "21 3/8"), ("depth", "19"), ("thickness", "4")),
            }
        );
        var folded = FoldUp.Of(draft.Pieces, draft.Seams, larger.Thing, draft.Blocks);
        Assert.False(folded.Holds);
        Assert.Empty(folded.Open);
        Assert.Contains(folded.Figures, figure => figure.What == "size" && !figure.Agrees);
    }

    private static Outline Rectangle(Length width, Length depth) =>
        Outline.Polygon(
            (EdgeName.Front, Point.Origin),
            (EdgeName.Right, new(width, Length.Zero)),
            (EdgeName.Back, new(width, depth)),
            (EdgeName.Left, new(Length.Zero, depth))
        );

    /// <summary>A strip with one stretch of both its long edges made shorter.</summary>
    private static Outline Shortened(Outline outline, string upper, string lower, Length by)
    {
        var from = Length.Max(outline[upper].Start.X, outline[upper].End.X);
        Point Moved(Point point) => point.X >= from ? point with { X = point.X - by } : point;
        Assert.Equal(outline.LengthOf(upper), outline.LengthOf(lower));
        return new(outline.Edges.Select(edge => edge with { Start = Moved(edge.Start), End = Moved(edge.End) }));
    }

    private static CoverInput Varied(
        CoverInput input,
        string from,
        (string How, int Turns) padding,
        (string Side, int By) correction,
        int[] shrunk,
        double at
    )
    {
        var rules = new Dictionary<string, Entry>(input.Rules);
        if (from == "old-cover")
        {
            (rules["shrinkage.across"], rules["shrinkage.along"]) = (Entry.Typed($"{shrunk[0]}%"), Entry.Typed($"{shrunk[1]}%"));
        }

        var tub =
            input.Construction is "tub-walls" or "tub-notched"
            && input.Shape is not ("round" or "oval")
            && input.Measures.ContainsKey("drop");
        var limited = (input.Measures.TryGetValue("drop", out var drop) ? drop.Millimetres!.Value : 0) * 0.6m;
        return input with
        {
            MeasuredFrom = from,
            Rules = rules,
            Padding = [new(Entry.Number(4), padding.How, padding.Turns)],
            Corrections = [new(correction.Side, Entry.Number(correction.By * 2))],
            Obstacles =
                tub && limited > 20 && input.UsableWidth is null
                    ? [new("front", Entry.Number(Math.Round((decimal)at * 400)), Entry.Number(20), Entry.Number(limited))]
                    : [],
        };
    }
}
