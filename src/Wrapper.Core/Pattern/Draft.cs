using Wrapper.Core.Checks;
using Wrapper.Core.Units;
using Wrapper.Core.Working;

namespace Wrapper.Core.Pattern;

/// <summary>A finished size or other result of a draft that is worth reading off.</summary>
/// <param name="Key">Its name: <c>W</c>, <c>P</c>, <c>t</c>, <c>Z</c>.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Value">The figure with its working.</param>
public sealed record FinishedSize(string Key, string Name, Worked Value)
{
    private readonly string? _brief;

    /// <summary>What it is called where there is room for a word; its name where nothing shorter says it.</summary>
    public string Brief
    {
        get => _brief ?? Name;
        init => _brief = value;
    }

    /// <summary>An edge that stays open or takes the closure: a slip in a measure shows there as it does on cut sizes.</summary>
    public bool IsOpening { get; init; }
}

/// <summary>A cover worked out: its pieces, how they are joined, what else it needs, and what was noticed.</summary>
public sealed record Draft
{
    /// <summary>How lengths are shown.</summary>
    public required LengthFormat Format { get; init; }

    /// <summary>The pieces to cut.</summary>
    public required IReadOnlyList<Piece> Pieces { get; init; }

    /// <summary>How many pieces are cut for all covers alike: the strips of what is pieced, and not it.</summary>
    public int PiecesToCut => Pieces.Where(piece => !piece.IsPieced).Sum(piece => piece.Quantity);

    /// <summary>The seams of one cover.</summary>
    public required IReadOnlyList<Seam> Seams { get; init; }

    /// <summary>Every seam measured on both sides.</summary>
    public required IReadOnlyList<LedgerEntry> Ledger { get; init; }

    /// <summary>Zips, cord, filling.</summary>
    public required IReadOnlyList<Notion> Notions { get; init; }

    /// <summary>Finished sizes.</summary>
    public required IReadOnlyList<FinishedSize> Finished { get; init; }

    /// <summary>What was noticed.</summary>
    public required IReadOnlyList<Check> Checks { get; init; }

    /// <summary>What can hurt whoever has the cover, each in sentences of its own.</summary>
    public IReadOnlyList<string> Cautions { get; init; } = [];

    /// <summary>How many joins the width of the cloth forced, for all covers alike.</summary>
    public required int Joins { get; init; }

    /// <summary>What the thing says that the cover has to measure.</summary>
    public required Expectation Thing { get; init; }

    /// <summary>Where its print is led.</summary>
    public PrintLed Print { get; init; }

    /// <summary>Which pieces each block of a pinned cover is cut as.</summary>
    public IReadOnlyDictionary<string, IReadOnlyList<string>> Blocks { get; init; } = new Dictionary<string, IReadOnlyList<string>>();

    /// <summary>Every number of the draft by the name its working has: finished sizes, cut sizes, notions.</summary>
    public IEnumerable<DraftNumber> Numbers()
    {
        foreach (var size in Finished)
        {
            yield return new(size.Key, size.Name, size.Value, 1, IsCutSize: false) { IsOpening = size.IsOpening };
        }

        foreach (var piece in Pieces)
        {
            yield return new($"{piece.Key}.cutWidth", $"{piece.Name}, cut width", piece.CutWidth, piece.Quantity, IsCutSize: true);
            yield return new($"{piece.Key}.cutLength", $"{piece.Name}, cut length", piece.CutLength, piece.Quantity, IsCutSize: true);
        }

        foreach (var notion in Notions)
        {
            yield return new($"{notion.Kind.Word()}.length", $"{notion.Name}, length", notion.Length, notion.Quantity, IsCutSize: false)
            {
                IsOpening = notion.Kind == NotionKind.ZipOpening,
            };
            if (notion.Width is { } width)
            {
                yield return new($"{notion.Kind.Word()}.width", $"{notion.Name}, width", width, 1, IsCutSize: false);
            }

            if (notion.Thickness is { } thickness)
            {
                yield return new($"{notion.Kind.Word()}.thickness", $"{notion.Name}, thickness", thickness, 1, IsCutSize: false);
            }
        }
    }

    /// <summary>Every number of the draft with its sum, each named result once, before the sums that use it.</summary>
    public IReadOnlyList<WorkingLine> Working()
    {
        var writer = new WorkingWriter(Format);
        var written = new HashSet<NamedResult>();
        var lines = new List<WorkingLine>();
        foreach (var number in Numbers())
        {
            Write(number.For, number.Name, number.Value);
        }

        return lines;

        void Write(string target, string name, Worked number)
        {
            // A number that is only another name for a result shows the result's own sum, once.
            var alias = number.Terms is [{ Quantity: NamedResult only, Factor.Value: 1 }] ? only : null;
            foreach (var result in WorkingWriter.ResultsIn(number).Where(result => result != alias))
            {
                if (written.Add(result))
                {
                    lines.Add(writer.Line(result.Name, result.Name, result.Definition));
                }
            }

            if (alias is not null)
            {
                written.Add(alias);
            }

            lines.Add(writer.Line(target, name, alias?.Definition ?? number));
        }
    }
}

/// <summary>A number of a draft.</summary>
/// <param name="For">Its name: <c>plate.cutWidth</c>, <c>P</c>, <c>zip.length</c>.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Value">The number with its working.</param>
/// <param name="Quantity">How many there are of what it measures.</param>
/// <param name="IsCutSize">It is the size of a piece to cut.</param>
public sealed record DraftNumber(string For, string Name, Worked Value, int Quantity, bool IsCutSize)
{
    /// <summary>It is the length of an opening.</summary>
    public bool IsOpening { get; init; }
}
