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

/// <summary>Every cover that can be drafted folds up to the thing it was measured for.</summary>
public sealed class FoldUpTests
{
    private const int EachCell = 40;

    /// <summary>The forms by id.</summary>
    public static TheoryData<string> Forms => [.. Covers.Cells.Select(cell => cell.Form.Id).Distinct()];

    /// <summary>The constructions by id.</summary>
    public static TheoryData<string> Constructions => [.. Covers.Cells.Select(cell => cell.Construction).Distinct()];

    [Fact]
    public void There_are_at_least_ten_thousand_random_covers() =>
        Assert.True(Covers.Cells.Count * EachCell >= 10_000, $"{Covers.Cells.Count * EachCell}");

    [Theory]
    [MemberData(nameof(Forms))]
    public void Random_covers_close_in_the_ledger_and_folded_up(string form)
    {
        var (closed, asked) = (0, 0);
        foreach (var cell in Covers.Cells.Where(cell => cell.Form.Id == form))
        {
            var (tried, drafted, refused) = (0, 0, new ConcurrentDictionary<string, int>());
            Covers
                .Of(cell)
                .ForMany(
                    input =>
                    {
                        Interlocked.Increment(ref tried);
                        var outcome = Drafted(input, cell);
                        if (outcome.Draft is not { } draft)
                        {
                            refused.AddOrUpdate(
                                string.Join(
                                    " ",
                                    outcome.Checks.Where(check => check.Level == CheckLevel.Error).Select(check => check.Code).Order()
                                ),
                                1,
                                (_, count) => count + 1
                            );
                            return;
                        }

                        Interlocked.Increment(ref drafted);
                        var folded = FoldUp.Of(draft);
                        Assert.True(folded.Holds, $"{cell}: {string.Join("; ", folded.Problems)} {Covers.Described(input)}");
                        DraftProperties.Hold(draft, cell.ToString());
                    },
                    iter: EachCell
                );
            var why = string.Join(", ", refused.Select(entry => $"{entry.Value} × {entry.Key}"));
            (closed, asked) = (closed + drafted, asked + tried);
            Assert.True(drafted > 0.8 * tried || tried < 10, $"{cell}: {drafted} of {tried} drafted; {why}");
        }

        Console.WriteLine($"  {form}: {closed} of {asked} random covers drafted and closed");
    }

    /// <summary>An exception of the drafting says which cover it was.</summary>
    private static DraftOutcome Drafted(CoverInput input, CoverCell cell)
    {
        try
        {
            return Drafter.Draft(input);
        }
        catch (Exception error)
        {
            throw new InvalidOperationException($"{cell}: {Covers.Described(input)}", error);
        }
    }

    [Theory]
    [MemberData(nameof(Constructions))]
    public void Moving_any_one_stitch_line_by_a_millimetre_breaks_the_proof(string construction)
    {
        var moved = 0;
        foreach (
            var cell in Covers
                .Cells.Where(cell => cell.Construction == construction)
                .DistinctBy(cell => (cell.Form.Id, cell.Shape.Id, cell.Option))
        )
        {
            Covers
                .Of(cell)
                .ForMany(
                    input =>
                    {
                        if (Drafter.Draft(input).Draft is not { } draft)
                        {
                            return;
                        }

                        foreach (var piece in draft.Pieces.Where(piece => piece.Use == PieceUse.Cover))
                        {
                            foreach (var (line, changed) in Moves(piece))
                            {
                                Interlocked.Increment(ref moved);
                                var folded = FoldUp.Of(
                                    [.. draft.Pieces.Select(other => other.Key == piece.Key ? changed : other)],
                                    draft.Seams,
                                    draft.Thing,
                                    draft.Blocks
                                );
                                Assert.False(folded.Holds, $"{cell}: {piece.Key} {line} moved by 1 mm and nothing noticed");
                            }
                        }
                    },
                    iter: 1
                );
        }

        Assert.True(moved > 4, $"{moved} lines moved");
    }

    /// <summary>More than one side of these faces the front, or the back: only the furthest is rounded.</summary>
    [Theory]
    [InlineData("t-shape", "front")]
    [InlineData("t-shape", "back")]
    [InlineData("l-shape", "front")]
    [InlineData("l-shape", "back")]
    public void Only_the_corners_of_the_furthest_side_are_rounded(string shape, string which)
    {
        var draft = Thing.Drafted(
            Thing.Inches(
                "box-cushion",
                $"shape={shape} width=28 depth=24 thickness=4 earWidth=4 earDepth=6 cornerRadius=3/4",
                $"o.roundedCorners={which}"
            )
        );
        Assert.True(FoldUp.Of(draft).Holds, string.Join("; ", FoldUp.Of(draft).Problems));
    }

    [Fact]
    public void A_cover_without_a_seam_is_not_proved()
    {
        var draft = BoxingStripTests.Draft(Cushions.Worked);
        for (var left = 0; left < draft.Seams.Count; left++)
        {
            List<Seam> seams = [.. draft.Seams];
            seams.RemoveAt(left);
            Assert.False(FoldUp.Of(draft.Pieces, seams, draft.Thing, draft.Blocks).Holds, draft.Seams[left].Id);
        }
    }

