using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Working;

namespace Wrapper.Core.Parts;

/// <summary>
/// What closes two edges of a cover that meet: a zip off the roll or with closed ends, an invisible zip, or hook-and-loop tape
/// that laps. It says what each edge is cut larger by and what has to be bought. See docs/handbook.md, "Closures".
/// </summary>
internal sealed class BackClosure
{
    private readonly string _closure;
    private readonly CoverSpecification _specification;

    /// <summary>The closure that was chosen.</summary>
    /// <param name="specification">The cover.</param>
    /// <param name="turning">What an edge with a zip is cut larger by.</param>
    public BackClosure(CoverSpecification specification, Worked turning)
    {
        (_specification, _closure) = (specification, specification.Choices.Closure);
        (Over, Under) = IsTape ? (specification.Rules["tapeWidth"], 2 * specification.Rules["tapeWidth"]) : (turning, turning);
    }

    /// <summary>It is closed with tape: one edge laps over the other.</summary>
    public bool IsTape => _closure == "hook-and-loop";

    /// <summary>A zip off the roll, sewn in from raw edge to raw edge.</summary>
    public bool RunsOut => _closure == "zip";

    /// <summary>What the edge on top is cut larger by.</summary>
    public Worked Over { get; }

    /// <summary>What the edge below is cut larger by: twice the tape where it laps.</summary>
    public Worked Under { get; }

    /// <summary>What both edges together are cut larger by.</summary>
    public Worked Both => Over + Under;

    /// <summary>What is caught in the seam, for the ledger.</summary>
    public string Takes => IsTape ? "hook-and-loop" : "zip";

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
            case "hook-and-loop":
                yield return new("hook-and-loop", "Hook-and-loop tape, hook on the under-flap, loop under the over-flap", count, teeth, _specification.Rules["tapeWidth"]);
                yield break;
            case "invisible-zip":
                yield return new("zip-invisible", "Invisible zip, sewn in open, stopping short of both ends", count, teeth);
                yield break;
            case "closed-end-zip":
                break;
            default:
                if (offTheRoll is not null)
                {
                    yield return offTheRoll;
                }

                break;
        }

        yield return new("zip-closed-end", "Closed-end zip, teeth", count, teeth);
    }
}
