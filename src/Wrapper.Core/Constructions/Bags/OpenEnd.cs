using Wrapper.Core.Catalogue;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;
using Wrapper.Core.Working;

namespace Wrapper.Core.Constructions.Bags;

/// <summary>
/// The closure of a bag that is open at one end: it decides what each face has beyond the finished edge, how much of the
/// end stays open, and what goes into it. See docs/handbook.md, "Closures".
/// </summary>
internal sealed class OpenEnd
{
    private readonly CoverSpecification _specification;
    private readonly Closure? _closure;

    public OpenEnd(Worked width, CoverSpecification specification)
    {
        _specification = specification;
        _closure = specification.Choices.Closure;
        var rules = specification.Rules;
        Front = _closure switch
        {
            Closure.Zip => rules[Rule.Zip],
            Closure.Ties => rules[Rule.SideSeam],
            _ => rules[Rule.Hem],
        };
        Back = _closure == Closure.Overlap ? Front + rules[Rule.OverlapFlap] : Front;
        Shut = width.TimesNumber(rules.Number(NumberRule.OpeningShare));
        Opening = (width - (2 * Shut)).Named("opening");
    }

    /// <summary>What the front face is cut longer by at the opening end.</summary>
    public Worked Front { get; }

    /// <summary>What the back face is cut longer by.</summary>
    public Worked Back { get; }

    /// <summary>How much of the end is sewn shut at each side.</summary>
    public Worked Shut { get; }

    /// <summary>What stays open between.</summary>
    public Worked Opening { get; }

    /// <summary>Both faces are cut alike.</summary>
    public bool IsAlike => _closure != Closure.Overlap;

    /// <summary>The two edges are held together by a zip, so that the end is closed like a seam.</summary>
    public bool IsSewn => _closure == Closure.Zip;

    public IEnumerable<Notion> Notions()
    {
        var (count, rules) = (_specification.Count, _specification.Rules);
        switch (_closure)
        {
            case Closure.Buttons or Closure.Snaps:
                var fasteners = Math.Max(3, (int)Math.Ceiling(Opening.Value.RatioTo(rules[Rule.ButtonSpacing].Value) - 1e-9) - 1);
                var apart = (Opening / (fasteners + 1)).Named("apart");
                yield return new(
                    _closure == Closure.Buttons ? NotionKind.Button : NotionKind.Snap,
                    _closure == Closure.Buttons ? "Buttons, so far apart" : "Snaps, so far apart",
                    fasteners * count,
                    apart
                );
                if (_closure == Closure.Buttons)
                {
                    yield return new(NotionKind.Loop, "Loops of elastic, each", fasteners * count, rules[Rule.Loop]);
                }

                break;
            case Closure.Zip:
                yield return new(NotionKind.ZipClosedEnd, "Closed-end zip, teeth", count, Opening);
                break;
            case Closure.Ties:
                var pairs = Math.Max(2, (int)Math.Ceiling(Opening.Value.RatioTo(rules[Rule.TieSpacing].Value) - 1e-9));
                yield return new(NotionKind.Tie, "Ties, in pairs", 2 * pairs * count, rules[Rule.Tie]);
                break;
            default:
                break;
        }
    }
}
