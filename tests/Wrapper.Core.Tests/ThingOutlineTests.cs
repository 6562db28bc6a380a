using Wrapper.Core.Forms.Finished;
using Xunit;

namespace Wrapper.Core.Tests;

/// <summary>The plan of a thing as the proof measures it, apart from any drafting.</summary>
public sealed class ThingOutlineTests
{
    [Fact]
    public void Of_several_sides_that_face_the_front_or_the_back_the_furthest_is_meant()
    {
        // A body of 10 with ears behind it: three sides face the front. A step at its back: two face the back.
        var eared = ThingOutline.Polygon((0, 0), (10, 0), (10, 6), (14, 6), (14, 10), (-4, 10), (-4, 6), (0, 6));
        Assert.Equal((0, 0, 10), (eared.Facing(front: true).From.Y, eared.Facing(front: true).To.Y, eared.Facing(front: true).Length));
        var stepped = ThingOutline.Polygon((0, 0), (10, 0), (10, 10), (6, 10), (6, 8), (0, 8));
        Assert.Equal(
            (10, 10, 4),
            (stepped.Facing(front: false).From.Y, stepped.Facing(front: false).To.Y, stepped.Facing(front: false).Length)
        );
    }
}
