using Wrapper.Core.Geometry;
using Wrapper.Core.Parts.Plans;
using Wrapper.Core.Proof;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Wrapper.Core.Working;
using Xunit;

namespace Wrapper.Core.Tests.Plans;

/// <summary>Plans, their sides and their rounded corners.</summary>
public sealed class ClosedPlanTests
{
    [Theory]
    [InlineData("back", "right", "left")]
    [InlineData("front", "left", "right")]
    [InlineData("left", "back", "front")]
    [InlineData("right", "front", "back")]
    public void The_zip_turns_on_to_the_edges_beside_its_own(string back, string before, string after)
    {
        var outline = Outline.Polygon(
            (EdgeName.Front, At(0, 0)),
            (EdgeName.Right, At(400, 0)),
            (EdgeName.Back, At(400, 300)),
            (EdgeName.Left, At(0, 300))
        );
        var plan = new ClosedPlan(
            outline,
            outline.Names.ToDictionary(name => name.Word, name => Worked.ReadOff(name, outline.LengthOf(name))),
            EdgeName.Front,
            Edges.Named(back),
            Worked.Zero,
            Worked.Zero
        );
        Assert.Equal((before, after), (plan.SidesOfBack.Before.Word, plan.SidesOfBack.After.Word));
        Assert.Equal(Length.FromMillimetres(1400m), plan.Perimeter.Value);
    }

    /// <summary>
    /// A square stood on its corner, away from the origin: rounded with R, each point comes in by R(√2 − 1), and the foam
    /// block is as wide and as deep as what is left. With the points at the sides only (a house's gable), only the depth is.
    /// </summary>
    [Theory]
    [InlineData("300 50; 500 250; 300 450; 100 250", 2, 2)]
    [InlineData("100 50; 500 50; 500 350; 300 550; 100 350", 0, 1)]
    [InlineData("300 50; 500 250; 500 550; 100 550; 100 250", 0, 1)]
    [InlineData("100 50; 400 50; 600 250; 400 450; 100 450", 1, 0)]
    [InlineData("300 50; 600 50; 600 450; 300 450; 100 250", 1, 0)]
    public void Rounded_points_make_a_plan_shorter_where_they_made_it_long(string points, int across, int along)
    {
        const double Radius = 40;
        var input = Thing.Millimetres("box-cushion", "shape=outline thickness=80 cornerRadius=40") with { Points = Thing.Points(points) };
        double Reach(Func<PointInput, Entry> along) =>
            input.Points.Max(point => double.Parse(along(point).Text!, System.Globalization.CultureInfo.InvariantCulture))
            - input.Points.Min(point => double.Parse(along(point).Text!, System.Globalization.CultureInfo.InvariantCulture));
        var (width, depth) = (Reach(point => point.X), Reach(point => point.Y));
        var foam = Thing.Drafted(input).Notions.Single(notion => notion.Kind.Word() == "foam");
        var shorter = Radius * (Math.Sqrt(2) - 1);
        Assert.Equal(width - (across * shorter), foam.Width!.Value.Millimetres, 1e-4);
        Assert.Equal(depth - (along * shorter), foam.Length.Value.Millimetres, 1e-4);
    }

    /// <summary>Two corners on one edge that take all of it: the arcs meet, and nothing straight is left between them.</summary>
    [Fact]
    public void As_round_as_it_can_be_the_ends_are_half_circles()
    {
        var draft = Thing.Drafted(
            Thing.Millimetres("box-cushion", "width=500 depth=300 thickness=80 cornerRadius=150 r.zipTurn=40 r.seam=12")
        );
        var plate = draft.Pieces.Single(piece => piece.Id == "plate");
        Assert.Equal((200 * 300) + (Math.PI * 150 * 150), plate.StitchLine.Area, 0.5);
        Assert.Equal(400 + (Math.PI * 300), plate.StitchLine.Perimeter.Millimetres, 1e-3);
        Assert.True(FoldUp.Of(draft).Holds);
    }

    /// <summary>Joins of a boxing with a slide pocket: stitched lengths of its parts by hand, with the seam at both ends.</summary>
    [Theory]
    [InlineData("usable=36", "14½|36|14½")] // P 88, Z 30, four laps of 1: 62 long; the front from 19 to 43 in the middle of a part of 35
    [InlineData("usable=65 r.zipTurn=-3", "6|65|6")] // from back corner to back corner just as long as the cloth
    [InlineData("usable=70 r.zipTurn=-3", "6|70")] // from the left corner on, just as long as the cloth
    [InlineData("usable=65 r.zipTurn=-1/2", "3½|65|3½")] // the corner just clear of the pocket
    [InlineData("usable=65 r.zipTurn=-1/4", "5½|65")] // and too near it: as near as the cloth allows
    public void A_slide_pocket_keeps_joins_clear_of_its_folds(string said, string parts)
    {
        var draft = Thing.Drafted(
            Thing.Inches("box-cushion", "width=24 depth=20 thickness=4", $"o.slidePocket=true o.strips=across {said}")
        );
        Assert.Equal(
            parts,
            string.Join(
                '|',
                draft
                    .Pieces.Where(piece => piece.Id == "boxing")
                    .SelectMany(piece => Enumerable.Repeat(draft.Format.Rounded(piece.CutWidth.Value), piece.Quantity))
            )
        );
    }

    /// <summary>A gap or a zip in a pad's back edge, by hand: what is shut at each side of it.</summary>
    [Theory]
    [InlineData("thickness=0 r.gap=6", "5|6|5")]
    [InlineData("thickness=0 r.gap=16", "16")]
    [InlineData("thickness=0 o.closure=zip r.zipClear=2", "2|12|2")]
    [InlineData("thickness=0 o.closure=ties", "16")]
    [InlineData("thickness=1", "½|16|½")] // foam wants the whole edge, and the corners are boxed
    [InlineData("thickness=1 r.gap=8", "½|4|8|4|½")]
    public void The_way_in_lies_in_the_middle_of_the_back(string said, string stretches)
    {
        var draft = Thing.Drafted(Thing.Inches("seat-pad", "width=16 depth=15", said));
        var face = draft.Pieces.Single(piece => piece.Id == "face").StitchLine;
        var top = face.Bounds.Top;
        Assert.Equal(
            stretches,
            string.Join(
                '|',
                face.Edges.Where(edge => edge.Start.Y == top && edge.End.Y == top).Select(edge => draft.Format.Rounded(edge.Length))
            )
        );
    }

    private static Point At(int x, int y) => new(Length.FromMillimetres((decimal)x), Length.FromMillimetres((decimal)y));
}
