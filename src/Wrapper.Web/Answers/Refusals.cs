using Microsoft.AspNetCore.Http.HttpResults;
using Wrapper.Core.Checks;
using Wrapper.Formats.Answers;
using Wrapper.Formats.Rules;

namespace Wrapper.Web.Answers;

/// <summary>Answers that refuse, each saying what hangs on which measure.</summary>
internal static class Refusals
{
    /// <summary>422 with the rules a document breaks, each naming its field.</summary>
    public static ProblemHttpResult Broken(IEnumerable<RuleViolation> violations, params (string Name, object? Value)[] more) =>
        Unprocessable(violations.Select(broken => Check.Error("breaks-rule", broken.Text, broken.Field)), more);

    /// <summary>422 with the checks.</summary>
    public static ProblemHttpResult Unprocessable(IEnumerable<Check> checks, params (string Name, object? Value)[] more)
    {
        var list = checks.Select(CheckJson.Of).ToList();
        var extensions = new Dictionary<string, object?> { ["checks"] = list };
        foreach (var (name, value) in more)
        {
            extensions[name] = value;
        }

        return TypedResults.Problem(
            detail: list.FirstOrDefault(check => check.Level == CheckLevel.Error)?.Text,
            statusCode: StatusCodes.Status422UnprocessableEntity,
            title: "This cannot be made as it stands.",
            extensions: extensions
        );
    }
}
