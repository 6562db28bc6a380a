namespace Wrapper.Formats.Outlines;

/// <summary>The line that one entity of a DXF file draws.</summary>
internal static class DxfLines
{
    public static DrawnLine Of(DxfEntity entity)
    {
        var line = new DrawnLine();
        switch (entity.Kind)
        {
            case "LWPOLYLINE":
                return Polyline(Vertices(entity), (entity.Whole(70) & 1) == 1);
            case "LINE":
                line.Add(DrawnPart.Straight((entity.One(10), entity.One(20)), (entity.One(11), entity.One(21))));
                break;
            case "CIRCLE" when entity.One(40) > 0:
                line.IsRing = true;
                line.Add(Curves.Circle(entity.One(10), entity.One(20), entity.One(40), 0, 2 * Math.PI));
                break;
            case "ARC" when entity.One(40) > 0:
                var sweep = (entity.One(51) - entity.One(50)) % 360;
                var from = entity.One(50) * Math.PI / 180;
                line.Add(
                    Curves.Circle(
                        entity.One(10),
                        entity.One(20),
                        entity.One(40),
                        from,
                        from + ((sweep <= 0 ? sweep + 360 : sweep) * Math.PI / 180)
                    )
                );
                break;
            case "ELLIPSE":
                Ellipse(entity, line);
                break;
            case "SPLINE":
                Spline(entity, line);
                break;
            case "CIRCLE" or "ARC":
                break;
            default:
                throw new UnreadableDrawingException(
                    $"This DXF file holds a {UnreadableDrawingException.Shown(entity.Kind)}, which cannot be read as a "
                        + "line: save the outline alone, as a polyline, and try again."
                );
        }

        return line;
    }

    private static void Ellipse(DxfEntity entity, DrawnLine line)
    {
        var (x, y, ratio) = (entity.One(11), entity.One(21), entity.One(40, 1));
        var (from, to) = (entity.One(41), entity.One(42, 2 * Math.PI));
        to = to <= from ? to + (2 * Math.PI) : to;
        line.IsRing = to - from > (2 * Math.PI) - 1e-6;
        line.Add(Curves.Ellipse((entity.One(10), entity.One(20)), (x, y), (-y * ratio, x * ratio), from, to));
    }

    private static void Spline(DxfEntity entity, DrawnLine line)
    {
        var spline = new RationalSpline(
            entity.Whole(71),
            entity.All(40),
            [.. entity.All(10).Zip(entity.All(20), (x, y) => (x, y))],
            entity.All(41)
        );
        if (!spline.IsWhole)
        {
            throw new UnreadableDrawingException(
                "This DXF file holds a SPLINE without the control points and knots that draw it: save it as a polyline and try again."
            );
        }

        line.IsRing = (entity.Whole(70) & 1) == 1;
        foreach (var part in spline.Parts())
        {
            line.Add(part);
        }
    }

    public static DrawnLine Polyline(List<(double X, double Y, double Bulge)> vertices, bool isClosed)
    {
        var line = new DrawnLine { IsRing = isClosed };
        for (var i = 0; i + (isClosed ? 0 : 1) < vertices.Count; i++)
        {
            var (from, to) = (vertices[i], vertices[(i + 1) % vertices.Count]);
            line.Add(Curves.Bulged((from.X, from.Y), (to.X, to.Y), from.Bulge));
        }

        return line;
    }

    private static List<(double X, double Y, double Bulge)> Vertices(DxfEntity entity)
    {
        var vertices = new List<(double X, double Y, double Bulge)>();
        foreach (var (code, value) in entity.Values)
        {
            switch (code)
            {
                case 10:
                    vertices.Add((DxfEntity.Number(value), 0, 0));
                    break;
                case 20 when vertices.Count > 0:
                    vertices[^1] = vertices[^1] with { Y = DxfEntity.Number(value) };
                    break;
                case 42 when vertices.Count > 0:
                    vertices[^1] = vertices[^1] with { Bulge = DxfEntity.Number(value) };
                    break;
                default:
                    break;
            }
        }

        return vertices;
    }
}
