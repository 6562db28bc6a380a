namespace Wrapper.Store;

/// <summary>A cover that comes in with a job file.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Position">Its place in the job.</param>
/// <param name="Document">Its inputs.</param>
/// <param name="IsComplete">It can be cut from.</param>
/// <param name="Letter">The number of its letter, where it has one; it is given another where that is taken.</param>
public sealed record CoverIntake(string Id, int Position, string Document, bool IsComplete, int? Letter);

/// <summary>A photograph that comes in with a job file.</summary>
/// <param name="Id">Its id.</param>
/// <param name="CoverId">The cover it hangs on.</param>
/// <param name="Measure">The measure it hangs on; empty for the thing itself.</param>
/// <param name="Name">The file's name.</param>
/// <param name="Picture">Reads the picture; asked once, so that no more than one is in memory.</param>
public sealed record PhotoIntake(string Id, string CoverId, string Measure, string Name, Func<StoredPicture> Picture);

/// <summary>All that a job file brings: it is stored whole, or nothing of it is.</summary>
/// <param name="JobId">The job.</param>
/// <param name="Heading">Its heading and its cloths, where the job is made; null where it is added to a job that stands.</param>
/// <param name="Covers">Covers to add.</param>
/// <param name="Photos">Photographs to add.</param>
/// <param name="Work">Entries of work to add.</param>
public sealed record JobIntake(
    string JobId,
    (JobHeading Heading, IReadOnlyList<ClothIntake> Cloths)? Heading,
    IReadOnlyList<CoverIntake> Covers,
    IReadOnlyList<PhotoIntake> Photos,
    IReadOnlyList<StoredWork> Work
);
