using System.Globalization;
using BenchmarkDotNet.Columns;
using BenchmarkDotNet.Configs;
using BenchmarkDotNet.Diagnosers;
using BenchmarkDotNet.Jobs;
using BenchmarkDotNet.Loggers;
using BenchmarkDotNet.Running;
using BenchmarkDotNet.Toolchains.InProcess.Emit;
using Wrapper.Bench;

// Figures are shown as parts of what is allowed, so that they mean the same on any machine's page.
if (args.Contains("--lays"))
{
    PrintLays(args.Contains("--long"));
    return;
}

var config = ManualConfig
    .CreateEmpty()
    .AddJob(Job.ShortRun.WithToolchain(InProcessEmitToolchain.Instance))
    .AddDiagnoser(MemoryDiagnoser.Default)
    .AddColumnProvider(DefaultColumnProviders.Instance)
    .AddLogger(NullLogger.Instance);
var report = BenchmarkRunner.Run<CoreBenchmarks>(config);
foreach (var line in report.Reports)
{
    var (allowedMilliseconds, allowedKilobytes) = CoreBenchmarks.Allowed[line.BenchmarkCase.Descriptor.WorkloadMethod.Name];
    var milliseconds = line.ResultStatistics!.Median / 1e6;
    var kilobytes = (line.GcStats.GetBytesAllocatedPerOperation(line.BenchmarkCase) ?? 0) / 1000.0;
    Console.WriteLine(
        string.Create(
            CultureInfo.InvariantCulture,
            $"{line.BenchmarkCase.Descriptor.WorkloadMethodDisplayInfo}: {milliseconds / allowedMilliseconds:0.00} "
                + $"of the {allowedMilliseconds} ms allowed, {kilobytes / allowedKilobytes:0.00} of the {allowedKilobytes} kB allowed"
        )
    );
}

FormFigures.Print();
CuttingFigures.Print();
FittingFigures.Print();
PrintLays(isLong: false);

static void PrintLays(bool isLong)
{
    LayFigures.PrintGrowth();
    MixedFigures.Print();
    LayFigures.Print(2, [8, 12, 20, 60, 200]);
    JobFigures.Print(isLong ? 60 : 5);
    if (isLong)
    {
        LayFigures.Print(20, [60, 200]);
    }
}
