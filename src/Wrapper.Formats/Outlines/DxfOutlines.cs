using System.Globalization;

namespace Wrapper.Formats.Outlines;

/// <summary>Closed lines out of the entities of a DXF file: polylines with their bulges, circles, and straights and arcs that join end to end.</summary>
internal static class DxfOutlines
{
    private const int MostPairs = 2_000_000;
    private const double Near = 0.05;

    public static ImportedOutline Read(string text)
    {
        var pairs = Pairs(text);
        if (pairs.Count == 0)
        {
            return ImportedOutline.Refused("This DXF file holds nothing that can be read.");
        }

        var (scale, notes) = (1.0, new List<string>());
        var units = UnitsOf(pairs);
        switch (units)
        {
            case 1: scale = 25.4; break;
            case 2: scale = 304.8; break;
            case 5: scale = 10; break;
            case 6: scale = 1000; break;
            case 4: break;
            default: notes.Add("The drawing names no unit: millimetres were taken."); break;
        }

        return OutlineFile.Largest(Lines(pairs, scale), notes);
    }

    private static List<(int Code, string Value)> Pairs(string text)
    {
        var pairs = new List<(int, string)>();
        using var reader = new StringReader(text);
        while (pairs.Count < MostPairs && reader.ReadLine() is { } code && reader.ReadLine() is { } value)
        {
            if (!int.TryParse(code.Trim(), NumberStyles.AllowLeadingSign, CultureInfo.InvariantCulture, out var number))
            {
                break; // not a pair of lines any more: what was read so far has to do
            }

            pairs.Add((number, value.Trim()));
        }

        return pairs;
    }

    private static int UnitsOf(List<(int Code, string Value)> pairs)
    {
        var at = pairs.FindIndex(pair => pair is (9, "$INSUNITS"));
        return at >= 0 && at + 1 < pairs.Count && int.TryParse(pairs[at + 1].Value, CultureInfo.InvariantCulture, out var units) ? units : 0;
    }

    private static List<ClosedLine> Lines(List<(int Code, string Value)> pairs, double scale)
    {
        var (lines, loose) = (new List<ClosedLine>(), new List<(ImportedCorner From, double ToX, double ToY)>());
        List<ImportedCorner>? vertices = null;
        var isClosed = false;
        for (var i = 0; i < pairs.Count; i++)
        {
            if (pairs[i].Code != 0)
            {
                continue;
            }

            var end = i + 1;
            while (end < pairs.Count && pairs[end].Code != 0)
            {
                end++;
            }

            var entity = pairs.GetRange(i + 1, end - i - 1);
            double One(int code) => Number(entity.Find(pair => pair.Code == code).Value) * (code is 10 or 11 or 20 or 21 or 40 ? scale : 1);
            switch (pairs[i].Value)
            {
                case "LWPOLYLINE" when ((int)One(70) & 1) == 1:
                    lines.Add(new(WithRises(Vertices(entity, scale))));
                    break;
                case "POLYLINE":
                    (vertices, isClosed) = ([], ((int)One(70) & 1) == 1);
                    break;
                case "VERTEX" when vertices is not null:
                    vertices.Add(new(One(10), One(20), One(42)));
                    break;
                case "SEQEND" when vertices is not null:
                    if (isClosed)
                    {
                        lines.Add(new(WithRises(vertices)));
                    }

                    vertices = null;
                    break;
                case "CIRCLE" when One(40) > 0:
                    var (x, y, r) = (One(10), One(20), One(40));
                    lines.Add(new(WithRises([new(x - r, y, Quarter), new(x, y - r, Quarter), new(x + r, y, Quarter), new(x, y + r, Quarter)])));
                    break;
                case "LINE":
                    loose.Add((new(One(10), One(20), 0), One(11), One(21)));
                    break;
                case "ARC" when One(40) > 0:
                    AddArc(loose, One(10), One(20), One(40), One(50), One(51));
                    break;
                default:
                    break;
            }
        }

        lines.AddRange(Chained(loose));
        return lines;
    }

    /// <summary>The bulge of a quarter circle: tan 22.5°.</summary>
    private static double Quarter => Math.Tan(Math.PI / 8);

