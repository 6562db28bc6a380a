using Wrapper.Core.Cutting;
using Wrapper.Core.Geometry;
using Wrapper.Core.Lays;
using Wrapper.Core.Units;
using Wrapper.Formats.Documents;

namespace Wrapper.Jobs;

/// <summary>What the entries of a job’s work say of the cutting of one of its cloths.</summary>
public static class WorkOfCloth
{
    /// <summary>How far the cutting of a cloth is.</summary>
    /// <param name="entries">The work on the job, in the order it was told.</param>
    /// <param name="cloth">The cloth’s key.</param>
    public static CutProgress Of(IReadOnlyList<WorkEntry> entries, string cloth)
    {
        var (cut, flaws, progress) = (new List<CutShape>(), new List<Flaw>(), CutProgress.None);
        foreach (var entry in InForce(entries))
        {
            switch (entry)
            {
                case CutEntry { Cut: var told } when told.Cloth == cloth && told.Outline.Count > 2:
                    cut.Add(
                        new(entry.Cover, entry.Subject, entry.Number, [.. told.Outline.Select(PointOf)], IsSpoiled: false, told.Remnant)
                    );
                    break;
                case SpoiledEntry
                    when cut.FindLastIndex(shape =>
                        shape.Cover == entry.Cover && shape.Piece == entry.Subject && shape.Copy == entry.Number
                    )
                        is >= 0
                            and var at:
                    cut[at] = cut[at] with { IsSpoiled = true };
                    progress = progress with { IsPlannedSince = false };
                    break;
                case FlawEntry { Stretch: [var left, var right, var from, var to] } when entry.Subject == cloth:
                    flaws.Add(new(Millimetres(from), Millimetres(to), Millimetres(left), Millimetres(right)));
                    progress = progress with { IsPlannedSince = false };
                    break;
                case ShorterEntry { Length: var length } when entry.Subject == cloth:
                    progress = progress with { Available = Millimetres(length), IsPlannedSince = false };
                    break;
                case LayEntry { Lay: var lay } when entry.Subject == cloth:
                    progress = progress with
                    {
                        IsPlannedSince = true,
                        Planned =
                        [
                            .. lay.Select(copy => new PlannedCopy(
                                copy.Cover,
                                copy.Piece,
                                copy.Copy,
                                copy.Turn,
                                Millimetres(copy.X),
                                Millimetres(copy.Y),
                                copy.Remnant
                            )),
                        ],
                    };
                    break;
            }
        }

        return progress with
        {
            Cut = cut,
            Flaws = flaws,
        };
    }

    /// <summary>The entries of copies that lie cut and good, the last of each.</summary>
    /// <param name="entries">The work on the job, in the order it was told.</param>
    /// <param name="cloth">The cloth’s key.</param>
    public static IReadOnlyList<CutEntry> Cut(IReadOnlyList<WorkEntry> entries, string cloth) =>
        [
            .. InForce(entries)
                .Where(entry => entry is CutEntry or SpoiledEntry)
                .GroupBy(entry => (entry.Cover, entry.Subject, entry.Number))
                .Select(copy => copy.Last())
                .OfType<CutEntry>()
                .Where(last => last.Cut.Cloth == cloth),
        ];

    /// <summary>The place of each entry among those it was told with.</summary>
    internal static Dictionary<WorkEntry, int> Places(IReadOnlyList<WorkEntry> entries)
    {
        var places = new Dictionary<WorkEntry, int>(entries.Count, ReferenceEqualityComparer.Instance);
        foreach (var (place, entry) in entries.Index())
        {
            places[entry] = place;
        }

        return places;
    }

    /// <summary>The entries that were not told to be a mistake.</summary>
    internal static IEnumerable<WorkEntry> InForce(IReadOnlyList<WorkEntry> entries)
    {
        var undone = entries.OfType<UndoneEntry>().Select(entry => entry.Subject).ToHashSet();
        return entries.Where(entry => !undone.Contains(entry.Id));
    }

    private static Point PointOf(double[] corner) =>
        new(Millimetres(corner.ElementAtOrDefault(0)), Millimetres(corner.ElementAtOrDefault(1)));

    private static Length Millimetres(double value) => Length.FromMillimetres(value);
}
