namespace Wrapper.Store;

/// <summary>A job's heading.</summary>
public sealed record JobHeading(string Name, string Client, string Place, string Unit);

/// <summary>A stored job.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Heading">What stands over it.</param>
/// <param name="Version">Goes up by one at every write of the heading.</param>
/// <param name="Created">When it was made.</param>
/// <param name="Updated">When anything of it was last written.</param>
/// <param name="IsArchived">It was put away.</param>
public sealed record StoredJob(
    string Id,
    JobHeading Heading,
    long Version,
    DateTimeOffset Created,
    DateTimeOffset Updated,
    bool IsArchived
);

/// <summary>A stored cover: its inputs as a JSON document, texts as they were typed.</summary>
/// <param name="Id">Chosen by whoever made it.</param>
/// <param name="Position">Its place in the job.</param>
/// <param name="Document">The inputs.</param>
/// <param name="Complete">True when it can be cut from; false for an unfinished cover, which is kept all the same.</param>
/// <param name="Version">Goes up by one at every write.</param>
/// <param name="Letter">The number of its letter, from 0: no other cover of the job has had it or will have it.</param>
public sealed record StoredCover(string Id, int Position, string Document, bool Complete, long Version, int Letter);

/// <summary>One of a job's cloths.</summary>
/// <param name="Key">What covers name it by.</param>
/// <param name="Document">What is known of it, as JSON.</param>
/// <param name="Version">Its version.</param>
public sealed record StoredCloth(string Key, string Document, long Version);

/// <summary>The house's settings: one JSON document.</summary>
public sealed record StoredDocument(string Document, long Version);

/// <summary>A line of the list of jobs.</summary>
/// <param name="Job">The job.</param>
/// <param name="Covers">How many covers it has.</param>
/// <param name="CompleteCovers">How many of them can be cut from.</param>
/// <param name="Figures">What was found to buy for it as it stands; null where nothing was, or it has been written since.</param>
public sealed record JobSummary(StoredJob Job, int Covers, int CompleteCovers, string? Figures)
{
    /// <summary>How far it is.</summary>
    public JobStage Stage => Covers > 0 && Covers == CompleteCovers ? JobStage.Cut : JobStage.Measure;
}

/// <summary>Where a page of the list of jobs ends.</summary>
/// <param name="Key">What its last job is sorted by, as it is kept.</param>
/// <param name="Row">Which of those alike it is.</param>
public sealed record JobPlace(string Key, long Row);

/// <summary>What the list of jobs is sorted by.</summary>
public enum JobSort
{
    /// <summary>The one last worked on first.</summary>
    Worked,

    /// <summary>By what it is called.</summary>
    Name,

    /// <summary>By whom it is for.</summary>
    Client,
}

/// <summary>How far a job is.</summary>
public enum JobStage
{
    /// <summary>A cover of it cannot be cut from yet, or it has none.</summary>
    Measure,

    /// <summary>All of it can be cut.</summary>
    Cut,
}

/// <summary>Which jobs are listed, and how.</summary>
/// <param name="Find">Words that all stand in a job's name, client or place, in capitals or not; empty for every job.</param>
/// <param name="Stage">Only jobs that are so far; null for all.</param>
/// <param name="Archived">Those that were put away, in place of the others.</param>
/// <param name="Sort">What they are sorted by.</param>
public sealed record JobQuery(string Find = "", JobStage? Stage = null, bool Archived = false, JobSort Sort = JobSort.Worked);

/// <summary>A page of the list of jobs.</summary>
/// <param name="Jobs">Its jobs.</param>
/// <param name="Next">Where the next page begins; null where there is none.</param>
public sealed record JobPage(IReadOnlyList<JobSummary> Jobs, JobPlace? Next);

/// <summary>A job with all that hangs on it.</summary>
/// <param name="Job">The job.</param>
/// <param name="Cloths">Its cloths, in their order.</param>
/// <param name="ClothsVersion">The versions of its cloths, added up.</param>
/// <param name="Covers">Its covers, in their order.</param>
public sealed record WholeJob(StoredJob Job, IReadOnlyList<StoredCloth> Cloths, long ClothsVersion, IReadOnlyList<StoredCover> Covers);

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
