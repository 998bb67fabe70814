namespace AmberSpoon.Core.Units;

/// <summary>Which spoons and cups a kitchen owns: the same words hold different amounts.</summary>
public enum SpoonSet
{
    UnitedStates,
    Metric,
    Australian,
}
