namespace Wrapper.Core.Forms.Finished;

/// <summary>
/// A thing seen from above, counter-clockwise from the left end of its front, in millimetres: what a cover is proved against.
/// See docs/handbook.md, "Fold-up".
/// </summary>
internal sealed class ThingOutline
{
    private const double Level = 1e-9;

    public ThingOutline(IEnumerable<ThingSide> sides) => Sides = [.. sides];

    public IReadOnlyList<ThingSide> Sides { get; }

    public double Area => Sides.Sum(side => side.DoubledArea) / 2;

    public double Perimeter => Sides.Sum(side => side.Length);

    public double Width => Reach(new(1, 0)) + Reach(new(-1, 0));

    public double Depth => Reach(new(0, 1)) + Reach(new(0, -1));

    /// <summary>Four straight sides along the axes.</summary>
    public bool IsRectangle =>
        Sides.Count == 4
        && Sides.All(side => side.Centre is null && (Math.Abs(side.To.X - side.From.X) < 1e-6 || Math.Abs(side.To.Y - side.From.Y) < 1e-6));

    /// <summary>It turns inwards nowhere.</summary>
    public bool IsConvex => Sides.All(side => side.Centre is null || side.Bulges) && Turns().All(turn => turn > -1e-7);

    public static ThingOutline Polygon(params IReadOnlyList<(double X, double Y)> corners) =>
        new(
            corners.Select(
                (corner, i) =>
                    new ThingSide(new(corner.X, corner.Y), new(corners[(i + 1) % corners.Count].X, corners[(i + 1) % corners.Count].Y))
            )
        );

    public static ThingOutline Rectangle(double width, double depth) => Polygon((0, 0), (width, 0), (width, depth), (0, depth));

    public static ThingOutline Disc(double diameter)
    {
        var (r, centre) = (diameter / 2, new Spot(diameter / 2, diameter / 2));
        return new([new(new(0, r), new(diameter, r), centre), new(new(diameter, r), new(0, r), centre)]);
    }

    /// <summary>Every side moved out by so much, neighbours meeting where they cross: what fit does to an outline.</summary>
    public ThingOutline Grown(double by)
    {
        if (by == 0)
        {
            return this;
        }

        var corners = new Spot[Sides.Count];
        for (var i = 0; i < Sides.Count; i++)
        {
            corners[i] = Meeting(Sides[(i + Sides.Count - 1) % Sides.Count], Sides[i], by);
        }

        return new(Sides.Select((side, i) => side with { From = corners[i], To = corners[(i + 1) % Sides.Count] }));
    }

    /// <summary>
    /// The outer corners between straight sides rounded with this radius: all, those at the ends of the front, or those of the
    /// back.
    /// </summary>
    public ThingOutline Rounded(double radius, Func<ThingSide, ThingSide, bool> which)
    {
        var sides = new List<ThingSide>();
        var cuts = new double[Sides.Count];
        for (var i = 0; i < Sides.Count; i++)
        {
            var (before, after) = (Sides[(i + Sides.Count - 1) % Sides.Count], Sides[i]);
            var turn = Turn(before, after);
            cuts[i] =
                before.Centre is null && after.Centre is null && turn > 1e-6 && which(before, after) ? radius * Math.Tan(turn / 2) : 0;
        }

        for (var i = 0; i < Sides.Count; i++)
        {
            var (side, next) = (Sides[i], (i + 1) % Sides.Count);
            var way = side.DirectionAtStart;
            var (from, to) = (side.From + (cuts[i] * way), side.To - (cuts[next] * way));
            sides.Add(side.Centre is null ? new(from, to) : side);
            if (cuts[next] > 0)
            {
                var left = new Spot(-way.Y, way.X);
                sides.Add(new(to, Sides[next].From + (cuts[next] * Sides[next].DirectionAtStart), to + (radius * left)));
            }
        }

        return new(sides.Where(side => side.Centre is not null || side.Length > 1e-6));
    }

