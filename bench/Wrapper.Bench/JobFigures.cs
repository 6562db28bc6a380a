using System.Diagnostics;
using System.Globalization;
using Google.OrTools.Sat;
using Wrapper.Core.Buying;
using Wrapper.Core.Buying.Cloths;
using Wrapper.Core.Drafting;
using Wrapper.Core.Lays;
using Wrapper.Core.Reading;
using Wrapper.Core.Units;
using Wrapper.Formats.Documents;
using Wrapper.Formats.Validation;

namespace Wrapper.Bench;

/// <summary>
/// The demo jobs' lays in two seconds against what a constraint solver finds for the boxes of the same pieces in a minute.
/// </summary>
internal static class JobFigures
{
    private const double Seconds = 2;
    private const int MostPieces = 60;

    public static void Print(double solverSeconds)
    {
        Console.WriteLine(
            $"Jobs of up to {MostPieces} pieces in {Seconds} s against a constraint solver's lay of the boxes in {solverSeconds} s:"
        );
        foreach (var path in Directory.EnumerateFiles(Path.Combine(AppContext.BaseDirectory, "demo"), "*.json").Order())
        {
            var request = Request(JobFile.Read(File.ReadAllText(path)));
            var count = request?.Pieces.Sum(piece => piece.Quantity) ?? 0;
            if (request is null || count is < 4 or > MostPieces)
            {
                continue;
            }

            var clock = Stopwatch.StartNew();
            var outcome = LayPlanner.Plan(request, int.MaxValue, () => clock.Elapsed.TotalSeconds > Seconds);
            if (outcome.Lay is not { } lay)
            {
                Console.WriteLine(
                    $"  {Path.GetFileNameWithoutExtension(path), -22} not laid: "
                        + $"{string.Join(" ", outcome.Checks.Select(check => check.Text))}"
                );
                continue;
            }

            if (lay.Bound == lay.Length)
            {
                Console.WriteLine(
                    string.Create(
                        CultureInfo.InvariantCulture,
                        $"  {Path.GetFileNameWithoutExtension(path), -22} {count, 3} pieces: proved the shortest by our own "
                            + $"bound; rule of thumb {lay.RuleOfThumb.RatioTo(lay.Length):0.000}"
                    )
                );
                continue;
            }

            var (length, bound, proved) = Solve(request, lay.RuleOfThumb, solverSeconds);
            Console.WriteLine(
                string.Create(
                    CultureInfo.InvariantCulture,
                    $"  {Path.GetFileNameWithoutExtension(path), -22} {count, 3} pieces: ours {lay.Length.RatioTo(length):0.0000} of the "
                        + $"solver’s{(proved ? " optimum" : "")}, our bound {lay.Bound.RatioTo(lay.Length):0.000}, its bound "
                        + $"{bound / (lay.Length.Nanometres):0.000} of ours; rule of thumb {lay.RuleOfThumb.RatioTo(lay.Length):0.000}"
                )
            );
        }
    }

    private static LayRequest? Request(JobFile job)
    {
        var unit = JobUnits.Read(job.Unit)!.Value;
        var cloth = ClothReader
            .Read(
                job.Cloth.Migrate() with
                {
                    CurveSpace = Entry.Typed("0"),
                }, // the solver knows no space either
                unit
            )
            .Cloth;
        if (cloth is null)
        {
            return null;
        }

        var pieces = job
            .Covers.Select(
                (cover, i) =>
                    (Key: $"{i}", Drafter.Draft(ClothBuyer.OnCloth(cover.ToInput(job.Unit, new Dictionary<string, string>()), cloth)).Draft)
            )
            .Where(cover => cover.Draft is not null)
            .SelectMany(cover => ClothBuyer.LaidOf(cover.Key, cover.Draft!))
            .ToList();
        return pieces.Count == 0 ? null : ClothBuyer.RequestOf(cloth, pieces);
    }

    private static (Length Length, double Bound, bool Proved) Solve(LayRequest request, Length most, double seconds)
    {
        var boxes = request.Pieces.SelectMany(piece => Enumerable.Repeat(piece, piece.Quantity)).Select(Box).ToList();
        var unit = boxes.SelectMany(box => (long[])[box.Width, box.Height]).Append(request.UsableWidth.Nanometres).Aggregate(Divisor);
        var model = new CpModel();
        var (usable, longest) = (request.UsableWidth.Nanometres / unit, (most.Nanometres / unit) + 1);
        var length = model.NewIntVar(0, longest, "length");
        var plane = model.AddNoOverlap2D();
        foreach (var (w, h) in boxes.Select(box => (box.Width / unit, box.Height / unit)))
        {
            var (x, y) = (model.NewIntVar(0, usable - w, ""), model.NewIntVar(0, longest - h, ""));
            plane.AddRectangle(model.NewFixedSizeIntervalVar(x, w, ""), model.NewFixedSizeIntervalVar(y, h, ""));
            model.Add(y + h <= length);
        }

        model.Minimize(length);
        var solver = new CpSolver { StringParameters = FormattableString.Invariant($"max_time_in_seconds:{seconds},num_workers:2") };
        var status = solver.Solve(model);
        return (
            status is CpSolverStatus.Optimal or CpSolverStatus.Feasible ? Length.FromNanometres((long)solver.ObjectiveValue * unit) : most,
            solver.BestObjectiveBound * unit,
            status == CpSolverStatus.Optimal
        );
    }

    private static (long Width, long Height) Box(LayPiece piece)
    {
        var turned = piece.Turns[0] is 90 or 270;
        var width = (piece.Corners.Max(corner => corner.X) - piece.Corners.Min(corner => corner.X)).Nanometres;
        var height = (piece.Corners.Max(corner => corner.Y) - piece.Corners.Min(corner => corner.Y)).Nanometres;
        return turned ? (height, width) : (width, height);
    }

    private static long Divisor(long a, long b) => b == 0 ? a : Divisor(b, a % b);
}
