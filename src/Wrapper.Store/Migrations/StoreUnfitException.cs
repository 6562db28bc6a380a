namespace Wrapper.Store.Migrations;

/// <summary>The store cannot be worked with as it was found.</summary>
public sealed class StoreUnfitException : Exception
{
    /// <summary>Without a reason.</summary>
    public StoreUnfitException() { }

    /// <summary>For this reason, told to the maker.</summary>
    public StoreUnfitException(string message)
        : base(message) { }

    /// <summary>For this reason, found by way of another.</summary>
    public StoreUnfitException(string message, Exception innerException)
        : base(message, innerException) { }
}