    [Fact]
    public void Facets_keep_their_size_in_space()
    {
        var folded = FoldUp.Of(
            BoxingStripTests.Draft(
                Cushions.Worked with
                {
                    Shape = "round",
                    Measures = Cushions.Typed(("diameter", "18"), ("thickness", "4")),
                }
            )
        );
        Assert.True(folded.Holds, string.Join("; ", folded.Problems));
        foreach (var facet in folded.Facets)
        {
            for (var i = 0; i < facet.Flat.Count; i++)
            {
                var (a, b) = (facet.Flat[i], facet.Flat[(i + 1) % facet.Flat.Count]);
                Assert.Equal(
                    double.Hypot(a.X - b.X, a.Y - b.Y),
                    (facet.Corners[i] - facet.Corners[(i + 1) % facet.Corners.Count]).Size,
                    1e-6
                );
            }
        }
    }

    [Fact]
    public void A_zip_strip_joined_under_a_bulging_hull_bends_where_the_other_half_lies()
    {
        // Found at random: the lower strip is the upper turned half round, and its parts bend at the other part's curves.
        PointInput At(decimal x, decimal y, decimal rise = 0) => new(Entry.Number(x), Entry.Number(y), Entry.Number(rise));
        var hull = Thing.Millimetres("mattress", "shape=outline thickness=150", "usable=1100 o.strips=across") with
        {
            Points = [At(0, 0), At(1264, 0), At(1352, 722, 46), At(1011, 1203), At(44, 1083, -11)],
        };
        var folded = FoldUp.Of(Thing.Drafted(hull));
        Assert.True(folded.Holds, string.Join("; ", folded.Problems));
    }

    [Fact]
    public void A_seam_a_hair_beside_the_end_of_a_curve_still_lets_the_strip_bend_there()
    {
        // Found at random: the plate is joined 0.01 mm inside a rounded corner, and the strip lost its bend at the corner's end.
        PointInput At(decimal x, decimal y, decimal? rise = null) =>
            new(Entry.Number(x), Entry.Number(y), rise is { } by ? Entry.Number(by) : null);
        var joined = Thing.Inches("mattress", "shape=outline construction=boxing-strip", "usable=1100mm r.fit.thickness=0 count=2") with
        {
            Measures = new Dictionary<string, Entry> { ["thickness"] = Entry.Number(79.375m), ["cornerRadius"] = Entry.Number(19.05m) },
            Rules = new Dictionary<string, Entry>
            {
                ["fit.width"] = Entry.Number(6.35m),
                ["fit.depth"] = Entry.Number(6.35m),
                ["fit.thickness"] = Entry.Number(0),
            },
            Points = [At(0, 0), At(1100.1375m, 0), At(1187.45m, 828.675m, 52.3875m), At(879.475m, 1382.7125m), At(44.45m, 1244.6m, 0)],
        };
        var folded = FoldUp.Of(Thing.Drafted(joined));
        Assert.True(folded.Holds, string.Join("; ", folded.Problems));
    }

    [Fact]
    public void A_snug_outline_keeps_all_its_edges()
    {
        // Found at random: moved inwards, a mitre is no longer cut off.
        PointInput At(decimal x, decimal y, decimal rise = 0) => new(Entry.Number(x), Entry.Number(y), Entry.Number(rise));
        var board = Thing.Millimetres("board", "shape=outline", "r.fit.width=-6") with
        {
            Points = [At(0, 0), At(600, 0), At(640, 330, 12), At(480, 550), At(20, 495)],
        };
        Assert.True(FoldUp.Of(Thing.Drafted(board)).Holds);
    }

    [Fact]
    public void The_sides_of_a_split_sheet_have_cut_lines_of_their_own()
    {
        // Found at random: a copy of a piece with another stitch line kept the first one's cut line.
        var draft = Thing.Drafted(
            Thing.Millimetres("fitted-sheet", "width=1600 length=2000 thickness=150", "usable=1350 o.plates=middle-and-sides")
        );
        Assert.Equal(3, draft.Pieces.Count(piece => piece.Id == "top"));
        Assert.All(draft.Pieces, piece => Assert.True(piece.CutLine.Bounds.Width <= Length.FromMillimetres(1350.001m), piece.Key));
        Assert.True(FoldUp.Of(draft).Holds);
    }

    /// <summary>The piece with one of its stitch lines a millimetre further out or in, or a line sewn inside it moved.</summary>
    internal static IEnumerable<(string Line, Piece Changed)> Moves(Piece piece)
    {
        foreach (var by in (decimal[])[1, -1])
        {
            foreach (var edge in piece.StitchLine.Names)
            {
                var allowances = piece.StitchLine.Names.ToDictionary(
                    name => name.Word,
                    name => name == edge ? Length.FromMillimetres(by) : Length.Zero
                );
                Outline? outline = null;
                try
                {
                    outline = OutlineOffset.Offset(piece.StitchLine, allowances);
                }
                catch (ArgumentException)
                {
                    // Nothing is left of so small a piece: there is no line to move.
                }

                if (outline is not null)
                {
                    yield return (
                        $"{edge} {by}",
                        piece with
                        {
                            StitchLine = outline,
                            Allowances = outline
                                .Names.Distinct()
                                .ToDictionary(name => name.Word, name => piece.Allowances.GetValueOrDefault(name)),
                        }
                    );
                }
            }

            foreach (var fold in piece.Folds.Where(fold => fold.TrimsRight))
            {
                var changed = fold with
                {
                    Through = [.. fold.Through.Select(point => point.Moved(Length.FromMillimetres(by), Length.Zero))],
                };
                yield return (
                    $"{fold.Name} {by}",
                    piece with
                    {
                        Folds = [.. piece.Folds.Select(other => other == fold ? changed : other)],
                    }
                );
            }
        }
    }
}
