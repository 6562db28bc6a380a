namespace Wrapper.Web.Hosting;

/// <summary>
/// The options the program is started with. One it does not know would be passed over in silence, and a typing slip would serve
/// another store than was meant.
/// </summary>
internal static class CommandLine
{
    private const string Usage = """
        Wrapper.Web [--urls ADDRESS] [--data DIR] [--web DIR] [--demo DIR] [--copies N] [--listen ADDRESS:PORT]
                                serves the jobs in DIR; --listen lets phones in to measuring sheets
        Wrapper.Web --backup FILE [--data DIR]    writes a copy of all jobs
        Wrapper.Web --look FILE [--data DIR]      shows what is in a copy, and which jobs differ
        Wrapper.Web --restore FILE [--data DIR]   puts a copy in the jobs' place
        """;

    private static readonly HashSet<string> Known = new(StringComparer.OrdinalIgnoreCase)
    {
        "urls",
        "data",
        "web",
        "demo",
        "copies",
        "listen",
        "backup",
        "look",
        "restore",
        "environment",
        "contentRoot",
        "applicationName", // what the host itself is started with
    };

    /// <summary>What the program ends with, 0 after <c>--help</c> and 2 for an unknown option; null when it goes on.</summary>
    public static int? Run(IReadOnlyList<string> arguments)
    {
        if (arguments.Any(argument => argument is "--help" or "-h" or "-?"))
        {
            Console.WriteLine(Usage);
            return 0;
        }

        for (var at = 0; at < arguments.Count; at++)
        {
            var (name, value) = arguments[at].Split('=', 2) is [var before, var after] ? (before, after) : (arguments[at], null);
            if (!name.StartsWith("--", StringComparison.Ordinal) || !Known.Contains(name[2..]))
            {
                return Refused($"Unknown option “{name}”.");
            }

            if (value is null && (++at >= arguments.Count || arguments[at].StartsWith("--", StringComparison.Ordinal)))
            {
                return Refused($"Option “{name}” needs a value.");
            }
        }

        return null;
    }

    private static int Refused(string problem)
    {
        Console.Error.WriteLine(problem);
        Console.Error.WriteLine(Usage);
        return 2;
    }
}
