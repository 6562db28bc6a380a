namespace Wrapper.Formats.Outlines;

/// <summary>A drawing holds something that cannot be read; the message says what, and what to do.</summary>
internal sealed class UnreadableDrawingException(string message) : Exception(message)
{
    private const int MostShown = 60;

    /// <summary>It holds more than an outline, by far.</summary>
    public static UnreadableDrawingException FarTooMuch => new("This drawing holds far more than an outline: save the outline alone and try again.");

    /// <summary>A name out of the drawing as it can be told.</summary>
    public static string Shown(string name) => name.Length <= MostShown ? name : $"{name[..MostShown]}…";
}
