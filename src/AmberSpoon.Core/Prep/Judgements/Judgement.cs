namespace AmberSpoon.Core.Prep.Judgements;

/// <summary>What an experienced cook would say of a mix on this meat.</summary>
/// <param name="Topic">What it is about.</param>
/// <param name="Level">How loudly.</param>
/// <param name="Sentence">In a sentence or two.</param>
public sealed record Judgement(Topic Topic, Loudness Level, string Sentence);

public enum Topic
{
    Salt,
    Contact,
    Burning,
    Container,
    Skin,
    Surface,
    Binder,
    Crumb,
    Eggs,
    Volume,
    Safety,
}

public enum Loudness
{
    /// <summary>As it should be.</summary>
    Fine,

    /// <summary>Worth knowing.</summary>
    Note,

    /// <summary>Do something about it.</summary>
    Warn,
}
