using System.Globalization;
using CsCheck;
using Wrapper.Core.Drafting;
using Wrapper.Core.Parts.Strips;
using Wrapper.Core.Pattern;
using Wrapper.Core.Proof;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Xunit;

namespace Wrapper.Core.Tests.Plans;

/// <summary>Pieces wider than the cloth: turned, joined, in equal widths, in a middle and two sides.</summary>
public sealed class SplitsAndDropsTests
{
    /// <summary>n is the least with n·C − (n−1)·2s ≥ W + 2a, and each width is cut (W + 2a + 2s(n−1))/n; eight at the most.</summary>
    [Fact]
    public void A_face_has_as_few_equal_widths_as_the_cloth_gives() =>
        (
            from width in Gen.Int[300, 2900]
            from usable in Gen.Int[200, 900]
            from side in Gen.Int[5, 25]
            from turning in Gen.Int[5, 25]
            select (width, usable, side, turning)
        ).ForMany(
            (width, usable, side, turning) =>
            {
                var input = Thing.Millimetres(
                    "duvet",
                    $"width={width} length=2000",
                    $"o.join=equal-widths o.closure=plain usable={usable} r.sideSeam={side} r.joinSeam={turning}"
                );
                var whole = width + (2 * side);
                var count = 1;
                while ((count * usable) - ((count - 1) * 2 * turning) < whole)
                {
                    count++;
                }

                var outcome = Drafter.Draft(input);
                if (count > 8)
                {
                    Assert.Contains(outcome.Checks, check => check.Code == "piece-wider-than-cloth");
                    return;
                }

                var faces = Assert.IsType<Draft>(outcome.Draft).Pieces.Where(piece => piece.Id == "face").ToList();
                Assert.Equal(2 * count, faces.Sum(face => face.Quantity));
                Assert.All(faces, face =>
                    Assert.Equal((whole + (2.0 * turning * (count - 1))) / count, face.CutWidth.Value.Millimetres, 1e-3)
                );
                Assert.Equal(2 * (count - 1), outcome.Draft.Joins);
                Assert.Equal(count > 1, outcome.Checks.Any(check => check.Code == "face-joined"));
                Assert.True(FoldUp.Of(outcome.Draft).Holds);
            },
            iter: 300
        );

    /// <summary>
    /// On both sides of the widths at which one more drop is needed: 2 × 400 − 20, 3 × 400 − 40, 8 × 400 − 140, less sides of 10.
    /// </summary>
    [Theory]
    [InlineData(760, 2)]
    [InlineData(761, 3)]
    [InlineData(1140, 3)]
    [InlineData(1141, 4)]
    [InlineData(3040, 8)]
    [InlineData(3041, 0)]
    public void One_more_drop_is_cut_when_the_cloth_gives_a_hair_too_little(int width, int drops)
    {
        var outcome = Drafter.Draft(
            Thing.Millimetres(
                "duvet",
                $"width={width} length=2000",
                "o.join=equal-widths o.closure=plain usable=400 r.sideSeam=10 r.joinSeam=10"
            )
        );
        Assert.Equal(2 * drops, outcome.Draft?.Pieces.Where(piece => piece.Id == "face").Sum(piece => piece.Quantity) ?? 0);
        Assert.Equal(drops == 0, outcome.Checks.Any(check => check.Code == "piece-wider-than-cloth"));
    }

    /// <summary>On both sides of the widths at which a middle and two sides, or equal widths, begin and end.</summary>
    [Theory]
    [InlineData("width=80 usable=27 r.sideSeam=1/2 r.joinSeam=1/2", "middle 1,sides no")] // sides of 28 are wider than the cloth
    [InlineData("width=79 usable=27_1/3 r.sideSeam=1/2 r.joinSeam=1/2", "sides 27 5⁄16 (0)")] // sides of 27⅓ are just as wide as the cloth
    [InlineData("width=60 usable=53 r.sideSeam=1/2 r.joinSeam=1/2", "sides 5 (0)")]
    [InlineData("width=60 usable=55 r.sideSeam=1/2 r.joinSeam=1/2", "sides 4 (0)")] // just no sliver
    [InlineData("width=60 usable=55_1/8 r.sideSeam=1/2 r.joinSeam=1/2", "sides 3 15⁄16 (1)")] // a sliver, and said
    // one thirty-second is missing: all turnings, and half of that
    [InlineData("width=60 usable=60_31/32 r.sideSeam=1/2 r.joinSeam=1/2", "sides 1 (1)")]
    public void Sides_are_drafted_as_long_as_they_can_be_cut(string said, string expected)
    {
        var outcome = Drafter.Draft(Thing.Inches("duvet", "length=80", $"{said} o.join=middle-and-sides o.closure=plain"));
        var slivers = outcome.Checks.Count(check => check.Code == "slivers");
        var told = outcome.Draft is { } draft ? $"sides {draft.Format.Rounded(NarrowestFace(draft))} ({slivers})" : "middle 1,sides no";
        Assert.Equal(expected, told);
    }

