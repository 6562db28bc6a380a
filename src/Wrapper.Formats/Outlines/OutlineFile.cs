using System.Globalization;

namespace Wrapper.Formats.Outlines;

/// <summary>A corner of an imported outline in millimetres, and how far the edge that leaves it bulges out at its middle.</summary>
public sealed record ImportedCorner(double X, double Y, double Rise);

/// <summary>What came of reading a drawing: the outline, or why there is none, and what had to be assumed.</summary>
/// <param name="Corners">Counter-clockwise from the front left, in millimetres from the least corner; empty when there is none.</param>
/// <param name="Problem">Why there is none; null when there is one.</param>
/// <param name="Notes">What had to be assumed: the unit, which of several outlines was taken.</param>
public sealed record ImportedOutline(IReadOnlyList<ImportedCorner> Corners, string? Problem, IReadOnlyList<string> Notes)
{
    /// <summary>No outline, and why.</summary>
    public static ImportedOutline Refused(string problem) => new([], problem, []);

    /// <summary>The outline as the text a cover's points are typed in: <c>x, y, rise; …</c> in millimetres.</summary>
    public string Text =>
        string.Join(
            "; ",
            Corners.Select(corner =>
                corner.Rise == 0
                    ? string.Create(CultureInfo.InvariantCulture, $"{corner.X:0.###} mm, {corner.Y:0.###} mm")
                    : string.Create(CultureInfo.InvariantCulture, $"{corner.X:0.###} mm, {corner.Y:0.###} mm, {corner.Rise:0.###} mm")
            )
        );
}

/// <summary>
/// Reads the outline of a thing out of a drawing: the largest closed line of an SVG or DXF file. See docs/format.md, "Outlines from
/// drawings".
/// </summary>
public static class OutlineFile
{
    /// <summary>More corners than a traced board has: a drawing with more is told, not cut short.</summary>
    public const int MostCorners = 400;

    /// <summary>The most a drawing may take, in bytes.</summary>
    public const int MostBytes = 5 * 1024 * 1024;

    /// <summary>How long a drawing may be read; far longer than one of <see cref="MostBytes"/> takes.</summary>
    private static readonly TimeSpan Longest = TimeSpan.FromSeconds(20);

    /// <summary>Reads a file by what stands in it, whatever it is called.</summary>
    /// <param name="text">What stands in it.</param>
    /// <param name="left">Whoever sent it has gone.</param>
    /// <exception cref="OperationCanceledException">Whoever sent it has gone.</exception>
    public static ImportedOutline Read(string text, CancellationToken left = default)
    {
        using var ends = CancellationTokenSource.CreateLinkedTokenSource(left);
        ends.CancelAfter(Longest);
        try
        {
            return Read(text, new Allowance(ends.Token));
        }
        catch (OperationCanceledException) when (!left.IsCancellationRequested)
        {
            return ImportedOutline.Refused(UnreadableDrawingException.FarTooMuch.Message);
        }
    }

    private static ImportedOutline Read(string text, Allowance allowance)
    {
        var start = text.AsSpan().TrimStart('\uFEFF').TrimStart();
        return start.StartsWith("<") ? SvgOutlines.Read(text, allowance)
            : start.StartsWith("0") || start.StartsWith("999") ? DxfOutlines.Read(text, allowance)
            : ImportedOutline.Refused("This is neither an SVG nor a DXF drawing. Save the outline as one of these and try again.");
    }

    /// <summary>The largest of the closed lines, put the way round and to the place a cover's outline has.</summary>
    internal static ImportedOutline Largest(IReadOnlyList<ClosedLine> lines, List<string> notes)
    {
        var largest = lines
            .Where(line => line.Corners.Count >= 2 && double.IsFinite(line.Area) && Math.Abs(line.Area) > 1)
            .MaxBy(line => Math.Abs(line.Area));
        if (largest is null)
        {
            return ImportedOutline.Refused("No closed line was found in the drawing: close the outline and save it again.");
        }

        if (largest.Corners.Count > MostCorners)
        {
            return ImportedOutline.Refused(
                $"The outline has {largest.Corners.Count} corners, more than {MostCorners}: simplify the line in the drawing first."
            );
        }

        if (lines.Count > 1)
        {
            notes.Add($"The drawing has {lines.Count} closed lines; the largest was taken.");
        }

        return new(largest.Placed(), null, notes);
    }
}
