using Wrapper.Core.Catalogue;
using Wrapper.Core.English;
using Wrapper.Core.English.Parts;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Working;

namespace Wrapper.Core.Parts.Edges;

/// <summary>
/// What closes two edges of a cover that meet: a zip off the roll or with closed ends, an invisible zip, or hook-and-loop tape
/// that laps. It says what each edge is cut larger by and what has to be bought. See docs/handbook.md, "Closures".
/// </summary>
internal sealed class BackClosure
{
    private readonly Closure? _closure;
    private readonly CoverSpecification _specification;

    /// <summary>The closure that was chosen.</summary>
    /// <param name="specification">The cover.</param>
    /// <param name="turning">What an edge with a zip is cut larger by.</param>
    public BackClosure(CoverSpecification specification, Worked turning)
    {
        (_specification, _closure) = (specification, specification.Choices.Closure);
        (Over, Under) = IsTape ? (specification.Rules[Rule.TapeWidth], 2 * specification.Rules[Rule.TapeWidth]) : (turning, turning);
    }

    /// <summary>It is closed with tape: one edge laps over the other.</summary>
    public bool IsTape => _closure == Closure.HookAndLoop;

    /// <summary>A zip off the roll, sewn in from raw edge to raw edge.</summary>
    public bool RunsOut => _closure == Closure.Zip;

    /// <summary>What the edge on top is cut larger by.</summary>
    public Worked Over { get; }

    /// <summary>What the edge below is cut larger by: twice the tape where it laps.</summary>
    public Worked Under { get; }

    /// <summary>What both edges together are cut larger by.</summary>
    public Worked Both => Over + Under;

    /// <summary>What is caught in the seam, for the ledger.</summary>
    public Caught Takes => IsTape ? Caught.HookAndLoop : Caught.Zip;

    /// <summary>What the maker calls it.</summary>
    public string Word => IsTape ? "tape" : "zip";

    /// <summary>What to buy for all covers alike.</summary>
    /// <param name="teeth">How long a zip's teeth are, or the tape.</param>
    /// <param name="offTheRoll">The zip as it is cut off the roll; none where that is no use here.</param>
    public IEnumerable<Notion> Notions(Worked teeth, Notion? offTheRoll)
    {
        var count = _specification.Count;
        switch (_closure)
        {
            case Closure.HookAndLoop:
                yield return new(NotionKind.HookAndLoop, PartsText.HookAndLoopTapeHook, count, teeth, _specification.Rules[Rule.TapeWidth]);
                yield break;
            case Closure.InvisibleZip:
                yield return new(NotionKind.ZipInvisible, CommonText.InvisibleZipSewnInOpenStopping, count, teeth);
                yield break;
            case Closure.ClosedEndZip:
                break;
            default:
                if (offTheRoll is not null)
                {
                    yield return offTheRoll;
                }

                break;
        }

        yield return new(NotionKind.ZipClosedEnd, "Closed-end zip, teeth", count, teeth);
    }
}