    private static Length NarrowestFace(Draft draft) => draft.Pieces.Where(piece => piece.Id == "face").Min(piece => piece.CutWidth.Value);

    [Theory]
    [InlineData("", "usable=55", "middle")] // sides of 4: a full middle by itself
    [InlineData("", "usable=56", "equal")] // they would be slivers: equal widths
    [InlineData("o.join=equal-widths", "usable=55", "equal")]
    public void Unsaid_a_full_middle_is_taken_unless_its_sides_are_slivers(string join, string cloth, string how)
    {
        var draft = Thing.Drafted(
            Thing.Inches("duvet", "width=60 length=80", $"{join} {cloth} o.closure=plain r.sideSeam=1/2 r.joinSeam=1/2")
        );
        Assert.Equal(
            how == "equal" ? 1 : 2,
            draft.Pieces.Where(piece => piece.Id == "face").Select(piece => piece.CutWidth.Value).Distinct().Count()
        );
        var mend = draft.Checks.Single(check => check.Code == "face-joined").Mends?.SingleOrDefault();
        Assert.Equal(how == "middle" ? "equal-widths" : "middle-and-sides", mend?.Value);
    }

    /// <summary>
    /// An ottoman whose top comes down, longer than the cloth is wide: the top lies turned, its long walls are joined, and the rim is
    /// broken where they are.
    /// </summary>
    [Fact]
    public void A_top_that_comes_down_meets_joined_walls_part_by_part()
    {
        var draft = Thing.Drafted(
            Thing.Inches("ottoman", "width=60 depth=20 height=15 topDrop=2 return=2", "usable=40 r.seam=1/2 o.strips=across")
        );
        var top = draft.Pieces.Single(piece => piece.Id == "top");
        Assert.Equal([90, 270], top.Turns);
        Assert.Equal("65 × 25", $"{draft.Format.Rounded(top.CutWidth.Value)} × {draft.Format.Rounded(top.CutLength.Value)}");
        var front = top
            .StitchLine.Edges.Where(edge =>
                edge.Name.Word.StartsWith("front", StringComparison.Ordinal)
                && edge.Start.Y == edge.End.Y
                && edge.Start.Y == top.StitchLine.Bounds.Bottom
            )
            .ToList();
        Assert.True(front.Count >= 2);
        Assert.Equal(60, front.Sum(edge => edge.Length.Millimetres) / 25.4, 1e-6);
        Assert.All(draft.Ledger, entry =>
            Assert.True((entry.FirstLength - entry.SecondLength).Abs() <= Units.Length.FromMillimetres(0.01m), entry.Seam.Id)
        );
        Assert.True(FoldUp.Of(draft).Holds, string.Join("; ", FoldUp.Of(draft).Problems));
        DraftProperties.Hold(draft, "ottoman");
        Assert.Equal(
            [0, 180],
            Thing
                .Drafted(Thing.Inches("ottoman", "width=20 depth=60 height=15 topDrop=2 return=2", "usable=40"))
                .Pieces.Single(piece => piece.Id == "top")
                .Turns
        );
    }

