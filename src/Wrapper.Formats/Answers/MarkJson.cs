using Wrapper.Core.Geometry;
using Wrapper.Core.Pattern;
using Wrapper.Core.Units;

namespace Wrapper.Formats.Answers;

/// <summary>A cut edge of a piece as it is drawn, which distances are counted from.</summary>
public enum CutEdge
{
    /// <summary>The left one.</summary>
    Left,

    /// <summary>The upper one.</summary>
    Top,
}

/// <summary>A mark on a piece, from one point to another; equal for a notch.</summary>
/// <param name="Kind">notch, fold, corner-line, zip-stop, drill-point, gap-end …</param>
/// <param name="Label">What it is for.</param>
/// <param name="From">In the coordinates of the stitch line.</param>
/// <param name="To">Where a line ends.</param>
/// <param name="Place">How to find it from the cut edges, in the job's unit: “6½ from the left end”.</param>
/// <param name="CountedFrom"><c>left</c> or <c>top</c>: the cut edge of the piece as it is drawn that the distance is counted from.</param>
/// <param name="Distance">That distance in the job's unit: “6½”.</param>
public sealed record MarkJson(MarkKind Kind, string Label, double[] From, double[] To, string Place, CutEdge CountedFrom, string Distance)
{
    /// <summary>The edge of the stitch line it stands on; null for what lies inside the piece.</summary>
    public required string? Edge { get; init; }

    /// <summary>The stitched distance from where that edge begins, in millimetres; null inside the piece.</summary>
    public required double? At { get; init; }

    /// <summary>From the core's mark.</summary>
    public static MarkJson Of(Mark mark, Piece piece, LengthFormat format)
    {
        var (place, from, to) = (MarkPlace.Of(mark, piece), piece.OnCloth(mark.From), piece.OnCloth(mark.To));
        var distance = format.Rounded(place.Distance);
        var (edge, at) = OnEdge(piece.StitchLine, mark.From);
        return new(
            mark.Kind,
            mark.Label,
            [from.X.Millimetres, from.Y.Millimetres],
            [to.X.Millimetres, to.Y.Millimetres],
            $"{distance} from the {place.Edge}",
            place.FromTop ? CutEdge.Top : CutEdge.Left,
            distance
        )
        {
            Edge = edge,
            At = at?.Millimetres,
        };
    }

    /// <summary>The edge that begins at a point or on which it lies, and how far along the edge, all its parts together.</summary>
    private static (string? Edge, Length? At) OnEdge(Outline outline, Point point)
    {
        (string, Length)? found = null;
        foreach (var name in outline.Names.Distinct())
        {
            var before = Length.Zero;
            foreach (var part in outline.PartsOf(name))
            {
                if (Partition.DistanceAlong(part, point) is { } along && (found is null || (before + along).IsZero))
                {
                    found = (name, before + along);
                }

                before += part.Length;
            }
        }

        return found is { } place ? (place.Item1, place.Item2) : (null, null);
    }
}
