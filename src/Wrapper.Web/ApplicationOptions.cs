namespace Wrapper.Web;

/// <summary>
/// What the command line says: <c>--data</c>, <c>--web</c>, <c>--demo</c>, <c>--backup</c>, <c>--look</c>, <c>--restore</c>,
/// <c>--copies</c>.
/// </summary>
public sealed class ApplicationOptions
{
    /// <summary>The directory of the database; made when it is not there.</summary>
    public string Data { get; set; } = "data";

    /// <summary>The built front end; null to serve the interface alone.</summary>
    public string? Web { get; set; }

    /// <summary>A directory of job files to begin with when there are no jobs yet.</summary>
    public string? Demo { get; set; }

    /// <summary>A file to write a copy of the store to, instead of serving.</summary>
    public string? Backup { get; set; }

    /// <summary>A copy to look into, instead of serving.</summary>
    public string? Look { get; set; }

    /// <summary>A copy to put in the store's place, instead of serving.</summary>
    public string? Restore { get; set; }

    /// <summary>How many daily copies are kept in the folder <c>copies</c> beside the database; 0 for none.</summary>
    public int Copies { get; set; } = 7;

    /// <summary>The folder of the daily copies.</summary>
    public string CopiesFolder() => Path.Combine(Data, "copies");

    /// <summary>The database's file.</summary>
    public string DatabaseFile()
    {
        Directory.CreateDirectory(Data);
        return Path.Combine(Data, "wrapper.db");
    }
}
