using Wrapper.Core.Cutting;
using Wrapper.Core.Pattern;
using Wrapper.Core.Units;
using Xunit;

namespace Wrapper.Core.Tests.Cutting;

/// <summary>What a later change makes of a piece that is cut.</summary>
public sealed class CutChangesTests
{
    private static readonly Piece Plate = PlateOf("20");

    [Fact]
    public void A_piece_that_was_not_changed_still_fits() => Assert.Null(Change(Plate, "20"));

    [Fact]
    public void Too_large_is_cut_off_half_on_each_side()
    {
        var change = Change(Plate, "19.5")!;
        Assert.Equal(Rescue.TrimOff, change.Rescue);
        Assert.Equal(0.5, change.Across.Inches, 6);
        Assert.Contains("½ in too large: cut ¼ in off on each side", change.Text, StringComparison.Ordinal);
    }

    [Fact]
    public void A_little_too_small_is_sewn_with_less_allowance()
    {
        var change = Change(Plate, "20.25")!;
        Assert.Equal(Rescue.SewNarrower, change.Rescue);
        Assert.Contains("¼ in too small", change.Text, StringComparison.Ordinal);
        Assert.Contains("⅜ in from the edge instead", change.Text, StringComparison.Ordinal);
    }

    [Fact]
    public void No_less_than_a_quarter_of_an_inch_is_left_and_more_where_the_cloth_frays()
    {
        Assert.Equal(Rescue.SewNarrower, Change(Plate, "20.5")!.Rescue);
        Assert.Equal(Rescue.CutAgain, Change(Plate, "20.5", frays: true)!.Rescue);
        Assert.Equal(Rescue.CutAgain, Change(Plate, "20.75")!.Rescue);
    }

    [Fact]
    public void A_zip_edge_gives_nothing()
    {
        var change = Change(Plate, "20.25", isZip: true)!;
        Assert.Equal(Rescue.CutAgain, change.Rescue);
        Assert.Contains("an edge with a zip gives nothing", change.Text, StringComparison.Ordinal);
        Assert.Contains("mark this one spoiled", change.Text, StringComparison.Ordinal);
    }

    [Fact]
    public void Another_shape_of_the_same_size_is_cut_again()
    {
        var cut = SizeOf(Plate);
        var changed = cut.Edges.Keys.First();
        var slanted = cut with
        {
            Edges = cut.Edges.ToDictionary(
                edge => edge.Key,
                edge => edge.Key == changed ? edge.Value + Length.FromInches(0, 1, 4) : edge.Value
            ),
        };
        var change = CutChanges.Of(slanted, Plate, frays: false, _ => false, LengthFormat.Inches)!;
        Assert.Equal(Rescue.CutAgain, change.Rescue);
        Assert.Contains("another shape", change.Text, StringComparison.Ordinal);
    }

    private static CutChange? Change(Piece cut, string width, bool frays = false, bool isZip = false) =>
        CutChanges.Of(SizeOf(cut), PlateOf(width), frays, _ => isZip, LengthFormat.Inches);

    private static CutSize SizeOf(Piece piece) =>
        new(piece.CutWidth.Value, piece.CutLength.Value, piece.StitchLine.Names.Distinct().ToDictionary(name => name.Word, piece.LengthOf));

    private static Piece PlateOf(string width) =>
        Thing.Drafted(Thing.Inches("box-cushion", $"width={width} depth=18 thickness=4", "construction=boxing-strip")).Pieces[0];
}
