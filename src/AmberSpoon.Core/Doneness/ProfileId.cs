namespace AmberSpoon.Core.Doneness;

/// <summary>Whose advice on safe chicken a kitchen follows. The rules stand in <see cref="SafetyProfiles"/>.</summary>
public enum ProfileId
{
    UnitedStates,
    UnitedKingdom,
    Canada,
    Australia,
}
