namespace Wrapper.Store;

/// <summary>Something that was done, as it is stored.</summary>
/// <param name="Id">Made by whoever told it; unique in its job.</param>
/// <param name="Kind">What was done.</param>
/// <param name="CoverId">On which cover; empty for what is of a cloth.</param>
/// <param name="Document">All of it, as JSON.</param>
/// <param name="Subject">What it was done with.</param>
/// <param name="Number">Which of those alike.</param>
public sealed record StoredWork(string Id, string Kind, string CoverId, string Document, string Subject = "", int Number = 0);

/// <summary>A part of a job's work.</summary>
/// <param name="Entries">Its entries, in the order they came in.</param>
/// <param name="Total">How many entries the job has.</param>
public sealed record WorkPage(IReadOnlyList<StoredWork> Entries, int Total);

/// <summary>What came of adding entries.</summary>
/// <param name="Added">The ids of those that were not there yet.</param>
/// <param name="Conflicts">Ids that stand there already with other content: where there are any, nothing was added.</param>
/// <param name="DoneBefore">For entries whose work had been told already, by their ids, the document of the earlier entry.</param>
public sealed record WorkAdded(
    IReadOnlyList<string> Added,
    IReadOnlyList<string> Conflicts,
    IReadOnlyDictionary<string, string> DoneBefore
);