    /// <summary>
    /// A pad with a curved left edge, closed by a zip: the curve's neighbours are cut with another allowance, so that only the drawing
    /// knows how wide it is.
    /// </summary>
    [Theory]
    [InlineData(true, false)]
    [InlineData(false, true)]
    [InlineData(true, true)]
    public void A_curve_beside_a_wider_turning_is_read_off(bool left, bool right)
    {
        PointInput At(int x, int y, bool curved) => new(Entry.Number(x), Entry.Number(y), curved ? Entry.Number(15) : null);
        var input = Thing.Millimetres("seat-pad", "shape=outline thickness=0", "o.closure=zip r.zip=30 r.seam=10") with
        {
            Points = [At(0, 0, false), At(400, 0, right), At(400, 380, false), At(0, 380, left)],
        };
        var face = Thing.Drafted(input).Pieces.Single(piece => piece.Id == "face");
        Assert.Equal(face.CutLine.Bounds.Width, face.CutWidth.Value);
        Assert.True(face.CutWidth.Value.Millimetres > 420 + (left ? 14.9 : 0) + (right ? 14.9 : 0));
        Assert.Equal(420.0, face.CutLength.Value.Millimetres, 1e-6);
    }

    /// <summary>
    /// A tapered cushion wider than the cloth, in a middle and two sides: each side half of what the middle leaves, and its join.
    /// </summary>
    [Fact]
    public void The_sides_of_a_tapered_plate_are_half_of_what_the_middle_leaves()
    {
        const double Lean = 5.0 / 25;
        var draft = Thing.Drafted(
            Thing.Inches(
                "box-cushion",
                "shape=trapezoid frontWidth=70 backWidth=60 depth=25 thickness=4",
                "usable=54 o.plates=middle-and-sides r.seam=1/2 r.joinSeam=1/2"
            )
        );
        var whole = 70 + (2 * 0.5 * (Lean + Math.Sqrt(1 + (Lean * Lean))));
        var widths = draft
            .Pieces.Where(piece => piece.Id == "plate")
            .Select(piece => piece.CutWidth.Value.Millimetres / 25.4)
            .Distinct()
            .Order()
            .ToList();
        Assert.Equal(54, widths[^1], 1e-6);
        Assert.All(widths[..^1], side => Assert.Equal(((whole - 54) / 2) + 1, side, 1e-4));
        Assert.True(FoldUp.Of(draft).Holds);
    }

    /// <summary>
    /// However many widths a duvet's faces are joined from, and whether its faces are alike or not: a sixth is shut at each side of the way
    /// in.
    /// </summary>
    [Fact]
    public void A_sixth_of_a_joined_end_is_shut_at_each_side() =>
        (
            from drops in Gen.Int[2, 6]
            from width in Gen.Int[1500, 2700]
            from closure in Choice.Of("zip", "overlap", "buttons", "plain", "snaps")
            from how in Choice.Of("equal-widths", "middle-and-sides")
            from share in Choice.Of(null, "0.2", "0")
            select (drops, width, closure, how, share)
        ).ForMany(
            (drops, width, closure, how, share) =>
            {
                var usable = how == "middle-and-sides" ? (width * 0.55m) : Math.Ceiling((width + 40 + (drops * 24)) / (decimal)drops);
                var draft = Thing.Drafted(
                    Thing.Millimetres(
                        "duvet",
                        $"width={width} length=2000",
                        string.Create(
                            CultureInfo.InvariantCulture,
                            $"o.join={how} o.closure={closure} usable={usable} "
                                + $"r.joinSeam=10{(share is null ? "" : $" r.openingShare={share}")}"
                        )
                    )
                );
                var faces = draft.Pieces.Where(piece => piece.Id == "face").ToList();
                double Along(string edge) => faces.Sum(face => face.Quantity * (face.StitchLine.FindLength(edge)?.Millimetres ?? 0));
                var shut = width * (share is null ? 1.0 / 6 : double.Parse(share, System.Globalization.CultureInfo.InvariantCulture));
                Assert.Equal(2 * shut, Along("end-left") + Along("end-right") - (2 * shut), 0.01);
                Assert.Equal(2 * (width - (2 * shut)), Along("end"), 0.01);
                Assert.Equal(2 * width, Along("closed"), 0.01);
                Assert.All(draft.Ledger, entry =>
                    Assert.True((entry.FirstLength - entry.SecondLength).Abs() <= Units.Length.FromMillimetres(0.01m), entry.Seam.Id)
                );
                Assert.True(FoldUp.Of(draft).Holds, string.Join("; ", FoldUp.Of(draft).Problems));
                DraftProperties.Hold(draft, closure);
                Assert.All(faces, face =>
                    Assert.True(
                        Geometry.Symmetry.IsLeftRight(face.StitchLine)
                            ? face.Mirrored == 0 || face.InFacingPairs
                            : 2 * face.Mirrored == face.Quantity || face.Quantity == 1,
                        face.Name
                    )
                );
            },
            iter: 200
        );

