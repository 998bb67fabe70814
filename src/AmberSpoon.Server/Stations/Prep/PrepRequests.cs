using AmberSpoon.Core.Food;
using AmberSpoon.Core.Prep;
using AmberSpoon.Core.Prep.Buying;
using AmberSpoon.Core.Prep.Marinating;
using AmberSpoon.Core.Prep.Scaling;
using AmberSpoon.Core.Units;
using AmberSpoon.Server.Stations.Tray;

namespace AmberSpoon.Server.Stations.Prep;

/// <summary>What was decided at the counter, anything possibly missing; <see cref="PrepValidator"/> says what is wrong.</summary>
public sealed record PrepRequest(
    double? ServeG = null,
    int? MarinateMinutes = null,
    MarinadePlace? Place = null,
    Container? Container = null,
    LengthRequest? Frozen = null,
    bool? Garnish = null,
    int? Heads = null,
    double? PortionG = null,
    IReadOnlyList<PackRequest>? Packs = null,
    BirdRequest? Bird = null,
    MassRequest? RecipeMeat = null)
{
    /// <summary>The choice of a request that was found valid.</summary>
    /// <param name="done">Ticks are set one by one, and stay.</param>
    public PrepChoice ToChoice(IReadOnlyList<string> done) => new(
        Mix: null,
        ServeG!.Value,
        MarinateMinutes!.Value,
        Place!.Value,
        Container!.Value,
        Frozen?.ToEntered().Millimetres(),
        Garnish!.Value,
        Heads!.Value,
        PortionG!.Value,
        [.. (Packs ?? []).Select(pack => pack.ToPack())],
        Bird is null ? null : new(Bird.Mass!.ToEntered().Grams(), Bird.Price!.Value),
        RecipeMeat?.ToEntered().Grams(),
        done);
}

/// <summary>A pack of one cut as the shop sells it.</summary>
public sealed record PackRequest(Cut? Cut = null, MassRequest? Mass = null, int? Count = null, decimal? Price = null)
{
    public Pack ToPack() => new(Cut!.Value, Mass!.ToEntered().Grams(), Count!.Value, Price!.Value);
}

/// <summary>A whole bird to compare with.</summary>
public sealed record BirdRequest(MassRequest? Mass = null, decimal? Price = null);

/// <param name="Mix">Into which mix the meat goes; null for the only one.</param>
public sealed record MarinadeRequest(string? Mix = null);

/// <summary>A step of the order of work, ticked or not.</summary>
public sealed record TickRequest(string? Key = null, bool? Done = null);

/// <summary>What the household measures with.</summary>
public sealed record MeasuresRequest(SpoonSet? Spoons = null, ScaleUnit? Scale = null, bool? HasJug = null);
