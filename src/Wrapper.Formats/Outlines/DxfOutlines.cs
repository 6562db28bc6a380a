using System.Globalization;

namespace Wrapper.Formats.Outlines;

/// <summary>
/// Lines out of a DXF file: polylines with their bulges, circles, arcs, ellipses, splines and straights, and blocks wherever they
/// are placed. See docs/format.md, "Outlines from drawings".
/// </summary>
internal sealed class DxfOutlines
{
    /// <summary>Nothing is placed inside itself deeper than this.</summary>
    private const int Deepest = 20;

    private const int MostPlaced = 20_000;

    /// <summary>Writing and measures beside the lines: told, and left out.</summary>
    private static readonly HashSet<string> Writing =
    [
        "TEXT",
        "MTEXT",
        "DIMENSION",
        "LEADER",
        "MULTILEADER",
        "MLEADER",
        "ATTRIB",
        "ATTDEF",
        "POINT",
        "VIEWPORT",
        "TOLERANCE",
        "XLINE",
        "RAY",
    ];

    private readonly Allowance _allowance;
    private readonly Drawing _drawing;
    private readonly Dictionary<string, (DxfEntity Head, List<DxfEntity> Entities)> _blocks = new(StringComparer.OrdinalIgnoreCase);
    private int _placed;

    private DxfOutlines(Allowance allowance) => (_allowance, _drawing) = (allowance, new(allowance));

    public static ImportedOutline Read(string text, Allowance allowance)
    {
        var pairs = DxfPairs.Of(text);
        if (pairs.Count == 0)
        {
            return ImportedOutline.Refused("This DXF file holds nothing that can be read.");
        }

        try
        {
            allowance.Spend(pairs.Count);
            return new DxfOutlines(allowance).Read(pairs);
        }
        catch (UnreadableDrawingException error)
        {
            return ImportedOutline.Refused(error.Message);
        }
    }

    private ImportedOutline Read(List<(int Code, string Value)> pairs)
    {
        var scale = Scale(pairs);
        var drawn = new List<DxfEntity>();
        var section = "ENTITIES"; // a file without sections holds only what is drawn
        (DxfEntity Head, List<DxfEntity> Entities)? block = null;
        foreach (var entity in DxfPairs.Entities(pairs))
        {
            switch (entity.Kind)
            {
                case "SECTION":
                    section = entity.Text(2);
                    break;
                case "ENDSEC":
                    section = "";
                    break;
                case "BLOCK" when section == "BLOCKS":
                    block = (entity, []);
                    break;
                case "ENDBLK" when block is { } whole:
                    _blocks.TryAdd(whole.Head.Text(2), whole);
                    block = null;
                    break;
                default:
                    if (section == "ENTITIES")
                    {
                        drawn.Add(entity);
                    }
                    else
                    {
                        block?.Entities.Add(entity);
                    }

                    break;
            }
        }

        Draw(drawn, new(scale, 0, 0, scale, 0, 0), 0);
        return _drawing.Outline();
    }

    private double Scale(List<(int Code, string Value)> pairs)
    {
        var at = pairs.FindIndex(pair => pair is (9, "$INSUNITS"));
        var unit =
            at >= 0 && at + 1 < pairs.Count && int.TryParse(pairs[at + 1].Value, CultureInfo.InvariantCulture, out var said) ? said : 0;
        double? scale = unit switch
        {
            1 => 25.4,
            2 => 304.8,
            4 => 1,
            5 => 10,
            6 => 1000,
            10 => 914.4,
            14 => 100,
            _ => null,
        };
        if (scale is null)
        {
            _drawing.Notes.Add("The drawing names no unit: millimetres were taken.");
        }

        return scale ?? 1;
    }

    private void Draw(List<DxfEntity> entities, Affine place, int depth)
    {
        DxfEntity? polyline = null;
        var vertices = new List<(double X, double Y, double Bulge)>();
        foreach (var entity in entities)
        {
            if (++_placed > MostPlaced * 10)
            {
                throw UnreadableDrawingException.FarTooMuch;
            }

            _allowance.Spend(1 + entity.Values.Count);
            var own = entity.IsSeenFromBehind ? place.Over(new(-1, 0, 0, 1, 0, 0)) : place;
            switch (entity.Kind)
            {
                case "POLYLINE":
                    (polyline, vertices) = (entity, []);
                    break;
                case "VERTEX" when polyline is not null:
                    vertices.Add((entity.One(10), entity.One(20), entity.One(42)));
                    break;
                case "SEQEND":
                    if (polyline is not null)
                    {
                        _allowance.Draw(vertices.Count);
                        _drawing.Add(
                            DxfLines
                                .Polyline(vertices, (polyline.Whole(70) & 1) == 1)
                                .Placed(polyline.IsSeenFromBehind ? place.Over(new(-1, 0, 0, 1, 0, 0)) : place)
                        );
                    }

                    polyline = null;
                    break;
                case "INSERT":
                    Insert(entity, own, depth);
                    break;
                case "EOF" or "ENDSEC" or "SECTION":
                    break;
                default:
                    if (Writing.Contains(entity.Kind))
                    {
                        _drawing.Beside(entity.Kind);
                    }
                    else
                    {
                        var line = DxfLines.Of(entity);
                        _allowance.Draw(line.Parts.Count);
                        _drawing.Add(line.Placed(own));
                    }

                    break;
            }
        }
    }

    /// <summary>A block put down: moved from its own base, scaled, turned, and put down again in rows and columns.</summary>
    private void Insert(DxfEntity insert, Affine place, int depth)
    {
        var name = insert.Text(2);
        if (!_blocks.TryGetValue(name, out var block))
        {
            throw new UnreadableDrawingException(
                $"This DXF file places a block “{UnreadableDrawingException.Shown(name)}” that is not in it: "
                    + "save the drawing with its blocks, or the outline alone."
            );
        }

        if (depth >= Deepest)
        {
            throw new UnreadableDrawingException(
                $"This DXF file places the block “{UnreadableDrawingException.Shown(name)}” inside itself: save the outline alone."
            );
        }

        var (columns, rows) = (Math.Max(1, insert.Whole(70)), Math.Max(1, insert.Whole(71)));
        if ((_placed += columns * rows) > MostPlaced)
        {
            throw new UnreadableDrawingException(
                "This DXF file places far more blocks than an outline has: save the outline alone and try again."
            );
        }

        for (var row = 0; row < rows; row++)
        {
            for (var column = 0; column < columns; column++)
            {
                Draw(
                    block.Entities,
                    place
                        .Over(Affine.Moved(insert.One(10), insert.One(20)))
                        .Over(Affine.Turn(insert.One(50)))
                        .Over(Affine.Moved(column * insert.One(44), row * insert.One(45)))
                        .Over(new(insert.One(41, 1), 0, 0, insert.One(42, 1), 0, 0))
                        .Over(Affine.Moved(-block.Head.One(10), -block.Head.One(20))),
                    depth + 1
                );
            }
        }
    }
}
