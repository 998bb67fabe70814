namespace AmberSpoon.Core.Doneness;

/// <summary>What the heat model expects from the moment of a check on, given its lowest reading.</summary>
/// <param name="OvenMinutesToAim">More oven until the coldest meat is where it should be, min; null if it never is.</param>
/// <param name="RestPeakC">The highest the coldest meat gets if it rests from now, °C.</param>
/// <param name="RestPeakInMinutes">When, min from now.</param>
/// <param name="HottestBelievableC">
/// The hottest middle that any household oven could have made of these pieces by now, °C; a reading above it is not of
/// the middle.
/// </param>
public sealed record CheckOutlook(
    double? OvenMinutesToAim, double RestPeakC, double RestPeakInMinutes, double HottestBelievableC);
