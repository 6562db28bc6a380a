namespace Wrapper.Core.Lays.Search;

/// <summary>How many times the shears are set to cut the boxes of a lay apart, the edge of the cloth left out.</summary>
internal static class StraightCuts
{
    /// <summary>Edges this near to one another are one cut.</summary>
    private const long Same = 10_000;

    /// <summary>A cut goes on through waste and ends where a piece is in its way; one right across counts for less.</summary>
    private const int OneCut = 4;
    private const int RightAcross = 3;

    public static int Of(List<LaidShape> lay, LayCloth cloth)
    {
        var boxes = lay.ConvertAll(place => new Box(place.X, place.Y, place.X + place.Shape.Width, place.Y + place.Shape.Height));
        var turned = boxes.ConvertAll(box => new Box(box.Low, box.Left, box.High, box.Right));
        return InRows(boxes, long.MaxValue, RightAcross, cloth.Space) + InRows(turned, cloth.Usable, OneCut, cloth.Space);
    }

    /// <summary>The cuts from left to right, up to where the cloth ends; a row that nothing lies across is one cut.</summary>
    private static int InRows(List<Box> boxes, long end, int unbroken, long space)
    {
        var total = 0;
        List<(long At, Box Of)> edges =
        [
            .. boxes
                .SelectMany(box => (IEnumerable<(long, Box)>)[(box.Low, box), (box.High, box)])
                .Where(edge => edge.Item1 > 0 && edge.Item1 < end)
                .OrderBy(edge => edge.Item1),
        ];
        for (var i = 0; i < edges.Count; )
        {
            var at = edges[i].At;
            List<(long Left, bool Blocks)> row = [];
            for (; i < edges.Count && edges[i].At <= at + space + Same; i++)
            {
                row.Add((edges[i].Of.Left, false));
            }

            List<(long, bool)> across =
            [
                .. boxes.Where(box => box.Low < at - Same && box.High > at + space + Same).Select(box => (box.Left, true)),
            ];
            total += across.Count == 0 ? unbroken : OneCut * Stretches([.. row, .. across]);
        }

        return total;
    }

    /// <summary>Cuts in a row: one for all edges that no piece lies between.</summary>
    private static int Stretches(List<(long Left, bool Blocks)> row)
    {
        row.Sort();
        var (cuts, isCutting) = (0, false);
        foreach (var (_, blocks) in row)
        {
            cuts += !blocks && !isCutting ? 1 : 0;
            isCutting = !blocks;
        }

        return cuts;
    }

    private readonly record struct Box(long Left, long Low, long Right, long High);
}
