using Wrapper.Core.Buying.Cloths;
using Wrapper.Core.Units;
using Wrapper.Formats.Documents;

namespace Wrapper.Web.Answers;

/// <summary>A job's heading.</summary>
public sealed record JobHeadingJson(string? Name, string? Client, string? Place, [property: WordOf<JobUnit>] string? Unit);

/// <summary>A job to make.</summary>
/// <param name="Id">Its id, said by whoever may have to ask again: the same creation sent twice makes one job. Null for one of the
/// server's.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Client">For whom.</param>
/// <param name="Place">Where the things stand.</param>
/// <param name="Unit">Its unit: in, cm or mm.</param>
public sealed record JobCreationJson(string? Id, string? Name, string? Client, string? Place, [property: WordOf<JobUnit>] string? Unit);

/// <summary>A stored cover. Its letter is what its pieces are known by: no other cover of the job has had it or will have it.</summary>
public sealed record CoverJson(string Id, int Position, string Letter, long Version, bool Complete, CoverDocument Cover);

/// <summary>Whether a job is put away.</summary>
public sealed record ArchivedJson(bool Archived);

/// <summary>The cloths of a job in one document, the first of them carrying the others, and their versions added up.</summary>
public sealed record ClothJson(long Version, ClothDocument Cloth);

/// <summary>One of a job's cloths.</summary>
/// <param name="Key">What covers name it by.</param>
/// <param name="Version">Its version.</param>
/// <param name="Cloth">The cloth.</param>
public sealed record JobClothJson(string Key, long Version, ClothDocument Cloth);

/// <summary>A job with its covers and its cloths. Of a part that is broken, what can be read of it stands in its place.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Client">Who it is for.</param>
/// <param name="Place">Where the things stand.</param>
/// <param name="Unit">Its unit: in, cm or mm.</param>
/// <param name="Version">The version of its heading.</param>
/// <param name="Updated">When anything of it was last written.</param>
/// <param name="Archived">It was put away.</param>
/// <param name="Cloth">Its cloths in one document, for earlier clients: the first carries the others.</param>
/// <param name="Cloths">Its cloths, in their order, each with a version of its own.</param>
/// <param name="Covers">Its covers, in their order.</param>
/// <param name="Broken">The parts whose stored documents break a rule.</param>
public sealed record JobJson(
    string Id,
    string Name,
    string Client,
    string Place,
    [property: WordOf<JobUnit>] string Unit,
    long Version,
    DateTimeOffset Updated,
    bool Archived,
    ClothJson Cloth,
    IReadOnlyList<JobClothJson> Cloths,
    IReadOnlyList<CoverJson> Covers,
    IReadOnlyList<BrokenPartJson> Broken
)
{
    /// <summary>A part of this name is broken.</summary>
    internal bool IsBroken(string part) => Broken.Any(known => known.Part == part);
}
