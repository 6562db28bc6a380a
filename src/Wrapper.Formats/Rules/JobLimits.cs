namespace Wrapper.Formats.Rules;

/// <summary>
/// How much one job holds: what is stored has to be sent again whole when the job is opened. See docs/reliability.md, "Ceilings".
/// </summary>
public static class JobLimits
{
    /// <summary>The most characters of a job's name, client and place.</summary>
    public const int LongestName = 200;

    /// <summary>The most covers.</summary>
    public const int MostCovers = 300;

    /// <summary>The most bytes of one cover.</summary>
    public const int MostBytesOfCover = 64 * 1024;

    /// <summary>The most bytes of a cloth with the job's other cloths and its lay; also of the house's settings.</summary>
    public const int MostBytesOfCloth = 512 * 1024;

    /// <summary>The most characters of all covers together.</summary>
    public const int MostCharactersOfCovers = 1_500_000;

    /// <summary>The most entries of work.</summary>
    public const int MostWork = 20_000;

    /// <summary>The most bytes of one entry of work.</summary>
    public const int MostBytesOfWork = 256 * 1024;

    /// <summary>The most characters of all entries of work together.</summary>
    public const long MostCharactersOfWork = 16_000_000;

    /// <summary>The most photographs.</summary>
    public const int MostPhotos = 200;

    /// <summary>The most bytes of all photographs together.</summary>
    public const long MostBytesOfPhotos = 200 * 1024 * 1024;

    /// <summary>The most bytes of a job file.</summary>
    public const long MostBytesOfFile = 300 * 1024 * 1024;

    /// <summary>The most bytes of a job file besides the pictures in it: more than a full job's covers, cloths and work take.</summary>
    public const long MostBytesBesidePhotos = 40 * 1024 * 1024;
}
