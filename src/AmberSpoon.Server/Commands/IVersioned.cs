namespace AmberSpoon.Server.Commands;

/// <summary>An answer that has a version of its own, which goes out as its ETag.</summary>
internal interface IVersioned
{
    int Version { get; }
}
