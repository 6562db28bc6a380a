using Wrapper.Core.English.Workroom;
using Wrapper.Core.Pattern;
using Wrapper.Core.Units;

namespace Wrapper.Core.Cutting;

/// <summary>The size a piece was cut at.</summary>
/// <param name="Width">Its cut width.</param>
/// <param name="Length">Its cut length.</param>
/// <param name="Edges">Its edges by name, with the stitched length of each.</param>
public sealed record CutSize(Length Width, Length Length, IReadOnlyDictionary<string, Length> Edges);

/// <summary>What can be done about a piece that cannot be cut, or was cut at another size than it has now.</summary>
public enum Rescue
{
    /// <summary>It is too large: as much is cut off on both sides.</summary>
    TrimOff,

    /// <summary>It is too small by little: it is sewn with less allowance.</summary>
    SewNarrower,

    /// <summary>It has to be cut again.</summary>
    CutAgain,

    /// <summary>It has to be cut, and there is no cloth left for it.</summary>
    NoCloth,

    /// <summary>Its cover no longer has such a piece, or was removed from the job.</summary>
    Gone,
}

/// <summary>A piece that was cut at another size than it has now.</summary>
/// <param name="Rescue">What can be done.</param>
/// <param name="Across">By how much it is too wide; below nothing where it is too narrow.</param>
/// <param name="Along">The same of its length.</param>
/// <param name="Text">What to do, in words.</param>
public sealed record CutChange(Rescue Rescue, Length Across, Length Along, string Text);

/// <summary>What a later change makes of pieces that are cut. See docs/handbook.md, "After the shears".</summary>
public static class CutChanges
{
    /// <summary>Sizes that differ by less are the same.</summary>
    private static readonly Length Same = Length.FromMillimetres(0.5m);

    /// <summary>The least that may be left of an allowance beyond a seam.</summary>
    /// <param name="format">How lengths are said.</param>
    /// <param name="frays">The cloth frays.</param>
    public static Length Least(LengthFormat format, bool frays) =>
        (format.Unit.IsImperial(), frays) switch
        {
            (true, true) => Length.FromInches(0, 3, 8),
            (true, false) => Length.FromInches(0, 1, 4),
            (false, true) => Length.FromMillimetres(10m),
            (false, false) => Length.FromMillimetres(6m),
        };

    /// <summary>What became of a piece; null where it still fits.</summary>
    /// <param name="cut">The size it was cut at.</param>
    /// <param name="piece">The piece as it is now.</param>
    /// <param name="frays">Its cloth frays.</param>
    /// <param name="isZipEdge">Whether a zip is sewn into an edge.</param>
    /// <param name="format">How lengths are said.</param>
    public static CutChange? Of(CutSize cut, Piece piece, bool frays, Func<string, bool> isZipEdge, LengthFormat format)
    {
        var (across, along) = (cut.Width - piece.CutWidth.Value, cut.Length - piece.CutLength.Value);
        if (across.Abs() < Same && along.Abs() < Same)
        {
            return IsSameShape(cut, piece) ? null : Again(CuttingText.OtherShape);
        }

        if (!cut.Edges.Keys.ToHashSet().SetEquals(piece.StitchLine.Names.Select(name => name.Word)))
        {
            return Again(CuttingText.OtherShape);
        }

        var said = new List<string>();
        var rescue = Rescue.TrimOff;
        foreach (var (by, isAcross) in ((Length, bool)[])[(across, true), (along, false)])
        {
            if (by.Abs() < Same)
            {
                continue;
            }

            var edges = EdgesAt(piece, isAcross);
            if (by.IsPositive)
            {
                said.Add(CuttingText.TrimOff(format.RoundedWithUnit(by), format.RoundedWithUnit(by.Half()), PlacesOf(edges, isAcross)));
                continue;
            }

            var least = Least(format, frays);
            var narrower = edges.Select(edge => piece.Allowances[edge] + by.Half()).ToList();
            if (edges.Any(isZipEdge))
            {
                return Again(CuttingText.ZipEdgeGivesNothing(format.RoundedWithUnit(by.Abs())));
            }

            if (edges.Count == 0 || narrower.Any(left => left < least))
            {
                return Again(CuttingText.TooSmall(format.RoundedWithUnit(by.Abs()), format.RoundedWithUnit(least)));
            }

            rescue = Rescue.SewNarrower;
            said.Add(
                CuttingText.SewNarrower(
                    format.RoundedWithUnit(by.Abs()),
                    PlacesOf(edges, isAcross),
                    string.Join(", ", narrower.Distinct().Select(format.RoundedWithUnit))
                )
            );
        }

        return new(rescue, across, along, string.Join(" ", said));

        CutChange Again(string why) => new(Rescue.CutAgain, across, along, $"{why} {CuttingText.CutAgain}");
    }

    private static bool IsSameShape(CutSize cut, Piece piece) =>
        cut.Edges.Count == piece.StitchLine.Names.Distinct().Count()
        && cut.Edges.All(edge => piece.StitchLine.FindLength(edge.Key) is { } now && (now - edge.Value).Abs() < Same);

    /// <summary>The edges on both sides that a size lies between.</summary>
    private static List<string> EdgesAt(Piece piece, bool isAcross)
    {
        var box = piece.StitchLine.Bounds;
        return
        [
            .. piece
                .StitchLine.Edges.Where(edge =>
                    isAcross
                        ? edge.Start.X == edge.End.X && (edge.Start.X == box.Left || edge.Start.X == box.Right)
                        : edge.Start.Y == edge.End.Y && (edge.Start.Y == box.Bottom || edge.Start.Y == box.Top)
                )
                .Select(edge => edge.Name)
                .Distinct(),
        ];
    }

    private static string PlacesOf(List<string> edges, bool isAcross) =>
        edges.Count == 0 ? CuttingText.BothSides(isAcross) : string.Join(", ", edges);
}
