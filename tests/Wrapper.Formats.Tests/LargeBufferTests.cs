using Wrapper.Formats.Validation;
using Xunit;

namespace Wrapper.Formats.Tests;

/// <summary>Room for large files is used again, and never by two at once.</summary>
public sealed class LargeBufferTests
{
    [Fact]
    public void Room_given_back_is_used_again_where_it_is_large_enough()
    {
        var room = new LargeBuffer();
        var first = room.Take(1000);
        room.GiveBack(first);
        Assert.Same(first, room.Take(500));
        room.GiveBack(first);
        Assert.True(room.Take(2000).Length >= 2000);
        GC.KeepAlive(first);
    }

    [Fact]
    public void Two_never_have_the_same_room()
    {
        var room = new LargeBuffer();
        room.GiveBack(new byte[1000]);
        Assert.NotSame(room.Take(10), room.Take(10));
    }

    [Fact]
    public void What_was_read_stands_in_the_larger_room_too()
    {
        var room = new LargeBuffer();
        var larger = room.Enlarged([1, 2, 3], 6);
        Assert.Equal([1, 2, 3], larger[..3]);
        Assert.True(larger.Length >= 6);
    }
}