    /// <summary>The area within a margin all round that goes round outer corners in a curve.</summary>
    public double AreaWithMargin(double margin) => Area + (margin * Perimeter) + (margin * margin * RoundTurns / 2);

    /// <summary>The length of the edge of such a margin.</summary>
    public double EdgeOfMargin(double margin) => Perimeter + (margin * RoundTurns);

    /// <summary>The side that lies furthest to the front, or to the back, and faces there.</summary>
    public ThingSide Facing(bool front)
    {
        double Worth(ThingSide side)
        {
            var chord = side.To - side.From;
            var faces = (front ? chord.X : -chord.X) / chord.Size;
            var place = (front ? -1 : 1) * (side.From.Y + side.To.Y) / 2;
            return faces > 0.5 ? place + (side.Length * 1e-3) : place - 1e6;
        }

        return Sides.MaxBy(Worth)!;
    }

    private double Reach(Spot way) => Sides.Max(side => side.Reach(way));

    private IEnumerable<double> Turns() => Sides.Select((side, i) => Turn(Sides[(i + Sides.Count - 1) % Sides.Count], side));

    /// <summary>How far a margin's edge turns in curves, arcs and outer corners together; an inner corner takes a mitre off.</summary>
    private double RoundTurns => Sides.Sum(side => side.Sweep) + Turns().Sum(turn => turn > 0 ? turn : 2 * Math.Tan(turn / 2));

    private static double Turn(ThingSide before, ThingSide after) =>
        Math.Atan2(before.DirectionAtEnd.Cross(after.DirectionAtStart), before.DirectionAtEnd.Dot(after.DirectionAtStart));

    /// <summary>Where two neighbours meet when both are moved out.</summary>
    private static Spot Meeting(ThingSide before, ThingSide after, double by)
    {
        var (a, b) = (before.DirectionAtEnd, after.DirectionAtStart);
        var (normalA, normalB) = (new Spot(a.Y, -a.X), new Spot(b.Y, -b.X));
        var corner = after.From;
        if (Math.Abs(a.Cross(b)) < 1e-9)
        {
            return corner + (by * normalA);
        }

        var guess = corner + ((by / (1 + normalA.Dot(normalB))) * (normalA + normalB));
        IEnumerable<Spot> meetings = (before.Centre, after.Centre) switch
        {
            (null, null) => [guess],
            ({ } centre, null) => LineAndCircle(corner + (by * normalB), b, centre, RadiusOf(before, by)),
            (null, { } centre) => LineAndCircle(corner + (by * normalA), a, centre, RadiusOf(after, by)),
            ({ } one, { } other) => Circles(one, RadiusOf(before, by), other, RadiusOf(after, by)),
        };
        return meetings.DefaultIfEmpty(guess).MinBy(meeting => (meeting - guess).Size);
    }

    private static double RadiusOf(ThingSide side, double by) => side.Radius + (side.Bulges ? by : -by);

    private static IEnumerable<Spot> LineAndCircle(Spot on, Spot way, Spot centre, double radius)
    {
        var to = on - centre;
        var (middle, rest) = (to.Dot(way), to.Dot(to) - (radius * radius));
        var root = Math.Sqrt(Math.Max(0, (middle * middle) - rest));
        yield return on + ((-middle - root) * way);
        yield return on + ((-middle + root) * way);
    }

    private static IEnumerable<Spot> Circles(Spot one, double radius, Spot other, double second)
    {
        var apart = other - one;
        var distance = apart.Size;
        if (distance < Level)
        {
            yield break;
        }

        var along = ((distance * distance) + (radius * radius) - (second * second)) / (2 * distance);
        var off = Math.Sqrt(Math.Max(0, (radius * radius) - (along * along)));
        var (way, square) = ((1 / distance) * apart, (1 / distance) * new Spot(-apart.Y, apart.X));
        yield return one + (along * way) + (off * square);
        yield return one + (along * way) - (off * square);
    }
}
