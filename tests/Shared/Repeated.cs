using CsCheck;

namespace Wrapper.Tests;

/// <summary>
/// Properties over many random values. By default the same values every run, so that a change that is
/// tested twice is judged alike twice; with WRAPPER_WIDE=n in the environment n times as many fresh ones,
/// which is how new faults are looked for. What fails is made smaller and its seed is printed.
/// </summary>
internal static class Repeated
{
    private static readonly int Wide = int.TryParse(Environment.GetEnvironmentVariable("WRAPPER_WIDE"), out var times) ? times : 0;

    /// <summary>With WRAPPER_FEW=n only an n-th of the values: many quick looks at code that was changed on purpose.</summary>
    public static int Few { get; } =
        int.TryParse(Environment.GetEnvironmentVariable("WRAPPER_FEW"), out var share) && share > 1 ? share : 1;

    /// <summary>How many of these are to be expected where fewer values are looked at: at least one.</summary>
    public static int Share(int count) => Math.Max(1, count / Few);

    /// <summary>Holds <paramref name="holds"/> to <paramref name="iter"/> values of <paramref name="gen"/>.</summary>
    public static void ForMany<T>(this Gen<T> gen, Action<T> holds, int iter = 100)
    {
        if (Wide > 0)
        {
            gen.Sample(holds, iter: (long)iter * Wide);
            return;
        }

        Parallel.For(0, Share(iter), i =>
        {
            var seed = new PCG(1, unchecked((ulong)i * 0x9E3779B97F4A7C15)).ToString();
            try
            {
                holds(gen.Generate(PCG.Parse(seed), null, out _));
            }
            catch (Exception)
            {
                if (Few == 1)
                {
                    gen.Sample(holds, seed: seed, iter: 2000, threads: 1); // fails again at once, and is made smaller
                }

                throw;
            }
        });
    }

    /// <summary>As above, for two values.</summary>
    public static void ForMany<T1, T2>(this Gen<(T1, T2)> gen, Action<T1, T2> holds, int iter = 100) =>
        gen.ForMany(of => holds(of.Item1, of.Item2), iter);

    /// <summary>As above, for three values.</summary>
    public static void ForMany<T1, T2, T3>(this Gen<(T1, T2, T3)> gen, Action<T1, T2, T3> holds, int iter = 100) =>
        gen.ForMany(of => holds(of.Item1, of.Item2, of.Item3), iter);

    /// <summary>As above, for four values.</summary>
    public static void ForMany<T1, T2, T3, T4>(this Gen<(T1, T2, T3, T4)> gen, Action<T1, T2, T3, T4> holds, int iter = 100) =>
        gen.ForMany(of => holds(of.Item1, of.Item2, of.Item3, of.Item4), iter);

    /// <summary>As above, for five values.</summary>
    public static void ForMany<T1, T2, T3, T4, T5>(this Gen<(T1, T2, T3, T4, T5)> gen, Action<T1, T2, T3, T4, T5> holds, int iter = 100) =>
        gen.ForMany(of => holds(of.Item1, of.Item2, of.Item3, of.Item4, of.Item5), iter);
}
