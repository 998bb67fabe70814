using AmberSpoon.Core.Prep.Mixes;
using AmberSpoon.Server.Commands;

namespace AmberSpoon.Server.Stations.Mixes;

/// <summary>A mix that can be chosen.</summary>
/// <param name="Id">What to choose it by.</param>
/// <param name="Mix">What it is.</param>
/// <param name="IsOwn">The household wrote it, and may change it.</param>
/// <param name="Version">Grows with each change.</param>
public sealed record MixListed(string Id, Mix Mix, bool IsOwn, int Version) : IVersioned;