    [Theory]
    [InlineData(900, 900, 1)]
    [InlineData(901, 900, 2)]
    [InlineData(1800, 900, 2)]
    [InlineData(1801, 900, 3)]
    [InlineData(0, 900, 1)]
    [InlineData(5000, null, 1)]
    public void A_strip_is_cut_in_as_few_parts_as_the_cloth_gives(int run, int? longest, int parts) =>
        Assert.Equal(
            parts,
            StripParts.Of(
                Units.Length.FromMillimetres((decimal)run),
                longest is { } most ? Units.Length.FromMillimetres((decimal)most) : null
            )
        );

    /// <summary>A zone there is twice, wider than the cloth: both copies are joined, left and right.</summary>
    [Fact]
    public void Every_copy_of_a_wide_zone_is_joined()
    {
        var draft = Thing.Drafted(
            new()
            {
                Unit = "in",
                Form = "slipcover",
                UsableWidth = Entry.Typed("54"),
                Options = new Dictionary<string, string> { ["plates"] = "middle-and-sides" },
                Zones =
                [
                    new()
                    {
                        Name = "Inside back",
                        Width = Entry.Typed("80"),
                        Height = Entry.Typed("60"),
                        Count = 2,
                    },
                ],
            }
        );
        Assert.Equal([2, 2, 2], draft.Pieces.Select(piece => piece.Quantity));
        Assert.Equal(4, draft.Joins);
        Assert.Equal(83 + (4 * 0.5), draft.Pieces.Sum(piece => piece.CutWidth.Value.Millimetres) / 25.4, 1e-6);
    }

    /// <summary>Widths at stations, let out by the fit at each of them.</summary>
    [Theory]
    [InlineData("0 400; 300 500; 450 380", 12, 412, 392, 512)]
    [InlineData("0 400; 450 500", 0, 400, 500, 500)]
    [InlineData("0 400; 5 402; 450 380", -10, 390, 370, 392)]
    public void Stations_are_as_wide_as_measured_and_fitted(string stations, int fit, double front, double back, double widest)
    {
        var draft = Thing.Drafted(
            Stations(stations, 450) with
            {
                Rules = new Dictionary<string, Entry> { ["fit.width"] = Entry.Number(fit) },
            }
        );
        var face = draft.Pieces.Single(piece => piece.Id == "face").StitchLine;
        Assert.Equal(front, face.LengthOf("front").Millimetres, 1e-3);
        Assert.Equal(
            back,
            face.Edges.Where(edge => edge.Start.Y == face.Bounds.Top && edge.End.Y == face.Bounds.Top).Sum(edge => edge.Length.Millimetres),
            1e-3
        );
        Assert.Equal(widest, face.Bounds.Width.Millimetres, 0.02);
    }

    [Theory]
    [InlineData("0 400", "stations-incomplete")]
    [InlineData("10 400; 450 380", "stations-incomplete")]
    [InlineData("0 400; 4.99 402; 450 380", "stations-out-of-order")]
    [InlineData("0 400; 440 380", "stations-off-depth")]
    [InlineData("0 400; 200 90; 450 380", "nothing-left")]
    public void Stations_that_cannot_be_are_told(string stations, string code)
    {
        var outcome = Drafter.Draft(
            Stations(stations, 450) with
            {
                Rules = new Dictionary<string, Entry> { ["fit.width"] = Entry.Number(code == "nothing-left" ? -95 : 0) },
            }
        );
        Assert.Null(outcome.Draft);
        var check = Assert.Single(outcome.Checks, check => check.Level == Checks.CheckLevel.Error && check.Code == code);
        Assert.StartsWith(code == "nothing-left" ? "With this fit station 2 is −5 mm wide" : "", check.Text, StringComparison.Ordinal);
    }

    private static CoverInput Stations(string stations, int depth) =>
        Thing.Millimetres("seat-pad", $"shape=stations depth={depth} thickness=0") with
        {
            Stations = Thing.Stations(stations),
        };
}
