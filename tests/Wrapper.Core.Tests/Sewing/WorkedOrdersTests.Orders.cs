using Xunit;

namespace Wrapper.Core.Tests.Sewing;

public sealed partial class WorkedOrdersTests
{
    public static TheoryData<string, string, string> Orders =>
        new()
        {
            {
                "box-cushion width=20 depth=18 thickness=4 o.piping=both o.slidePocket=true construction=boxing-strip",
                "",
                "make-piping, apply-piping top-back, apply-piping bottom-back, zip, seam end-1-upper, pocket "
                    + "end-1-upper, seam end-2-lower, pocket end-2-lower, seam top-back, seam bottom-back, turn, try-on, fill"
            },
            {
                "box-cushion width=20 depth=18 thickness=4 o.piping=both o.slidePocket=true construction=boxing-strip",
                "ring=front",
                "make-piping, apply-piping top-front, apply-piping bottom-back, zip, seam top-front, seam top-left-2, "
                    + "seam end-1-upper, seam end-2-lower, pocket end-1-upper, pocket end-2-lower, seam "
                    + "top-right-2, seam bottom-back, turn, try-on, fill"
            },
            {
                "box-cushion width=20 depth=18 thickness=4 construction=wrap-folded",
                "finish=first",
                "finish, zip zip-left, seam left-side-front, seam right-side-back, corner corner-back-left-upper, "
                    + "corner corner-front-left-2, corner corner-back-right-upper, corner corner-front-right-2, turn, "
                    + "try-on, trim corner-back-left-upper, trim corner-front-left-2, trim "
                    + "corner-back-right-upper, trim corner-front-right-2"
            },
            {
                "box-cushion width=20 depth=18 thickness=4 construction=wrap-notched",
                "",
                "dart back-left-corner-lower, dart back-left-corner-upper, dart back-right-corner-lower, dart "
                    + "back-right-corner-upper, zip zip-left, seam left-side, seam right-side, corner "
                    + "front-left-corner-upper, corner front-right-corner-lower, turn, try-on"
            },
            {
                "table shape=rectangle width=46 depth=30 drop=6.5 construction=tub-walls",
                "",
                "seam corner-front, seam corner-right, seam corner-back, seam corner-left, seam top-back, try-on, hem"
            },
            {
                "table shape=rectangle width=46 depth=30 drop=6.5 construction=tub-walls",
                "walls=one-by-one",
                "seam top-right, seam top-left, seam top-front, seam top-back, seam corner-right, seam "
                    + "corner-front, seam corner-left, seam corner-back, try-on, hem"
            },
            {
                "bolster diameter=6.5 length=24 o.piping=both construction=band-ends",
                "",
                "make-piping, apply-piping left-back, apply-piping right-back, zip, seam closed-left, seam "
                    + "closed-right, seam left-back, seam right-back, turn, try-on"
            },
            {
                "bolster diameter=6.5 length=24 o.closure=invisible-zip construction=band-ends",
                "",
                "zip, seam closed-left, seam closed-right, seam left-back, seam right-back, turn, try-on"
            },
            {
                "ottoman width=28 depth=20 height=15 return=2.5 o.piping=top o.edge=hook-and-loop construction=tub-walls",
                "",
                "make-piping, apply-piping top-back, seam corner-front, seam corner-right, seam corner-back, seam "
                    + "corner-left, seam top-back, try-on, seam corner-front-rest, hem, hem, hem, hem, tape, close-by-hand corner-back-rest"
            },
            {
                "duvet width=78 length=81 o.closure=buttons o.join=middle-and-sides usable=54 construction=bag",
                "",
                "join join-1-1, join join-1-2, join join-2-1, join join-2-2, loops, hem, hem, buttons, seam middle-1-end-left, turn"
            },
            {
                "chair-back width=19.25 thickness=2.25 height=21 o.layers=reversible construction=bag",
                "",
                "seam right, seam right-inside, corner corner-right-4, corner corner-left-4, corner corner-right-2, "
                    + "corner corner-left-2, try-on, trim corner-right-2, trim corner-left-2, trim corner-right-4, "
                    + "trim corner-left-4, seam rim-front, turn, edge-stitch"
            },
            {
                "board shape=tray width=18 depth=12 o.edge=drawstring construction=tub-notched",
                "",
                "seam corner-front-right, seam corner-back-right, seam corner-back-left, seam corner-front-left, try-on, casing, thread"
            },
            {
                "pouf shape=cube size=22 wrap=2.25 construction=pouf-wrapped",
                "",
                "dart corner-front-right, dart corner-back-right, dart corner-back-left, dart corner-front-left, dart "
                    + "corner-front-right-2, dart corner-back-right-2, dart corner-back-left-2, dart corner-front-left-2, "
                    + "seam ring-front-1, seam ring-front-2, seam ring-right-1, seam ring-right-2, seam ring-back-1, seam "
                    + "ring-back-2, seam ring-left-1, seam ring-left-2, seam top-front-2, seam bottom-front-1, turn, fill, close-by-hand"
            },
        };
}
