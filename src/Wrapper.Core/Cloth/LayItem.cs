namespace Wrapper.Core.Cloth;

/// <summary>One copy of a piece waiting to be laid, with the shapes it may take.</summary>
internal sealed record LayItem(LayPiece Piece, int Copy, List<LayShape> Shapes, long Phase)
{
    /// <summary>The shape a maker would take on paper: the first turn allowed that fits the cloth.</summary>
    public LayShape OnPaper(long usable) => Shapes.Find(shape => shape.Width <= usable) ?? Shapes[0];

    public bool IsMatched => Phase >= 0;
}
