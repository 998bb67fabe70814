using AmberSpoon.Core.Bakes.Events;
using AmberSpoon.Core.Kitchens;

namespace AmberSpoon.Core.Bakes;

/// <summary>What a cook saw of a lot without a thermometer. A temperature is a <see cref="ReadingTaken"/>.</summary>
/// <param name="Lot">Which lot.</param>
/// <param name="AtS">Seconds since the first food went in.</param>
/// <param name="Look">What it was like.</param>
public sealed record LookTaken(LotId Lot, double AtS, Look Look);
