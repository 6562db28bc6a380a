namespace Wrapper.Store;

/// <summary>A job's heading.</summary>
public sealed record JobHeading(string Name, string Client, string Place, string Unit);

/// <summary>A stored job.</summary>
public sealed record StoredJob(string Id, JobHeading Heading, long Version, DateTimeOffset Created, DateTimeOffset Updated);

/// <summary>A stored cover: its inputs as a JSON document, texts as they were typed.</summary>
/// <param name="Id">Chosen by whoever made it.</param>
/// <param name="Position">Its place in the job.</param>
/// <param name="Document">The inputs.</param>
/// <param name="Complete">True when it can be cut from; false for an unfinished cover, which is kept all the same.</param>
/// <param name="Version">Goes up by one at every write.</param>
public sealed record StoredCover(string Id, int Position, string Document, bool Complete, long Version);

/// <summary>A job's cloth or the house's settings: one JSON document.</summary>
public sealed record StoredDocument(string Document, long Version);

/// <summary>A line of the list of jobs.</summary>
public sealed record JobSummary(StoredJob Job, int Covers, int CompleteCovers);

/// <summary>Where a page of the list of jobs ends.</summary>
/// <param name="Updated">When its last job was last worked on, as it is kept.</param>
/// <param name="Row">Which of those of that moment it is.</param>
public sealed record JobPlace(string Updated, long Row);

/// <summary>A page of the list of jobs.</summary>
/// <param name="Jobs">Its jobs.</param>
/// <param name="Next">Where the next page begins; null where there is none.</param>
public sealed record JobPage(IReadOnlyList<JobSummary> Jobs, JobPlace? Next);

/// <summary>A job with all that hangs on it.</summary>
public sealed record WholeJob(StoredJob Job, StoredDocument Cloth, IReadOnlyList<StoredCover> Covers);

/// <summary>How a write ended.</summary>
public enum WriteEnd
{
    /// <summary>Written; the version is the new one.</summary>
    Saved,

    /// <summary>Someone else wrote in between: nothing was changed.</summary>
    Stale,

    /// <summary>There is no such thing.</summary>
    Missing,
}

/// <summary>What came of a write.</summary>
/// <param name="End">How it ended.</param>
/// <param name="Version">The version now in the store; 0 when it is missing.</param>
public sealed record WriteResult(WriteEnd End, long Version);