    private static double Number(string? text) => double.TryParse(text, NumberStyles.Float, CultureInfo.InvariantCulture, out var number) && double.IsFinite(number) ? number : 0;

    private static List<ImportedCorner> Vertices(List<(int Code, string Value)> entity, double scale)
    {
        var vertices = new List<ImportedCorner>();
        foreach (var (code, value) in entity)
        {
            switch (code)
            {
                case 10: vertices.Add(new(Number(value) * scale, 0, 0)); break;
                case 20 when vertices.Count > 0: vertices[^1] = vertices[^1] with { Y = Number(value) * scale }; break;
                case 42 when vertices.Count > 0: vertices[^1] = vertices[^1] with { Rise = Number(value) }; break;
                default: break;
            }
        }

        return vertices;
    }

    /// <summary>Bulges (the tangent of a quarter of the arc's angle) to rises; an arc of more than a half circle is halved until it is none.</summary>
    private static List<ImportedCorner> WithRises(List<ImportedCorner> vertices)
    {
        var corners = new List<ImportedCorner>();
        for (var i = 0; i < vertices.Count; i++)
        {
            var (from, to) = (vertices[i], vertices[(i + 1) % vertices.Count]);
            Add(corners, from.X, from.Y, to.X, to.Y, from.Rise);
        }

        return corners;
    }

    private static void Add(List<ImportedCorner> corners, double x, double y, double toX, double toY, double bulge)
    {
        var (dx, dy) = (toX - x, toY - y);
        if (Math.Abs(bulge) <= 0.99 || Math.Abs(bulge) > 1e6)
        {
            corners.Add(new(x, y, Math.Abs(bulge) > 1e6 ? 0 : bulge * Math.Sqrt((dx * dx) + (dy * dy)) / 2));
            return;
        }

        // The middle of the arc lies to the right of the chord by bulge × half the chord.
        var (middleX, middleY) = (((x + toX) / 2) + (bulge * dy / 2), ((y + toY) / 2) - (bulge * dx / 2));
        var half = Math.Tan(Math.Atan(bulge) / 2);
        Add(corners, x, y, middleX, middleY, half);
        Add(corners, middleX, middleY, toX, toY, half);
    }

    private static void AddArc(List<(ImportedCorner From, double ToX, double ToY)> loose, double x, double y, double radius, double from, double to)
    {
        var sweep = (to - from) % 360;
        sweep = sweep <= 0 ? sweep + 360 : sweep;
        var parts = (int)Math.Ceiling(sweep / 90);
        for (var i = 0; i < parts; i++)
        {
            var (a, b) = ((from + (sweep * i / parts)) * Math.PI / 180, (from + (sweep * (i + 1) / parts)) * Math.PI / 180);
            loose.Add((new(x + (radius * Math.Cos(a)), y + (radius * Math.Sin(a)), radius * (1 - Math.Cos((b - a) / 2))), x + (radius * Math.Cos(b)), y + (radius * Math.Sin(b))));
        }
    }

    /// <summary>Straights and arcs that meet end to end, joined into rings.</summary>
    private static IEnumerable<ClosedLine> Chained(List<(ImportedCorner From, double ToX, double ToY)> loose)
    {
        while (loose.Count > 0)
        {
            var (start, x, y) = loose[0];
            loose.RemoveAt(0);
            var ring = new List<ImportedCorner> { start };
            while (Math.Abs(x - start.X) > Near || Math.Abs(y - start.Y) > Near)
            {
                var next = loose.FindIndex(part => Meets(part.From.X, part.From.Y) || Meets(part.ToX, part.ToY));
                if (next < 0)
                {
                    ring = null;
                    break;
                }

                var (from, toX, toY) = loose[next];
                loose.RemoveAt(next);
                var isTurned = !Meets(from.X, from.Y);
                ring.Add(isTurned ? new(toX, toY, -from.Rise) : from);
                (x, y) = isTurned ? (from.X, from.Y) : (toX, toY);
            }

            if (ring is { Count: > 1 })
            {
                yield return new(ring);
            }

            bool Meets(double otherX, double otherY) => Math.Abs(otherX - x) <= Near && Math.Abs(otherY - y) <= Near;
        }
    }
}
