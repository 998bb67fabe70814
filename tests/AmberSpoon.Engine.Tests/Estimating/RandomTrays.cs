using AmberSpoon.Core.Doneness.Safety;
using AmberSpoon.Core.Food;
using AmberSpoon.Core.Heat.Climate;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Units;

namespace AmberSpoon.Core.Tests.Estimating;

/// <summary>Trays that nobody prepared: one to four lots, mixed sizes, a late lot now and then, any oven cooks use.</summary>
internal static class RandomTrays
{
    private static readonly Cut[] Cuts =
    [
        Cut.BoneInThigh, Cut.BonelessThigh, Cut.Drumstick, Cut.LegQuarter, Cut.BonelessBreast, Cut.BreastThird, Cut.Tender, Cut.BoneInBreast, Cut.WholeWing, Cut.Drumette,
    ];

    public static TrayPlan Next(Random random)
    {
        int lots = 1 + random.Next(4);
        int most = lots > 2 ? 3 : 5;
        return Plans.Thighs with
        {
            Chicken = [.. Enumerable.Range(1, lots).Select(id => Lot(random, id, most))],
            OvenSetting = new(170 + (5 * random.Next(13)), TemperatureUnit.Celsius),
            OvenMode = random.Next(4) == 0 ? OvenMode.Fan : OvenMode.Still,
            Profile = random.Next(3) switch { 0 => ProfileId.Canada, 1 => ProfileId.Australia, _ => ProfileId.UnitedStates },
        };
    }

    private static ChickenLot Lot(Random random, int id, int most)
    {
        Cut cut = Cuts[random.Next(Cuts.Length)];
        double massG = CutTable.For(cut).ReferenceMassG * (0.75 + (0.6 * random.NextDouble()));
        int count = 1 + random.Next(most);
        return Plans.Chicken(id, cut, count, massG, random.Next(2) * 35 * random.NextDouble(), CutTable.For(cut).IsDark ? 80 : 74) with
        {
            AddAtMinutes = id > 1 && random.Next(4) == 0 ? 5 * random.Next(1, 5) : 0,
        };
    }
}
