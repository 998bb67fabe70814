namespace AmberSpoon.Core.Doneness.Safety;

/// <summary>Whose advice on safe chicken a kitchen follows. The rules stand in <see cref="SafetyProfiles"/>.</summary>
public enum ProfileId
{
    UnitedStates,
    UnitedKingdom,
    Canada,
    Australia,

    /// <summary>For those who hold lean breast at a lower temperature and measure it all the while.</summary>
    TimeAndTemperature,
}
