using System.Diagnostics;
using System.Globalization;
using Wrapper.Core.Units;
using Wrapper.Formats.Documents;
using Wrapper.Formats.Validation;
using Wrapper.Jobs;

namespace Wrapper.Bench;

/// <summary>
/// The largest demo job at the cutting table, as parts of what is allowed: the next card by a lay that is known, 100 ms, and all
/// laid again after a piece was spoiled, 1 s.
/// </summary>
internal static class CuttingFigures
{
    private const int Steps = 600;

    public static void Print()
    {
        var (name, file) = Directory
            .EnumerateFiles(Path.Combine(AppContext.BaseDirectory, "demo"), "*.json")
            .Select(path => (Path.GetFileNameWithoutExtension(path), JobFile.Read(File.ReadAllText(path))))
            .MaxBy(job => Of(job.Item2, []).Plan(isWrongSide: false, 1).Sum(cloth => cloth.Lay.Count));
        var first = Of(file, []).Plan(isWrongSide: false, Steps)[0];
        List<WorkEntry> told = [Told(new LayEntry { Subject = first.Key, Lay = first.Lay })];
        foreach (var card in first.Cards.Take(first.Cards.Count / 2))
        {
            told.AddRange(
                card.Copies.Select(copy =>
                    Told(
                        new CutEntry
                        {
                            Subject = card.Piece,
                            Cover = card.Cover,
                            Number = copy.Copy,
                            Cut = new(
                                first.Key,
                                [.. card.Outline.Select(corner => new[] { corner[0] + copy.X, corner[1] + copy.Y })],
                                card.Size.Width,
                                card.Size.Length,
                                card.Size.Edges
                            ),
                        }
                    )
                )
            );
        }

        var last = told[^1];
        var next = Seconds(() => Of(file, told).Plan(isWrongSide: false, Steps));
        var again = Seconds(() =>
            Of(
                    file,
                    [
                        .. told,
                        Told(
                            new SpoiledEntry
                            {
                                Subject = last.Subject,
                                Cover = last.Cover,
                                Number = last.Number,
                            }
                        ),
                    ]
                )
                .Plan(isWrongSide: false, Steps)
        );
        Console.WriteLine(
            string.Create(
                CultureInfo.InvariantCulture,
                $"At the table, {name}, {first.Lay.Count} pieces, half of them cut: the next card "
                    + $"{next / 0.1:0.00} of 100 ms, laid again {again:0.00} of 1 s"
            )
        );
    }

    private static WorkEntry Told(WorkEntry entry) => entry with { Id = Guid.NewGuid().ToString("N"), At = "2026-03-14T09:26:00Z" };

    private static JobCutting Of(JobFile file, IReadOnlyList<WorkEntry> told) =>
        new(
            JobUnits.Read(file.Unit)!.Value,
            new Dictionary<string, string>(),
            [.. file.Covers.Select((cover, i) => new JobPlanCover(cover.Id ?? $"{i}", cover))],
            file.Cloth,
            told
        );

    /// <summary>The median of a few calls, warm.</summary>
    private static double Seconds(Action call)
    {
        call();
        var times = Enumerable
            .Range(0, 5)
            .Select(_ =>
            {
                var start = Stopwatch.GetTimestamp();
                call();
                return Stopwatch.GetElapsedTime(start).TotalSeconds;
            })
            .Order()
            .ToList();
        return times[2];
    }
}
