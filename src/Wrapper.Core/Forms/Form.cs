using Wrapper.Core.Catalogue;
using Wrapper.Core.Forms.Finished;
using Wrapper.Core.Pattern;
using Wrapper.Core.Reading;

namespace Wrapper.Core.Forms;

/// <summary>One form, whole: everything the product knows of a kind of thing, registered once in <see cref="FormCatalogue"/>.</summary>
/// <param name="Definition">How it is measured and offered.</param>
/// <param name="Draft">Hands its finished sizes to the construction that was chosen.</param>
/// <param name="Finished">What the finished cover has to measure, reckoned from the measures and apart from drafting.</param>
internal sealed record Form(
    FormDefinition Definition,
    Func<CoverSpecification, ConstructedCover> Draft,
    Func<MeasuredThing, Expectation> Finished
);
