using Wrapper.Core.Catalogue;
using Wrapper.Core.Forms.Finished;
using Wrapper.Core.Forms.Things;
using Wrapper.Core.Pattern;

namespace Wrapper.Core.Forms;

/// <summary>A cushion with a wall of one height all round. See docs/handbook.md, "Box cushions".</summary>
internal static class BoxCushion
{
    private static readonly string[] Boxed = ["boxing-strip", "envelope"];

    private static readonly string[] Zipped = ["zip", "closed-end-zip", "invisible-zip", "snaps", "hook-and-loop", "pinned-tail"];

    /// <summary>How it is measured and offered, how it is drafted, and what its cover has to measure.</summary>
    public static Form Form { get; } = new(
        new FormDefinition("box-cushion", "Box cushion", BoxedShapes.All(["boxing-strip", "wrap-notched", "wrap-folded", "panels-folded", "band-ends", "envelope"], Boxed, Zipped)),
        specification => FormDraft.Of(specification, BoxedDraft.Draft),
        thing => Expectation.Plain(BoxedFinish.Of(thing)));
}
