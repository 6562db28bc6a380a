namespace Wrapper.Formats.Drawing;

/// <summary>An upright box on a sheet, in millimetres.</summary>
public readonly record struct SheetBox(double Left, double Bottom, double Right, double Top)
{
    /// <summary>How wide it is.</summary>
    public double Width => Right - Left;

    /// <summary>How high it is.</summary>
    public double Height => Top - Bottom;

    /// <summary>The box round several; a point at the origin round none.</summary>
    public static SheetBox Around(IEnumerable<SheetBox> boxes)
    {
        var all = boxes.ToList();
        return all.Count == 0
            ? default
            : new(all.Min(box => box.Left), all.Min(box => box.Bottom), all.Max(box => box.Right), all.Max(box => box.Top));
    }
}
