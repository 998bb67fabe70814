namespace AmberSpoon.Devices;

/// <summary>What happens to thermometers in kitchens.</summary>
internal enum DeviceFault
{
    /// <summary>Its tip is out of the meat, in the oven's air.</summary>
    PoppedOut,

    /// <summary>It shows the same number for ever.</summary>
    Frozen,

    /// <summary>Nothing comes from it.</summary>
    Silent,

    /// <summary>It jumps.</summary>
    WetSocket,
}
