using Wrapper.Core.Pattern;

namespace Wrapper.Core.Reading;

/// <summary>Which of a job's cloths each piece of a cover is cut from. See docs/handbook.md, "More than one cloth".</summary>
/// <param name="Cloths">The cloths by their keys; empty where the cover is of one cloth that has no key.</param>
/// <param name="Own">The key of the cover's own cloth; null only where there are no cloths.</param>
/// <param name="Roles">The keys given to a role, or to a zone by its name; several take turns.</param>
public sealed record ClothPlan(
    IReadOnlyDictionary<string, DraftCloth> Cloths,
    string? Own,
    IReadOnlyDictionary<string, IReadOnlyList<string>> Roles
)
{
    /// <summary>No cloth has a key.</summary>
    public static ClothPlan None { get; } =
        new(new Dictionary<string, DraftCloth>(), null, new Dictionary<string, IReadOnlyList<string>>());

    /// <summary>The cloths are known by keys.</summary>
    public bool HasKeys => Cloths.Count > 0;

    /// <summary>What the key of a pieced face begins with: no cloth of a job has such a key.</summary>
    private const char PiecedMark = '\u001f';

    /// <summary>The roles whose pieces are joined from strips, by their words.</summary>
    public IReadOnlyDictionary<string, PiecedCloth> Pieced { get; init; } = new Dictionary<string, PiecedCloth>();

    /// <summary>Pieces are to be told apart by their cloths.</summary>
    public bool TellsPiecesApart => HasKeys || Pieced.Count > 0;

    /// <summary>
    /// The key of the cloth a piece is cut from; null where none of these is its. One that is joined from strips has a key of its own,
    /// <see cref="PiecedAs"/>.
    /// </summary>
    /// <param name="role">What the piece is.</param>
    /// <param name="kind">What kind of piece it is.</param>
    /// <param name="zones">The words of the zone it is cut for, the nearest first; null for none.</param>
    /// <param name="place">Its place among its like, from the front round to the left, from 0.</param>
    public string? KeyFor(PieceRole role, PieceKind kind, IReadOnlyList<string>? zones = null, int place = 0) =>
        PiecedWord(role, kind) is { } word ? PiecedMark + word : KeyOfCloth(role, kind, zones, place);

    /// <summary>The role whose strips a piece of this key is joined from; null for the key of a cloth.</summary>
    public static string? PiecedAs(string? key) => key is [PiecedMark, .. var word] ? word : null;

    /// <summary>The key of the cloth given to a role, whether or not it is joined from strips.</summary>
    /// <param name="role">What the piece is.</param>
    /// <param name="kind">What kind of piece it is.</param>
    /// <param name="zones">The words of the zone it is cut for, the nearest first; null for none.</param>
    /// <param name="place">Its place among its like, from the front round to the left, from 0.</param>
    public string? KeyOfCloth(PieceRole role, PieceKind kind, IReadOnlyList<string>? zones = null, int place = 0)
    {
        var given = zones?.Select(zone => Roles.GetValueOrDefault(zone)).FirstOrDefault(keys => keys is not null)
            ?? Roles.GetValueOrDefault(role.Word)
            ?? (role.Wider(kind) is { } wider ? Roles.GetValueOrDefault(wider.Word) : null);
        return given is not null ? given[place % given.Count]
            : role.HasItsOwn ? null
            : Own;
    }

    private string? PiecedWord(PieceRole role, PieceKind kind) =>
        Pieced.ContainsKey(role.Word) ? role.Word
        : role.Wider(kind) is { } wider && Pieced.ContainsKey(wider.Word) ? wider.Word
        : null;
}
