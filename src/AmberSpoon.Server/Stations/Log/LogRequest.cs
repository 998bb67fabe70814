using Microsoft.AspNetCore.Mvc;

namespace AmberSpoon.Server.Stations.Log;

/// <summary>What is looked for in the log, as the address of the page says it; everything left out fits.</summary>
public sealed record LogRequest
{
    /// <summary>Words that must all stand somewhere: in names, foods, mixes, notes.</summary>
    [FromQuery(Name = "words")]
    public string? Words { get; init; }

    /// <summary>A cut that was baked.</summary>
    [FromQuery(Name = "cut")]
    public string? Cut { get; init; }

    /// <summary>A vegetable that was baked.</summary>
    [FromQuery(Name = "vegetable")]
    public string? Vegetable { get; init; }

    /// <summary>The id of a mix that was used.</summary>
    [FromQuery(Name = "mix")]
    public string? Mix { get; init; }

    /// <summary>The oven's name.</summary>
    [FromQuery(Name = "oven")]
    public string? Oven { get; init; }

    /// <summary>What the judge said last.</summary>
    [FromQuery(Name = "verdict")]
    public string? Verdict { get; init; }

    /// <summary>Only what came out past its best.</summary>
    [FromQuery(Name = "past")]
    public bool? Past { get; init; }

    /// <summary>Where the page before ended.</summary>
    [FromQuery(Name = "cursor")]
    public string? Cursor { get; init; }
}

/// <param name="Name">An oven of the kitchen.</param>
public sealed record OvenNameRequest(string? Name = null);
