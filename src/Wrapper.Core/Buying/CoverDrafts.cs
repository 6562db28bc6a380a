using Wrapper.Core.Buying.Cloths;
using Wrapper.Core.Drafting;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;

namespace Wrapper.Core.Buying;

/// <summary>The covers of a job drafted on its cloths: what knows several is drafted once for all their lays.</summary>
internal sealed class CoverDrafts
{
    private readonly Dictionary<(string Cover, bool Proved), DraftOutcome> _drafted = [];

    /// <summary>A cover on this cloth, and on those its other roles take.</summary>
    public DraftOutcome On(JobCover cover, ClothSpecification cloth, bool proved)
    {
        var outcome = Draft(cover, ClothBuyer.OnCloth(cover.Input, cloth), proved);

        // What lines it is the same size also where its own cloth is too narrow for it.
        return outcome.Draft is null && cloth.Role != ClothRole.Main && cover.Input.Cloths.Count > 0
            ? Draft(
                cover,
                cover.Input with
                {
                    Cloths = new Dictionary<string, DraftCloth>(),
                    OwnCloth = null,
                    Roles = new Dictionary<string, IReadOnlyList<string>>(),
                    Pieced = [],
                },
                proved
            )
            : outcome;
    }

    /// <summary>Some piece of the cover may be cut from this cloth, as far as can be said without its draft.</summary>
    public static bool MayLieOn(CoverInput input, ClothSpecification cloth) =>
        cloth.Key is not { } key
        || cloth.Role != ClothRole.Main
        || input.OwnKey == key
        || input.Roles.Values.Any(keys => keys.Contains(key))
        || input.Pieced.Any(pieced => pieced.Parts.Any(part => part.Cloth == key));

    private DraftOutcome Draft(JobCover cover, CoverInput input, bool proved)
    {
        var isAsItStands = ReferenceEquals(input, cover.Input);
        if (isAsItStands && _drafted.TryGetValue((cover.Key, proved), out var known))
        {
            return known;
        }

        var outcome = proved ? Proved.Draft(input) : Drafter.Draft(input);
        if (isAsItStands)
        {
            _drafted[(cover.Key, proved)] = outcome;
        }

        return outcome;
    }
}
