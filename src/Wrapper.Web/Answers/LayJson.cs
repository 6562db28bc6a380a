using Wrapper.Core.Buying.Cloths;
using Wrapper.Core.Lays;

namespace Wrapper.Web.Answers;

/// <summary>The point at which a piece meets the pattern; pieces of one group show the same place of the pattern there.</summary>
/// <param name="Group">The pieces that meet one another; unsaid for all of one.</param>
/// <param name="X">Millimetres from the left of its box; unsaid for the middle.</param>
/// <param name="Y">Millimetres above the lower edge of its box.</param>
public sealed record LayMatchJson(string? Group, double? X, double? Y);

/// <summary>A piece to lay.</summary>
/// <param name="Id">The caller's own id, unique in the request.</param>
/// <param name="Quantity">How many copies; 1 when unsaid.</param>
/// <param name="Outline">Corners in millimetres, either way round, anywhere.</param>
/// <param name="Turns">Degrees counter-clockwise; 0 and 180 when unsaid.</param>
/// <param name="MatchLine">How far its match line lies above the lower edge of its box: short for a match with nothing but y.</param>
/// <param name="Match">Where it meets the pattern.</param>
/// <param name="OnFold">It is half of a larger piece: its right side lies on the right edge of the cloth.</param>
public sealed record LayPieceJson(
    string? Id,
    int? Quantity,
    double[][]? Outline,
    int[]? Turns,
    double? MatchLine,
    LayMatchJson? Match,
    bool? OnFold
);

/// <summary>A lay to plan, for so many seconds, or for so many steps and then the same on every machine.</summary>
/// <param name="Cloth">What it is laid on.</param>
/// <param name="Pieces">What is laid.</param>
/// <param name="Pinned">Copies that already lie where they shall stay.</param>
/// <param name="Seconds">How long to look; 2 when neither is said.</param>
/// <param name="Steps">How many orders to try.</param>
public sealed record LayRequestJson(ClothDocument? Cloth, LayPieceJson[]? Pieces, PinJson[]? Pinned, double? Seconds, int? Steps);

/// <summary>A copy that lies where a person has put it, as a placement says it.</summary>
public sealed record PinJson(string? Piece, int? Copy, int? Turn, double? X, double? Y);

/// <summary>Where a copy lies; on a remnant x and y count from its corner.</summary>
public sealed record PlacementJson(string Piece, int Copy, int Turn, double X, double Y, string? Remnant)
{
    /// <summary>From the core's placement.</summary>
    public static PlacementJson Of(Placement placement) =>
        new(placement.Piece, placement.Copy, placement.Turn, placement.X.Millimetres, placement.Y.Millimetres, placement.Remnant);
}

/// <summary>A lay: its length without end trim, a proven lower bound, and where everything lies.</summary>
/// <param name="Length">Without end trim, in millimetres.</param>
/// <param name="Bound">No lay is shorter than this.</param>
/// <param name="Proved">The length is the bound: this is the shortest there is.</param>
/// <param name="RuleOfThumb">What a maker works out on paper.</param>
/// <param name="Placements">Where every copy lies.</param>
/// <param name="FoldedTo">How far up the cloth is folded along its middle and cut double; 0 where none of it is.</param>
public sealed record LayJson(
    double Length,
    double Bound,
    bool Proved,
    double RuleOfThumb,
    IReadOnlyList<PlacementJson> Placements,
    double FoldedTo
)
{
    /// <summary>From the core's lay.</summary>
    public static LayJson Of(Lay lay) =>
        new(
            lay.Length.Millimetres,
            lay.Bound.Millimetres,
            lay.Length == lay.Bound,
            lay.RuleOfThumb.Millimetres,
            [.. lay.Placements.Select(PlacementJson.Of)],
            lay.FoldedTo.Millimetres
        );
}
