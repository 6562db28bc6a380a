namespace Wrapper.Formats.Outlines;

/// <summary>A drawing holds something that cannot be read; the message says what, and what to do.</summary>
internal sealed class UnreadableDrawingException(string message) : Exception(message)
{
    private const int MostShown = 60;
    private const double Farthest = 1e9;

    /// <summary>It holds more than an outline, by far.</summary>
    public static UnreadableDrawingException FarTooMuch =>
        new("This drawing holds far more than an outline: save the outline alone and try again.");

    /// <summary>The number, where it can be a length; farther reaches no thing, in any unit.</summary>
    /// <exception cref="UnreadableDrawingException">It is no length any thing could have.</exception>
    public static double Length(double number) =>
        double.Abs(number) <= Farthest
            ? number
            : throw new UnreadableDrawingException(
                "This drawing holds a number that is no length of any thing: save the outline alone and try again."
            );

    /// <summary>A name out of the drawing as it can be told.</summary>
    public static string Shown(string name) => name.Length <= MostShown ? name : $"{name[..MostShown]}…";
}
