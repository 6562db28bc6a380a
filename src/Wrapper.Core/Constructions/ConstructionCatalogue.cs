using Wrapper.Core.Catalogue;
using Wrapper.Core.Constructions.Bags;
using Wrapper.Core.Constructions.Bands;
using Wrapper.Core.Constructions.Boxing;
using Wrapper.Core.Constructions.Envelopes;
using Wrapper.Core.Constructions.FlatCloths;
using Wrapper.Core.Constructions.FoldedPanels;
using Wrapper.Core.Constructions.FoldedWraps;
using Wrapper.Core.Constructions.Margins;
using Wrapper.Core.Constructions.NotchedTubs;
using Wrapper.Core.Constructions.NotchedWraps;
using Wrapper.Core.Constructions.PinnedBlocks;
using Wrapper.Core.Constructions.Poufs;
using Wrapper.Core.Constructions.WalledTubs;

namespace Wrapper.Core.Constructions;

/// <summary>Every construction there is. See docs/drafting.md.</summary>
public static class ConstructionCatalogue
{
    /// <summary>The constructions, by id, as they are offered.</summary>
    public static IReadOnlyDictionary<string, ConstructionDefinition> All { get; } =
        new[]
        {
            BoxingStrip.Definition,
            WrapNotched.Definition,
            WrapFolded.Definition,
            PanelsFolded.Definition,
            BandEnds.Definition,
            Envelope.Definition,
            TubNotched.Definition,
            TubWalls.Definition,
            Bag.Definition,
            PoufWrapped.Definition,
            Flat.Definition,
            OutlineMargin.Definition,
            Blocks.Definition,
        }.ToDictionary(construction => construction.Id);
}
