namespace Wrapper.Formats.Outlines;

/// <summary>How a part of an SVG drawing is moved, turned and scaled.</summary>
internal readonly record struct Affine(double A, double B, double C, double D, double E, double F)
{
    public static Affine Identity => new(1, 0, 0, 1, 0, 0);

    public static Affine Moved(double x, double y) => new(1, 0, 0, 1, x, y);

    public (double X, double Y) Put(double x, double y) => ((A * x) + (C * y) + E, (B * x) + (D * y) + F);

    /// <summary>First the inner one, then this one.</summary>
    public Affine Over(Affine inner) =>
        new(
            (A * inner.A) + (C * inner.B),
            (B * inner.A) + (D * inner.B),
            (A * inner.C) + (C * inner.D),
            (B * inner.C) + (D * inner.D),
            (A * inner.E) + (C * inner.F) + E,
            (B * inner.E) + (D * inner.F) + F
        );

    /// <summary>Reads a transform attribute; what it does not know changes nothing.</summary>
    public static Affine Read(string? text, Allowance allowance)
    {
        var all = Identity;
        var left = text.AsSpan();
        allowance.Spend(left.Length);
        while (left.IndexOf('(') is >= 0 and var opens && left[opens..].IndexOf(')') is >= 0 and var length)
        {
            var name = left[..opens].TrimEnd();
            name = name[(name.LastIndexOfAny(' ', ',', ')') + 1)..];
            var n = NumberScanner.All(left.Slice(opens, length));
            left = left[(opens + length + 1)..];
            all = all.Over(
                (name.ToString(), n.Count) switch
                {
                    ("matrix", 6) => new(n[0], n[1], n[2], n[3], n[4], n[5]),
                    ("translate", 1) => new(1, 0, 0, 1, n[0], 0),
                    ("translate", 2) => new(1, 0, 0, 1, n[0], n[1]),
                    ("scale", 1) => new(n[0], 0, 0, n[0], 0, 0),
                    ("scale", 2) => new(n[0], 0, 0, n[1], 0, 0),
                    ("rotate", 1) => Turn(n[0]),
                    ("rotate", 3) => new Affine(1, 0, 0, 1, n[1], n[2]).Over(Turn(n[0])).Over(new(1, 0, 0, 1, -n[1], -n[2])),
                    ("skewX", 1) => new(1, 0, Math.Tan(n[0] * Math.PI / 180), 1, 0, 0),
                    ("skewY", 1) => new(1, Math.Tan(n[0] * Math.PI / 180), 0, 1, 0, 0),
                    _ => Identity,
                }
            );
        }

        return all;
    }

    public static Affine Turn(double degrees)
    {
        var (sin, cos) = Math.SinCos(degrees * Math.PI / 180);
        return new(cos, sin, -sin, cos, 0, 0);
    }
}
