using Wrapper.Core.Catalogue;
using Wrapper.Core.Constructions.Bands;
using Wrapper.Core.Constructions.Boxing;
using Wrapper.Core.Constructions.Envelopes;
using Wrapper.Core.Constructions.FoldedPanels;
using Wrapper.Core.Constructions.FoldedWraps;
using Wrapper.Core.Constructions.NotchedWraps;
using Wrapper.Core.Forms.Finished;
using Wrapper.Core.Forms.Things;
using Wrapper.Core.Pattern;

namespace Wrapper.Core.Forms.Seating;

/// <summary>A cushion with a wall of one height all round. See docs/handbook.md, "Box cushions".</summary>
internal static class BoxCushion
{
    private static readonly string[] Boxed = [BoxingStrip.Id, Envelope.Id];

    private static readonly Closure[] Zipped =
    [
        Closure.Zip,
        Closure.ClosedEndZip,
        Closure.InvisibleZip,
        Closure.Snaps,
        Closure.HookAndLoop,
        Closure.PinnedTail,
    ];

    /// <summary>How it is measured and offered, how it is drafted, and what its cover has to measure.</summary>
    public static Form Form { get; } =
        new(
            new FormDefinition(
                "box-cushion",
                "Box cushion",
                BoxedShapes.All([BoxingStrip.Id, WrapNotched.Id, WrapFolded.Id, PanelsFolded.Id, BandEnds.Id, Envelope.Id], Boxed, Zipped)
            )
            {
                MayBeSnug = true,
                Filling = Filling.Firm,
            },
            specification => FormDraft.Of(specification, BoxedDraft.Draft),
            thing => Expectation.Plain(BoxedFinish.Of(thing))
        );
}
