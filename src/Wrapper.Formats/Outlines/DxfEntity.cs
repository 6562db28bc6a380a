using System.Globalization;

namespace Wrapper.Formats.Outlines;

/// <summary>One entity of a DXF file: its kind and its numbered values, in their order.</summary>
internal sealed record DxfEntity(string Kind, List<(int Code, string Value)> Values)
{
    public double One(int code, double usual = 0) =>
        Values.FindIndex(pair => pair.Code == code) is >= 0 and var at ? Number(Values[at].Value) : usual;

    public int Whole(int code) => (int)Math.Clamp(One(code), -32768, 32767);

    public string Text(int code) => Values.Find(pair => pair.Code == code).Value ?? "";

    public double[] All(int code) => [.. Values.Where(pair => pair.Code == code).Select(pair => Number(pair.Value))];

    /// <summary>It is drawn on the back of its plane: what it holds comes out as its mirror image.</summary>
    public bool IsSeenFromBehind => One(230, 1) < 0;

    /// <summary>The figure in a value; 0 where there is none.</summary>
    /// <exception cref="UnreadableDrawingException">It is no length any thing could have.</exception>
    public static double Number(string? text) =>
        !double.TryParse(text, NumberStyles.Float, CultureInfo.InvariantCulture, out var number) || double.IsNaN(number)
            ? 0
            : UnreadableDrawingException.Length(number);
}
