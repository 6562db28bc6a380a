using Wrapper.Core.Catalogue;
using Wrapper.Core.Constructions;
using Wrapper.Core.Forms;
using Wrapper.Core.Reading;
using Wrapper.Core.Reading.Readers;

namespace Wrapper.Core.Drafting;

/// <summary>Everything that can be drafted: the forms and constructions of the product, put together once.</summary>
public static class Registry
{
    /// <summary>What there is to choose from.</summary>
    public static Registered All { get; } = new(FormCatalogue.All, ConstructionCatalogue.All);

    /// <summary>Reads what was said of a cover against all there is.</summary>
    public static CoverReading Read(CoverInput input) => CoverReader.Read(input, All);
}
